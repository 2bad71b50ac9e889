import type { Height, House, Side } from '../job'
import { feet, inches, type Length } from '../measure'

/** Stand-ins for a house that was not measured yet. Our judgement; drawn, never priced. */
const ASSUMED = { foundation: inches(18), storey: feet(9), storeys: 1, floor: inches(12) } as const

/**
 * Ground at a station of a side, above the house's zero: straight between its two ends, as a sloping lawn is drawn.
 *
 * Ends: a side without a length has level ground, that of its left end.
 */
export function groundAt(side: Side, station: Length): Length {
  const { ground_left, ground_right, length } = side
  if (length === null || length === 0 || ground_left === ground_right) return ground_left
  const share = Math.min(1, Math.max(0, station / length))
  return Math.round(ground_left + (ground_right - ground_left) * share) as Length
}

/** Top of the foundation above the house's zero, stepped with the floors of a split level. */
export function foundationTop(house: House | null, side: Side | null = null): Length {
  return ((house?.foundation_height ?? ASSUMED.foundation) + (side?.floor_shift ?? 0)) as Length
}

/** A height above the house's zero, at the place on a wall it was taken at. */
export function resolveHeight(
  height: Height,
  house: House | null,
  at: { readonly side: Side; readonly station: Length } | null = null,
): Length {
  switch (height.from) {
    case 'grade':
      return ((at ? groundAt(at.side, at.station) : 0) + height.value) as Length
    case 'foundation-top':
      return (foundationTop(house, at?.side) + height.value) as Length
    case 'floor-1':
    case 'floor-2':
    case 'floor-3': {
      const above = Number(height.from.at(-1)) - 1
      const storey = house?.storey_height ?? ASSUMED.storey
      return (foundationTop(house, at?.side) + ASSUMED.floor + above * storey + height.value) as Length
    }
  }
}

/** Top of the wall above the house's zero: as measured, or from the storeys. */
export function wallTop(side: Side, house: House | null): Length {
  if (side.wall_height !== null) return side.wall_height
  const storeys = house?.storeys ?? ASSUMED.storeys
  const storey = house?.storey_height ?? ASSUMED.storey
  return (foundationTop(house, side) + ASSUMED.floor + storeys * storey) as Length
}

/** Rise of a gable over its eaves: half the side at its pitch. */
export function gableRise(length: Length, pitch_in_12: number): Length {
  return Math.round((length / 2) * (pitch_in_12 / 12)) as Length
}
