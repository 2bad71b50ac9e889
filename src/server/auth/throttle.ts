import { createHash } from 'node:crypto'
import type pg from 'pg'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'

/**
 * Limits of failed sign-ins, counted in the database so that every web process counts the same. Our judgement: a slipping thumb gets
 * through, a guesser does not, and nobody can lock another person out from afar for longer than an hour.
 */
export const LIMITS = {
  /** One account from one address. */
  pair: { points: 6, duration_s: 300 },
  /** One account from everywhere. */
  account: { points: 40, duration_s: 3600 },
  /** One address at all accounts: an office behind one router has many thumbs. */
  address: { points: 60, duration_s: 600 },
} as const
/** Failures of an account after which its owner is told, and from which on each answer is slower. */
export const NOTICE_AT = 6
const SLOW_FROM = 3
const SLOWEST_MS = 2000

export type Try = { readonly email: string; readonly address: string }

/** Whom a try counts for: by hash, so that the table holds no address book. */
function keysOf(of: Try): Record<keyof typeof LIMITS, string> {
  const hash = (text: string): string => createHash('sha256').update(text).digest('base64url').slice(0, 32)
  const account = hash(of.email.trim().toLowerCase())
  return { pair: hash(`${account} ${of.address}`), account, address: hash(of.address) }
}

export type Throttle = {
  /** Seconds until another try is taken, or null when it may be tried now. The same for accounts that are there and that are not. */
  readonly waitOf: (of: Try) => Promise<number | null>
  /** Counts a failure; says how many the account now has, and how long to hold the answer back. */
  readonly failed: (of: Try) => Promise<{ readonly failures: number; readonly hold_ms: number }>
  /** A sign-in that worked: the pair begins again. */
  readonly worked: (of: Try) => Promise<void>
}

export function makeThrottle(pool: pg.Pool): Throttle {
  // The library names its statements; behind a pooler that hands out connections a transaction at a time, a name made on one
  // connection is unknown, or taken, on the next.
  const unnamed = {
    query: ({ text, values }: { text: string; values: unknown[] }) => pool.query(text, values),
  }
  const names = Object.keys(LIMITS) as (keyof typeof LIMITS)[]
  const limiter = (name: keyof typeof LIMITS): RateLimiterPostgres =>
    new RateLimiterPostgres({
      storeClient: unnamed,
      storeType: 'pool',
      schemaName: 'auth',
      tableName: 'rate_limit',
      tableCreated: true,
      keyPrefix: name,
      points: LIMITS[name].points,
      duration: LIMITS[name].duration_s,
    })
  const limiters = { pair: limiter('pair'), account: limiter('account'), address: limiter('address') }
  return {
    async waitOf(of) {
      const keys = keysOf(of)
      const found = await Promise.all(names.map((name) => limiters[name].get(keys[name])))
      const waits = found.flatMap((state, index) => {
        const full = state !== null && state.consumedPoints >= LIMITS[names[index]!].points
        return full ? [Math.ceil(state.msBeforeNext / 1000)] : []
      })
      return waits.length > 0 ? Math.max(...waits) : null
    },
    async failed(of) {
      const keys = keysOf(of)
      const counted = await Promise.all(
        names.map((name) =>
          limiters[name].consume(keys[name]).catch((full: unknown) => {
            if (full instanceof RateLimiterRes) return full
            throw full
          }),
        ),
      )
      const failures = counted[names.indexOf('account')]!.consumedPoints
      const beyond = failures - SLOW_FROM
      return { failures, hold_ms: beyond < 0 ? 0 : Math.min(SLOWEST_MS, 250 * 2 ** beyond) }
    },
    async worked(of) {
      await limiters.pair.delete(keysOf(of).pair)
    },
  }
}
