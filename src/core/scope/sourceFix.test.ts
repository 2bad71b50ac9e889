import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { finding, smallHouse, workItem } from '../../../tests/support/jobs'
import { METHODS, methodOf } from '../catalogue'
import { CAUSE_IDS, causeOf } from '../catalogue/causes'
import { startingRates, type Finding, type JobDocument } from '../job'
import { feet } from '../measure'
import { derive } from '../pipeline'
import type { Source } from '../trace'
import { itemForFindings, itemForFix } from './sourceFix'

test('every cause that has a fix has a method that does it, or a trade it is handed to', () => {
  const without = CAUSE_IDS.filter((id) => {
    const { fix } = causeOf(id)
    return fix !== null && (fix.method === null || methodOf(fix.method) === null)
  })
  expect(without).toEqual([])
})

test('every method that answers a source is named by a cause', () => {
  const named = new Set(CAUSE_IDS.map((id) => causeOf(id).fix?.method))
  expect(METHODS.filter(({ answers, id }) => answers === 'source' && !named.has(id))).toEqual([])
})

const soft = finding({
  n: 1,
  words: 'soft',
  component: 'fascia',
  at: { side: 'a', ft: 10, up_in: 110 },
  length_in: 48,
  grade: 3,
})
const other = { ...soft, id: 'finding-2', number: 2 }
const job = smallHouse({ findings: [soft, other] })
const box = (left: number, right: number) => ({
  side_id: 'side-a',
  left: feet(left),
  right: feet(right),
  bottom: feet(9),
  top: feet(10),
})
const source = (of: Partial<Source> & Pick<Source, 'cause'>): Source => ({
  letter: 'a',
  name: causeOf(of.cause).name,
  certainty: 'likely',
  probability: 0.7,
  by: null,
  finding_ids: ['finding-1'],
  also_ids: [],
  repeated: false,
  second: false,
  seat: box(8, 14),
  places: [],
  feature_ids: [],
  seat_words: 'front, roof edge',
  reasons: [],
  runnerUp: null,
  ...of,
})

test('a drip edge goes along the whole roof edge of its side, with its overhangs, wherever the soft part lies', () => {
  // Side A is 40 ft, and its roof edge runs 12 in past each end.
  const [place] = itemForFix(source({ cause: 'no-drip-edge' }), job, 'r')!.places
  expect(place).toMatchObject({
    at: { kind: 'side', side_id: 'side-a', station: 0 },
    size: { kind: 'length', length: { value: feet(42), how: 'scaled' } },
  })
})

test('places of several features keep their own; a roof edge of several is one run a side and no feature’s', () => {
  const on = (side_id: string, left: number) => ({ ...box(left, left + 1), side_id })
  const places = [on('side-a', 8), on('side-a', 20), on('side-c', 5)]
  const feature_ids = ['f1', 'f2', 'f3']
  const features = (cause: Source['cause']) =>
    itemForFix(source({ cause, repeated: true, places, feature_ids }), job, 'r')!.places.map(({ at }) =>
      at.kind === 'side' ? [at.side_id, at.feature_id] : null,
    )
  expect(features('kick-out-missing')).toEqual([
    ['side-a', 'f1'],
    ['side-a', 'f2'],
    ['side-c', 'f3'],
  ])
  expect(features('no-drip-edge')).toEqual([
    ['side-a', null],
    ['side-c', null],
  ])
})

test('ground is graded along the run of its source; a kick-out is one; ground cover is the plan', () => {
  const size = (cause: Source['cause']) => itemForFix(source({ cause }), job, 'r')!.places[0]!.size
  expect(size('grade-slopes-in')).toMatchObject({ length: { value: feet(6) } })
  expect(size('kick-out-missing')).toEqual({ kind: 'count', count: 1, how: 'counted' })
  // 40 × 30 ft.
  expect(size('crawl-vapour')).toMatchObject({ kind: 'area', area: 1200 * 768 * 768 })
})

test('what is on no wall is mended once, where its finding is', () => {
  const places = itemForFix(source({ cause: 'vent-into-cavity', seat: null }), job, 'r')!.places
  expect(places).toMatchObject([{ at: { kind: 'side', side_id: 'side-a' }, size: { count: 1 } }])
})

test('one habit at several places is several places, each with the findings nearest to it', () => {
  const far = { ...other, place: { ...soft.place, station: feet(30) } as typeof soft.place }
  const house = smallHouse({ findings: [soft, far] })
  const of = source({
    cause: 'kick-out-missing',
    repeated: true,
    finding_ids: ['finding-1', 'finding-2'],
    seat: box(8, 9),
    places: [box(8, 9), box(31, 32)],
  })
  const item = itemForFix(of, house, 'r')!
  const { scope } = derive({ ...house, work_items: [item] }, '2026-05-04')
  expect(scope.items[0]!.spots.map((spot) => spot.finding_ids)).toEqual([['finding-1'], ['finding-2']])
})

const KICK =
  'lap-siding | A 20 100 | roof-ends-on-wall-no-diverter fan-stain-below-roof-end soft-below-roof-end'

test('taken from Trace, the source is fixed in Scope, in the bid and in the warranty of what it reached', () => {
  const house = { ...jobOf({ title: 'kick-out', found: [KICK], cause: null }), rates: startingRates() }
  const before = derive(house, '2026-05-04')
  const source_ = before.trace.sources.find(({ cause }) => cause === 'kick-out-missing')!
  const fix = itemForFix(source_, before.job, 'fix')!
  expect(fix).toMatchObject({ method: 'kick-out', component: null, cures: ['kick-out-missing'] })
  const ids = source_.finding_ids
  const mend = workItem('mend', { method: 'replace-course', component: 'lap-siding', finding_ids: [...ids] })
  const after = derive({ ...house, work_items: [mend, fix] }, '2026-05-04')
  expect(after.scope.fixes[source_.letter!]).toBe('fixed')
  expect(after.bid.source_pairs.find((pair) => pair.source.startsWith(source_.name))?.fixed).toBe(true)
  const warranty = (of: typeof after): string | undefined =>
    of.bid.items.find(({ id }) => id === 'mend')?.warranty
  expect(warranty(derive({ ...house, work_items: [mend] }, '2026-05-04'))).toContain('recurrence excluded')
  expect(warranty(after)).not.toContain('recurrence excluded')
  expect(after.bid.items.find(({ id }) => id === 'fix')).toMatchObject({ quantity: '' })
  expect(after.price.kind === 'priced' && after.price.lines.every((each) => each.sell_cents > 0)).toBe(true)
})

test('what is found on the part that a fix mends is answered by it, with the size the fix has there', () => {
  const gutter = (n: number, side_: string) =>
    finding({ n, words: 'runs over', component: 'gutter', at: { side: side_, ft: 1, up_in: 110 } })
  const three = smallHouse({ findings: [gutter(1, 'a'), gutter(2, 'a'), gutter(3, 'b')] })
  const offered = derive(three, '2026-05-04').scope.advice[0]!.methods.map(({ method }) => method)
  expect(offered).toEqual(
    expect.arrayContaining(['gutter-clean', 'gutter-re-hang', 'gutter-new', 'gutter-end-flashed']),
  )
  expect(offered).not.toContain('pipe-collar')
  const item = itemForFindings(three.findings, 'gutter-re-hang', three, 'w')
  // By hand: 40 ft of wall and an overhang of 12 in at each end in front, once for two findings; 30 ft of wall on the right.
  const lengths = item.places.map(({ size }) => (size?.kind === 'length' ? size.length.value : null))
  expect(lengths).toEqual([feet(42), feet(32)])
  // Two stretches that were measured are both of them; beside one that was not, the whole edge is once.
  const long = (n: number, length_in: number) =>
    finding({ n, words: 'bent', component: 'gutter', at: { side: 'a', ft: n, up_in: 110 }, length_in })
  const sizes = (of: readonly Finding[]) =>
    itemForFindings(of, 'gutter-re-hang', three, 'w').places.map(({ size }) =>
      size?.kind === 'length' ? size.length.value : null,
    )
  expect(sizes([long(1, 48), long(2, 72)])).toEqual([feet(4), feet(6)])
  expect(sizes([long(1, 48), gutter(2, 'a')])).toEqual([feet(42)])
  const mended = derive({ ...three, work_items: [item] }, '2026-05-04')
  expect(mended.scope.open).toEqual([])
  const taken = mended.takeoff.items.find(({ item_id }) => item_id === 'w')!
  // A hanger every 2 ft of 42 + 32 ft.
  expect(taken.lacks).toEqual([])
  const hangers = taken.consumables.filter((each) => each.id === 'gutter-hanger')
  expect(hangers.reduce((sum, { quantity }) => sum + quantity, 0)).toBe(37)
  // A fascia that has its gutter as the source is not mended by the gutter.
  const fascia = { ...three, findings: [...three.findings, { ...soft, id: 'finding-9', number: 9 }] }
  const both = { ...item, finding_ids: [...item.finding_ids, 'finding-9'] }
  expect(derive({ ...fascia, work_items: [both] }, '2026-05-04').scope.open).toEqual(['finding-9'])
})

test('a ground cover is not chosen against advice where a joist it reaches waits for an engineer; a repair of the joist is', () => {
  const found = [
    'joist | words hall | from-top-down 3',
    'subfloor | words hall | floor-springy ?',
    'crawl-floor | words crawl space | ground-bare every-bay-alike ?',
  ]
  const house = {
    ...jobOf({ title: 'crawl', found, cause: null, house: { foundation: 'crawl' } }),
    rates: startingRates(),
  }
  const before = derive(house, '2026-05-04')
  const vapour = before.trace.sources.find(({ cause }) => cause === 'crawl-vapour')!
  expect(vapour.finding_ids).toContain('finding-2')
  expect(itemForFix(vapour, before.job, 'fix')!.places[0]!.at).toEqual({ kind: 'crawl', words: '' })
  const notices = (of: JobDocument['work_items'][number]): string =>
    derive({ ...house, work_items: [of] }, '2026-05-04').scope.items[0]!.notices.join(' ')
  expect(notices(itemForFix(vapour, before.job, 'fix')!)).not.toMatch(/against advice/i)
  expect(
    notices(workItem('own', { method: 'piece-in', component: 'joist', finding_ids: ['finding-1'] })),
  ).toMatch(/against advice/i)
})
