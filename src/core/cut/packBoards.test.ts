import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feet, inches, type Length } from '../measure'
import { buyMyWay } from './myWay'
import { KERF, packBoards, type CutPiece } from './packBoards'

const pieces = (...lengths: number[]): CutPiece[] =>
  lengths.map((inch, index) => ({ length: inches(inch), owner: `p${index}` }))

test('a piece as long as the board needs no cut', () => {
  const { boards } = packBoards(pieces(96), [feet(8)])
  expect(boards).toEqual([{ stock: feet(8), cuts: pieces(96), left: 0 }])
})

test('the saw takes its kerf: two halves do not come out of one board', () => {
  expect(packBoards(pieces(48, 48), [feet(8)]).boards).toHaveLength(2)
  expect(packBoards(pieces(48, 47.875), [feet(8)]).boards).toHaveLength(1)
})

test('the least wood wins, not the longest board', () => {
  const { boards } = packBoards(pieces(90, 90, 90), [feet(8), feet(16)])
  expect(boards.reduce((sum, board) => sum + board.stock, 0)).toBe(3 * feet(8))
})

test('what no board holds is said, not dropped', () => {
  const { boards, tooLong } = packBoards(pieces(240, 30), [feet(8), feet(16)])
  expect(tooLong).toHaveLength(1)
  expect(boards).toHaveLength(1)
})

test('no pieces, no boards', () => {
  expect(packBoards([], [feet(8)])).toEqual({ boards: [], tooLong: [] })
})

/** Slow, exact twin: least wood over all ways to put the pieces on boards. */
function leastWood(lengths: readonly number[], stocks: readonly number[]): number {
  const cost = (used: number): number => Math.min(...stocks.filter((stock) => stock >= used))
  let best = Number.POSITIVE_INFINITY
  const boards: number[] = []
  const place = (index: number): void => {
    if (index === lengths.length) {
      best = Math.min(
        best,
        boards.reduce((sum, used) => sum + cost(used), 0),
      )
      return
    }
    const length = lengths[index]!
    for (let at = 0; at < boards.length; at += 1) {
      const used = boards[at]! + KERF + length
      if (used > Math.max(...stocks)) continue
      const before = boards[at]!
      boards[at] = used
      place(index + 1)
      boards[at] = before
    }
    boards.push(length)
    place(index + 1)
    boards.pop()
  }
  place(0)
  return best
}

const someLengths = fc.array(fc.integer({ min: 64 * 6, max: 768 * 8 }), { minLength: 1, maxLength: 6 })
const yard = [feet(8), feet(12), feet(16)]

test('every piece is cut once and no board holds more than it is long', () => {
  fc.assert(
    fc.property(someLengths, (lengths) => {
      const wanted = lengths.map((length, index) => ({ length: length as Length, owner: String(index) }))
      const { boards, tooLong } = packBoards(wanted, yard)
      expect(tooLong).toEqual([])
      expect(boards.flatMap((board) => board.cuts.map((cut) => cut.owner)).sort()).toEqual(
        wanted.map((each) => each.owner).sort(),
      )
      for (const board of boards) {
        const used = board.cuts.reduce((sum, cut) => sum + cut.length, 0) + KERF * (board.cuts.length - 1)
        expect(board.left).toBe(board.stock - used)
        expect(board.left).toBeGreaterThanOrEqual(0)
      }
    }),
  )
})

test('never better than the best there is, and within a half of it on small jobs', () => {
  fc.assert(
    fc.property(someLengths, (lengths) => {
      const { boards } = packBoards(
        lengths.map((length) => ({ length: length as Length, owner: '' })),
        yard,
      )
      const wood = boards.reduce((sum, board) => sum + board.stock, 0)
      const best = leastWood(lengths, yard)
      expect(wood).toBeGreaterThanOrEqual(best)
      expect(wood).toBeLessThanOrEqual(best * 1.5)
    }),
    { numRuns: 60 },
  )
})

test('buying one length only costs what it costs over any length of the yard', () => {
  // Three of 90 in: 8 ft each from the yard; from 16 ft two boards.
  const way = buyMyWay(pieces(90, 90, 90), [feet(16)], [feet(8), feet(16)])
  expect([way.mine, way.any, way.tooLong]).toEqual([2 * feet(16), 3 * feet(8), 0])
  expect(buyMyWay(pieces(130), [feet(8)], [feet(8), feet(16)]).tooLong).toBe(1)
})
