import type { WallBox } from '../geometry'

/** A place where a source can sit. */
export type Seat = {
  readonly key: string
  readonly words: string
  /** Run of wall it is drawn along; null: it belongs to no wall. */
  readonly box: WallBox | null
  /** In from the wall, 64ths of an inch: a fixture, a slope of the roof. Both 0: at the wall. */
  readonly inFrom: number
  readonly inTo: number
  readonly feature_id: string | null
  /** How much more or less usual its causes are here than at its like, as odds. */
  readonly odds: number
}
