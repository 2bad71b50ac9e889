/** An owner on his phone: reads, asks, leaves one out, takes a look besides, signs; the office sees it, answers, and sends a further bid. */
import { expect, test, type Page } from '@playwright/test'
import { DEMO_JOBS } from '../../demo'
import { printJobFile } from '../../src/core/job'
import { expectAccessible, OWN, PEOPLE, signIn } from './support'

const TITLE = 'Of the owner'
async function ownJob(page: Page): Promise<string> {
  const job = DEMO_JOBS['alder-house']()
  const id = `owner-${Date.now().toString(36)}`
  const taken = await page.request.post('/api/jobs/import', {
    data: Buffer.from(printJobFile({ ...job, id, job: { ...job.job, title: TITLE } })),
    headers: OWN,
  })
  expect(taken.status()).toBe(201)
  return id
}

async function sent(page: Page, jobId: string): Promise<string> {
  await page.goto(`/jobs/${jobId}/bid`)
  await page.getByRole('button', { name: /^Send (the|a further) bid/ }).click()
  await page
    .getByRole('dialog', { name: 'As the owner will see it' })
    .getByRole('button', { name: /^Send it/ })
    .click()
  const link = page.getByRole('link', { name: /\/o\// })
  await expect(link).toBeVisible({ timeout: 60_000 })
  return (await link.getAttribute('href'))!
}

const cents = (text: string | null): number => Math.round(Number((text ?? '').replace(/[^\d.]/g, '')) * 100)

test('he asks, chooses, leaves out by name, signs; the office sees it and answers', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.estimator)
  const jobId = await ownJob(page)
  const url = await sent(page, jobId)
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
  })
  const owner = await phone.newPage()
  await owner.goto(url)
  const bar = owner.getByRole('status').filter({ hasText: /as you chose it|all that is proposed/ })
  const whole = cents(await bar.locator('span').first().textContent())
  expect(whole).toBeGreaterThan(0)

  // A question about one piece of work, kept with the job.
  await owner.getByRole('heading', { name: /^Side C, back/ }).tap()
  const sill = owner.locator('li', {
    has: owner.getByRole('heading', { name: 'Window sill: renewed whole' }),
  })
  await sill.getByRole('button', { name: /^Ask about/ }).tap()
  await owner.getByLabel('Your question').fill('Will the new sill be painted?')
  await owner.getByLabel('Your name').fill('Orla Fennimore')
  await owner.getByRole('button', { name: 'Send the question' }).tap()
  await expect(owner.getByText('Your question has arrived.', { exact: false })).toBeVisible()

  // Left out: what it saves is said, and the total falls by just that.
  await sill.getByRole('button', { name: /^Leave out/ }).tap()
  const saved = cents(/Left out: (\$[\d,.]+\d)/.exec((await sill.textContent()) ?? '')?.[1] ?? '')
  expect(saved).toBeGreaterThan(0)
  await expect.poll(async () => cents(await bar.locator('span').first().textContent())).toBe(whole - saved)

  // What keeps people from being hurt is left out by name only; he keeps it in.
  const ledger = owner.locator('li', {
    has: owner.getByRole('heading', { name: 'Renew the ledger, shored' }),
  })
  await ledger.getByRole('button', { name: /^Leave out/ }).tap()
  await expect(ledger.getByRole('button', { name: 'I leave it out' })).toBeEnabled()
  await ledger.getByRole('button', { name: 'Keep it in' }).tap()
  await expect(bar).toContainText('as you chose it')

  // A place nobody reached is to be looked at.
  await owner.getByRole('button', { name: /^Take Look from a ladder/ }).tap()
  const chosen = cents(await bar.locator('span').first().textContent())
  expect(chosen).toBeGreaterThan(whole - saved)
  await expectAccessible(owner)

  await owner.getByRole('button', { name: 'Say yes…' }).tap()
  const yes = owner.getByRole('dialog', { name: 'Say yes to this bid' })
  await expect(yes.getByText('Window sill: renewed whole (back C, window C3)')).toBeVisible()
  await expect(yes.getByLabel('Your full name')).toHaveValue('Orla Fennimore')
  const pad = yes.getByRole('img', { name: /^Signature/ })
  const box = (await pad.boundingBox())!
  await owner.mouse.move(box.x + 40, box.y + 60)
  await owner.mouse.down()
  for (let step = 1; step <= 8; step += 1)
    await owner.mouse.move(box.x + 40 + 20 * step, box.y + 60 + (step % 2) * 30)
  await owner.mouse.up()
  await expect(yes.getByRole('button', { name: 'Draw it again' })).toBeVisible()
  await yes.getByRole('button', { name: 'Yes, do it' }).tap()
  await expect(
    owner.getByText(/Your yes has arrived|Accepted in part by Orla Fennimore/).first(),
  ).toBeVisible()
  await owner.reload()
  await expect(owner.getByText(/Accepted in part by Orla Fennimore/)).toContainText(
    'Window sill: renewed whole',
  )
  await expect(owner.getByRole('button', { name: 'Say yes…' })).toHaveCount(0)

  // The office: an owner who asks comes first, then it is answered, and the part is seen with its sum.
  await page.goto('/jobs')
  await page.getByLabel('Find a job').fill(TITLE)
  await expect(page.getByText('Answer the owner').first()).toBeVisible()
  await page.goto(`/jobs/${jobId}/bid`)
  await expect(page.getByText('accepted in part by Orla Fennimore', { exact: false })).toBeVisible()
  await expect(page.getByText('Nothing has changed since bid 1.')).toBeVisible()
  const asked = page.getByRole('region', { name: 'Questions from the owner' })
  await expect(asked).toContainText('Will the new sill be painted?')
  await asked.getByLabel('Your answer').fill('Primed and painted twice, as listed.')
  await asked.getByRole('button', { name: 'Answer' }).click()
  await expect(
    asked.getByRole('listitem').filter({ hasText: 'Primed and painted twice, as listed.' }),
  ).toBeVisible()
  await owner.reload()
  await expect(owner.getByText('Primed and painted twice, as listed.')).toBeVisible()
  await phone.close()
})

test('without a script the page is read whole: total, hazards, every piece of work', async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000)
  await signIn(page, PEOPLE.estimator)
  const url = await sent(page, await ownJob(page))
  const plain = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 844 } })
  const owner = await plain.newPage()
  await owner.goto(url)
  await expect(owner.getByText('KEEP OFF').first()).toBeVisible()
  await expect(owner.getByText('Total, tax included').first()).toBeVisible()
  await owner.getByRole('heading', { name: /^Side C, back/ }).click()
  await expect(owner.getByRole('heading', { name: 'Renew the ledger, shored' })).toBeVisible()
  await plain.close()
})

test('the page is read in Spanish by whoever reads Spanish: chosen, asked and signed in it, for the same money', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.estimator)
  const url = await sent(page, await ownJob(page))
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    locale: 'es-MX',
  })
  const owner = await phone.newPage()
  await owner.goto(url)
  await expect(owner.getByText('Encontramos 30 puntos dañados.')).toBeVisible()
  await expect(owner.getByText('NO PISAR').first()).toBeVisible()
  await expectAccessible(owner)
  const bar = owner.getByRole('status').filter({ hasText: /todo lo propuesto|como usted lo eligió/ })
  const whole = cents(await bar.locator('span').first().textContent())

  // The same page in English says the same sum.
  await owner.getByRole('link', { name: 'Read in English' }).tap()
  const english = owner.getByRole('status').filter({ hasText: 'all that is proposed' })
  expect(cents(await english.locator('span').first().textContent())).toBe(whole)
  await owner.getByRole('link', { name: 'Leer en español' }).tap()

  await owner.getByRole('heading', { name: /^Lado C, atrás/ }).tap()
  const sill = owner.locator('li', {
    has: owner.getByRole('heading', { name: 'Antepecho de la ventana: cambio de la pieza entera' }),
  })
  await sill.getByRole('button', { name: /^Dejar fuera/ }).tap()
  await expect(bar).toContainText('como usted lo eligió')
  expect(cents(await bar.locator('span').first().textContent())).toBeLessThan(whole)
  await sill.getByRole('button', { name: /^Preguntar por/ }).tap()
  await owner.getByLabel('Su pregunta').fill('¿Se pinta el antepecho?')
  await owner.getByLabel('Su nombre').fill('Orla Fennimore')
  await owner.getByRole('button', { name: 'Enviar la pregunta' }).tap()
  await expect(owner.getByText('Su pregunta llegó.', { exact: false })).toBeVisible()

  await owner.getByRole('button', { name: 'Decir que sí…' }).tap()
  const sheet = owner.getByRole('dialog', { name: 'Decir que sí a esta oferta' })
  await expect(sheet.getByText('el texto en inglés', { exact: false })).toBeVisible()
  await sheet.getByRole('button', { name: 'Sí, háganlo' }).tap()
  await expect(owner.getByText(/^Aceptada en parte por Orla Fennimore el /)).toBeVisible()
  await phone.close()
})
