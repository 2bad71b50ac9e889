/**
 * Loads the invented firms, their people and the demo jobs through the same use cases the app has. Safe to run twice.
 * Run by scripts/demo.mjs and the browser tests, with the app's environment and --conditions=react-server.
 */
import { randomUUID } from 'node:crypto'
import { betterAuth } from 'better-auth'
import { DEMO_PASSWORD, FIRM_CALENDAR, FIRMS } from '../demo/people'
import { DEMO_JOBS } from '../demo'
import { movedTo } from '../demo/movedTo'
import { OFFICE, officeJob, type Standing } from '../demo/theOffice'
import { drawnFront, drawnPhoto, FRONT_CANVAS, type Damage } from '../demo/photos'
import { chosenTotal, WHOLE_BID } from '../src/core/bid'
import { JOB_VERSION, startingRates, startingSettings, type JobDocument } from '../src/core/job'
import { ORDER_STEP } from '../src/core/walk'
import { makePool } from '../src/db/pool'
import { findCalendar, saveCalendar } from '../src/db/queries/calendar'
import { insertCompany, insertEdition } from '../src/db/queries/company'
import { findJob } from '../src/db/queries/jobs'
import { withTx, type Tx } from '../src/db/tx'
import { authOptions } from '../src/server/auth/options'
import { acceptBid, askFirm, readOwnerBid } from '../src/server/bids/ownerBid'
import { sendBid } from '../src/server/bids/sendBid'
import { context } from '../src/server/context'
import type { Member } from '../src/server/http'
import { sayOfJob } from '../src/server/jobs/office'
import { readEnv } from '../src/server/env'
import { writeJob } from '../src/server/jobs/store'
import { keepPicture, readyPicture } from '../src/server/photos/pictures'
import { begunWork, waitingWork } from './begunWork'
import { closedWork } from './closedWork'

/** With the main job under way, as the demo shows it; without, it is as its bid was sent. */
const BEGUN = process.argv.includes('--begun')

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

/** A drawn picture with what is known of it: the findings it shows, its place, its scale. */
type Shot = { readonly id: string; readonly drawn: Promise<Buffer> } & Partial<
  Pick<JobDocument['photos'][number], 'caption' | 'place' | 'canvas' | 'marks'>
> & { readonly findings?: readonly number[] }

async function addPhoto(tx: Tx, job: JobDocument, shot: Shot): Promise<JobDocument> {
  const { id, drawn, findings = [], ...more } = shot
  const stored = await keepPicture(tx, await readyPicture(await drawn))
  return {
    ...job,
    photos: [
      ...job.photos,
      {
        id,
        removed: false,
        caption: '',
        place: { kind: 'none' },
        order: job.photos.length * ORDER_STEP,
        canvas: null,
        marks: [],
        ...more,
        ...stored,
      },
    ],
    findings: job.findings.map((each) =>
      each.number !== null && findings.includes(each.number)
        ? { ...each, photo_ids: [...each.photo_ids, id] }
        : each,
    ),
  }
}

const tint = '#e6cfa4'
const shot = (finding: number, damage: Damage, caption: string, colour = tint): Shot => ({
  id: `photo-${finding}`,
  caption,
  findings: [finding],
  drawn: drawnPhoto({ caption, tint: colour, damage }),
})

const SHOTS: Readonly<Record<keyof typeof DEMO_JOBS, () => readonly Shot[]>> = {
  'alder-house': () => [
    shot(4, 'sill', 'sill nose, front'),
    shot(9, 'fascia', 'fascia, back'),
    shot(10, 'ledger', 'deck ledger, back'),
    shot(13, 'corner', 'corner board, left'),
    {
      id: 'photo-front',
      caption: 'the front, square on',
      findings: [2],
      drawn: drawnFront(),
      ...FRONT_CANVAS,
    },
  ],
  'kelp-row-7': () => [
    shot(1, 'corner', 'bottom courses, front', '#c9d3cf'),
    shot(5, 'fascia', 'fascia, front right', '#c9d3cf'),
  ],
  'lantern-court-22': () => [
    shot(1, 'corner', 'entry, left leg', '#d8dcd3'),
    shot(4, 'fascia', 'over the garage', '#d8dcd3'),
  ],
  'heron-flats-12': () => [],
  'plover-quay-6': () => [],
  'quarry-road-1190': () => [],
  'saltmarsh-cabin': () => [],
  'tallow-street-31': () => [shot(1, 'corner', '', '#cfd8cf')],
}

const TODAY = new Date().toISOString().slice(0, 10)
const DAY_MS = 86_400_000
const daysOn = (days: number): string => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10)

/** Brings a job where it stands, by the same doors an office and an owner take. */
async function bringTo(member: Member, job: JobDocument, standing: Standing): Promise<void> {
  if (standing.is === 'walked') return
  const now = new Date(standing.is === 'expired' ? Date.now() - standing.sent_days_ago * DAY_MS : Date.now())
  const { url } = await sendBid(member, job.id, { id: randomUUID(), replaces: null }, { now })
  const token = url!.split('/o/')[1]!
  if (standing.is === 'sent' || standing.is === 'expired') return
  const { hash, model } = await readOwnerBid(token)
  if (standing.is === 'seen') return
  const name = job.people[0]!.name
  if (standing.is === 'question') {
    await askFirm(token, { id: randomUUID(), name, about: null, words: standing.words })
    return
  }
  if (standing.is === 'accepted-in-part') {
    const last = model.items.findLast(({ leave }) => leave !== null && !leave.hazard)
    const left = last ? [last.id] : []
    const total = chosenTotal(model, { ...WHOLE_BID, left })
    if (!total.ok) throw new Error(`no part of ${job.id} can be accepted: ${total.error.kind}`)
    const choice = { left, taken: [], looks: [], declined: [] }
    await acceptBid(token, { name, role: 'owns', hash, choice, total_cents: total.value.total_cents })
    return
  }
  if (standing.is === 'declined') {
    await sayOfJob(member, job.id, { standing: { state: 'declined', on: TODAY, why: 'price' } })
    return
  }
  await acceptBid(token, { name, role: 'owns', hash })
  if (standing.is === 'scheduled')
    await sayOfJob(member, job.id, { standing: { state: 'scheduled', on: daysOn(standing.in_days) } })
  if (standing.is === 'closed')
    await sayOfJob(member, job.id, { standing: { state: 'closed', on: daysOn(-standing.days_ago) } })
}

async function loadOffice(member: Member): Promise<void> {
  for (const of of OFFICE) {
    const job = movedTo(officeJob(of), TODAY)
    const isNew = await withTx(appPool, member.companyId, async (tx) => {
      if (await findJob(tx, of.id, { lock: false })) return false
      await writeJob(tx, job, member.userId)
      return true
    })
    if (isNew) await bringTo(member, job, of.standing)
  }
}

/** Of the jobs of the scenario, those that have left the desk; the others stand as they were walked and priced. */
const STANDS: Partial<Record<keyof typeof DEMO_JOBS, Standing>> = {
  'alder-house': { is: 'sent' },
  'lantern-court-22': { is: 'seen' },
  'quarry-road-1190': { is: 'sent' },
  'heron-flats-12': { is: 'sent' },
  'saltmarsh-cabin': { is: 'sent' },
}

/** @returns the jobs that were not there yet. */
async function loadJobs(tx: Tx, owner: string): Promise<JobDocument[]> {
  const fresh: JobDocument[] = []
  for (const [id, make] of Object.entries(DEMO_JOBS)) {
    if (await findJob(tx, id, { lock: false })) continue
    let job = movedTo(make(), TODAY)
    for (const each of SHOTS[id as keyof typeof DEMO_JOBS]()) job = await addPhoto(tx, job, each)
    await writeJob(tx, job, owner)
    fresh.push(job)
  }
  return fresh
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
  const fresh = await withTx(appPool, company, async (tx) => {
    await insertCompany(tx, firm.name)
    await insertEdition(tx, {
      edition: 1,
      schema: JOB_VERSION,
      settings: startingSettings(firm),
      rates: startingRates(),
    })
    if (firm.slug !== 'tern-and-mallet') return []
    if ((await findCalendar(tx)) === null)
      await saveCalendar(tx, { body: FIRM_CALENDAR, by: firm.people[0].name })
    return loadJobs(tx, ids[0]!)
  })
  if (firm.slug === 'tern-and-mallet') {
    const [person] = firm.people
    const member = { userId: ids[0]!, name: person.name, companyId: company, role: person.role }
    for (const job of fresh) {
      const standing = STANDS[job.id as keyof typeof DEMO_JOBS]
      const begins = BEGUN && job.id === 'alder-house'
      if (standing) await bringTo(member, job, begins ? { is: 'accepted' } : standing)
      if (begins) {
        await begunWork(member, job.id, job.people[0]!.name)
        await closedWork(member, job.id, { from: daysOn(-52), owes: true })
      }
    }
    await loadOffice(member)
    if (BEGUN && fresh.length > 0) {
      await waitingWork(member, 'osprey-lane-27')
      await closedWork(member, 'tollgate-60', { from: daysOn(-9), owes: false })
    }
  }
}
await (await context()).close()
await Promise.all([appPool.end(), authPool.end()])
