import { inches, type Length } from './length'
import type { Leg } from './walkOrder'

/** Where a walk round the house ends against where it began. */
export type Closing = {
  /** Straight distance between end and start; 0 when the sides close exactly. */
  readonly gap: Length
  readonly perimeter: Length
  /** Sum of the turns less one full turn, in degrees; 0 when the corners agree. */
  readonly turn_error_deg: number
  /** Corners in feet, the start first at (0, 0), walking east. */
  readonly corners_ft: readonly (readonly [number, number])[]
}

/**
 * Closing error of sides walked round a house, as a surveyor closes a traverse: the latitudes and the departures each
 * ought to sum to nothing.
 *
 * Units: gap in 64ths of an inch, angles in degrees.
 * Sign: counter-clockwise turns (left) positive.
 * Source: definition of the linear misclosure of a traverse; see `tests/reference/closing.test.ts` for a worked one.
 *
 * @example
 * closing([{ length: 768, turn_deg: 90 }, { length: 768, turn_deg: 90 }, { length: 768, turn_deg: 90 }, { length: 768, turn_deg: 90 }]).gap // => 0
 */
export function closing(legs: readonly Leg[]): Closing {
  let x = 0
  let y = 0
  let heading = 0
  const corners: [number, number][] = [[0, 0]]
  for (const leg of legs) {
    const radians = (heading * Math.PI) / 180
    x += (leg.length / 768) * Math.cos(radians)
    y += (leg.length / 768) * Math.sin(radians)
    corners.push([x, y])
    heading += leg.turn_deg
  }
  const perimeter = legs.reduce((sum, leg) => sum + leg.length, 0) as Length
  const full = heading < 0 ? -360 : 360
  return {
    gap: inches(Math.hypot(x, y) * 12),
    perimeter,
    turn_error_deg: legs.length === 0 ? 0 : heading - full,
    corners_ft: corners,
  }
}
