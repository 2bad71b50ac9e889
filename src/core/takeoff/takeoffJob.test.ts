import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { finding, paintItem, sillNose, smallHouse, workItem } from '../../../tests/support/jobs'
import { cautionsOf } from '../caution'
import type { Finding, JobDocument, WorkItem } from '../job'
import { feet, inches, toInches } from '../measure'
import { scopeJob } from '../scope'
import { traceJob } from '../trace'
import { combineFactors, reachFactor } from './factors'
import { sideMeasures } from '../geometry'
import { takeoffJob, type Takeoff } from './takeoffJob'

function takeoff(more: Partial<JobDocument>): Takeoff {
  const job = smallHouse(more)
  return takeoffJob(job, scopeJob(job, traceJob(job), cautionsOf(job).dangers))
}
const one = (
  of: Finding,
  choice: Pick<WorkItem, 'method' | 'component'>,
  more: Partial<JobDocument> = {},
): Takeoff =>
  takeoff({ findings: [of], work_items: [workItem('r', { ...choice, finding_ids: [of.id] })], ...more })
const pieceInches = (of: Takeoff): number[] => of.items[0]!.pieces.map((piece) => toInches(piece.length))

test.each([
  // From 5-1/2 to 29-1/2 in of a nose 53 in long; less than 18 in stays at its left end, so it goes to that end: no cut there.
  ['seen 24 in + 3 in at the end that is cut', 24, 32.5],
  ['seen 6 in: at least the least piece', 6, 18],
  ['seen 50 in: at most the sill between the casings’ ends', 50, 53],
])('sill nose, %s', (_, seen, cut) => {
  const nose = sillNose({ extent: { value: inches(seen), how: 'taped', low: null, high: null } })
  expect(pieceInches(one(nose, { method: 'piece-in', component: 'sill-nose' }))).toEqual([cut])
})

test('an unmeasured length is taken as 2 ft and says so', () => {
  const made = one(sillNose({ extent: null }), { method: 'piece-in', component: 'sill-nose' })
  expect(made.items[0]?.notes).toContain('Length not measured: taken as 2 ft.')
  expect(pieceInches(made)).toEqual([32.5])
})

test('a run longer than stock is one run until it is cut', () => {
  const fascia = finding({
    n: 1,
    words: '',
    component: 'fascia',
    at: { side: 'a', ft: 0, up_in: 120 },
    length_in: 38 * 12,
    grade: 3,
  })
  const made = one(fascia, { method: 'piece-in', component: 'fascia' })
  // Soft from the wall's corner on, 12 in into the run of 42 ft; less than 4 ft would stay at its right end: the whole run.
  expect(made.items[0]?.pieces).toMatchObject([{ count: 1, length: feet(42), joint: 'scarf' }])
})

test('head flashing runs past the casing by the firm’s habit and turns up at both ends', () => {
  const head = { ...sillNose(), component: 'head-casing' as const }
  const made = one(head, { method: 'head-flashing', component: 'head-casing' })
  // 42 in opening, 5-1/2 in casings, 1 in past each end, two half-inch dams: 56 in.
  expect(made.items[0]?.consumables[0]).toMatchObject({ id: 'head-cap', quantity: 56 / 12 })
})

test('courses count as boards', () => {
  const siding = finding({
    n: 1,
    words: '',
    component: 'lap-siding',
    at: { side: 'a', ft: 3, up_in: 40 },
    length_in: 48,
    count: 3,
    grade: 2,
  })
  const made = one(siding, { method: 'replace-course', component: 'lap-siding' })
  expect(made.items[0]?.pieces[0]).toMatchObject({ length: inches(90), count: 3 })
  // From 36 in, less than two bays to the corner: cut at the right only, 36 + 48 + 6. 0.6 h set-up, 22.5 ft of board at 0.20 h.
  expect(made.items[0]?.hours).toBeCloseTo(0.6 + 22.5 * 0.2, 9)
})

test('factors add what each has in excess of one, and are capped', () => {
  const factor = (times: number): { name: string; times: number } => ({ name: '', times })
  expect(combineFactors([], 2.5)).toBe(1)
  expect(combineFactors([factor(1.3), factor(1.2), factor(1.05)], 2.5)).toBe(1.55)
  expect(combineFactors([factor(2), factor(2), factor(2)], 2.5)).toBe(2.5)
})

test.each([
  [6, 1],
  [6.1, 1.1],
  [10, 1.1],
  [20, 1.3],
  [30, 1.55],
  [31, 1.8],
])('reach at %d ft: × %d', (height, times) => {
  expect(reachFactor(feet(height)).times).toBe(times)
})

test('a set-up paid once a side is split over its items', () => {
  const fascia = (n: number, at: number): Finding =>
    finding({
      n,
      words: '',
      component: 'fascia',
      at: { side: 'a', ft: at, up_in: 60 },
      length_in: 72,
      grade: 3,
    })
  const made = takeoff({
    findings: [fascia(1, 0), fascia(2, 20)],
    work_items: [1, 2].map((n) =>
      workItem(`r${n}`, { method: 'piece-in', component: 'fascia', finding_ids: [`finding-${n}`] }),
    ),
  })
  expect(made.items.map((item) => item.tasks[0]?.set_up_h)).toEqual([0.38, 0.37])
})

test('one visit to repair; a second one to paint', () => {
  const nose = sillNose()
  expect(one(nose, { method: 'piece-in', component: 'sill-nose' }).shared.visits).toBe(1)
  expect(one(nose, { method: 'prime-and-paint', component: 'sill-nose' }).shared.visits).toBe(2)
  expect(one(nose, { method: 'watch', component: 'sill-nose' }).shared.visits).toBe(0)
})

test('lead-safe work costs containment, from 20 ft² on in an old house', () => {
  const job = smallHouse()
  const house = { ...job.house!, year_built: { kind: 'unknown' } as const }
  const paint = paintItem('w')
  expect(one(sillNose(), { method: 'piece-in', component: 'sill-nose' }, { house }).leadSafe).toBe(false)
  const whole = takeoff({ house, work_items: [paint] })
  expect(whole.leadSafe).toBe(true)
  expect(whole.shared.tasks.map((task) => task.task)).toContain('lead-containment')
})

test('wall area: gross for labour, large openings off for material', () => {
  const job = smallHouse()
  const areas = sideMeasures(job.sides[0]!, job)
  // 40 ft × (18 in + 12 in + 9 ft − 18 in = 10 ft); the window is 3.5 × 5 ft = 17.5 ft², over 12.
  expect(areas.gross.value).toBeCloseTo(400, 9)
  expect(areas.net.value).toBeCloseTo(382.5, 9)
  const gable = { ...job.sides[1]!, roof_edge: 'gable' as const, pitch_in_12: 6 }
  expect(sideMeasures(gable, job).gross.value).toBeCloseTo(300 + 15 * 7.5, 9)
})

test('more damage never takes less wood or fewer hours', () => {
  const size = fc.integer({ min: 1, max: 400 })
  fc.assert(
    fc.property(size, size, (a, b) => {
      const [less, more] = [Math.min(a, b), Math.max(a, b)].map((seen) =>
        one(
          finding({
            n: 1,
            words: '',
            component: 'fascia',
            at: { side: 'a', ft: 0, up_in: 60 },
            length_in: seen,
            grade: 3,
          }),
          { method: 'piece-in', component: 'fascia' },
        ),
      )
      expect(more!.items[0]!.hours).toBeGreaterThanOrEqual(less!.items[0]!.hours - 1e-9)
    }),
  )
})
