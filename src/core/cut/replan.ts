import { feet, parseLength, type Length } from '../measure'
import { KERF, packBoards, type Board, type CutPiece, type Packing } from './packBoards'

/** Off-cuts over this are used again. Common practice. */
const USED_OVER = feet(2)

/** What is cut from boards at hand, and what has to be bought for the rest. */
export type Replanned = {
  readonly fromHand: readonly Board[]
  readonly toBuy: Packing
}

const wood = (boards: readonly Board[]): number => boards.reduce((sum, board) => sum + board.stock, 0)

/** Longest first, each where it leaves least. */
function fill(pieces: readonly CutPiece[], hand: readonly Length[]): { boards: Board[]; rest: CutPiece[] } {
  const open = hand.map((stock) => ({ stock, used: 0, cuts: [] as CutPiece[] }))
  const rest: CutPiece[] = []
  for (const piece of pieces.toSorted((a, b) => b.length - a.length)) {
    const need = (board: (typeof open)[number]): number => piece.length + (board.cuts.length > 0 ? KERF : 0)
    const roomy = open.filter((board) => board.used + need(board) <= board.stock)
    if (roomy.length === 0) {
      rest.push(piece)
      continue
    }
    const board = roomy.reduce((a, b) => (b.stock - b.used - need(b) < a.stock - a.used - need(a) ? b : a))
    board.used += need(board)
    board.cuts.push(piece)
  }
  const boards = open
    .filter(({ cuts }) => cuts.length > 0)
    .map(({ stock, used, cuts }) => ({ stock, cuts, left: (stock - used) as Length }))
  return { boards, rest }
}

/**
 * Pieces cut from what is at hand first, the rest from boards to be bought. Never buys more than with empty hands: where using what is
 * at hand would, it is left.
 */
export function replan(
  pieces: readonly CutPiece[],
  hand: readonly Length[],
  stock: readonly Length[],
): Replanned {
  const { boards, rest } = fill(pieces, hand)
  const after = packBoards(rest, stock)
  const anew = packBoards(pieces, stock)
  const worse = wood(after.boards) > wood(anew.boards) || after.tooLong.length > anew.tooLong.length
  return worse ? { fromHand: [], toBuy: anew } : { fromHand: boards, toBuy: after }
}

/** Lengths lying there, as they are said: feet where no unit is said, with a comma between them. Null: one of them is no length. */
export function lengthsAtHand(text: string): Length[] | null {
  const said = text.split(/[,;]/).filter((each) => each.trim() !== '')
  const read = said.map((each) => parseLength(each, { bare: 'feet' }))
  return read.every((each) => each.ok && each.value > 0)
    ? read.flatMap((each) => (each.ok ? [each.value] : []))
    : null
}

/** What happened at the saw: boards of the plan by their number, and lengths that lay there already. */
export type AtSaw = {
  readonly hand: readonly Length[]
  readonly cut: readonly number[]
  readonly bad: readonly number[]
}

/**
 * The plan from here on: what is cut is done, what turned out bad is gone, and its pieces come from the other boards, from off-cuts over
 * 2 ft and from what lay there. Once a board was cut or bad, the whole plan counts as bought; before, only what lies there is at hand.
 */
export function fromHere(boards: readonly Board[], now: AtSaw, stock: readonly Length[]): Replanned {
  const cut = new Set(now.cut)
  const bad = new Set(now.bad.filter((at) => !cut.has(at)))
  const begun = cut.size + bad.size > 0
  const pieces = boards.flatMap((board, at) => (cut.has(at) ? [] : board.cuts))
  const hand = [
    ...now.hand,
    ...boards.flatMap((board, at): Length[] => {
      if (cut.has(at)) return board.left > USED_OVER ? [(board.left - KERF) as Length] : []
      return begun && !bad.has(at) ? [board.stock] : []
    }),
  ]
  return replan(pieces, hand, stock)
}

/** What a plan is known by: marks on one that changed mean nothing. */
export const planKey = (boards: readonly Board[]): string =>
  boards.map((board) => [board.stock, ...board.cuts.map(({ length }) => length)].join(' ')).join('/')
