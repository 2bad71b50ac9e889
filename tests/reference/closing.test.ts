/**
 * Closing error against a worked traverse: C. D. Ghilani and P. R. Wolf, Elementary Surveying, chapter on traverse computations,
 * five courses, perimeter 2,466.00 ft, linear misclosure about 0.08 ft (from memory).
 */
import { expect, test } from '@jest/globals'
import { closing, feet, toFeet } from '../../src/core/measure'

const dms = (degrees: number, minutes: number, seconds: number): number =>
  degrees + minutes / 60 + seconds / 3600

const COURSES = [
  { length_ft: 647.25, azimuth: dms(126, 55, 17) },
  { length_ft: 203.03, azimuth: dms(178, 18, 58) },
  { length_ft: 720.35, azimuth: dms(15, 31, 54) },
  { length_ft: 610.24, azimuth: dms(284, 35, 20) },
  { length_ft: 285.13, azimuth: dms(206, 9, 41) },
]

/** Azimuths run clockwise, our turns are positive to the left. */
function turnAfter(index: number): number {
  const now = COURSES[index]!.azimuth
  const next = COURSES[(index + 1) % COURSES.length]!.azimuth
  const left = now - next
  return ((left + 540) % 360) - 180
}

test('the worked traverse', () => {
  const made = closing(
    COURSES.map((course, index) => ({ length: feet(course.length_ft), turn_deg: turnAfter(index) })),
  )
  expect(toFeet(made.perimeter)).toBeCloseTo(2466.0, 2)
  expect(toFeet(made.gap)).toBeGreaterThan(0.07)
  expect(toFeet(made.gap)).toBeLessThan(0.09)
})

/** Source: definition; a 3-4-5 triangle closes, its exterior angles by the law of cosines. */
test('a 3-4-5 triangle closes', () => {
  const angle = (opposite: number, a: number, b: number): number =>
    (Math.acos((a * a + b * b - opposite * opposite) / (2 * a * b)) * 180) / Math.PI
  const made = closing([
    { length: feet(3), turn_deg: 180 - angle(5, 3, 4) },
    { length: feet(4), turn_deg: 180 - angle(3, 4, 5) },
    { length: feet(5), turn_deg: 180 - angle(4, 3, 5) },
  ])
  expect(made.gap).toBe(0)
  expect(made.turn_error_deg).toBeCloseTo(0, 9)
})
