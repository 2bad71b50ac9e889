import type { Spot } from './world'

type Way = {
  readonly down: number
  readonly side: number
  readonly up: number
  /** How far in from the wall it goes. */
  readonly inside: number
}

/**
 * Ways of water, as a source of each kind reaches: inches below, to each side, above, inward.
 * Source: our judgement in the field guide’s table of ways.
 */
export const WAYS = {
  roofEnd: { down: 110, side: 24, up: 0, inside: 16 },
  head: { down: 70, side: 8, up: 2, inside: 6 },
  sill: { down: 60, side: 14, up: 2, inside: 20 },
  hole: { down: 40, side: 14, up: 0, inside: 6 },
  overflow: { down: 230, side: 20, up: 3, inside: 0 },
  dripEdge: { down: 9, side: 0, up: 3, inside: 0 },
  ledger: { down: 90, side: 16, up: 3, inside: 14 },
  splash: { down: 0, side: 0, up: 20, inside: 0 },
  soil: { down: 18, side: 0, up: 10, inside: 4 },
  leader: { down: 240, side: 44, up: 14, inside: 40 },
  fixture: { down: 20, side: 28, up: 2, inside: 0 },
  chase: { down: 260, side: 2, up: 0, inside: 12 },
  threshold: { down: 14, side: 8, up: 3, inside: 24 },
  place: { down: 10, side: 6, up: 6, inside: 0 },
} as const satisfies Record<string, Way>

/** What of a seat’s water comes to a spot: full at the seat, fading with the way it has to go. */
export function along(
  way: Way,
  seat: { side: number; left: number; right: number; height: number },
  spot: Spot,
): number {
  if (spot.side !== seat.side) return 0
  if (spot.inside !== null && spot.inside > way.inside) return 0
  const aside = Math.max(0, seat.left - spot.right, spot.left - seat.right)
  if (aside > way.side) return 0
  const middle = (spot.bottom + spot.top) / 2
  const below = seat.height - middle
  const far = below >= 0 ? below / Math.max(1, way.down) : -below / Math.max(1, way.up)
  const inHeight = spot.top >= seat.height - way.down && spot.bottom <= seat.height + way.up
  if (!inHeight) return 0
  return Math.max(0.1, 1 - 0.75 * Math.min(1, far)) * (1 - (0.6 * aside) / Math.max(1, way.side))
}
