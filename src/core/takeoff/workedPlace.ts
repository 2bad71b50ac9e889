import type { PaintedArea } from '../geometry'
import type { Length } from '../measure'
import type { ItemSpot } from '../scope'
import type { Patch } from './patch'

/** A piece to be cut, all of one length. Longer than stock, it is jointed where its part allows. */
export type Piece = {
  readonly section: string
  readonly material: string
  readonly length: Length
  readonly count: number
  readonly joint: 'scarf' | 'butt' | 'none'
  /** No length of a jointed run is shorter. */
  readonly least: Length
  readonly why: string
}

/** One place as it is worked: a set-up, its boards, how high, how much. */
export type WorkedPlace = {
  readonly where: string
  readonly side: string
  /** The first of its places in the scope. */
  readonly spot: ItemSpot
  /** Pieces or places alike. */
  readonly times: number
  /** Set-ups of what is set up at each place. */
  readonly set_ups: number
  /** Length of the work along the member. */
  readonly length: Length
  /** Depth of boards lying side by side; null: one board. */
  readonly across: Length | null
  readonly legs: number
  /** Its length runs up the wall: it says nothing of how far the work goes along the side. */
  readonly upright: boolean
  readonly courses: number
  /** Top of the work over the ground one stands on. */
  readonly top: Length
  readonly pieces: readonly Piece[]
  /** Ends of the new boards that meet old wood. */
  readonly meets: number
  readonly area: PaintedArea | null
  /** Along the side it lies on, for what is done once over a stretch; null where it lies on none. */
  readonly station: Length | null
  /** Feet of trim on a stretch of a whole side; null elsewhere. */
  readonly trim_ft: number | null
  /** Area of all of it; null where none is known. */
  readonly ft2: number | null
  /** The patch let in, where its sides are known. */
  readonly patch: Patch | null
  /** Width over the casings, where a head is flashed. */
  readonly head: Length | null
  readonly notes: readonly string[]
  /** Why it cannot be priced; empty when it can. */
  readonly lacks: readonly string[]
}
