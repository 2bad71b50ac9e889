import { inches, type Length } from '../measure'

/** A saw cut takes this much wood. Common practice. */
export const KERF = inches(1 / 8)

/** One length to be cut, and whose it is. */
export type CutPiece = { readonly length: Length; readonly owner: string }

/** One board bought, and what is cut from it. */
export type Board = { readonly stock: Length; readonly cuts: readonly CutPiece[]; readonly left: Length }

/** Boards for all pieces, and pieces longer than any board the yard sells. */
export type Packing = { readonly boards: readonly Board[]; readonly tooLong: readonly CutPiece[] }

/**
 * The first of many boards with room enough, found in as many steps as their number has binary digits: a tree in which every node
 * knows the most room below it.
 */
class Room {
  private readonly most: number[]
  private readonly leaves: number

  constructor(boards: number) {
    this.leaves = 2 ** Math.ceil(Math.log2(Math.max(1, boards)))
    this.most = new Array<number>(2 * this.leaves).fill(-1)
  }

  set(board: number, room: number): void {
    let node = this.leaves + board
    this.most[node] = room
    for (node >>= 1; node >= 1; node >>= 1)
      this.most[node] = Math.max(this.most[2 * node]!, this.most[2 * node + 1]!)
  }

  first(need: number): number | null {
    if (this.most[1]! < need) return null
    let node = 1
    while (node < this.leaves) node = this.most[2 * node]! >= need ? 2 * node : 2 * node + 1
    return node - this.leaves
  }
}

/** First fit, longest first, on boards of one length (or the next that holds a longer piece); each filled board is then bought in the shortest length that holds it. */
function packOn(stock: Length, stocks: readonly Length[], pieces: readonly CutPiece[]): Board[] {
  const shortestFor = (length: number): Length => stocks.find((each) => each >= length)!
  const room = new Room(pieces.length)
  const open: { used: number; capacity: number; cuts: CutPiece[] }[] = []
  for (const piece of pieces) {
    // Every piece after the first costs a cut as well.
    const at = room.first(piece.length + KERF)
    if (at === null) {
      const capacity = Math.max(stock, shortestFor(piece.length))
      open.push({ used: piece.length, capacity, cuts: [piece] })
      room.set(open.length - 1, capacity - piece.length)
      continue
    }
    const board = open[at]!
    board.used += piece.length + KERF
    board.cuts.push(piece)
    room.set(at, board.capacity - board.used)
  }
  return open.map(({ used, cuts }) => {
    const bought = shortestFor(used)
    return { stock: bought, cuts, left: (bought - used) as Length }
  })
}

/**
 * Cuts pieces from boards with a saw kerf between cuts: first fit decreasing on each stock length the yard sells, the plan that
 * buys the least wood wins. Its time grows with n log n.
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
