import { err, ok, type Result } from '../result'
import { rectangle, type Area, type Length } from './length'

/**
 * Height of a wall by counting courses, exposure as measured over ten of them.
 *
 * Units: 64ths of an inch; `courses` counts whole ones and a half as 0.5.
 * Source: common practice.
 *
 * @example
 * heightFromCourses(24, 256) // => 6144
 */
export function heightFromCourses(courses: number, exposure: Length): Length {
  return Math.round(courses * exposure) as Length
}

/**
 * Exposure of a course from a taped run of several: ten courses over ten is what matching siding goes by.
 *
 * Ends: nothing when no course was counted.
 */
export function exposureOf(run: Length, courses: number): Length | null {
  return courses > 0 ? (Math.round(run / courses) as Length) : null
}

/** Area of a gable triangle over its eaves: half its width times its rise. Source: plane geometry. */
export function gableArea(width: Length, pitch_in_12: number): Area {
  const rise = (width / 2) * (pitch_in_12 / 12)
  return Math.round(rectangle({ width, height: rise as Length }) / 2) as Area
}

/**
 * Length of a rake along the slope, from its lowest end over the overhang to the ridge.
 *
 * Source: Pythagoras, as stepped off with a framing square.
 *
 * @example
 * rakeLength({ run: 9216, pitch_in_12: 5, overhang: 0 }) // => 9984
 */
export function rakeLength(of: { run: Length; pitch_in_12: number; overhang: Length }): Length {
  const run = of.run + of.overhang
  return Math.round(Math.hypot(run, run * (of.pitch_in_12 / 12))) as Length
}

export type SquareError = { readonly kind: 'no-triangle' }

/**
 * Check of a corner by its diagonal: how far the corner is from square, in degrees, and what the diagonal would be if it were.
 * Positive: the corner is open wider than square.
 *
 * Fails: `no-triangle` when no corner has these three lengths.
 * Source: law of cosines.
 */
export function diagonalCheck(
  a: Length,
  b: Length,
  diagonal: Length,
): Result<{ readonly square_diagonal: Length; readonly off_deg: number }, SquareError> {
  const cosine = (a * a + b * b - diagonal * diagonal) / (2 * a * b)
  if (a <= 0 || b <= 0 || !(Math.abs(cosine) <= 1)) return err({ kind: 'no-triangle' })
  return ok({
    square_diagonal: Math.round(Math.hypot(a, b)) as Length,
    off_deg: (Math.acos(cosine) * 180) / Math.PI - 90,
  })
}
