import { packBoards, type CutPiece } from './packBoards'
import type { Length } from '../measure'

/** What buying only some lengths comes to over buying any that the yard has: more feet, or fewer kinds at no more. */
export type MyWay = { readonly mine: number; readonly any: number; readonly tooLong: number }

/** @param mine the lengths one wants to buy; what is longer than all of them cannot be bought so */
export function buyMyWay(
  pieces: readonly CutPiece[],
  mine: readonly Length[],
  yard: readonly Length[],
): MyWay {
  const bought = (stock: readonly Length[]): number =>
    packBoards(pieces, stock).boards.reduce((sum, board) => sum + board.stock, 0)
  return { mine: bought(mine), any: bought(yard), tooLong: packBoards(pieces, mine).tooLong.length }
}
