/** Thousands of requests nobody honest makes. Started by scripts/fuzz.mjs; ends non-zero when anything was found. */
import fc from 'fast-check'
import pg from 'pg'
import { request } from 'node:http'
import { alderHouse } from '../../demo/alderHouse'
import { drawnPhoto } from '../../demo/photos'
import { JOB_VERSION } from '../../src/core/job'
import { routes } from '../support/routes'
import { hostileFiles } from './hostile'

function needed(name: string): string {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set: run this through \`npm run fuzz\`.`)
  return value
}
const base = new URL(needed('FUZZ_URL'))
const many = Number(needed('FUZZ_REQUESTS'))
const seed = Number(needed('FUZZ_SEED'))
const SLOWEST_MS = 2000

export type Raw = {
  readonly method: string
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
  readonly body: Buffer | null
}
export type Told = { readonly status: number; readonly ms: number; readonly text: string }

/** A request as written, not as a library would mend it. */
export function send(raw: Raw): Promise<Told> {
  return new Promise((resolve) => {
    const begun = Date.now()
    const done = (status: number, text: string): void => resolve({ status, text, ms: Date.now() - begun })
    let asked: ReturnType<typeof request>
    try {
      asked = request(
        {
          host: base.hostname,
          port: base.port,
          method: raw.method,
          path: raw.path,
          headers: { ...raw.headers, ...(raw.body ? { 'content-length': raw.body.length } : {}) },
          timeout: 10_000,
        },
        (response) => {
          const chunks: Buffer[] = []
          response.on('data', (chunk: Buffer) => chunks.push(chunk))
          response.on('end', () =>
            done(response.statusCode ?? 0, Buffer.concat(chunks).toString('latin1').slice(0, 300)),
          )
          response.on('error', () => done(0, 'cut'))
        },
      )
    } catch {
      // What cannot even be written down as a request reaches no server.
      return done(-1, 'not sent')
    }
    asked.on('timeout', () => asked.destroy(new Error('timeout')))
    asked.on('error', (error) => done(0, error.message))
    if (raw.body) asked.write(raw.body)
    asked.end()
  })
}

async function signIn(email: string): Promise<string> {
  const answer = await fetch(new URL('/api/auth/sign-in/email', base), {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: base.origin },
    body: JSON.stringify({ email, password: needed('FUZZ_WORD') }),
  })
  if (!answer.ok) throw new Error(`Sign-in of ${email} failed: ${answer.status}`)
  return answer.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ')
}

const database = new pg.Client({ connectionString: needed('DETRIMUS_CLUSTER_URL') })
await database.connect()
const { rows: tables } = await database.query<{ name: string }>(
  `select n.nspname || '.' || quote_ident(c.relname) as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
   where n.nspname in ('app', 'auth') and c.relkind = 'r' and c.relname <> 'rate_limit' order by 1`,
)
/** Rows of every table, and the sum of all jobs' sequences: what a refused request may not move. */
async function counts(): Promise<string> {
  const { rows } = await database.query(
    `select ${tables.map(({ name }, index) => `(select count(*) from ${name}) as t${index}`).join(', ')},
       (select sum(sequence) from app.job) as sequences`,
  )
  return JSON.stringify(rows[0])
}

const cookies = [
  '',
  await signIn('imke@tern.invalid'),
  await signIn('dov@tern.invalid'),
  await signIn('tove@gull.invalid'),
]
const job = alderHouse()
const picture = await drawnPhoto({ caption: 'fuzz', tint: '#eee', damage: 'sill' })

/** Honest bodies, to be bent: what is nearly right gets furthest. */
const HONEST: readonly unknown[] = [
  { id: 'fuzz-1', title: 'x', time_zone: 'UTC' },
  {
    known: 0,
    head: null,
    changes: [
      {
        id: 'fuzz-change',
        schema: JOB_VERSION,
        made_at: '2026-05-04T09:00:00Z',
        device: 'fuzz',
        op: 'set',
        entity: { kind: 'side', id: 'side-a' },
        base: 0,
        fields: { overhang: 768 },
      },
    ],
  },
  {
    known: 0,
    changes: [
      { id: 'f2', schema: 1, made_at: '2026-05-04T09:00:00Z', device: 'd', op: 'fact', fact: job.facts[0] },
    ],
  },
  {
    known: 0,
    changes: [
      {
        id: 'f3',
        schema: JOB_VERSION,
        made_at: '2026-05-04T09:00:00Z',
        device: 'd',
        op: 'create',
        entity: { kind: 'finding', id: 'x' },
        body: job.findings[0],
      },
    ],
  },
  { id: '2b7f6c1e-1111-4222-8333-444455556666', replaces: null },
  { name: 'A Name', role: 'owns', hash: 'a'.repeat(64) },
  { phrase: 'skirt', means: { kind: 'part', part: 'water-table' } },
  { edition: 1, likelihood_overrides: [] },
  { email: 'nobody@mail.invalid', password: 'wrong-word-here' },
  job,
]

const oddText = fc.oneof(
  fc.string({ maxLength: 40, unit: 'binary' }),
  fc.constantFrom(
    '\u0000',
    '\ud83e',
    '../../etc/passwd',
    "'; drop table app.job; --",
    '%00',
    '{}',
    'null',
    'alder-house',
    '-1',
    '1e308',
    'NaN',
    '__proto__',
    'constructor',
  ),
)
const odd = fc.oneof(
  fc.constantFrom<unknown>(null, true, 0, -1, 1.5, 1e308, 2 ** 53, '', [], {}, [[]], { __proto__: null }),
  oddText,
  fc.jsonValue({ maxDepth: 4 }),
)

/** One value somewhere in a body replaced, taken out or put in. */
const bent = fc
  .tuple(
    fc.constantFrom(...HONEST),
    fc.array(fc.nat(1_000_000), { minLength: 1, maxLength: 8 }),
    odd,
    fc.constantFrom('replace', 'remove', 'add'),
  )
  .map(([honest, steps, value, how]) => {
    const copy = structuredClone(honest) as Record<string, unknown>
    let at: Record<string, unknown> = copy
    for (const step of steps) {
      const keys = Object.keys(at)
      const key = keys[step % Math.max(1, keys.length)]
      if (key === undefined) break
      const inner = at[key]
      if (typeof inner === 'object' && inner !== null && step % 3 !== 0) {
        at = inner as Record<string, unknown>
        continue
      }
      if (how === 'remove') Reflect.deleteProperty(at, key)
      else if (how === 'replace') at[key] = value
      else at[`x${step}`] = value
      break
    }
    return Buffer.from(JSON.stringify(copy))
  })
const deep = fc.nat(200_000).map((depth) => Buffer.from('['.repeat(depth) + ']'.repeat(depth)))
const body = fc.oneof(
  { weight: 6, arbitrary: bent },
  { weight: 1, arbitrary: fc.uint8Array({ maxLength: 3000 }).map((bytes) => Buffer.from(bytes)) },
  { weight: 1, arbitrary: deep },
  {
    weight: 1,
    arbitrary: fc.constantFrom(
      Buffer.alloc(0),
      Buffer.from('null'),
      Buffer.from('{"a":'),
      picture.subarray(0, 900),
    ),
  },
)
const parts = fc.oneof(
  fc.constantFrom('alder-house', 'a'.repeat(64), '2b7f6c1e-1111-4222-8333-444455556666', 'nowhere'),
  oddText.map((text) => {
    try {
      return encodeURIComponent(text)
    } catch {
      return '%E0%A4%A'
    }
  }),
  fc.constantFrom('%', '%zz', '..', '.', '%2e%2e%2f', '%5c', 'x'.repeat(5000)),
)
const query = fc.oneof(
  fc.constant(''),
  fc.constantFrom(
    '?known=0',
    '?known=-1',
    '?known=1e99',
    '?known=0&head=%00',
    '?as=zip',
    '?size=original',
    '?at=0&total=9&what=photo',
    '?at=x',
    '?words=%00',
    '?after=AAAA',
    '?after=%22',
    '?words=%25%25%5F',
  ),
  oddText.map((text) => `?words=${encodeURIComponent(text.replace(/[\ud800-\udfff]/g, ''))}`),
)
const table = routes()
const method = fc.constantFrom(
  'GET',
  'POST',
  'PUT',
  'DELETE',
  'PATCH',
  'HEAD',
  'OPTIONS',
  'TRACE',
  'PROPFIND',
)
const raw: fc.Arbitrary<Raw> = fc
  .record({
    route: fc.constantFrom(...table),
    other: fc.oneof({ weight: 6, arbitrary: fc.constant(null) }, { weight: 1, arbitrary: method }),
    parts: fc.array(parts, { minLength: 3, maxLength: 3 }),
    query,
    cookie: fc.constantFrom(...cookies, 'better-auth.session_token=forged.forged', 'x=1; '.repeat(200)),
    origin: fc.constantFrom(base.origin, base.origin, base.origin, 'https://elsewhere.invalid', ''),
    type: fc.constantFrom(
      'application/json',
      'text/plain',
      'application/octet-stream',
      'multipart/form-data; boundary=x',
      '',
    ),
    body,
  })
  .map(({ route, other, parts: named, query: asked, cookie, origin, type, body: bytes }) => {
    const [own, address] = route.split(' ') as [string, string]
    let index = 0
    const path = address.replaceAll(/\[(\.\.\.)?\w+\]/g, () => named[index++ % named.length]!) + asked
    const verb = other ?? own
    const headers: Record<string, string> = {}
    if (cookie) headers['cookie'] = cookie
    if (origin) headers['origin'] = origin
    if (type) headers['content-type'] = type
    return {
      method: verb,
      path,
      headers,
      body: ['GET', 'HEAD', 'OPTIONS', 'TRACE'].includes(verb) ? null : bytes,
    }
  })

const statuses = new Map<number, number>()
const found: string[] = []
let slowest = 0
let before = await counts()
let refusedSince = 0
const begun = Date.now()
for (const each of fc.sample(raw, { seed, numRuns: many })) {
  const told = await send(each)
  statuses.set(told.status, (statuses.get(told.status) ?? 0) + 1)
  slowest = Math.max(slowest, told.ms)
  const name = `${each.method} ${each.path.slice(0, 120)} ${each.body?.toString('latin1').slice(0, 120) ?? ''}`
  if (told.status >= 500 || told.status === 0) found.push(`${told.status} ${name}: ${told.text}`)
  if (told.ms > SLOWEST_MS) found.push(`${told.ms} ms ${name}`)
  const wrote = told.status > 0 && told.status < 400 && !['GET', 'HEAD', 'OPTIONS'].includes(each.method)
  refusedSince += 1
  if (!wrote && refusedSince < 40) continue
  // What was refused since the last count moved nothing; what was taken may have.
  const now = await counts()
  if (!wrote && now !== before) found.push(`refused requests moved rows, the last being ${name}`)
  before = now
  refusedSince = 0
}
console.log(
  `\n${many} requests to ${table.length} routes in ${Math.round((Date.now() - begun) / 1000)} s, the slowest ${slowest} ms`,
)
for (const [status, n] of [...statuses].sort((a, b) => a[0] - b[0])) {
  console.log(
    `  ${String(n).padStart(6)} ${status > 0 ? status : status === 0 ? 'no answer' : 'could not be written as a request'}`,
  )
}
found.push(...(await hostileFiles({ base, cookie: cookies[1]!, picture })))
await database.end()
for (const each of found.slice(0, 20)) console.log(`FOUND ${each}`)
console.log(
  found.length === 0 ? 'No 500, no half write, nothing over 2 s, nobody held up.' : `${found.length} found.`,
)
process.exit(found.length === 0 ? 0 : 1)
