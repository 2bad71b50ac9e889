import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { emptyJob, workItem, smallHouse } from '../../../tests/support/jobs'
import { PARTS } from '../catalogue'
import { withoutMoney } from '../job'
import { dollars, feet, inches, type Length } from '../measure'
import { derive } from '../pipeline'
import { ballpark, usualMethod } from './ballpark'

const of = { component: 'fascia', length: feet(12), height: feet(9), count: 1 } as const

test('low, typical and high come in that order, and say what would move them', () => {
  const made = ballpark(smallHouse(), of)
  if (made.kind !== 'priced') throw new Error(made.kind)
  expect(made.low).toBeLessThan(made.typical)
  expect(made.typical).toBeLessThan(made.high)
  expect(made.changes).toContain("the length, said to be 12'")
})

test('the typical figure is the price of that one item', () => {
  const job = smallHouse()
  const length = { value: of.length, how: 'taped', low: null, high: null } as const
  const item = workItem('r', {
    method: 'replace-member',
    component: 'fascia',
    material: 'unknown',
    places: [{ at: { kind: 'none' }, size: { kind: 'length', length }, height: of.height }],
  })
  const { price } = derive({ ...job, work_items: [item] }, '2026-05-04')
  const made = ballpark(job, of)
  expect(made.kind === 'priced' && price.kind === 'priced' && made.typical - price.total_cents).toBe(0)
})

test('a small thing costs the minimum visit, whatever its length', () => {
  const job = emptyJob('e', '')
  const rates = { ...job.rates!, minimum_per_visit_cents: dollars(2000) }
  expect(ballpark({ ...job, rates }, { ...of, length: feet(1) })).toMatchObject({
    low: dollars(2000),
    typical: dollars(2000),
  })
})

test('it works with no house at all, and is withheld from those without money', () => {
  expect(ballpark(emptyJob('e', ''), of).kind).toBe('priced')
  expect(ballpark(withoutMoney(smallHouse()), of)).toEqual({ kind: 'withheld' })
})

test('a part without a recipe gets no figure', () => {
  expect(ballpark(smallHouse(), { ...of, component: 'girder' })).toMatchObject({
    kind: 'no-price',
    why: 'No recipe for girder yet: type a price, or refer it.',
  })
})

test('every part with a task has a ballpark, and none of the others, by the method it usually takes', () => {
  for (const { id: component, task } of PARTS) {
    const kind = task === null ? 'no-price' : 'priced'
    expect([component, ballpark(smallHouse(), { ...of, component }).kind]).toEqual([component, kind])
  }
  expect([usualMethod('lap-siding'), usualMethod('head-casing'), usualMethod('fascia')]).toEqual([
    'replace-course',
    'head-flashing',
    'replace-member',
  ])
})

test('longer and higher never cost less', () => {
  const size = fc.integer({ min: 6, max: 480 })
  const typical = (length: Length, height: Length): number => {
    const made = ballpark(smallHouse(), { ...of, length, height })
    return made.kind === 'priced' ? made.typical : Number.NaN
  }
  fc.assert(
    fc.property(
      size,
      size,
      fc.integer({ min: 1, max: 29 }),
      fc.integer({ min: 1, max: 29 }),
      (a, b, low, high) => {
        const [short, long] = [Math.min(a, b), Math.max(a, b)].map((inch) => inches(inch))
        const [near, far] = [Math.min(low, high), Math.max(low, high)].map((ft) => feet(ft))
        expect(typical(long!, far!)).toBeGreaterThanOrEqual(typical(short!, near!))
      },
    ),
    { numRuns: 300 },
  )
})
