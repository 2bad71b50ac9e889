/** A large firm among many: the list of jobs and one edit, beside the bare SQL they stand on. */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { alderHouse } from '../demo/alderHouse'
import { FIRM } from '../demo/build'
import { JOB_VERSION, printJobFile, startingRates, startingSettings, type Change } from '../src/core/job'

export type ScaleRow = { readonly name: string; readonly value: string; readonly beside: string }

const FIRMS = 200
const JOBS = 1000
const RUNS = 200

type Times = { readonly median: number; readonly p95: number }

async function timesOf(runs: number, work: () => Promise<unknown>): Promise<Times> {
  for (let i = 0; i < Math.min(20, runs); i += 1) await work()
  const times: number[] = []
  for (let i = 0; i < runs; i += 1) {
    const begun = performance.now()
    await work()
    times.push(performance.now() - begun)
  }
  times.sort((a, b) => a - b)
  return { median: times[Math.floor(runs / 2)]!, p95: times[Math.floor(runs * 0.95)]! }
}

const ms = (value: number): string => `${value.toFixed(1)} ms`
const told = ({ median, p95 }: Times): string => `median ${ms(median)}, p95 ${ms(p95)}`

/** As many firms as asked for, each with a few jobs, one of them with a thousand; written by the database from one job of the app's own. */
async function fill(clusterUrl: string, firms: readonly string[], jobId: string): Promise<void> {
  const client = new pg.Client({ connectionString: clusterUrl })
  await client.connect()
  for (const [index, firm] of firms.entries()) {
    const many = index === 0 ? JOBS - 1 : 4
    await client.query(
      `insert into app.job (company_id, id, sequence, next_finding_number, created_by, touched_at)
       select $1, 'job-' || n, 0, 40, gen_random_uuid(), now() - n * interval '1 minute' from generate_series(1, $2::int) n`,
      [firm, many],
    )
    await client.query(
      `insert into app.job_entity (company_id, job_id, kind, id, revision, stamps, schema, body)
       select $1, 'job-' || n, e.kind, e.id, 0, '{}', e.schema,
         case when e.kind = 'job' then e.body || jsonb_build_object('title', 'House ' || n, 'address', n || ' Ferrous Lane') else e.body end
       from generate_series(1, $2::int) n, app.job_entity e
       where e.company_id = $3 and e.job_id = $4 and e.kind in ('job', 'settings', 'rates', 'finding', 'photo')`,
      [firm, many, firms[0], jobId],
    )
  }
  await client.query('vacuum analyze')
  await client.end()
}

const LIST = `select j.id, e.body ->> 'title' as title, e.body ->> 'address' as address, j.touched_at,
   (select count(*) from app.job_entity f where f.company_id = j.company_id and f.job_id = j.id and f.kind = 'finding' and not f.removed) as findings
 from app.job j join app.job_entity e on e.company_id = j.company_id and e.job_id = j.id and e.kind = 'job'
 where j.company_id = $1 order by j.touched_at desc, j.id limit 51`

/** Runs on a database of its own, through the app's own use cases and over HTTP. */
export async function benchScale(): Promise<ScaleRow[]> {
  const { DEMO_WORD, stand } = await import('../scripts/lib/stand.mjs')
  const place = await stand({ name: 'bench', databasePort: 5464, port: 4650 })
  try {
    Object.assign(process.env, place.env)
    const { insertCompany, insertEdition } = await import('../src/db/queries/company')
    const { withTx } = await import('../src/db/tx')
    const { context } = await import('../src/server/context')
    const { applyChanges } = await import('../src/server/jobs/applyChanges')
    const { importJob } = await import('../src/server/jobs/files')
    const { listFirmJobs } = await import('../src/server/jobs/readJobs')
    const { pool, close } = await context()
    const cluster = new pg.Client({ connectionString: place.clusterUrl })
    await cluster.connect()
    const tern = (await cluster.query<{ id: string }>(`select id from app.company where name like 'Tern%'`))
      .rows[0]!.id
    const firms = [tern, ...Array.from({ length: FIRMS - 1 }, () => randomUUID())]
    for (const firm of firms.slice(1)) {
      await withTx(pool, firm, async (tx) => {
        await insertCompany(tx, 'A firm')
        await insertEdition(tx, {
          edition: 1,
          schema: JOB_VERSION,
          settings: startingSettings(FIRM),
          rates: startingRates(),
        })
      })
    }
    await fill(place.clusterUrl, firms, 'alder-house')
    const member = { userId: randomUUID(), name: 'Bench', companyId: tern, role: 'office' } as const

    const bare = await timesOf(RUNS, () => withTx(pool, tern, (tx) => tx.query(LIST, [tern])))
    const list = await timesOf(RUNS, () => listFirmJobs(member))
    const found = await timesOf(RUNS, () =>
      listFirmJobs(member, { words: '777 ferrous', after: '', archived: 'no' }),
    )
    const entered = await fetch(`${place.url}/api/auth/sign-in/email`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: place.url },
      body: JSON.stringify({ email: 'runa@tern.invalid', password: DEMO_WORD }),
    })
    const cookie = entered.headers
      .getSetCookie()
      .map((each) => each.split(';')[0])
      .join('; ')
    let bytes = 0
    const http = await timesOf(RUNS, async () => {
      const answer = await fetch(`${place.url}/api/jobs`, { headers: { cookie } })
      bytes = (await answer.arrayBuffer()).byteLength
    })
    const page = await (await fetch(`${place.url}/jobs`, { headers: { cookie } })).arrayBuffer()

    const rows: ScaleRow[] = [
      {
        name: 'a page of the list of 1,000 jobs, with all that is shown of each',
        value: `${told(list)}; over HTTP ${told(http)}, ${Math.round(bytes / 1024)} kB (the page itself ${Math.round(page.byteLength / 1024)} kB)`,
        beside: `bare SQL of its rows ${told(bare)}: × ${(list.p95 / bare.p95).toFixed(1)} at p95, × ${(http.p95 / bare.p95).toFixed(1)} over HTTP`,
      },
      {
        name: 'a job found by its address among 1,000',
        value: told(found),
        beside: `× ${(found.p95 / bare.p95).toFixed(1)} the list's bare SQL at p95`,
      },
    ]

    const firm = firms[1]!
    const office = { ...member, companyId: firm }
    for (const facts of [100, 10_000]) {
      const id = `facts-${facts}`
      await importJob(office, Buffer.from(printJobFile({ ...alderHouse(), id })))
      await cluster.query(
        `insert into app.job_fact (company_id, job_id, id, sequence, schema, body)
         select $1, $2, 'fact-' || n, 0, $4, jsonb_build_object('id', 'fact-' || n, 'by', 'Bench', 'at', '2026-05-04T09:00:00Z', 'kind', 'permission', 'level', 'open', 'given_by', 'owner')
         from generate_series(1, $3::int) n`,
        [firm, id, facts, JOB_VERSION],
      )
      await cluster.query('analyze app.job_fact')
      let known = 0
      let turn = 0
      const edit = async (): Promise<void> => {
        turn += 1
        const change: Change = {
          id: `edit-${facts}-${turn}`,
          schema: JOB_VERSION,
          made_at: '2026-05-04T09:00:00Z',
          device: 'bench',
          op: 'set',
          entity: { kind: 'side', id: 'side-a' },
          base: 0,
          fields: { overhang: 640 + (turn % 2) * 64 },
        }
        known = (await applyChanges(office, id, { known, changes: [change] })).sequence
      }
      await edit()
      const times = await timesOf(100, edit)
      rows.push({
        name: `one edit of a job with ${facts} facts`,
        value: told(times),
        beside:
          facts === 100
            ? 'baseline of the next row'
            : `× ${(times.median / baseline).toFixed(2)} the one with 100 facts`,
      })
      if (facts === 100) baseline = times.median
    }
    await cluster.end()
    await close()
    return rows
  } finally {
    place.stop()
  }
}
let baseline = Number.NaN
