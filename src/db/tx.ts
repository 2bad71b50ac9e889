import pg from 'pg'
import type { z } from 'zod'

declare const tenant: unique symbol
declare const owner: unique symbol
declare const person: unique symbol
declare const invited: unique symbol
declare const signIn: unique symbol

/** A query with values beside it, never inside it. All a query function needs. */
type Queryable = { query(text: string, values: readonly unknown[]): Promise<pg.QueryResult> }

/** A transaction that has set its company. Only `withTx` makes one. */
export type Tx = Queryable & { readonly [tenant]: true; readonly companyId: string }

/** A transaction that holds an owner's token and no company. Only `withOwnerLinkTx` makes one; it is no `Tx`. */
export type OwnerTx = Queryable & { readonly [owner]: true }

/** A transaction about one person and no company: which firms he belongs to. Only `withPersonTx` makes one. */
export type PersonTx = Queryable & { readonly [person]: true; readonly userId: string }

/** A transaction that holds an invitation's link and no company. Only `withInvitedTx` makes one. */
export type InvitedTx = Queryable & { readonly [invited]: true; readonly tokenHash: string }

/** A transaction of the sign-in library's own role. Only `withAuthTx` makes one. */
export type AuthTx = Queryable & { readonly [signIn]: true }

/** Worth trying again: the database took no side effect. */
const RETRY: ReadonlySet<string> = new Set(['40001', '40P01'])
const TRIES = 3

function sqlState(error: unknown): string | null {
  return error instanceof pg.DatabaseError ? (error.code ?? null) : null
}

async function inTransaction<T>(
  pool: pg.Pool,
  setting: { name: string; value: string } | null,
  work: (client: pg.PoolClient) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    const client = await pool.connect()
    let broken: Error | undefined
    try {
      await client.query('begin')
      if (setting) await client.query('select set_config($1, $2, true)', [setting.name, setting.value])
      const result = await work(client)
      const end = await client.query('commit')
      // After a swallowed query error PostgreSQL answers COMMIT with ROLLBACK and no error at all.
      if (end.command !== 'COMMIT')
        throw new Error('The transaction was rolled back although nothing said so.')
      return result
    } catch (error) {
      await client.query('rollback').catch((cause: unknown) => {
        broken = cause instanceof Error ? cause : new Error('rollback failed', { cause })
      })
      if (attempt < TRIES && RETRY.has(sqlState(error) ?? '')) continue
      throw error
    } finally {
      client.release(broken)
    }
  }
}

/** Runs work in one transaction of one company; row-level security shows it nothing else. */
export function withTx<T>(pool: pg.Pool, companyId: string, work: (tx: Tx) => Promise<T>): Promise<T> {
  return inTransaction(pool, { name: 'app.company_id', value: companyId }, (client) =>
    work({ query: (text, values) => client.query(text, [...values]), companyId } as Tx),
  )
}

/** Runs work for whoever holds an owner's link: it sees that link's frozen bid and its pictures, and may accept. */
export function withOwnerLinkTx<T>(
  pool: pg.Pool,
  tokenHash: string,
  work: (tx: OwnerTx) => Promise<T>,
): Promise<T> {
  return inTransaction(pool, { name: 'app.owner_token_hash', value: tokenHash }, (client) =>
    work({ query: (text, values) => client.query(text, [...values]) } as OwnerTx),
  )
}

/** Runs work about one person before his firm is known: it sees his own memberships and nothing else. */
export function withPersonTx<T>(
  pool: pg.Pool,
  userId: string,
  work: (tx: PersonTx) => Promise<T>,
): Promise<T> {
  return inTransaction(pool, { name: 'app.user_id', value: userId }, (client) =>
    work({ query: (text, values) => client.query(text, [...values]), userId } as PersonTx),
  )
}

/** Runs work for whoever holds an invitation's link: it sees that invitation and the name of its firm, and may use it up. */
export function withInvitedTx<T>(
  pool: pg.Pool,
  tokenHash: string,
  work: (tx: InvitedTx) => Promise<T>,
): Promise<T> {
  return inTransaction(pool, { name: 'app.invitation_hash', value: tokenHash }, (client) =>
    work({ query: (text, values) => client.query(text, [...values]), tokenHash } as InvitedTx),
  )
}

/** Runs work on the sign-in library's tables, which know no company: every statement names the one it means. */
export function withAuthTx<T>(pool: pg.Pool, work: (tx: AuthTx) => Promise<T>): Promise<T> {
  return inTransaction(pool, null, (client) =>
    work({ query: (text, values) => client.query(text, [...values]) } as AuthTx),
  )
}

/** Rows of a query, each checked against its schema. */
export async function many<T>(
  tx: Queryable,
  schema: z.ZodType<T>,
  text: string,
  values: readonly unknown[],
): Promise<T[]> {
  const { rows } = await tx.query(text, values)
  return rows.map((row) => schema.parse(row))
}

/** The one row there may be, or null. @throws Error when there are several. */
export async function maybeOne<T>(
  tx: Queryable,
  schema: z.ZodType<T>,
  text: string,
  values: readonly unknown[],
): Promise<T | null> {
  const rows = await many(tx, schema, text, values)
  if (rows.length > 1) throw new Error(`Expected at most one row, got ${rows.length}.`)
  return rows[0] ?? null
}

/** The one row there must be. @throws Error when there is none or several. */
export async function one<T>(
  tx: Queryable,
  schema: z.ZodType<T>,
  text: string,
  values: readonly unknown[],
): Promise<T> {
  const row = await maybeOne(tx, schema, text, values)
  if (row === null) throw new Error('Expected one row, got none.')
  return row
}

/** A statement whose rows nobody reads; gives back how many it touched. */
export async function run(tx: Queryable, text: string, values: readonly unknown[]): Promise<number> {
  const { rowCount } = await tx.query(text, values)
  return rowCount ?? 0
}
