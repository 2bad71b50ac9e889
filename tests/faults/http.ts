/**
 * Faults at HTTP level: the real client code on several devices against the real server, through a line that loses, cuts, repeats,
 * delays and forges. `npm run faults`.
 */
import Dexie from 'dexie'
import { IDBKeyRange, indexedDB } from 'fake-indexeddb'
import pg from 'pg'
import { MeAnswer, JobSnapshotAnswer } from '../../src/core/contract'
import { Change } from '../../src/core/job'
import { JobStore } from '../../src/client/jobStore'
import { LocalCopies } from '../../src/client/localCopies'
import { sillNose } from '../support/jobs'
import { compare, emptyTally, type Tally } from './tally'

Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange })

const KINDS = [
  'lost on the way there',
  'lost on the way back',
  'answer cut in the middle',
  'a portal’s page',
  'an empty answer',
  'other JSON',
  'a redirect',
  'a server error',
  'sent twice at once',
  'late',
  'silence',
  'session expired',
] as const
/** Killed tabs are faults of the device, not of its line. */
type Kind = (typeof KINDS)[number] | 'tab killed'

/** A repeatable stream of numbers from 0 to 1: a run that found something can be run again. */
function stream(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
}

type Line = { readonly counts: Map<Kind, number>; share: number }

function faulty(
  honest: (path: string, init: RequestInit) => Promise<Response>,
  line: Line,
  next: () => number,
): typeof fetch {
  const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))
  const go = async (path: string, init: RequestInit): Promise<Response> => {
    if (next() >= line.share) return honest(path, init)
    const kind = KINDS[Math.floor(next() * KINDS.length)]!
    line.counts.set(kind, (line.counts.get(kind) ?? 0) + 1)
    switch (kind) {
      case 'lost on the way there':
        throw new TypeError('fetch failed')
      case 'lost on the way back':
        await honest(path, init)
        throw new TypeError('fetch failed')
      case 'answer cut in the middle': {
        const text = await (await honest(path, init)).text()
        return new Response(text.slice(0, Math.floor(text.length / 2)))
      }
      case 'a portal’s page':
        return new Response('<!doctype html><title>Guest network</title>', {
          headers: { 'content-type': 'text/html' },
        })
      case 'an empty answer':
        await honest(path, init)
        return new Response('')
      case 'other JSON':
        return Response.json({ status: 'ok', sequence: 'many' })
      case 'a redirect':
        return Object.defineProperty<Response>(new Response(null), 'type', { value: 'opaqueredirect' })
      case 'a server error':
        return new Response('Bad gateway', { status: 502 })
      case 'sent twice at once':
        return (await Promise.all([honest(path, init), honest(path, init)]))[0]
      case 'late':
        await wait(50 + next() * 200)
        return honest(path, init)
      case 'silence':
        // Shorter than a person would wait, so that the run ends; the client's own limit is tried in its unit tests.
        await wait(300)
        throw new DOMException('aborted', 'AbortError')
      case 'session expired':
        return honest(path, { ...init, headers: { ...(init.headers as object), cookie: 'none=1' } })
    }
  }
  return ((path: string, init: RequestInit = {}) => go(path, init)) as typeof fetch
}

type Device = { copies: LocalCopies; store: JobStore; readonly wrote: string[] }

/** Runs until so many faults were met, then lets everything through and compares. */
export async function httpFaults(of: {
  urls: readonly string[]
  email: string
  password: string
  clusterUrl: string
  faults: number
  seed: number
}): Promise<{ tally: Tally; counts: ReadonlyMap<string, number> }> {
  const next = stream(of.seed)
  const tally = emptyTally()
  const line: Line = { counts: new Map(), share: 0.5 }
  let turn = 0
  const at = (path: string): string => {
    turn += 1
    return `${of.urls[turn % of.urls.length]!}${path}`
  }
  const origin = of.urls[0]!
  const realFetch = globalThis.fetch
  const entered = await realFetch(`${origin}/api/auth/sign-in/email`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin },
    body: JSON.stringify({ email: of.email, password: of.password }),
  })
  if (!entered.ok) throw new Error(`Sign-in failed: ${entered.status} ${await entered.text()}`)
  const cookie = entered.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ')
  const honest = async (path: string, init: RequestInit = {}): Promise<Response> => {
    return realFetch(at(path), {
      ...init,
      // A fault of the line is no abort of the real request behind it.
      signal: null,
      headers: { cookie, origin, ...(init.headers as Record<string, string>) },
    })
  }
  const me = MeAnswer.parse(await (await honest('/api/me')).json())
  const jobId = `faults-${of.seed}`
  const made = await honest('/api/jobs', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id: jobId, title: 'Faults', time_zone: 'UTC' }),
  })
  if (!made.ok) throw new Error(`No job to break: ${made.status}`)
  const snapshot = JobSnapshotAnswer.parse(await (await honest(`/api/jobs/${jobId}`)).json())
  globalThis.fetch = faulty(honest, line, next)

  // Waiting less between tries than a person's device does, so that a run takes minutes.
  const realTimeout = globalThis.setTimeout
  globalThis.setTimeout = ((work: () => void, ms = 0, ...more: unknown[]) =>
    realTimeout(work, ms > 900 && ms < 30_000 ? ms / 40 : ms, ...more)) as typeof setTimeout

  const open = async (copies: LocalCopies): Promise<JobStore> => {
    const kept = await copies.findJob(jobId)
    const store = new JobStore(jobId, kept?.snapshot ?? snapshot, { local: copies })
    await store.takeUp()
    return store
  }
  const devices: Device[] = []
  for (let index = 0; index < 4; index += 1) {
    // Four devices of one person: each a browser of its own, hence a database of its own.
    const copies = new LocalCopies(
      { ...me.member, company_id: `${me.member.company_id}#${index}` },
      me.seal_key,
    )
    devices.push({ copies, store: await open(copies), wrote: [] })
  }
  const database = new pg.Client({ connectionString: of.clusterUrl })
  await database.connect()
  const onServer = async (): Promise<string[]> => {
    const { rows } = await database.query<{ words: string }>(
      `select body ->> 'words' as words from app.job_entity where job_id = $1 and kind = 'finding' order by (body ->> 'number')::int`,
      [jobId],
    )
    return rows.map((row) => row.words)
  }
  const met = (): number => [...line.counts.values()].reduce((sum, n) => sum + n, 0)
  const inDatabase = async (device: Device): Promise<Set<string>> => {
    const { edits } = await device.copies.listWaiting(jobId)
    return new Set(
      edits.flatMap(({ change }) => {
        const read = Change.safeParse(change)
        return read.success && read.data.op === 'create' ? [String(read.data.body['words'])] : []
      }),
    )
  }

  /** What a page shows at this moment, held against what is. */
  const check = async (device: Device): Promise<void> => {
    const { sending, waiting, unconfirmed } = device.store.read()
    const shownKept = waiting - unconfirmed
    const wrote = [...device.wrote]
    const kept = await inDatabase(device)
    const there = new Set(await onServer())
    const sent = wrote.filter((words) => there.has(words)).length
    if (sending === 'sent' && sent < wrote.length) tally.falselyShown += 1
    // Every edit that is shown as kept is on this device, or meanwhile on the server.
    const held = wrote.filter((words) => kept.has(words) || there.has(words)).length
    if (held < wrote.length - waiting + shownKept) tally.falselyShown += 1
  }

  let made_n = 0
  while (met() < of.faults) {
    const device = devices[Math.floor(next() * devices.length)]!
    const burst = 1 + Math.floor(next() * 2)
    for (let i = 0; i < burst; i += 1) {
      made_n += 1
      const words = `edit ${made_n}`
      const said = device.store.create('finding', {
        ...sillNose({ place: { kind: 'none' } }),
        id: `f-${of.seed}-${made_n}`,
        number: null,
        words,
      })
      if (said !== null) throw new Error(`The client refused its own edit: ${said}`)
      device.wrote.push(words)
      tally.edits += 1
    }
    await new Promise((resolve) => realTimeout(resolve, next() * 120))
    if (next() < 0.12) await check(device)
    if (next() < 0.06) {
      // The tab is killed: what was shown as kept must come back, what was not may not have been.
      const before = device.store.read()
      const kept = device.wrote.length - before.unconfirmed
      device.store.close()
      device.store = await open(device.copies)
      const back = await inDatabase(device)
      const there = new Set(await onServer())
      const survived = device.wrote.filter((words) => back.has(words) || there.has(words))
      if (survived.length < kept) tally.falselyShown += 1
      device.wrote.splice(0, device.wrote.length, ...survived)
      line.counts.set('tab killed', (line.counts.get('tab killed') ?? 0) + 1)
    }
  }
  tally.faults = met()
  line.share = 0
  for (const device of devices) {
    for (let tries = 0; tries < 200 && !(await device.store.settled()); tries += 1) {
      await new Promise((resolve) => realTimeout(resolve, 50))
    }
  }
  const has = await onServer()
  for (const device of devices) {
    const found = compare(device.wrote, has)
    tally.lost += found.lost
    tally.doubled += found.doubled
    tally.reordered += found.reordered
    await check(device)
    device.store.close()
    await device.copies.destroy()
  }
  // What no device wrote, and what stands twice whoever wrote it.
  tally.doubled += has.length - new Set(has).size
  await database.end()
  globalThis.fetch = realFetch
  globalThis.setTimeout = realTimeout
  return { tally, counts: line.counts }
}
