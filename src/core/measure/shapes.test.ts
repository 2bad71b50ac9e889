import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { closing } from './closing'
import { feet, type Length } from './length'
import { walkOfShape, type HouseShape } from './shapes'
import { spreadClosing } from './spreadClosing'
import { parseWalk } from './walkOrder'

const sizes = { width: feet(42), depth: feet(30), wing_width: feet(16), wing_depth: feet(12) }

test.each<[HouseShape, number]>([
  ['rectangle', 4],
  ['L', 6],
  ['T', 8],
  ['U', 8],
])('%s has %d sides and closes', (shape, sides) => {
  const walk = parseWalk(walkOfShape(shape, sizes)!)
  if (!walk.ok) throw new Error(walk.error.kind)
  expect(walk.value).toHaveLength(sides)
  expect(closing(walk.value)).toMatchObject({ gap: 0, turn_error_deg: 0 })
})

test('a wing as wide as the house is no wing', () => {
  expect(walkOfShape('T', { ...sizes, wing_width: feet(42) })).toBeNull()
})

const size = fc.integer({ min: 64, max: 768 * 80 })
test('any shape of any size closes to the 64th', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<HouseShape>('rectangle', 'L', 'T', 'U'),
      size,
      size,
      size,
      size,
      (shape, a, b, c, d) => {
        const [narrow, wide] = [Math.min(a, b), Math.max(a, b) + 2]
        const text = walkOfShape(shape, {
          width: wide as Length,
          depth: c as Length,
          wing_width: narrow as Length,
          wing_depth: d as Length,
        })
        const walk = parseWalk(text!)
        expect(walk.ok && closing(walk.value).gap).toBe(0)
      },
    ),
  )
})

test('a foot too short is spread over the sides that run its way, long ones most; corners stay square', () => {
  const walk = parseWalk('40 L 30 L 39 L 30')
  if (!walk.ok) throw new Error(walk.error.kind)
  const spread = spreadClosing(walk.value)
  expect(closing(spread).gap).toBeLessThanOrEqual(2)
  expect(spread.map((leg) => leg.turn_deg)).toEqual([90, 90, 90, 90])
  expect(spread.map((leg) => leg.length / 768)).toEqual(
    [39.49, 30, 39.49, 30].map((ft) => expect.closeTo(ft, 1)),
  )
})

test('what closes is left as it is', () => {
  const walk = parseWalk('20 L 10 R 10 L 10 L 30 L 20')
  if (!walk.ok) throw new Error(walk.error.kind)
  expect(spreadClosing(walk.value)).toEqual(walk.value)
})

test('after spreading every walk closes within a few 64ths', () => {
  const leg = fc.record({
    length: fc.integer({ min: 768, max: 768 * 80 }),
    turn_deg: fc.integer({ min: 40, max: 140 }),
  })
  fc.assert(
    fc.property(fc.array(leg, { minLength: 3, maxLength: 10 }), (legs) => {
      const walk = legs.map((each) => ({ length: each.length as Length, turn_deg: each.turn_deg }))
      const before = closing(walk)
      // An error larger than the house is no slip of the tape; spreading it would turn sides round.
      fc.pre(before.gap < before.perimeter / 10)
      expect(closing(spreadClosing(walk)).gap).toBeLessThanOrEqual(64)
    }),
  )
})
