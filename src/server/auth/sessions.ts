import 'server-only'
import type { SessionsAnswer } from '../../core/contract'
import { context } from '../context'
import { Refused } from '../problem'

async function sessionsOf(headers: Headers): Promise<{
  here: string
  all: {
    id: string
    token: string
    createdAt: Date
    expiresAt: Date
    ipAddress?: string | null | undefined
    userAgent?: string | null | undefined
  }[]
}> {
  const { auth } = await context()
  const current = await auth.api.getSession({ headers })
  if (!current) throw new Refused({ kind: 'not-signed-in' })
  return { here: current.session.id, all: await auth.api.listSessions({ headers }) }
}

/** Where a person is signed in; without the tokens, which open the door. */
export async function listSessions(headers: Headers): Promise<SessionsAnswer> {
  const { here, all } = await sessionsOf(headers)
  return all.map((session) => ({
    id: session.id,
    here: session.id === here,
    began_at: session.createdAt.toISOString(),
    ends_at: session.expiresAt.toISOString(),
    address: session.ipAddress ?? '',
    browser: session.userAgent ?? '',
  }))
}

/** Ends one of a person's own sessions. @throws Refused `not-found`. */
export async function endSession(headers: Headers, id: string): Promise<void> {
  const { auth } = await context()
  const { all } = await sessionsOf(headers)
  const found = all.find((session) => session.id === id)
  if (!found) throw new Refused({ kind: 'not-found', what: 'session' })
  await auth.api.revokeSession({ headers, body: { token: found.token } })
}
