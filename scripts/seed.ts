/**
 * Loads the invented firms, their people and the demo jobs through the same use cases the app has. Safe to run twice.
 * Run by scripts/demo.mjs and the browser tests, with the app's environment and --conditions=react-server.
 */
import { betterAuth } from 'better-auth'
import { alderHouse } from '../demo/alderHouse'
import { DEMO_PASSWORD, FIRMS } from '../demo/people'
import { drawnPhoto } from '../demo/photos'
import { tallowStreet } from '../demo/tallowStreet'
import { startingRates, startingSettings, type JobDocument } from '../src/core/job'
import { makePool } from '../src/db/pool'
import { insertCompany, insertEdition } from '../src/db/queries/company'
import { findJob } from '../src/db/queries/jobs'
import { withTx, type Tx } from '../src/db/tx'
import { authOptions } from '../src/server/auth/options'
import { readEnv } from '../src/server/env'
import { writeJob } from '../src/server/jobs/store'
import { storePicture } from '../src/server/photos/pictures'

const env = readEnv()
const appPool = makePool(env.DETRIMUS_APP_DATABASE_URL)
const authPool = makePool(env.DETRIMUS_AUTH_DATABASE_URL)
const auth = betterAuth(
  authOptions({
    pool: authPool,
    secret: env.DETRIMUS_SESSION_SECRET,
    baseUrl: env.DETRIMUS_BASE_URL,
    allowSignUp: true,
  }),
)

async function userId(person: { name: string; email: string }): Promise<string> {
  const { rows } = await authPool.query<{ id: string }>('select id from "user" where email = $1', [
    person.email,
  ])
  if (rows[0]) return rows[0].id
  const made = await auth.api.signUpEmail({ body: { ...person, password: DEMO_PASSWORD } })
  return made.user.id
}

async function companyId(firm: (typeof FIRMS)[number]): Promise<string> {
  const found = await authPool.query<{ id: string }>('select id from organization where slug = $1', [
    firm.slug,
  ])
  if (found.rows[0]) return found.rows[0].id
  const made = await authPool.query<{ id: string }>(
    'insert into organization (name, slug, created_at) values ($1, $2, now()) returning id',
    [firm.name, firm.slug],
  )
  return made.rows[0]!.id
}

async function addPhoto(
  tx: Tx,
  job: JobDocument,
  finding: number,
  drawn: Buffer,
  caption: string,
): Promise<JobDocument> {
  const stored = await storePicture(tx, drawn)
  const id = `photo-${finding}`
  return {
    ...job,
    photos: [
      ...job.photos,
      {
        id,
        removed: false,
        caption,
        place: { kind: 'none' },
        order: job.photos.length,
        canvas: null,
        marks: [],
        ...stored,
      },
    ],
    findings: job.findings.map((each) => (each.number === finding ? { ...each, photo_ids: [id] } : each)),
  }
}

async function loadJobs(tx: Tx, owner: string): Promise<void> {
  const tint = '#e6cfa4'
  if (!(await findJob(tx, 'alder-house', { lock: false }))) {
    let job = alderHouse()
    const shots = [
      [4, 'sill', 'sill nose, front'],
      [9, 'fascia', 'fascia, back'],
      [10, 'ledger', 'deck ledger, back'],
      [13, 'corner', 'corner board, left'],
    ] as const
    for (const [number, damage, caption] of shots) {
      job = await addPhoto(tx, job, number, await drawnPhoto({ caption, tint, damage }), caption)
    }
    await writeJob(tx, job, owner)
  }
  if (!(await findJob(tx, 'tallow-street-31', { lock: false }))) {
    const photo = await drawnPhoto({ caption: 'corner board', tint: '#cfd8cf', damage: 'corner' })
    await writeJob(tx, await addPhoto(tx, tallowStreet(), 1, photo, ''), owner)
  }
}

for (const firm of FIRMS) {
  const company = await companyId(firm)
  const ids: string[] = []
  for (const person of firm.people) {
    const id = await userId(person)
    ids.push(id)
    await authPool.query(
      `insert into member (organization_id, user_id, role, created_at)
       select $1, $2, $3, now() where not exists (select from member where organization_id = $1 and user_id = $2)`,
      [company, id, person.role],
    )
  }
  await withTx(appPool, company, async (tx) => {
    await insertCompany(tx, firm.name)
    await insertEdition(tx, { edition: 1, settings: startingSettings(firm), rates: startingRates() })
    if (firm.slug === 'tern-and-mallet') await loadJobs(tx, ids[0]!)
  })
}
await Promise.all([appPool.end(), authPool.end()])
