import { debrisOf, LOAD, type DebrisId } from '../catalogue'
import { dressedSize, toFeet, toInches } from '../measure'
import type { Piece } from './workedPlace'

/** What is hauled away: how much room it takes loose, and what it weighs. */
export type Debris = { readonly yd3: number; readonly lb: number }
export const NO_DEBRIS: Debris = { yd3: 0, lb: 0 }

export const debrisFrom = (yd3: number, of: DebrisId): Debris => ({ yd3, lb: yd3 * debrisOf(of).lb_a_yd3 })
export const allDebris = (all: readonly Debris[]): Debris =>
  all.reduce((sum, each) => ({ yd3: sum.yd3 + each.yd3, lb: sum.lb + each.lb }), NO_DEBRIS)

/** Loose debris over the solid taken out. Our judgement for siding and trim. */
const LOOSE = 3
/** Section of a lap board that has no nominal size: half an inch by seven. Our judgement. */
const LAP_IN2 = 3.5

/** Boards taken out, tossed on a heap. */
export function debrisOfBoards(pieces: readonly Piece[]): Debris {
  const ft3 = pieces.reduce((sum, piece) => {
    const size = dressedSize(piece.section)
    const in2 = size ? toInches(size.thickness) * toInches(size.width) : LAP_IN2
    return sum + (in2 / 144) * toFeet(piece.length) * piece.count
  }, 0)
  return debrisFrom((ft3 * LOOSE) / 27, 'wood')
}

/**
 * Debris as it is charged, in cubic yards: its room, or the room of as many loads as its weight fills, whichever is more.
 *
 * @example
 * chargedYd3({ yd3: 1, lb: 375 }) // => 1
 * chargedYd3({ yd3: 1, lb: 1800 }) // => 3
 */
export const chargedYd3 = ({ yd3, lb }: Debris): number => Math.max(yd3, (lb / LOAD.lb) * LOAD.yd3)
