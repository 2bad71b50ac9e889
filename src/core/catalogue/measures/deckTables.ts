/**
 * Published tables for decks of 40 lb/ft² live and 10 lb/ft² dead load, in inches. Sizes and spans that are not in a row have no answer
 * here: then it is an engineer. None is for wood that was decayed, notched or drilled.
 */
export type DeckWood = 'southern-pine' | 'other-softwood'
export type DeckSize = '2x6' | '2x8' | '2x10' | '2x12'

export const DECK_TABLES_SOURCE =
  'International Residential Code 2021, R507.4 to R507.9, 40 lb/ft², from memory' as const

const ft = (feet: number, inches: number): number => feet * 12 + inches

/** Longest joist, no overhang, by joists every 12, 16 or 24 inches. Table R507.6; other softwoods: Douglas fir-larch, hem-fir, spruce-pine-fir. */
export const DECK_JOISTS_IN: Readonly<
  Record<DeckWood, Readonly<Record<DeckSize, Readonly<Record<12 | 16 | 24, number>>>>>
> = {
  'southern-pine': {
    '2x6': { 12: ft(9, 11), 16: ft(9, 0), 24: ft(7, 7) },
    '2x8': { 12: ft(13, 1), 16: ft(11, 10), 24: ft(9, 8) },
    '2x10': { 12: ft(16, 2), 16: ft(14, 0), 24: ft(11, 5) },
    '2x12': { 12: ft(18, 0), 16: ft(16, 6), 24: ft(13, 6) },
  },
  'other-softwood': {
    '2x6': { 12: ft(9, 6), 16: ft(8, 4), 24: ft(6, 10) },
    '2x8': { 12: ft(12, 6), 16: ft(11, 1), 24: ft(9, 1) },
    '2x10': { 12: ft(15, 8), 16: ft(13, 7), 24: ft(11, 1) },
    '2x12': { 12: ft(18, 0), 16: ft(15, 9), 24: ft(12, 10) },
  },
}

/** Spans of joist that the columns of beams and ledgers stand for, feet. A joist between two columns takes the longer one. */
export const JOIST_COLUMNS_FT = [6, 8, 10, 12, 14, 16, 18] as const

type Row = readonly (readonly [feet: number, inches: number])[]
const row = (spans: Row): readonly number[] => spans.map(([feet, inches]) => ft(feet, inches))

/**
 * Longest beam between posts by plies and size, one figure for each column of joists. Table R507.5(1). Columns nobody remembers surely are
 * left out at the end: a beam there has no answer.
 */
export const DECK_BEAMS_IN: Readonly<Record<DeckWood, Readonly<Partial<Record<string, readonly number[]>>>>> =
  {
    'southern-pine': {
      '2-2x6': row([
        [6, 11],
        [5, 11],
        [5, 4],
        [4, 10],
        [4, 6],
        [4, 3],
        [4, 0],
      ]),
      '2-2x8': row([
        [8, 9],
        [7, 7],
        [6, 9],
        [6, 2],
        [5, 9],
        [5, 4],
        [5, 0],
      ]),
      '2-2x10': row([
        [10, 4],
        [9, 0],
        [8, 0],
        [7, 4],
        [6, 9],
        [6, 4],
        [6, 0],
      ]),
      '2-2x12': row([
        [12, 2],
        [10, 7],
        [9, 5],
        [8, 7],
        [8, 0],
        [7, 6],
        [7, 0],
      ]),
      '3-2x10': row([
        [13, 0],
        [11, 3],
        [10, 0],
        [9, 2],
        [8, 6],
        [7, 11],
        [7, 6],
      ]),
      '3-2x12': row([
        [15, 3],
        [13, 3],
        [11, 10],
        [10, 9],
        [10, 0],
        [9, 4],
        [8, 10],
      ]),
    },
    'other-softwood': {
      '2-2x8': row([
        [8, 2],
        [7, 1],
        [6, 4],
        [5, 9],
      ]),
      '2-2x10': row([
        [10, 0],
        [8, 7],
        [7, 9],
        [7, 0],
      ]),
      '2-2x12': row([
        [11, 7],
        [10, 0],
        [9, 0],
        [8, 2],
      ]),
      '3-2x10': row([
        [12, 6],
        [10, 10],
        [9, 8],
        [8, 10],
      ]),
    },
  }

/** Fasteners of a ledger, 1/2 in, at the most so far apart, by the columns of joists. Table R507.9.1.3(1). */
export const LEDGER_FASTENERS_IN: Readonly<
  Record<'lags' | 'bolts' | 'bolts-and-washers', readonly number[]>
> = {
  lags: [30, 23, 18, 15, 13, 11, 10],
  bolts: [36, 36, 34, 29, 24, 21, 19],
  'bolts-and-washers': [36, 36, 29, 24, 21, 18, 16],
}

/** Highest post to the underside of the beam, the lowest figure of the editions remembered. Table R507.4, 2018. */
export const DECK_POSTS_IN: Readonly<Record<'4x4' | '4x6' | '6x6', number>> = {
  '4x4': ft(6, 9),
  '4x6': ft(8, 0),
  '6x6': ft(14, 0),
}

/** Guards: from so high over the ground they are asked for, so high they stand, and no ball of this size passes. R312, from memory. */
export const GUARD_IN = { from: 30, high: 36, opening: 4 } as const
