import 'server-only'
import { betterAuth } from 'better-auth'
import type pg from 'pg'
import { checkRole, makePool } from '../db/pool'
import { authOptions } from './auth/options'
import { readEnv } from './env'

type Context = {
  readonly pool: pg.Pool
  readonly auth: ReturnType<typeof betterAuth>
  readonly baseUrl: string
  readonly close: () => Promise<void>
}

let made: Promise<Context> | null = null

async function make(): Promise<Context> {
  const env = readEnv()
  const pool = makePool(env.DETRIMUS_APP_DATABASE_URL)
  await checkRole(pool)
  const authPool = makePool(env.DETRIMUS_AUTH_DATABASE_URL)
  const auth = betterAuth(
    authOptions({
      pool: authPool,
      secret: env.DETRIMUS_SESSION_SECRET,
      baseUrl: env.DETRIMUS_BASE_URL,
      allowSignUp: false,
    }),
  )
  const close = async (): Promise<void> => {
    made = null
    await Promise.all([pool.end(), authPool.end()])
  }
  return { pool, auth, baseUrl: env.DETRIMUS_BASE_URL, close }
}

/** The pool and the sign-in of this process, made once; a failed start is tried again at the next request. */
export function context(): Promise<Context> {
  made ??= make().catch((error: unknown) => {
    made = null
    throw error
  })
  return made
}
