/**
 * A backup of everything: rows of both schemas as the database's own dump has them, verified by reading it back.
 *
 * Row security makes a naive dump of the tables' owner succeed with nothing in it. So a dump is made only by a role that sees every
 * row, the rows are counted beside it by the same role, and a file that does not hold them is not kept.
 */
import { createHash } from 'node:crypto'
import { spawn } from 'node:child_process'
import { createReadStream, existsSync, renameSync, rmSync, statSync } from 'node:fs'
import { pipeline } from 'node:stream/promises'
import { Writable } from 'node:stream'
import pg from 'pg'
import { postgresBin } from './packages.mjs'

export const SCHEMAS = ['app', 'auth', 'migration']

/** Runs one of the database's own programs; its words are part of the error. The password goes by the environment, not the list of processes. */
export function program(name, args, url, options = {}) {
  const bin = postgresBin()
  if (!bin)
    throw new Error('PostgreSQL programs not found. Install them: sudo apt-get install -y postgresql-client')
  const { password } = new URL(url)
  const bare = new URL(url)
  bare.password = ''
  return new Promise((resolve, reject) => {
    const child = spawn(`${bin}/${name}`, [...args, `--dbname=${bare.toString()}`], {
      env: { ...process.env, PGPASSWORD: decodeURIComponent(password), PGCONNECT_TIMEOUT: '10' },
      stdio: ['ignore', options.stdout ?? 'ignore', 'pipe'],
    })
    let words = ''
    child.stderr.on('data', (chunk) => (words += chunk))
    options.read?.(child.stdout)
    child.on('error', reject)
    child.on('close', (code) =>
      code === 0 ? resolve(words) : reject(new Error(`${name} failed (${code}):\n${words.slice(-2000)}`)),
    )
  })
}

async function tables(client) {
  const { rows } = await client.query(
    `select n.nspname || '.' || quote_ident(c.relname) as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where n.nspname = any ($1) and c.relkind = 'r' order by 1`,
    [SCHEMAS],
  )
  return rows.map((row) => row.name)
}

/** Whether the role of this address sees every row. @throws Error with what to do when it does not. */
async function checkSeesAll(client) {
  const { rows } = await client.query(
    'select rolname, rolsuper or rolbypassrls as sees from pg_roles where rolname = current_user',
  )
  if (!rows[0]?.sees) {
    throw new Error(
      `The role ${rows[0]?.rolname} is under row security: a dump by it would succeed and be empty. Use one with BYPASSRLS or the superuser, in DETRIMUS_BACKUP_URL.`,
    )
  }
}

/** Rows and a hash of all content of every table: what must come back. Order does not count. */
export async function contents(url) {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('begin isolation level repeatable read read only')
    await checkSeesAll(client)
    const found = {}
    for (const name of await tables(client)) {
      const { rows } = await client.query(
        `select count(*)::int as rows, coalesce(encode(sha256(string_agg(h, '' order by h)), 'hex'), '') as hash
         from (select sha256(convert_to(t::text, 'UTF8')) as h from ${name} t) hashes`,
      )
      found[name] = rows[0]
    }
    await client.query('commit')
    return found
  } finally {
    await client.end()
  }
}

export function fileHash(file) {
  const hash = createHash('sha256')
  return pipeline(
    createReadStream(file),
    new Writable({
      write(chunk, _, done) {
        hash.update(chunk)
        done()
      },
    }),
  ).then(() => hash.digest('hex'))
}

/** Rows in a dump, by table, counted from its own text. */
async function rowsIn(file) {
  const counts = {}
  let table = null
  let rest = ''
  await readProgram('pg_restore', ['--data-only', '--file=-', file], (chunk) => {
    const lines = (rest + chunk).split('\n')
    rest = lines.pop()
    for (const line of lines) {
      if (table !== null) {
        if (line === '\\.') table = null
        else counts[table] += 1
      } else {
        const copy = /^COPY (\S+) \(/.exec(line)
        if (copy) {
          table = copy[1]
          counts[table] = 0
        }
      }
    }
  })
  return counts
}

function readProgram(name, args, read) {
  return new Promise((resolve, reject) => {
    const child = spawn(`${postgresBin()}/${name}`, args, { stdio: ['ignore', 'pipe', 'pipe'] })
    let words = ''
    child.stderr.on('data', (chunk) => (words += chunk))
    child.stdout.setEncoding('latin1')
    child.stdout.on('data', read)
    child.on('error', reject)
    child.on('close', (code) =>
      code === 0 ? resolve() : reject(new Error(`${name} failed (${code}):\n${words}`)),
    )
  })
}

/**
 * Writes a backup and reads it back. The file takes its name only once it holds every row that was counted.
 *
 * @returns rows by table.
 */
export async function backUp(url, file) {
  const whole = `${file}.part`
  rmSync(whole, { force: true })
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    // One moment for the dump and the count beside it: the dump sees what this transaction sees.
    await client.query('begin isolation level repeatable read read only')
    await checkSeesAll(client)
    const { rows } = await client.query('select pg_export_snapshot() as snapshot')
    const counted = {}
    for (const name of await tables(client)) {
      counted[name] = (await client.query(`select count(*)::int as n from ${name}`)).rows[0].n
    }
    const total = Object.values(counted).reduce((sum, n) => sum + n, 0)
    if (total === 0 || (counted['app.company'] ?? 0) === 0) {
      throw new Error('There is nothing in this database: an empty backup is not written over anything.')
    }
    await program(
      'pg_dump',
      [
        '--format=custom',
        `--snapshot=${rows[0].snapshot}`,
        ...SCHEMAS.map((schema) => `--schema=${schema}`),
        `--file=${whole}`,
      ],
      url,
    )
    await client.query('commit')
    const found = await rowsIn(whole)
    const lost = Object.keys(counted).filter((name) => (found[name] ?? 0) !== counted[name])
    if (lost.length > 0) {
      throw new Error(
        `The backup lacks rows: ${lost.map((name) => `${name} ${found[name] ?? 0} of ${counted[name]}`).join(', ')}.`,
      )
    }
    renameSync(whole, file)
    return counted
  } finally {
    rmSync(whole, { force: true })
    await client.end()
  }
}

/** Roles that are given rights in a backup; they have no passwords here, `migrate` sets them. */
const ROLES = ['detrimus_app', 'detrimus_auth', 'detrimus_keeper']

/** Roles that own what is in a backup. Who owns what is part of it: the keeper's function guards the acceptances. */
async function ownersIn(file) {
  const owners = new Set()
  let rest = ''
  await readProgram('pg_restore', ['--list', file], (chunk) => (rest += chunk))
  for (const line of rest.split('\n')) {
    if (/^\d+;/.test(line)) owners.add(line.trim().split(' ').at(-1))
  }
  return [...owners].filter((owner) => /^[a-z_][a-z0-9_]*$/.test(owner))
}

const ASIDE = '_before_restore'

async function onDatabase(url, work) {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await work(client)
  } finally {
    await client.end()
  }
}

/**
 * Puts a backup into a database that has nothing of ours. Nothing is written over: a database with our schemas in it is refused
 * unless it is said that they go.
 */
export async function restore(url, file, { replace = false } = {}) {
  if (!existsSync(file) || statSync(file).size === 0)
    throw new Error(`${file} is no backup: it is missing or empty.`)
  const promised = await rowsIn(file)
  if (Object.values(promised).every((n) => n === 0))
    throw new Error(`${file} holds no rows. It is not restored.`)
  const aside = []
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    const { rows } = await client.query('select nspname from pg_namespace where nspname = any ($1)', [
      SCHEMAS,
    ])
    if (rows.length > 0 && !replace) {
      throw new Error(
        `This database has ${rows.map((row) => row.nspname).join(', ')} in it. Restore into an empty one, or say --replace to have what is there dropped.`,
      )
    }
    // What is there steps aside and goes only once the new one is in: a backup that does not fit costs nothing.
    for (const { nspname } of rows) {
      await client.query(`drop schema if exists ${nspname}${ASIDE} cascade`)
      await client.query(`alter schema ${nspname} rename to ${nspname}${ASIDE}`)
    }
    aside.push(...rows.map((row) => row.nspname))
    const owners = await ownersIn(file)
    for (const role of new Set([...ROLES, ...owners])) {
      const there = await client.query('select from pg_roles where rolname = $1', [role])
      if (there.rowCount > 0) continue
      const kind =
        role === 'detrimus_keeper' ? 'nologin' : ROLES.includes(role) ? 'login' : 'login createrole'
      await client.query(`create role ${client.escapeIdentifier(role)} ${kind} nosuperuser nobypassrls`)
    }
    for (const owner of owners.filter((each) => !ROLES.includes(each))) {
      await client.query(`grant detrimus_keeper to ${client.escapeIdentifier(owner)}`)
    }
    await client.query('alter role detrimus_auth set search_path = auth')
    await client.query('alter role detrimus_app set search_path = app')
  } finally {
    await client.end()
  }
  try {
    await program('pg_restore', ['--exit-on-error', '--single-transaction', file], url)
  } catch (error) {
    await onDatabase(url, async (again) => {
      for (const name of aside) await again.query(`alter schema ${name}${ASIDE} rename to ${name}`)
    })
    throw error
  }
  await onDatabase(url, async (again) => {
    for (const name of aside) await again.query(`drop schema ${name}${ASIDE} cascade`)
  })
  const now = await contents(url)
  const lost = Object.keys(promised).filter((name) => promised[name] !== (now[name]?.rows ?? 0))
  if (lost.length > 0) throw new Error(`After restoring, rows are missing in ${lost.join(', ')}.`)
  return now
}
