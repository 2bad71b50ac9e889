import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feet, inches, type Length } from '../measure'
import { KERF, packBoards, type CutPiece } from './packBoards'
import { fromHere, lengthsAtHand, planKey, replan } from './replan'

const YARD = [8, 12, 16].map((ft) => feet(ft))
const cut = (...ft: number[]): CutPiece[] => ft.map((each, at) => ({ length: feet(each), owner: `p${at}` }))
const lengths = (of: readonly { readonly stock: Length }[]): number[] =>
  of.map(({ stock }) => stock / feet(1))

test('what lies there is used first, where it fits best', () => {
  // By hand: 5 ft from the 6 ft piece, 3 ft from the 4 ft one; 7 ft has to be bought, in 8 ft.
  const made = replan(cut(7, 5, 3), [feet(6), feet(4)], YARD)
  expect(lengths(made.fromHand)).toEqual([6, 4])
  expect(lengths(made.toBuy.boards)).toEqual([8])
})

test('a bad board: its pieces come from the off-cuts and boards that are left, then from the yard', () => {
  // By hand: 11 ft from a board of 12, 7 ft from one of 8. The long one is bad: 7 ft stays in its board, a 12 is bought again.
  const { boards } = packBoards(cut(11, 7), YARD)
  const bad = boards.findIndex((board) => board.cuts.some(({ length }) => length === feet(11)))
  const now = fromHere(boards, { hand: [], cut: [], bad: [bad] }, YARD)
  expect(lengths(now.toBuy.boards)).toEqual([12])
  const all = [...now.fromHand, ...now.toBuy.boards].flatMap((board) => board.cuts)
  expect(all).toHaveLength(2)
})

test('what is cut is done, and its off-cut is used again, a saw cut shorter', () => {
  const { boards } = packBoards(cut(9, 2.5), [feet(16)])
  expect(boards).toHaveLength(1)
  const two = [...boards, ...packBoards(cut(4), [feet(16)]).boards]
  // By hand: 16 ft less 9 ft, 2 ft 6 and a saw cut leave 4 ft 5-7/8, from which 4 ft can be cut after one cut more.
  const now = fromHere(two, { hand: [], cut: [0], bad: [1] }, [feet(16)])
  expect(now.fromHand.map(({ stock }) => stock)).toEqual([inches(16 * 12 - 11.5 * 12 - 0.25)])
  expect(now.toBuy.boards).toEqual([])
})

test('before anything is cut, only what lies there is at hand', () => {
  const { boards } = packBoards(cut(7), YARD)
  expect(lengths(fromHere(boards, { hand: [], cut: [], bad: [] }, YARD).toBuy.boards)).toEqual([8])
  expect(fromHere(boards, { hand: [feet(10)], cut: [], bad: [] }, YARD).toBuy.boards).toEqual([])
})

test('every piece once, nothing over-full, never more bought than with empty hands', () => {
  const some = fc.array(fc.integer({ min: 6, max: 190 }), { maxLength: 25 })
  fc.assert(
    fc.property(some, some, (wanted, lying) => {
      const pieces = wanted.map((each, at) => ({ length: inches(each), owner: `${at}` }))
      const made = replan(
        pieces,
        lying.map((each) => inches(each)),
        YARD,
      )
      const boards = [...made.fromHand, ...made.toBuy.boards]
      const owners = [...boards.flatMap((board) => board.cuts), ...made.toBuy.tooLong].map(
        ({ owner }) => owner,
      )
      expect(owners.toSorted()).toEqual(pieces.map(({ owner }) => owner).toSorted())
      for (const board of boards) {
        const used = board.cuts.reduce((sum, { length }) => sum + length, 0) + KERF * (board.cuts.length - 1)
        expect(used + board.left).toBe(board.stock)
        expect(board.left).toBeGreaterThanOrEqual(0)
      }
      const wood = (of: readonly { readonly stock: number }[]): number =>
        of.reduce((sum, { stock }) => sum + stock, 0)
      expect(wood(made.toBuy.boards)).toBeLessThanOrEqual(wood(packBoards(pieces, YARD).boards))
    }),
    { numRuns: 300, seed: 4 },
  )
})

test('what lies there is said in feet, with commas; twice the same is two boards', () => {
  expect(lengthsAtHand("6, 4, 4' 6")).toEqual([feet(6), feet(4), inches(54)])
  expect(lengthsAtHand('4, 4')).toEqual([feet(4), feet(4)])
  expect(lengthsAtHand(' ')).toEqual([])
  expect(lengthsAtHand('6, some')).toBeNull()
})

test('a plan is known by what it cuts', () => {
  const one = packBoards(cut(7, 5), YARD).boards
  expect(planKey(one)).toBe(planKey(packBoards(cut(7, 5), YARD).boards))
  expect(planKey(one)).not.toBe(planKey(packBoards(cut(7, 4), YARD).boards))
})
