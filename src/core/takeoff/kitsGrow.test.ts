import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { at, house, mend, plain, priced, total } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import { METHODS } from '../catalogue'
import { newWorkItem, type Quantity, type WorkItem } from '../job'
import { feet, type Length } from '../measure'
import { derive } from '../pipeline'

/** Whatever the repair: more of it never costs less, whether it is longer, more often, larger or higher up. */

const KITS = METHODS.filter(({ answers, recipe }) => answers === 'findings' && recipe !== null)

const long = (ft: number): Quantity => ({
  kind: 'length',
  length: { value: Math.round(feet(ft)) as Length, how: 'taped', low: null, high: null },
})
const members = (count: number, ft: number): Quantity => ({ ...long(ft), kind: 'members', count }) as never
const area = (ft2: number): Quantity => ({
  kind: 'area',
  area: Math.round(ft2 * 768 * 768),
  low: null,
  high: null,
  how: 'taped',
})

/** Its price; beyond everything where it cannot be bought so large, and says so. */
function costs(kit: (typeof KITS)[number], size: Quantity, up_ft = 0, places = 1): number {
  const place = { at: { kind: 'words', words: 'somewhere' }, size, height: feet(up_ft) } as const
  const item = newWorkItem({
    id: 'r',
    method: kit.id,
    component: kit.serves?.[0] ?? 'fascia',
    material: 'clear-cedar',
    places: Array.from({ length: places }, () => place),
  })
  const made = house({ work_items: [item] })
  const lacks = priced(made).lines.some((line) => line.lacks.length > 0)
  return lacks ? Number.POSITIVE_INFINITY : total(made)
}

const sizes = fc.record({
  kit: fc.constantFrom(...KITS),
  a: fc.double({ min: 0.5, max: 40, noNaN: true }),
  more: fc.double({ min: 1, max: 3, noNaN: true }),
})

test('longer, larger and more of a length never cost less', () => {
  fc.assert(
    fc.property(sizes, ({ kit, a, more }) => {
      for (const size of [long, area] as const)
        expect([kit.id, costs(kit, size(a * more)) + 1 >= costs(kit, size(a))]).toEqual([kit.id, true])
      const many = Math.ceil(a / 8)
      expect([kit.id, costs(kit, members(many + 2, 6)) + 1 >= costs(kit, members(many, 6))]).toEqual([
        kit.id,
        true,
      ])
    }),
    { numRuns: 150, seed: 5 },
  )
})

test('more places and more height never cost less', () => {
  fc.assert(
    fc.property(sizes, ({ kit, a }) => {
      const size = kit.recipe!.tasks.some(({ per }) => per.includes('ft2')) ? area(a) : long(a)
      expect([kit.id, costs(kit, size, 0, 3) + 1 >= costs(kit, size, 0, 1)]).toEqual([kit.id, true])
      expect([kit.id, costs(kit, size, 18) + 1 >= costs(kit, size, 0)]).toEqual([kit.id, true])
    }),
    { numRuns: 120, seed: 6 },
  )
})

test('a whole member is never cheaper than a piece of it', () => {
  for (const part of [
    'fascia',
    'rake-board',
    'frieze-board',
    'crown-moulding',
    'corner-board',
    'side-casing',
    'jamb-foot',
  ]) {
    const finding = at(1, part, { length_in: 20, at: { side: 'a', ft: 10, up_in: 60, feature: 'window-a1' } })
    const of = (method: string, more: Partial<WorkItem> = {}): number =>
      total(
        derive(
          plain(smallHouse({ findings: [finding], work_items: [mend('r', [finding], method, more)] })),
          '2026-05-04',
        ),
      )
    expect([part, of('replace-member') >= of('piece-in')]).toEqual([part, true])
  }
})
