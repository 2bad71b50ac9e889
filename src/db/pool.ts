import pg from 'pg'

/** `date` parses to a local midnight, which is another day elsewhere: dates stay text. */
pg.types.setTypeParser(pg.types.builtins.DATE, (value) => value)

export function makePool(connectionString: string): pg.Pool {
  const pool = new pg.Pool({
    connectionString,
    max: 10,
    idleTimeoutMillis: 30_000,
    connectionTimeoutMillis: 10_000,
  })
  // A database that restarts closes idle connections; unheard, that error would end the whole process. The next query connects anew.
  pool.on('error', (error) => {
    console.error(`A database connection was lost: ${error.message}`)
  })
  return pool
}

/**
 * Refuses a role that could see past row-level security. Asked once, before the first query of the app.
 *
 * @throws Error when the role is superuser or may bypass row-level security.
 */
export async function checkRole(pool: pg.Pool): Promise<void> {
  const { rows } = await pool.query<{ rolsuper: boolean; rolbypassrls: boolean; rolname: string }>(
    'select rolname, rolsuper, rolbypassrls from pg_roles where rolname = current_user',
  )
  const role = rows[0]
  if (!role || role.rolsuper || role.rolbypassrls) {
    throw new Error(
      `The app must not connect as ${role?.rolname ?? 'an unknown role'}: that role sees past row-level security. Use detrimus_app.`,
    )
  }
}
