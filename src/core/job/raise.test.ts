import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { smallHouse, sillNose } from '../../../tests/support/jobs'
import { JOB_VERSION, type JobDocument } from './document'
import { printJobFile, readJob } from './jobFile'
import { raiseBody, raiseChange, raiseStamps, STEPS } from './raise'

/** A file as version 1 wrote it: without anything that a later step adds. */
function asVersion1(job: JobDocument): Record<string, unknown> {
  const step = STEPS[1]!
  const without = (body: object, added: object = {}): object =>
    Object.fromEntries(Object.entries(body).filter(([name]) => !(name in added)))
  const file = without(job, step.file) as Record<string, unknown>
  return {
    ...file,
    version: 1,
    house: job.house && without(job.house, step.bodies.house),
    sides: job.sides.map((side) => without(side, step.bodies.side)),
    features: job.features.map((feature) => without(feature, step.bodies.feature)),
    findings: job.findings.map((finding) => without(finding, step.bodies.finding)),
    facts: job.facts.map((fact) => without(fact, step.facts[fact.kind])),
  }
}

test('a file of the first version reads as what it always meant', () => {
  const job = smallHouse({
    findings: [sillNose()],
    facts: [
      {
        kind: 'hold',
        id: 'h',
        by: 'x',
        at: '2026-05-04T09:00:00Z',
        about: { kind: 'house' },
        why: 'gable not seen',
        way: 'other',
        way_to_look: '',
      },
    ],
  })
  const old = asVersion1(job)
  expect(old.sides).not.toEqual(job.sides)
  const read = readJob(old)
  expect(read.ok && read.value).toEqual(job)
})

/** Files of version 4 as the demo was kept then, never written again. */
function kept(name: string): Record<string, unknown> {
  const url = new URL(`../../../tests/kept/${name}.v4.job.json`, import.meta.url)
  return JSON.parse(readFileSync(url, 'utf8')) as Record<string, unknown>
}

test.each(['alder-house', 'kelp-row-7'])('%s of version 4 reads as it would be written today', (name) => {
  const old = kept(name)
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const { work_items } = read.value
  const [repairs, areas] = [old.repairs, old.area_works] as { id: string }[][]
  // Every id stays, so that prices and acceptances find their items.
  expect(work_items.map((item) => item.id)).toEqual([...repairs!, ...areas!].map((each) => each.id))
  expect(work_items.map(({ places, ...item }) => ({ ...item, places: places.length }))).toMatchObject(
    [...repairs!, ...areas!].map((each) => ({ id: each.id, note: (each as { note?: string }).note })),
  )
  expect(JSON.stringify(readJob(JSON.parse(printJobFile(read.value))))).toBe(JSON.stringify(read))
})

test('a file of version 6 reads with nothing noted that slows the work', () => {
  const url = new URL('../../../tests/kept/kelp-row-7.v6.job.json', import.meta.url)
  const read = readJob(JSON.parse(readFileSync(url, 'utf8')))
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  expect(read.value.house).toMatchObject({ conditions: [], crawl_clearance: null })
  expect(read.value.sides.map((side) => side.conditions)).toEqual(read.value.sides.map(() => []))
})

/** A file of today as one of version 9 would be: without what came after it. */
function asVersion9(file: string): unknown {
  const of10 = new Set([
    ...['behind', 'requires', 'basis', 'owner_says', 'owner_sees', 'bid', 'payments'],
    ...['supervision_share', 'warranty_reserve_share', 'card_fee_share'],
    ...['surveys', 'plan', 'plan_days', 'plan_marks', 'bookings'],
    ...['opened_places', 'change_orders', 'order_answers', 'finds'],
    ...['work_spells', 'bought_goods', 'finished_items', 'handover', 'follow_ups', 'claims'],
    ...['receipts', 'invoices', 'claim_of', 'first_seen', 'house_events', 'below', 'above'],
    ...['must_stay', 'may_talk_to', 'permit'],
  ])
  return JSON.parse(file, (key, value: unknown) => {
    // Of a stretch of the scope line no parts were said; those of an opening are its own.
    if (key === 'parts' && Array.isArray(value) && value.length === 0) return undefined
    if (
      of10.has(key) &&
      (key !== 'basis' || value === 'fixed') &&
      (key !== 'payments' || typeof value !== 'string')
    )
      return undefined
    if (typeof value !== 'object' || value === null || !('instead_of' in value)) return value
    const { instead_of, ...rest } = value as { instead_of: string[] }
    return { ...rest, alternate_of: instead_of[0] ?? null }
  })
}

/** Before version 17 it was not said what must stay, nor whom one may talk to. */
const withAgreed = (job: object): object => ({ ...job, must_stay: '', may_talk_to: '', permit: 'unknown' })
/** Before version 16 nobody could say in his own words what was seen. */
const withoutSeen = (old: object): object => {
  const { work_items, findings, scope_stretches, sides, opened_places } = old as Record<string, object[]>
  return {
    ...(opened_places
      ? { opened_places: opened_places.map((each) => ({ ...each, told: null, caused_by: null })) }
      : {}),
    // Nor what a cladding stands on.
    sides: sides!.map((side) => ({ ...side, behind: 'unknown' })),
    job: { ...withAgreed((old as { job: object }).job) },
    work_items: work_items!.map((item) => ({ owner_sees: '', ...item })),
    // Before version 17 nobody said since when damage was there, nor what happened when.
    findings: findings!.map((finding) => ({ ...finding, first_seen: null })),
    house_events: [],
    scope_stretches: scope_stretches!.map((stretch) => ({ ...stretch, below: null, above: null, parts: [] })),
  }
}

const UNCLOSED = {
  ...{ work_spells: [], bought_goods: [], finished_items: [], handover: null, follow_ups: [], claims: [] },
  ...{ receipts: [], invoices: [], payments: [] },
}
const UNOPENED = { opened_places: [], change_orders: [], order_answers: [], ...UNCLOSED }
/** Before version 14 no job was a claim on another. */
const noClaim = (job: object): object => ({ ...withAgreed(job), claim_of: null })
/** Before version 13 no sum was agreed under which a crew goes on. */
const withFinds = (rates: object): object => ({ ...rates, finds: { go_on_cents: 0, answer_hours: 24 } })
const UNPLANNED = { plan: null, plan_days: [], plan_marks: [], bookings: [] }

// Version 7 knew every station, version 8 had no notes, version 9 one alternate for one item: nothing of it is lost or made up.
test.each([7, 8, 9])('a file of version %i reads as it was', (version) => {
  const url = new URL(`../../../tests/kept/kelp-row-7.v${version}.job.json`, import.meta.url)
  const old: unknown = JSON.parse(readFileSync(url, 'utf8'))
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const was = asVersion9(printJobFile(read.value)) as { house: Record<string, unknown> }
  delete was.house.kind
  expect({ ...was, version }).toEqual(old)
})

test('a file of version 10 reads as it was, with no survey, its house a house', () => {
  const url = new URL('../../../tests/kept/kelp-row-7.v10.job.json', import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as {
    house: object
    rates: object
    job: object
    work_items: object[]
  }
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  expect(JSON.parse(printJobFile(read.value))).toEqual({
    ...old,
    rates: withFinds(old.rates),
    house: { ...old.house, kind: 'house' },
    surveys: [],
    ...UNPLANNED,
    ...UNOPENED,
    ...withoutSeen(old),
    job: noClaim(old.job),
    version: JOB_VERSION,
  })
})

test('a file of version 11 reads as it was, with no plan', () => {
  const url = new URL('../../../tests/kept/kelp-row-7.v11.job.json', import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as {
    rates: object
    job: object
    work_items: object[]
  }
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const rates = withFinds(old.rates)
  const job = noClaim(old.job)
  const today = { ...old, ...UNPLANNED, ...UNOPENED, ...withoutSeen(old), rates, job, version: JOB_VERSION }
  expect(JSON.parse(printJobFile(read.value))).toEqual(today)
})

test('a file of version 12 reads as it was, with nothing opened, and no sum under which a crew goes on', () => {
  const url = new URL('../../../tests/kept/kelp-row-7.v12.job.json', import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as {
    rates: object
    job: object
    work_items: object[]
  }
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const rates = withFinds(old.rates)
  const job = noClaim(old.job)
  expect(JSON.parse(printJobFile(read.value))).toEqual({
    ...old,
    ...UNOPENED,
    ...withoutSeen(old),
    rates,
    job,
    version: JOB_VERSION,
  })
})

test('a file of version 13 reads as it was, with nothing done or paid, and no claim on another job', () => {
  const url = new URL('../../../tests/kept/kelp-row-7.v13.job.json', import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as { job: object; work_items: object[] }
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const today = { ...old, ...UNCLOSED, ...withoutSeen(old), job: noClaim(old.job), version: JOB_VERSION }
  expect(JSON.parse(printJobFile(read.value))).toEqual(today)
})

test.each([14, 15, 16, 17])('a file of version %d, of a closed job, reads as it was', (version) => {
  const url = new URL(`../../../tests/kept/tollgate-60.v${version}.job.json`, import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as { work_spells: unknown[]; work_items: object[] }
  expect(old.work_spells.length).toBeGreaterThan(0)
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  expect(JSON.parse(printJobFile(read.value))).toEqual({
    ...old,
    ...withoutSeen(old),
    version: JOB_VERSION,
  })
})

test('an alternate of one item is one of a list; an edit that says nothing of it leaves it alone', () => {
  const raised = raiseBody('work_item', { id: 'w', alternate_of: 'sill' }, 9, 10)
  expect(raised).toMatchObject({ instead_of: ['sill'], requires: [], basis: 'fixed', owner_says: '' })
  const edit = (fields: object): unknown =>
    raiseChange({ schema: 9, op: 'set', entity: { kind: 'work_item', id: 'w' }, fields }, 10)
  expect(edit({ alternate_of: 'sill' })).toMatchObject({ fields: { instead_of: ['sill'] } })
  expect(edit({ alternate_of: null })).toMatchObject({ fields: { instead_of: [] } })
  expect(edit({ note: 'n' })).toMatchObject({ schema: 10, fields: { note: 'n' } })
  expect(Object.keys((edit({ note: 'n' }) as { fields: object }).fields)).toEqual(['note'])
})

test('a repair with a size of its own, and area work, keep what they said', () => {
  const base = { id: 'r', removed: false, finding_ids: [], material: 'pvc', note: 'as told' }
  const extent = { value: 640, how: 'guessed', low: 500, high: 700 }
  const place = { kind: 'words', words: 'back' }
  const raised = (body: object): unknown => raiseBody('work_item', body, 4, JOB_VERSION)
  const piece = { ...base, method: 'piece-in', component: 'fascia' }
  expect(raised({ ...piece, place, extent, count: 3 })).toMatchObject({
    note: 'as told',
    state: 'ours',
    places: [{ at: place, size: { kind: 'members', count: 3, length: extent }, height: null }],
  })
  expect(raised({ ...piece, component: 'lap-siding', place: null, extent, count: 3 })).toMatchObject({
    places: [{ at: { kind: 'none' }, size: { kind: 'courses', courses: 3, length: extent } }],
  })
  expect(raised({ ...piece, place: null, extent: null, count: null })).toMatchObject({ places: [] })
  const paint = { id: 'w', removed: false, kind: 'paint-side', side_id: 'side-a', condition: 'heavy' }
  expect(raised(paint)).toMatchObject({
    method: 'paint-side',
    component: null,
    condition: 'heavy',
    places: [{ at: { kind: 'whole-side', side_id: 'side-a' } }],
  })
})

test('edits of repairs and area work that wait in an old queue become edits of work items', () => {
  const head = { id: 'c', made_at: '2026-05-04T09:00:00Z', device: 'd', schema: 4 }
  const set = (kind: string, fields: object): unknown =>
    raiseChange({ ...head, op: 'set', entity: { kind, id: 'r' }, base: 3, fields }, JOB_VERSION)
  const entity = { kind: 'work_item', id: 'r' }
  expect(set('repair', { removed: true })).toMatchObject({
    entity,
    schema: JOB_VERSION,
    fields: { removed: true },
  })
  expect(set('area_work', { condition: 'light' })).toMatchObject({ entity, fields: { condition: 'light' } })
  // What said nothing of a place sets none: the places that are there stay.
  expect(Object.keys((set('repair', { note: 'x' }) as { fields: object }).fields)).toEqual(['note'])
  expect(set('repair', { count: 4 })).toMatchObject({
    fields: { places: [{ at: { kind: 'none' }, size: { kind: 'count', count: 4 } }] },
  })
  expect(set('side', { letter: 'A' })).toMatchObject({ entity: { kind: 'side' }, fields: { letter: 'A' } })
})

test('a rate below nothing is raised to nothing, wherever it stands', () => {
  const old = {
    burdened_rate_cents: -500,
    consumable_cents: { paint: -1, primer: 2 },
    tax: { rule: 'none', rate: 0 },
  }
  expect(raiseBody('rates', old, 4, JOB_VERSION)).toMatchObject({
    burdened_rate_cents: 0,
    consumable_cents: { paint: 0, primer: 2 },
    tax: { rule: 'none', rate: 0 },
  })
})

test('revisions of what became another kind are kept under its name of today', () => {
  expect(raiseStamps({ 'repair/r': 3, 'area_work/w': 4, 'side/s': 5 })).toEqual({
    'work_item/r': 3,
    'work_item/w': 4,
    'side/s': 5,
  })
})

test('what an older file says itself is never overwritten by a step', () => {
  expect(raiseBody('side', { ground_left: 640 }, 1, JOB_VERSION)).toMatchObject({
    ground_left: 640,
    ground_right: 0,
  })
})

test('a change from an old queue is raised; one of today and one of tomorrow are left as they are', () => {
  const head = { id: 'c', made_at: '2026-05-04T09:00:00Z', device: 'd' }
  const create = {
    ...head,
    schema: 1,
    op: 'create',
    entity: { kind: 'side', id: 's' },
    body: { letter: 'A' },
  }
  expect(raiseChange(create, JOB_VERSION)).toMatchObject({
    schema: JOB_VERSION,
    body: { letter: 'A', clad_parts: [], floor_shift: 0 },
  })
  const fact = { ...head, schema: 1, op: 'fact', fact: { kind: 'reading', moisture_percent: 20 } }
  expect(raiseChange(fact, JOB_VERSION)).toMatchObject({
    fact: { species: '', species_points: null, wood_temperature_c: null },
  })
  const newer = { ...create, schema: JOB_VERSION + 1 }
  expect(raiseChange(newer, JOB_VERSION)).toBe(newer)
  expect(raiseChange('nonsense', JOB_VERSION)).toBe('nonsense')
})

test('supports that were to be raised stand in the register of their floor; a queued edit of them does too', () => {
  const lifts = [{ support: 'post 3', lift: 24 }]
  const supports = [{ support: 'post 3', along: null, stands: null, on: null, lift: 24 }]
  const old = { id: 's', kind: 'frame', hatch: 1920, lifts }
  const raised = raiseBody('survey', old, 17, 18)
  expect(raised).toEqual({
    ...{ id: 's', kind: 'frame', hatch: 1920, supports },
    ...{ other_span: null, girder: null, floors: 1, wall_above: 'none', members: [] },
  })
  expect(raiseBody('survey', { id: 'p', kind: 'plumb' }, 17, 18)).toEqual({ id: 'p', kind: 'plumb' })
  const edit = { schema: 17, op: 'set', entity: { kind: 'survey', id: 's' }, fields: { lifts } }
  expect(raiseChange(edit, 18)).toMatchObject({ schema: 18, fields: { supports } })
})

test('a floor frame of version 18 had no place for its line of supports', () => {
  const url = new URL('../../../tests/kept/saltmarsh-cabin.v18.job.json', import.meta.url)
  const old = JSON.parse(readFileSync(url, 'utf8')) as { surveys: { kind: string }[] }
  const read = readJob(old)
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  const surveys = old.surveys.map((each) =>
    each.kind === 'frame' ? { ...each, line_side_id: null, line_from: null, line_in: null } : each,
  )
  expect(surveys.some(({ kind }) => kind === 'frame')).toBe(true)
  expect(JSON.parse(printJobFile(read.value))).toEqual({ ...old, surveys, version: JOB_VERSION })
})
