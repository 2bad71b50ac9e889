import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feet, inches, toFeet, toSquareFeet, type Length } from './length'
import { diagonalCheck, exposureOf, gableArea, heightFromCourses, rakeLength } from './steelSquare'

const someLength = fc.integer({ min: 64, max: 60 * 768 }).map((n) => n as Length)

test('courses times exposure, and back', () => {
  expect(heightFromCourses(24, inches(4.5))).toBe(inches(108))
  expect(exposureOf(inches(45), 10)).toBe(inches(4.5))
  expect(exposureOf(inches(45), 0)).toBeNull()
})

test('the 5-12-13 triangle: a 24 ft gable at 5 in 12 has 13 ft rakes and 60 ft²', () => {
  // Pythagorean triple, exact.
  expect(rakeLength({ run: feet(12), pitch_in_12: 5, overhang: feet(0) })).toBe(feet(13))
  expect(toSquareFeet(gableArea(feet(24), 5))).toBeCloseTo(60, 9)
})

test('a framing square says 16.97 in of rafter to the foot at 12 in 12 (√288, common rafter table)', () => {
  const perFoot = rakeLength({ run: feet(1), pitch_in_12: 12, overhang: feet(0) })
  expect(perFoot / 64).toBeCloseTo(16.97, 2)
})

test('3-4-5: a corner whose diagonal is 5 is square; longer is open, shorter is closed', () => {
  const square = diagonalCheck(feet(3), feet(4), feet(5))
  expect(square.ok && square.value.off_deg).toBeCloseTo(0, 9)
  const open = diagonalCheck(feet(12), feet(16), feet(20, 2))
  const closed = diagonalCheck(feet(12), feet(16), feet(19, 10))
  expect(open.ok && open.value.off_deg).toBeGreaterThan(0.5)
  expect(closed.ok && closed.value.off_deg).toBeLessThan(-0.5)
  expect(open.ok && toFeet(open.value.square_diagonal)).toBe(20)
})

test('no corner has a diagonal longer than both its legs together', () => {
  expect(diagonalCheck(feet(3), feet(4), feet(8))).toEqual({ ok: false, error: { kind: 'no-triangle' } })
  expect(diagonalCheck(feet(0), feet(4), feet(4)).ok).toBe(false)
})

test('a rake is never shorter than its run, and the gable of a double width has four times the area', () => {
  fc.assert(
    fc.property(someLength, fc.integer({ min: 0, max: 24 }), (width, pitch_in_12) => {
      expect(rakeLength({ run: width, pitch_in_12, overhang: 0 as Length })).toBeGreaterThanOrEqual(width)
      const twice = (2 * width) as Length
      // Each area is rounded to a whole square 64th once.
      expect(Math.abs(gableArea(twice, pitch_in_12) - 4 * gableArea(width, pitch_in_12))).toBeLessThanOrEqual(
        4,
      )
    }),
  )
})
