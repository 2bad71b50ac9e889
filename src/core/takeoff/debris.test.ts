import { expect, test } from '@jest/globals'
import { house, priced } from '../../../tests/support/priced'
import { newWorkItem } from '../job'
import { feet, inches } from '../measure'
import { allDebris, chargedYd3, debrisFrom, debrisOfBoards, NO_DEBRIS } from './debris'

test('boards by their dressed size, loose, as siding and trim weigh', () => {
  // By hand: 16 ft of 1x6 is 0.75 × 5.5 in = 0.458 ft³ solid, three times that loose, 0.0509 yd³, 10.9 lb at 215.
  const piece = { section: '1x6', material: 'pine', length: feet(16), count: 1 } as never
  const made = debrisOfBoards([piece])
  expect(made.yd3).toBeCloseTo(0.0509, 4)
  expect(made.lb).toBeCloseTo(10.95, 1)
  expect(debrisOfBoards([])).toEqual(NO_DEBRIS)
})

test('what is light is charged by its room, what is heavy by the loads its weight fills', () => {
  expect(chargedYd3(debrisFrom(2, 'mixed'))).toBe(2)
  // By hand: a yard of soil weighs 2,200 lb; at 1,500 lb a load of 2.5 yd³ that is 1.467 loads, 3.667 yd³.
  expect(chargedYd3(debrisFrom(1, 'soil'))).toBeCloseTo(3.667, 3)
  // Light debris fills up what soil leaves empty: together by weight, 2,575 lb are 4.292 yd³.
  expect(chargedYd3(allDebris([debrisFrom(1, 'soil'), debrisFrom(1, 'mixed')]))).toBeCloseTo(4.292, 3)
})

test('a drain is hauled by its weight, and the price says so', () => {
  const size = { kind: 'length', length: { value: feet(40), how: 'taped', low: null, high: null } } as const
  const drain = newWorkItem({
    id: 'r',
    method: 'drain-trench',
    places: [{ at: { kind: 'words', words: 'back' }, size, height: inches(0) }],
  })
  const made = house({ work_items: [drain] })
  // By hand: 40 ft × 0.06 yd³ = 2.4 yd³ of soil, 5,280 lb, 3.52 loads, 8.8 yd³ charged.
  expect(made.takeoff.shared).toMatchObject({ heavy_lb: 5280, debris_yd3: 8.8 })
  expect(JSON.stringify(priced(made))).toContain('5280 lb at 1500 lb a load of 2.5 yd³: 8.80 yd³')
})
