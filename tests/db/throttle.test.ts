/** Failed sign-ins are counted in the database, the same for every web process, and tell nothing of who has an account. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import { betterAuth } from 'better-auth'
import { hashPassword } from 'better-auth/crypto'
import { randomUUID } from 'node:crypto'
import { authDoor } from '../../src/server/auth/signIn'
import { ADDRESS_HEADER, authOptions } from '../../src/server/auth/options'
import { LIMITS, makeThrottle, NOTICE_AT } from '../../src/server/auth/throttle'
import { endSession, listSessions } from '../../src/server/auth/sessions'
import { readOutbox } from '../../src/server/bids/sentBids'
import { answer } from '../../src/server/http'
import type { Member } from '../../src/server/http'
import { authPool, closePools, newFirm, newMember } from './support'

const BASE = process.env['DETRIMUS_BASE_URL'] ?? ''
const WORD = 'a-long-enough-word'
let firm: Member
let email: string
let n = 0

beforeEach(async () => {
  firm = await newFirm()
  const id = await newMember(firm.companyId, 'Ada Lorne', 'crew')
  email = `${id}@test.invalid`
  await authPool.query(
    `insert into account (account_id, provider_id, user_id, password, updated_at) values ($1::text, 'credential', $1::uuid, $2, now())`,
    [id, await hashPassword(WORD)],
  )
})
afterAll(closePools)

const fresh = (): string => {
  n += 1
  return `198.51.${Math.floor(Math.random() * 250)}.${n % 250}`
}

function knock(of: { email: string; password: string; address: string }): Promise<Response> {
  const request = new Request(`${BASE}/api/auth/sign-in/email`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: BASE, [ADDRESS_HEADER]: of.address },
    body: JSON.stringify({ email: of.email, password: of.password }),
  })
  return answer(request, () => authDoor(request))
}

test('the right word opens; a wrong one says the same for an account that is there and one that is not', async () => {
  const right = await knock({ email, password: WORD, address: fresh() })
  expect([right.status, right.headers.get('set-cookie')?.includes('HttpOnly')]).toEqual([200, true])
  const wrong = await knock({ email, password: 'wrong-word-here', address: fresh() })
  const nobody = await knock({
    email: `${randomUUID()}@test.invalid`,
    password: 'wrong-word-here',
    address: fresh(),
  })
  expect([wrong.status, await wrong.text()]).toEqual([nobody.status, await nobody.text()])
})

test.each(['an account that is there', 'one that is not'])(
  'one address at one account: %s is closed alike',
  async (which) => {
    const at = which === 'one that is not' ? `${randomUUID()}@test.invalid` : email
    const address = fresh()
    const statuses: number[] = []
    for (let i = 0; i < LIMITS.pair.points + 2; i += 1) {
      statuses.push((await knock({ email: at, password: 'wrong-word-here', address })).status)
    }
    expect(statuses).toEqual([...Array<number>(LIMITS.pair.points).fill(401), 429, 429])
    const told = await knock({ email: at, password: WORD, address })
    expect([told.status, Number(told.headers.get('retry-after')) > 0]).toEqual([429, true])
  },
  60_000,
)

test('the person himself still comes in from his own address', async () => {
  const address = fresh()
  for (let i = 0; i < LIMITS.pair.points; i += 1) await knock({ email, password: 'wrong-word-here', address })
  expect((await knock({ email, password: WORD, address: fresh() })).status).toBe(200)
}, 60_000)

test('a guesser slows down, and whoever owns the account is told once', async () => {
  const address = fresh()
  const times: number[] = []
  for (let i = 0; i < NOTICE_AT; i += 1) {
    const begun = performance.now()
    await knock({ email, password: 'wrong-word-here', address })
    times.push(performance.now() - begun)
  }
  expect(times.at(-1)! - times[0]!).toBeGreaterThan(800)
  await new Promise((resolve) => setTimeout(resolve, 300))
  const notices = (await readOutbox(firm)).filter((mail) => mail.to_address === email)
  expect(notices).toHaveLength(1)
  expect(notices[0]?.body).toContain('Ada Lorne')
}, 60_000)

test('another web process counts on from where the first one was', async () => {
  const tried = { email, address: fresh() }
  const [one, two] = [makeThrottle(authPool), makeThrottle(authPool)]
  for (let i = 0; i < LIMITS.pair.points; i += 1) await one.failed(tried)
  expect(await two.waitOf(tried)).toBeGreaterThan(0)
  await two.worked(tried)
  expect(await one.waitOf(tried)).toBeNull()
})

test('one address at many accounts is closed; the table holds no addresses and no names', async () => {
  const throttle = makeThrottle(authPool)
  const address = fresh()
  for (let i = 0; i < LIMITS.address.points; i += 1)
    await throttle.failed({ email: `p${i}@test.invalid`, address })
  expect(await throttle.waitOf({ email: 'another@test.invalid', address })).toBeGreaterThan(0)
  expect(await throttle.waitOf({ email: 'another@test.invalid', address: fresh() })).toBeNull()
  const { rows } = await authPool.query<{ key: string }>('select key from rate_limit')
  expect(rows.map((row) => row.key).join()).not.toMatch(/invalid|198\.51/)
})

test('sessions are listed without their tokens, and one’s own can be ended', async () => {
  const enter = async (): Promise<Headers> => {
    const entered = await knock({ email, password: WORD, address: '203.0.113.9' })
    return new Headers({
      cookie: entered.headers
        .getSetCookie()
        .map((each) => each.split(';')[0])
        .join('; '),
    })
  }
  const [here, there] = [await enter(), await enter()]
  const sessions = await listSessions(here)
  expect(sessions).toHaveLength(2)
  expect(sessions[0]).toMatchObject({ address: '203.0.113.9' })
  const { rows } = await authPool.query<{ token: string }>('select token from session')
  for (const { token } of rows) expect(JSON.stringify(sessions)).not.toContain(token)
  await endSession(here, sessions.find((session) => !session.here)!.id)
  await expect(listSessions(there)).rejects.toMatchObject({ error: { kind: 'not-signed-in' } })
  expect(await listSessions(here)).toHaveLength(1)
})

test.each([
  ['GET', '/list-sessions'],
  ['POST', '/update-user'],
  ['POST', '/sign-up/email'],
  ['POST', '/organization/create'],
  ['POST', '/organization/update-member-role'],
  ['GET', '/get-session'],
  ['GET', '/sign-in/email'],
])('the library’s door %s %s is shut', async (method, path) => {
  const request = new Request(`${BASE}/api/auth${path}`, { method, headers: { origin: BASE } })
  expect((await answer(request, () => authDoor(request))).status).toBe(404)
})

test('behind https the cookie goes over https alone, and no script reads it', async () => {
  const enter = async (baseUrl: string): Promise<string> => {
    const auth = betterAuth(
      authOptions({ pool: authPool, secret: 's'.repeat(40), baseUrl, allowSignUp: false }),
    )
    const answer = await auth.handler(
      new Request(`${baseUrl}/api/auth/sign-in/email`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: baseUrl },
        body: JSON.stringify({ email, password: WORD }),
      }),
    )
    expect(answer.status).toBe(200)
    return answer.headers.getSetCookie().join('\n')
  }
  const overHttps = await enter('https://bids.example')
  expect(overHttps).toMatch(/Secure/i)
  expect(overHttps).toMatch(/HttpOnly/i)
  expect(overHttps).toMatch(/SameSite=Lax/i)
  expect(await enter('http://127.0.0.1:4700')).not.toMatch(/;\s*Secure/i)
})
