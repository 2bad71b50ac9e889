import 'server-only'
import { betterAuth } from 'better-auth'
import type pg from 'pg'
import { checkRole, makePool } from '../db/pool'
import { authOptions } from './auth/options'
import { makeThrottle, type Throttle } from './auth/throttle'
import { readEnv } from './env'
import { endThreads } from './threads'

type Context = {
  readonly pool: pg.Pool
  /** For what never changes once it is written; the same pool where there is no copy of the database. */
  readonly readPool: pg.Pool
  /** The sign-in library's own role. */
  readonly authPool: pg.Pool
  readonly auth: ReturnType<typeof betterAuth>
  readonly throttle: Throttle
  readonly baseUrl: string
  readonly secondFactor: boolean
  readonly close: () => Promise<void>
}

let made: Promise<Context> | null = null

async function make(): Promise<Context> {
  const env = readEnv()
  const pool = makePool(env.DETRIMUS_APP_DATABASE_URL)
  await checkRole(pool)
  const { DETRIMUS_READ_DATABASE_URL: copy } = env
  const readPool = copy ? makePool(copy) : pool
  if (copy) await checkRole(readPool)
  const authPool = makePool(env.DETRIMUS_AUTH_DATABASE_URL)
  const auth = betterAuth(
    authOptions({
      pool: authPool,
      secret: env.DETRIMUS_SESSION_SECRET,
      baseUrl: env.DETRIMUS_BASE_URL,
      allowSignUp: false,
      secondFactor: env.DETRIMUS_SECOND_FACTOR === 'on',
    }),
  )
  const close = async (): Promise<void> => {
    made = null
    await Promise.all([
      pool.end(),
      authPool.end(),
      ...(readPool === pool ? [] : [readPool.end()]),
      endThreads(),
    ])
  }
  return {
    pool,
    readPool,
    authPool,
    auth,
    throttle: makeThrottle(authPool),
    baseUrl: env.DETRIMUS_BASE_URL,
    secondFactor: env.DETRIMUS_SECOND_FACTOR === 'on',
    close,
  }
}

/** The pool and the sign-in of this process, made once; a failed start is tried again at the next request. */
export function context(): Promise<Context> {
  made ??= make().catch((error: unknown) => {
    made = null
    throw error
  })
  return made
}
