import { inches, type Length } from '../measure'

/** A saw cut takes this much wood. Common practice. */
export const KERF = inches(1 / 8)

/** One length to be cut, and whose it is. */
export type CutPiece = { readonly length: Length; readonly owner: string }

/** One board bought, and what is cut from it. */
export type Board = { readonly stock: Length; readonly cuts: readonly CutPiece[]; readonly left: Length }

/** Boards for all pieces, and pieces longer than any board the yard sells. */
export type Packing = { readonly boards: readonly Board[]; readonly tooLong: readonly CutPiece[] }

function used(cuts: readonly CutPiece[]): number {
  const lengths = cuts.reduce((sum, cut) => sum + cut.length, 0)
  return lengths + KERF * Math.max(0, cuts.length - 1)
}

/** First fit, longest first, on boards of one length (or the next that holds a longer piece); each filled board is then bought in the shortest length that holds it. */
function packOn(stock: Length, stocks: readonly Length[], pieces: readonly CutPiece[]): Board[] {
  const shortestFor = (length: number): Length => stocks.find((each) => each >= length)!
  const open: { capacity: number; cuts: CutPiece[] }[] = []
  for (const piece of pieces) {
    const board = open.find(({ capacity, cuts }) => used([...cuts, piece]) <= capacity)
    if (board) board.cuts.push(piece)
    else open.push({ capacity: Math.max(stock, shortestFor(piece.length)), cuts: [piece] })
  }
  return open.map(({ cuts }) => {
    const needed = used(cuts)
    const bought = shortestFor(needed)
    return { stock: bought, cuts, left: (bought - needed) as Length }
  })
}

/**
 * Cuts pieces from boards with a saw kerf between cuts: first fit decreasing on each stock length the yard sells, the plan that
 * buys the least wood wins.
 *
 * Ties: fewer boards, then the longer stock. Ends: a piece as long as the board needs no cut. Not yet exact; see `bench/`.
 * Source: first fit decreasing, at most 11/9 of the best plus 6/9 boards on one stock length (Dósa 2007).
 *
 * @example
 * packBoards([{ length: feet(4), owner: 'a' }], [feet(8)]).boards.length // => 1
 */
export function packBoards(pieces: readonly CutPiece[], stockLengths: readonly Length[]): Packing {
  const stocks = [...stockLengths].sort((a, b) => a - b)
  const longestStock = stocks.at(-1) ?? (0 as Length)
  const tooLong = pieces.filter((piece) => piece.length > longestStock)
  const fits = pieces.filter((piece) => piece.length <= longestStock).sort((a, b) => b.length - a.length)
  if (fits.length === 0) return { boards: [], tooLong }
  const plans = stocks.map((stock) => packOn(stock, stocks, fits))
  const wood = (boards: readonly Board[]): number => boards.reduce((sum, board) => sum + board.stock, 0)
  const best = plans.reduce((a, b) => {
    if (wood(b) !== wood(a)) return wood(b) < wood(a) ? b : a
    return b.length <= a.length ? b : a
  })
  return { boards: best, tooLong }
}
