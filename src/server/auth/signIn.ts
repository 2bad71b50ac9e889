import 'server-only'
import { randomUUID } from 'node:crypto'
import * as z from 'zod'
import { insertMail } from '../../db/queries/bids'
import { findMembership } from '../../db/queries/company'
import { withPersonTx, withTx } from '../../db/tx'
import { context } from '../context'
import { log } from '../log'
import { Refused } from '../problem'
import { ADDRESS_HEADER } from './options'
import { NOTICE_AT } from './throttle'

/**
 * The sign-in library's own doors that are open, by method. The others stay shut: lists of sessions with their tokens, profiles a
 * person may change, members a firm keeps elsewhere.
 */
const DOORS: Readonly<Record<string, string>> = {
  '/sign-in/email': 'POST',
  '/sign-out': 'POST',
  '/two-factor/enable': 'POST',
  '/two-factor/disable': 'POST',
  '/two-factor/verify-totp': 'POST',
  '/two-factor/verify-backup-code': 'POST',
}

const SignIn = z.looseObject({ email: z.string().max(320), password: z.string().max(500) })

/** Tells whoever owns an account that somebody fails at it. Nothing is written for an address nobody has. */
async function notice(email: string): Promise<void> {
  const { auth, pool } = await context()
  const { internalAdapter } = await auth.$context
  const found = await internalAdapter.findUserByEmail(email.trim().toLowerCase())
  if (!found) return
  const membership = await withPersonTx(pool, found.user.id, findMembership)
  if (!membership) return
  await withTx(pool, membership.company_id, (tx) =>
    insertMail(tx, {
      id: randomUUID(),
      jobId: null,
      bidId: null,
      to: found.user.email,
      subject: 'Failed sign-ins at your account',
      body: `Hello ${membership.user_name},\n\nsomebody tried ${NOTICE_AT} times to sign in as you with a wrong password. If it was not you, choose a longer password. Further tries are slowed down.`,
    }),
  )
}

async function signIn(request: Request): Promise<Response> {
  const { auth, throttle } = await context()
  const body = SignIn.safeParse(
    await request
      .clone()
      .json()
      .catch(() => null),
  )
  if (!body.success) {
    throw new Refused({
      kind: 'malformed',
      issues: [{ path: 'email, password', message: 'both are needed' }],
    })
  }
  const { email } = body.data
  const tried = { email, address: request.headers.get(ADDRESS_HEADER) ?? 'unknown' }
  const wait_s = await throttle.waitOf(tried)
  if (wait_s !== null) throw new Refused({ kind: 'too-many-tries', wait_s })
  const answer = await auth.handler(request)
  if (answer.ok) {
    await throttle.worked(tried)
    return answer
  }
  if (answer.status >= 500) throw new Error(`The sign-in library answered ${answer.status}.`)
  const { failures, hold_ms } = await throttle.failed(tried)
  if (failures === NOTICE_AT) {
    // Not waited for: whether the account exists must not be told by the time an answer takes.
    void notice(email).catch((error: unknown) => log.error({ err: error }, 'a notice could not be written'))
  }
  await new Promise((resolve) => setTimeout(resolve, hold_ms))
  throw new Refused({ kind: 'wrong-sign-in' })
}

/** One of the library's doors, if it is open. @throws Refused `not-found`, `too-many-tries`, `malformed`. */
export async function authDoor(request: Request): Promise<Response> {
  const path = new URL(request.url).pathname.replace(/^\/api\/auth/, '')
  if (DOORS[path] !== request.method) throw new Refused({ kind: 'not-found', what: 'door' })
  if (path === '/sign-in/email') return signIn(request)
  const { auth } = await context()
  const answer = await auth.handler(request)
  if (answer.status >= 500) throw new Error(`The sign-in library answered ${answer.status} at ${path}.`)
  // What this browser's own cache holds of the firm's pictures goes with the session.
  if (path === '/sign-out') answer.headers.set('clear-site-data', '"cache"')
  if (!answer.ok)
    throw new Refused({ kind: path.startsWith('/two-factor/') ? 'wrong-code' : 'wrong-sign-in' })
  return answer
}
