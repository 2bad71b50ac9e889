import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Grain } from '../catalogue'
import { inches } from '../measure'
import { KERF } from './packBoards'
import { inSheets, packSheets, SHEET, type CutSheet, type Laid, type SheetPiece } from './packSheets'

const piece = (along_in: number, up_in: number, grain: Grain = 'either'): SheetPiece => ({
  along: inches(along_in),
  up: inches(up_in),
  grain,
  owner: `${along_in} ${up_in}`,
})

type Rect = { x: number; y: number; wide: number; long: number }

/** Whether a rectangle with pieces in it comes apart by cuts right through it, again and again: the definition of a guillotine. */
function comesApart(laid: readonly Laid[], of: Rect): boolean {
  if (laid.length <= 1) return true
  for (const [at, size] of [
    ['x', 'wide'],
    ['y', 'long'],
  ] as const) {
    for (const edge of new Set(laid.map((each) => each[at] + each[size]))) {
      const before = laid.filter((each) => each[at] + each[size] <= edge)
      const after = laid.filter((each) => each[at] >= edge + KERF)
      if (after.length === 0 || before.length + after.length < laid.length) continue
      return comesApart(before, of) && comesApart(after, of)
    }
  }
  return false
}

function holds(sheet: CutSheet): void {
  for (const { x, y, wide, long, piece: of } of sheet.laid) {
    expect(x + wide).toBeLessThanOrEqual(SHEET.wide)
    expect(y + long).toBeLessThanOrEqual(SHEET.long)
    if (of.grain === 'up') expect(long).toBe(of.up)
    if (of.grain === 'along') expect(long).toBe(of.along)
  }
  expect(comesApart(sheet.laid, { x: 0, y: 0, wide: SHEET.wide, long: SHEET.long })).toBe(true)
}

test('by hand: strips of 16 by 48 in, two to a sheet along the grain, five across it', () => {
  const strips = Array.from({ length: 6 }, () => piece(48, 16, 'along'))
  // Along the grain three side by side need 48-1/4 in, so two; two rows need 96-1/8 in, so one. Across it five of six fit 96 in.
  const { sheets, least } = packSheets(strips)
  expect(least).toBe(1)
  expect(sheets).toHaveLength(3)
  sheets.forEach(holds)
  const flat = packSheets(Array.from({ length: 6 }, () => piece(48, 16)))
  expect(flat.sheets).toHaveLength(2)
})

test('by hand: two halves of a sheet come from one, a kerf short of it; three patches of 5 × 3 ft from two', () => {
  expect(packSheets([piece(48, 47.9375), piece(48, 47.9375)]).sheets).toHaveLength(1)
  expect(packSheets([piece(48, 48), piece(48, 48)]).sheets).toHaveLength(2)
  expect(packSheets([piece(60, 36), piece(60, 36), piece(60, 36)]).sheets).toHaveLength(3)
  // 36 in and the 12 in strip beside: the small ones come from what is left.
  expect(packSheets([piece(60, 36), piece(60, 11), piece(35, 36)]).sheets).toHaveLength(1)
})

test('grain forbids what room would allow', () => {
  // 90 in up with grooves upright goes; 90 in along with grooves upright does not lie down: it is made of two widths.
  expect(inSheets(piece(40, 90, 'up'))).toHaveLength(1)
  expect(inSheets(piece(90, 40, 'up'))).toHaveLength(2)
  expect(inSheets(piece(90, 40, 'either'))).toHaveLength(1)
  expect(inSheets(piece(144, 96))).toHaveLength(3)
})

test('every piece once, inside its sheet, none over another, cut right through, grain kept', () => {
  const some = fc.array(
    fc.record({
      a: fc.integer({ min: 4, max: 120 }),
      u: fc.integer({ min: 4, max: 120 }),
      grain: fc.constantFrom<Grain>('up', 'along', 'either'),
    }),
    { maxLength: 14 },
  )
  fc.assert(
    fc.property(some, (of) => {
      const pieces = of.map(({ a, u, grain }, at) => ({ ...piece(a, u, grain), owner: `${at}` }))
      const { sheets, least } = packSheets(pieces)
      sheets.forEach(holds)
      expect(sheets.length).toBeGreaterThanOrEqual(least)
      const area = (all: readonly { along: number; up: number }[]): number =>
        all.reduce((sum, each) => sum + each.along * each.up, 0)
      expect(area(sheets.flatMap(({ laid }) => laid.map((each) => each.piece)))).toBe(area(pieces))
    }),
    { numRuns: 200, seed: 12 },
  )
})

test('sheets cut in three by chance, the hardest there is, are put together again in at most three for ten more', () => {
  // Three full widths to a sheet with nothing left over: as many sheets are enough by construction, and no order finds them all.
  const halves = (of: { wide: number; long: number }, chance: number): { wide: number; long: number }[] => {
    const cut = Math.round(0.3 * of.long + chance * 0.4 * of.long)
    return [
      { wide: of.wide, long: cut },
      { wide: of.wide, long: of.long - cut - KERF },
    ]
  }
  let came = 0
  let used = 0
  for (let seed = 0; seed < 60; seed += 1) {
    const chance = (at: number): number => ((seed * 7919 + at * 104_729) % 1000) / 1000
    const many = 1 + (seed % 4)
    const parts = Array.from({ length: many }, (_, at) => {
      const [one, two] = halves({ wide: SHEET.wide, long: SHEET.long }, chance(at))
      return [...halves(one!, chance(at + 9)), two!]
    }).flat()
    came += many
    used += packSheets(
      parts.map(({ wide, long }) => ({ along: wide as never, up: long as never, grain: 'up', owner: '' })),
    ).sheets.length
  }
  expect(used / came).toBeLessThan(1.3)
  expect(used).toBeGreaterThanOrEqual(came)
})
