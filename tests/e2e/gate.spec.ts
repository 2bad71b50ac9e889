/** What stands before every page: its policy, and what is turned away at the door. */
import { expect, test } from '@playwright/test'
import { openJob, openStage, OWN, PEOPLE, signIn } from './support'

test('every page has a policy of its own word, and no script runs without it', async ({ page, request }) => {
  const words = new Set<string>()
  for (const path of ['/sign-in', '/o/wrong-token', '/nowhere-at-all', '/sign-in']) {
    const answer = await request.get(path)
    const policy = answer.headers()['content-security-policy'] ?? ''
    const scripts = policy.split(';').find((rule) => rule.trim().startsWith('script-src '))
    expect(scripts, path).toMatch(/^ script-src 'self' 'nonce-[\w+/=]{20,}' 'wasm-unsafe-eval'$/)
    words.add(scripts!)
    const text = await answer.text()
    // Each script that stands in the page carries the word.
    const inline = [...text.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>/g)].map((found) => found[1]!)
    for (const attributes of inline) expect(attributes, path).toContain('nonce=')
    for (const header of [
      'x-content-type-options',
      'x-frame-options',
      'referrer-policy',
      'cross-origin-opener-policy',
    ])
      expect(answer.headers()[header], `${path} ${header}`).toBeTruthy()
  }
  expect(words.size).toBe(4)
  const broken: string[] = []
  page.on('console', (message) => {
    if (/Content Security Policy/.test(message.text())) broken.push(message.text())
  })
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  for (const stage of ['Trace', 'Price', 'Bid']) await openStage(page, stage)
  expect(broken).toEqual([])
  const ran = await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'globalThis.uninvited = true'
    document.body.append(script)
    return 'uninvited' in globalThis
  })
  expect(ran).toBe(false)
})

test('malformed addresses, odd methods and deep JSON are turned away with a word', async ({ request }) => {
  for (const path of ['/api/jobs/%E0%A4%A', '/%', '/jobs/%zz/walk', `/${'a'.repeat(5000)}`]) {
    const answer = await request.fetch(path)
    expect([400, 414], path).toContain(answer.status())
    expect(((await answer.json()) as { detail: string }).detail).toMatch(/\.$/)
  }
  for (const method of ['TRACE', 'PROPFIND', 'PATCH']) {
    expect((await request.fetch('/jobs', { method })).status(), method).toBe(405)
  }
  const deep = Buffer.from('['.repeat(100_000) + ']'.repeat(100_000))
  const answer = await request.post('/api/owner/any-token/accept', {
    data: deep.subarray(0, 9000),
    headers: { ...OWN, 'content-type': 'application/json' },
  })
  expect(answer.status()).toBe(400)
})
