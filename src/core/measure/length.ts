declare const unit: unique symbol

/** A length in whole 64ths of an inch: every fraction a tape shows, and exact to add. */
export type Length = number & { readonly [unit]: '1/64 in' }

/** An area in whole square 64ths of an inch (4,096 to the square inch). */
export type Area = number & { readonly [unit]: '1/4096 in²' }

const PER_INCH = 64
const PER_FOOT = 12 * PER_INCH

/**
 * Length from inches, to the nearest 64th.
 *
 * @throws RangeError when `n` is not finite: a bug in the caller, not an outcome.
 * @example
 * inches(5.4375) // => 348
 */
export function inches(n: number): Length {
  if (!Number.isFinite(n)) throw new RangeError(`inches() needs a finite number, got ${n}`)
  return Math.round(n * PER_INCH) as Length
}

/**
 * Length from feet and inches, to the nearest 64th of an inch.
 *
 * @example
 * feet(18, 6.5) // => 14240
 */
export function feet(ft: number, inch = 0): Length {
  return inches(ft * 12 + inch)
}

/** Inches as a decimal, exact. */
export function toInches(length: Length): number {
  return length / PER_INCH
}

/** Feet as a decimal, exact up to floating point. */
export function toFeet(length: Length): number {
  return length / PER_FOOT
}

/** Sum of lengths, exact. */
export function addLengths(...lengths: readonly Length[]): Length {
  return lengths.reduce((sum, each) => sum + each, 0) as Length
}

/** A length times a plain number, to the nearest 64th. */
export function scaleLength(length: Length, by: number): Length {
  return Math.round(length * by) as Length
}

/** The shorter and the longer of lengths. */
export function shortest(...lengths: readonly Length[]): Length {
  return Math.min(...lengths) as Length
}
export function longest(...lengths: readonly Length[]): Length {
  return Math.max(...lengths) as Length
}

/** Area of a rectangle, exact. */
export function rectangle(of: { width: Length; height: Length }): Area {
  return (of.width * of.height) as Area
}

/** Square feet as a decimal. */
export function toSquareFeet(area: Area): number {
  return area / (PER_FOOT * PER_FOOT)
}
