import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { at, house, mend, priced, total } from '../../../tests/support/priced'
import type { Finding, JobDocument, WorkItem } from '../job'
import { smallHouse } from '../../../tests/support/jobs'
import { feet } from '../measure'
import type { ItemTakeoff } from './takeoffJob'

/** Work along the eave of side A, 42 ft long, whose wall is so high. */
const PARTS = ['fascia', 'soffit', 'crown-moulding', 'frieze-board'] as const
const EAVE = 19

function along(
  parts: readonly string[],
  long_ft: number,
  up_ft: number,
  method = 'replace-member',
): Partial<JobDocument> {
  const findings = parts.map((part, index): Finding =>
    at(index + 1, part, {
      at: { side: 'a', ft: 0, up_in: up_ft * 12 },
      length_in: long_ft * 12,
    }),
  )
  const work_items = findings.map((each, index): WorkItem => mend(`r${index}`, [each], method))
  const sides = smallHouse({}).sides.map((side) => ({ ...side, wall_height: feet(up_ft + 1) }))
  return { findings, work_items, sides }
}
const items = (of: Partial<JobDocument>): readonly ItemTakeoff[] => house(of).takeoff.items
const taskHours = (of: readonly ItemTakeoff[], task: string): number =>
  of
    .flatMap((item) => item.tasks.filter((each) => each.task === task))
    .reduce((sum, each) => sum + each.hours, 0)

test('a whole eave under 20 ft goes from pump jacks, put up once and shared; a short stretch goes by ladder', () => {
  const whole = items(along(PARTS, 42, EAVE))
  const short = items(along(['fascia'], 6, EAVE, 'piece-in'))
  // By hand, field practice B4.1 no. 3: 42 ft are two runs of 24 ft, 0.5 + 2 × 5 h, whatever items stand on them.
  expect(taskHours(whole, 'pump-jack-run')).toBeCloseTo(10.5, 1)
  expect(taskHours(whole, 'ladder-move')).toBe(0)
  expect(whole.every((item) => item.factors.some(({ name }) => name === 'from pump jacks'))).toBe(true)
  expect(taskHours(short, 'pump-jack-run')).toBe(0)
  expect(taskHours(short, 'ladder-move')).toBeGreaterThan(0)
})

test('pump jacks end at 20 ft; below 10 ft nothing is put up', () => {
  expect(taskHours(items(along(PARTS, 42, 24)), 'pump-jack-run')).toBe(0)
  const low = items(along(PARTS, 42, 9))
  expect(taskHours(low, 'pump-jack-run') + taskHours(low, 'scaffold-face')).toBe(0)
})

test('more of it, longer or higher, never costs less, whatever one stands on', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: PARTS.length }),
      fc.integer({ min: 4, max: 41 }),
      fc.integer({ min: 8, max: 28 }),
      (many, long_ft, up_ft) => {
        const cost = (parts: number, length: number, up: number): number =>
          total(house(along(PARTS.slice(0, parts), length, up)))
        const base = cost(many, long_ft, up_ft)
        expect(cost(Math.min(PARTS.length, many + 1), long_ft, up_ft) + 1).toBeGreaterThanOrEqual(base)
        expect(cost(many, long_ft + 1, up_ft) + 1).toBeGreaterThanOrEqual(base)
        expect(cost(many, long_ft, up_ft + 1) + 1).toBeGreaterThanOrEqual(base)
      },
    ),
    { numRuns: 60, seed: 9 },
  )
})

test('what is printed of it can be reckoned again', () => {
  for (const { tasks } of items(along(PARTS, 42, EAVE)))
    for (const each of tasks)
      expect(each.hours).toBeCloseTo(each.set_up_h + each.rate_h * each.quantity * each.factor, 1)
  expect(priced(house(along(PARTS, 42, EAVE))).lines.every((line) => line.lacks.length === 0)).toBe(true)
})
