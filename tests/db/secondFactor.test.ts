/** The second factor of the sign-in library with our names of its columns; off unless a server says so. */
import { afterAll, expect, test } from '@jest/globals'
import { betterAuth } from 'better-auth'
import { hashPassword } from 'better-auth/crypto'
import { createHmac } from 'node:crypto'
import { authOptions } from '../../src/server/auth/options'
import { context } from '../../src/server/context'
import { authPool, closePools, newFirm, newMember } from './support'

const BASE = process.env['DETRIMUS_BASE_URL'] ?? ''
const WORD = 'a-long-enough-word'
afterAll(closePools)

/** A time-based code, reckoned here from the standard (RFC 6238 over RFC 4226: HMAC-SHA-1, 30 s, 6 figures). */
function codeOf(secret: string, at_ms: number): string {
  const alphabet = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'
  const bits = Array.from(secret)
    .map((letter) => alphabet.indexOf(letter).toString(2).padStart(5, '0'))
    .join('')
  const key = Buffer.from((bits.match(/.{8}/g) ?? []).map((byte) => parseInt(byte, 2)))
  const counter = Buffer.alloc(8)
  counter.writeBigUInt64BE(BigInt(Math.floor(at_ms / 30_000)))
  const hash = createHmac('sha1', key).update(counter).digest()
  const offset = hash.at(-1)! & 0xf
  return String((hash.readUInt32BE(offset) & 0x7fffffff) % 1_000_000).padStart(6, '0')
}

test('the test’s own codes are those of the standard', () => {
  // RFC 6238, appendix B: the secret "12345678901234567890" at 59 s and 1111111109 s, last six figures.
  const secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ'
  expect([codeOf(secret, 59_000), codeOf(secret, 1_111_111_109_000)]).toEqual(['287082', '081804'])
})

test('set up, asked for at the next sign-in, and a wrong code opens nothing', async () => {
  const firm = await newFirm()
  const id = await newMember(firm.companyId, 'Ada Lorne', 'crew')
  await authPool.query(
    `insert into account (account_id, provider_id, user_id, password, updated_at) values ($1::text, 'credential', $1::uuid, $2, now())`,
    [id, await hashPassword(WORD)],
  )
  const auth = betterAuth(
    authOptions({
      pool: authPool,
      secret: 's'.repeat(40),
      baseUrl: BASE,
      allowSignUp: false,
      secondFactor: true,
    }),
  )
  let cookies: Record<string, string> = {}
  const call = async (
    path: string,
    body: object,
  ): Promise<{ status: number; body: Record<string, unknown> }> => {
    const answer = await auth.handler(
      new Request(`${BASE}/api/auth${path}`, {
        method: 'POST',
        headers: {
          'content-type': 'application/json',
          origin: BASE,
          cookie: Object.entries(cookies)
            .map(([name, value]) => `${name}=${value}`)
            .join('; '),
        },
        body: JSON.stringify(body),
      }),
    )
    for (const each of answer.headers.getSetCookie()) {
      const [name, value] = each.split(';')[0]!.split(/=(.*)/s) as [string, string]
      if (/max-age=0/i.test(each)) Reflect.deleteProperty(cookies, name)
      else cookies[name] = value
    }
    return { status: answer.status, body: (await answer.json().catch(() => ({}))) as Record<string, unknown> }
  }
  const entered = { email: `${id}@test.invalid`, password: WORD }
  expect((await call('/sign-in/email', entered)).status).toBe(200)
  const begun = await call('/two-factor/enable', { password: WORD })
  expect(begun.status).toBe(200)
  const secret = new URL(begun.body['totpURI'] as string).searchParams.get('secret')!
  expect((await call('/two-factor/verify-totp', { code: codeOf(secret, Date.now()) })).status).toBe(200)

  cookies = {}
  const again = await call('/sign-in/email', entered)
  expect(again.body).toMatchObject({ twoFactorRedirect: true })
  const session = (): Promise<unknown> =>
    auth.api.getSession({
      headers: new Headers({
        cookie: Object.entries(cookies)
          .map(([name, value]) => `${name}=${value}`)
          .join('; '),
      }),
    })
  expect(await session()).toBeNull()
  const wrong = codeOf(secret, Date.now() + 3_600_000)
  expect((await call('/two-factor/verify-totp', { code: wrong })).status).toBe(401)
  expect(await session()).toBeNull()
  expect((await call('/two-factor/verify-totp', { code: codeOf(secret, Date.now()) })).status).toBe(200)
  expect(await session()).toMatchObject({ user: { id } })
})

test('where the server does not say so, its doors answer nothing', async () => {
  expect((await context()).secondFactor).toBe(false)
})
