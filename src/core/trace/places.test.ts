import { expect, test } from '@jest/globals'
import { side } from '../../../demo/build'
import { jobOf } from '../../../tests/cases/build'
import type { Feature, JobDocument } from '../job'
import { feet, inches } from '../measure'
import { sharesAt, WALL_PARTS, WALL_PLACES } from '../catalogue/causes/priors'
import { overflowOdds } from './roofSeats'
import { seatsOf } from './seats'
import { traceJob, type Source } from './traceJob'

const house = (found: readonly string[], more: readonly Feature[] = []): JobDocument => {
  const job = jobOf({ title: 'test', found, cause: null })
  return { ...job, features: [...job.features, ...more] }
}
const onRoof = (
  number: number,
  what: 'pipe' | 'skylight' | 'valley',
  at_ft: number,
  in_ft: number,
): Feature => ({
  id: `on-roof-${number}`,
  removed: false,
  kind: 'on-roof',
  what,
  side_id: 'side-c',
  number,
  station: feet(at_ft),
  width: inches(6),
  size_how: 'taped',
  in_from_wall: feet(in_ft),
})
const sourceOf = (job: JobDocument, cause: Source['cause']): Source | undefined =>
  traceJob(job).sources.find((each) => each.cause === cause)

// 40 by 30 ft, eaves front and back, 12 in overhang, 6 in 12: (15 + 1) × 40 × √(12² + 6²) / 12 = 715.5 ft², worked by hand.
test('a gutter says how much roof drains to it', () => {
  expect(seatsOf('gutter-run', house([]))[0]?.words).toBe('gutter A6, 720 ft² of roof')
})

test('the more roof an outlet has to drain, the likelier its gutter runs over', () => {
  const odds = [100, 400, 700, 1200].map((area) => overflowOdds(area, 1))
  expect(odds).toEqual([...odds].sort((a, b) => a - b))
  expect(overflowOdds(1200, 2)).toBeLessThan(overflowOdds(1200, 1))
})

test('a roof board below one pipe is traced to that pipe and not to the other', () => {
  const job = house(
    ['roof-deck | in C 10 60 | cracked-collar stain-directly-below-pipe drips-in-any-rain'],
    [onRoof(5, 'pipe', 10, 6), onRoof(6, 'pipe', 30, 6)],
  )
  expect(sourceOf(job, 'pipe-collar')).toMatchObject({ feature_ids: ['on-roof-5'], seat_words: 'pipe C5' })
})

test('the same board as measured from the gable end is at the same pipe', () => {
  // C runs from the left corner as seen from behind: 10 ft along it is 10 ft in from side B, 24 ft along that.
  const job = house(
    ['roof-deck | in B 24 132 | cracked-collar stain-directly-below-pipe drips-in-any-rain'],
    [onRoof(5, 'pipe', 10, 6), onRoof(6, 'pipe', 30, 6)],
  )
  expect(sourceOf(job, 'pipe-collar')?.feature_ids).toEqual(['on-roof-5'])
})

test('worn covering over the back does not explain a board over the front', () => {
  const job = house([
    'roof-deck | in C 10 60 | shingles-bald-or-curled roof-over-20-years many-small-roof-stains',
    'roof-deck | in A 10 60 | shingles-bald-or-curled roof-over-20-years many-small-roof-stains',
  ])
  const places = traceJob(job)
    .sources.filter((each) => each.cause === 'roof-worn')
    .map((each) => each.seat_words)
  expect(new Set(places)).toEqual(new Set(['roof over the back', 'roof over the front']))
})

test('two slopes that meet over an inside corner are a valley; a plain house has none', () => {
  expect(seatsOf('valley', house([]))).toEqual([])
  const sides = [
    side('A', 0, 'front', 40),
    side('B', 1, 'right', 20),
    side('C', 2, 'back', 20, { turn_deg: -90 }),
    side('D', 3, 'right', 15),
    side('E', 4, 'back', 20),
    side('F', 5, 'left', 35),
  ]
  const [valley, ...more] = seatsOf('valley', { ...house([]), sides, features: [] })
  expect(more).toEqual([])
  expect(valley).toMatchObject({ words: 'valley between back and right', box: { side_id: 'side-c' } })
  expect(valley!.box!.right).toBe(feet(20))
})

test('a tub by the right wall is behind what is wet when somebody measured from the back', () => {
  // The tub: side B, 20 to 25 ft, 12 in in. From the back wall: 5 to 10 ft in, 1 ft along.
  const job = house(['subfloor | in C 1 96 | wet-below-fixture tub-joint-open wet-only-after-use'])
  expect(sourceOf(job, 'pan-or-tub-joint')?.feature_ids).toEqual(['fixture-b4'])
  const far = house(['subfloor | in C 30 96 | wet-below-fixture tub-joint-open wet-only-after-use'])
  expect(sourceOf(far, 'pan-or-tub-joint')?.feature_ids).toEqual([])
})

test('the table of every place on a wall is whole, and names what stands there before what does not', () => {
  for (const component of WALL_PARTS) {
    for (const place of WALL_PLACES) {
      const whole = sharesAt(component, place).reduce((sum, each) => sum + each.share, 0)
      expect(whole).toBeCloseTo(100, 9)
    }
  }
  const share = (place: (typeof WALL_PLACES)[number] | null, cause: string): number =>
    sharesAt('lap-siding', place).find((each) => each.cause === cause)?.share ?? 0
  expect(share('below-sill', 'pan-or-unit-corner')).toBeGreaterThan(
    share('beside-opening', 'pan-or-unit-corner'),
  )
  expect(share('chase', 'chase-cover')).toBeGreaterThan(share(null, 'chase-cover'))
  expect(share('hole', 'penetration-unflashed')).toBeGreaterThan(share(null, 'penetration-unflashed'))
})

test('where nobody said how far along, any source of the side may have done it; a place that is said is held to', () => {
  const found = 'lap-siding | B 2 20 | soft-at-or-below-hole no-block-or-hood plate-loose-at-hole'
  const said = house([found])
  const unsaid: JobDocument = {
    ...said,
    findings: said.findings.map((each) =>
      each.place.kind === 'side' ? { ...each, place: { ...each.place, station_unsaid: true } } : each,
    ),
  }
  // The hole on the drawing is at 15 ft, 13 ft from the place that was said: there it is another hole, which nobody drew.
  expect(sourceOf(said, 'penetration-unflashed')?.seat_words).toBe('right, at lap siding')
  expect(sourceOf(unsaid, 'penetration-unflashed')?.seat_words).toBe('hole B3')
})

test('what is somewhere along one side is not laid to a fault on the next', () => {
  const unsaidOn = (...found: string[]): JobDocument => {
    const job = house(found)
    const findings = job.findings.map((each) =>
      each.place.kind === 'side'
        ? { ...each, place: { ...each.place, station_unsaid: true as const } }
        : each,
    )
    return { ...job, features: [], findings }
  }
  const causesOf = (job: JobDocument): (string | null)[] => traceJob(job).findings.map(({ cause }) => cause)
  const cover = 'chase-cover | B 14 200 c7 | rust-or-holes-on-cover flat-cover-ponds'
  const [there, here] = [
    causesOf(unsaidOn(cover, 'lap-siding | B 2 20 | 2')),
    causesOf(unsaidOn(cover, 'lap-siding | A 2 20 | 2')),
  ]
  expect(there).toEqual(['chase-cover', 'chase-cover'])
  expect(here).toEqual(['chase-cover', null])
})

test('what lies where a fault was said is laid to that one, not to another somewhere along the side', () => {
  const job = {
    ...house([
      'threshold | C 19 48 | landing-flush 2',
      'ledger | C 20 48 | ledger-nails-only no-metal-at-ledger ?',
      'rim-joist | C 20 48 | 2',
    ]),
  }
  const findings = job.findings.map((each) =>
    each.component === 'threshold' && each.place.kind === 'side'
      ? { ...each, place: { ...each.place, station_unsaid: true as const } }
      : each,
  )
  const causes = traceJob({ ...job, features: [], findings }).findings.map(({ cause }) => cause)
  expect(causes).toEqual(['door-threshold', 'ledger-unflashed', 'ledger-unflashed'])
})

test('a door that drags and shows nothing else is not laid to the damp beside it', () => {
  const job = house([
    'jamb-foot | C 12 30 | 3 only-jamb-feet-soft efflorescence-band',
    'door | C 14 30 | ? door-drags',
  ])
  const [foot, door] = traceJob(job).findings
  expect(foot!.cause).not.toBeNull()
  expect(door!.cause).toBeNull()
})

test('the weeps below a storm window do not rot the casing above it; its sill they do', () => {
  const of = (found: string): string[] =>
    traceJob(house([found])).findings[0]!.ranked.map((each) => each.cause)
  expect(of('window-sill | A 12 50 a2 | weeps-painted-shut sill-wet-behind-storm')[0]).toBe(
    'storm-weeps-shut',
  )
  expect(of('head-casing | A 12 105 a2 | weeps-painted-shut sill-wet-behind-storm')).not.toContain(
    'storm-weeps-shut',
  )
})
