/** Rules of the law and of the trade against their sources, recalled from memory. */
import { expect, test } from '@jest/globals'
import { leadRule, type LeadVerdict } from '../../src/core/caution'
import { packBoards } from '../../src/core/cut'
import { facingsOf } from '../../src/core/geometry'
import { KERF } from '../../src/core/cut'
import type { Length } from '../../src/core/measure'

type Of = Parameters<typeof leadRule>[0]
const old: Of = {
  year: { kind: 'known', year: 1977 },
  outside_ft2: 0,
  inside_ft2: 0,
  windowReplaced: false,
  prohibitedMethod: false,
}

/**
 * Source: 40 CFR 745.82, 745.83: housing built before 1978; minor repair at most 6 ft² a room inside, 20 ft² outside, never
 * window replacement or a prohibited practice.
 */
test.each<[string, Partial<Of>, LeadVerdict['kind']]>([
  ['20 ft² outside is minor', { outside_ft2: 20 }, 'old-but-minor'],
  ['more than 20 ft² outside is not', { outside_ft2: 20.1 }, 'applies'],
  ['6 ft² in a room is minor', { inside_ft2: 6 }, 'old-but-minor'],
  ['more than 6 ft² in a room is not', { inside_ft2: 6.1 }, 'applies'],
  ['a window replaced is never minor', { windowReplaced: true }, 'applies'],
  ['a prohibited practice is never minor', { prohibitedMethod: true }, 'applies'],
  ['built in 1978 is not old', { year: { kind: 'known', year: 1978 }, outside_ft2: 500 }, 'not-old'],
  ['year unknown counts as old', { year: { kind: 'unknown' }, outside_ft2: 500 }, 'applies'],
])('%s', (_, of, verdict) => {
  expect(leadRule({ ...old, ...of }).kind).toBe(verdict)
})

/** Boards of one length, sizes in units of a kerf and more, so that the kerf can be added to both as the theory wants. */
function boardsFor(sizes: readonly number[], capacity: number): number {
  const unit = 640
  const pieces = sizes.map((size, index) => ({
    length: (size * unit - KERF) as Length,
    owner: String(index),
  }))
  return packBoards(pieces, [(capacity * unit - KERF) as Length]).boards.length
}
const times = (count: number, size: number): number[] => Array.from({ length: count }, () => size)

/** Source: the classical instance on which first fit decreasing needs 11 bins where 9 do (Johnson; bound by Dósa 2007). */
test('first fit decreasing on its worst known instance', () => {
  const sizes = [...times(6, 51), ...times(6, 27), ...times(6, 26), ...times(12, 23)]
  expect(boardsFor(sizes, 100)).toBe(11)
})

/** Source: Johnson et al.: 6×7, 10×7, 16×3, 34×10, 51×10 on bins of 101; optimum 10, first fit decreasing finds it. */
test('first fit decreasing finds the ten bins that first fit misses', () => {
  const sizes = [...times(7, 6), ...times(7, 10), ...times(3, 16), ...times(10, 34), ...times(10, 51)]
  expect(boardsFor(sizes, 101)).toBe(10)
})

/** Source: W. L. Winston, Operations Research ("Woodco"): 17 ft boards; 25 of 3, 20 of 5, 15 of 9 ft; optimum 19 boards. */
test('the furniture maker’s boards: never fewer than the optimum, and at most 11/9 of it', () => {
  const boards = boardsFor([...times(25, 3), ...times(20, 5), ...times(15, 9)], 17)
  expect(boards).toBeGreaterThanOrEqual(19)
  expect(boards).toBeLessThanOrEqual((11 / 9) * 19 + 6 / 9)
})

/** Source: the exterior angles of a polygon sum to a full turn (Euclid); walking it, one faces each way once. */
test('a house walked once round faces four ways', () => {
  expect(new Set(facingsOf([90, 90, 90, 90])).size).toBe(4)
})
