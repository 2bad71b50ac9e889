import { formatLength } from './formatLength'
import type { Length } from './length'

/** Common plans of a house, walked with the house on the left hand from the left end of the front. */
export type HouseShape = 'rectangle' | 'L' | 'T' | 'U'

export type ShapeSizes = {
  readonly width: Length
  readonly depth: Length
  /** Of the wing behind (L, T), or of the court between two wings (U). */
  readonly wing_width: Length
  readonly wing_depth: Length
}

/**
 * Walking order of a common shape, as one would type it. The front is the whole width; wings stand out to the back.
 *
 * L: the wing at the right end. T: the wing in the middle. U: two equal wings with a court between them.
 * Ends: null when the wing (or the court) is as wide as the house or wider.
 *
 * @example
 * walkOfShape('rectangle', { width: feet(42), depth: feet(30), wing_width: feet(0), wing_depth: feet(0) }) // => "42' L 30' L 42' L 30'"
 */
export function walkOfShape(shape: HouseShape, of: ShapeSizes): string | null {
  const say = (...parts: readonly (Length | number | 'L' | 'R')[]): string =>
    parts.map((part) => (typeof part === 'string' ? part : formatLength(part as Length, 'exact'))).join(' ')
  const { width: w, depth: d, wing_width: ww, wing_depth: wd } = of
  if (shape === 'rectangle') return say(w, 'L', d, 'L', w, 'L', d)
  if (ww >= w) return null
  // Halves of an odd number of 64ths: one side takes the odd one, so that the sum stays true.
  const near = Math.floor((w - ww) / 2)
  const far = w - ww - near
  switch (shape) {
    case 'L':
      return say(w, 'L', d + wd, 'L', ww, 'L', wd, 'R', w - ww, 'L', d)
    case 'T':
      return say(w, 'L', d, 'L', near, 'R', wd, 'L', ww, 'L', wd, 'R', far, 'L', d)
    case 'U':
      return say(w, 'L', d + wd, 'L', near, 'L', wd, 'R', ww, 'R', wd, 'L', far, 'L', d + wd)
  }
}
