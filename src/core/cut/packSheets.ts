import type { Grain } from '../catalogue'
import { feet, type Length } from '../measure'
import { KERF } from './packBoards'

/** A sheet as the yard has it; its grain, and its grooves, run along the long side. */
export const SHEET = { wide: feet(4), long: feet(8) } as const

export type SheetPiece = {
  readonly along: Length
  readonly up: Length
  readonly grain: Grain
  readonly owner: string
}

/** A piece on a sheet: from its corner, across its width and along its length. */
export type Laid = {
  readonly piece: SheetPiece
  readonly x: number
  readonly y: number
  readonly wide: number
  readonly long: number
}
export type CutSheet = { readonly laid: readonly Laid[] }

type Rect = { readonly x: number; readonly y: number; readonly wide: number; readonly long: number }

/** The ways a piece may lie on a sheet that hold it. */
function waysOf({ along, up, grain }: SheetPiece): { wide: number; long: number }[] {
  const ways = [
    ...(grain === 'along' ? [] : [{ wide: along, long: up }]),
    ...(grain === 'up' ? [] : [{ wide: up, long: along }]),
  ]
  return ways.filter(({ wide, long }) => wide <= SHEET.wide && long <= SHEET.long)
}

/** A piece larger than a sheet, in as few parts as its grain allows; one that fits is itself. */
export function inSheets(piece: SheetPiece): SheetPiece[] {
  if (waysOf(piece).length > 0) return [piece]
  const tiled = (along: number, up: number): SheetPiece[] => {
    const parts = (whole: number, most: number): number[] =>
      Array.from({ length: Math.ceil(whole / most) }, (_, at) => Math.min(most, whole - at * most))
    return parts(piece.along, along).flatMap((a) =>
      parts(piece.up, up).map((u) => ({ ...piece, along: a as Length, up: u as Length })),
    )
  }
  const upright = tiled(SHEET.wide, SHEET.long)
  const lying = tiled(SHEET.long, SHEET.wide)
  if (piece.grain === 'up') return upright
  if (piece.grain === 'along') return lying
  return lying.length < upright.length ? lying : upright
}

/** What a straight cut right through leaves beside and beyond a piece in the corner of a rectangle. */
function rest(of: Rect, wide: number, long: number, first: 'across' | 'along'): Rect[] {
  const beside = of.wide - wide - KERF
  const beyond = of.long - long - KERF
  return [
    { x: of.x + wide + KERF, y: of.y, wide: beside, long: first === 'along' ? of.long : long },
    { x: of.x, y: of.y + long + KERF, wide: first === 'along' ? wide : of.wide, long: beyond },
  ].filter((each) => each.wide > 0 && each.long > 0)
}

/** How one packing chooses: where a piece goes, and which way what is left is cut. */
type Rule = {
  readonly fit: (rect: Rect, wide: number, long: number) => number
  readonly cut: (rect: Rect, wide: number, long: number) => 'across' | 'along'
}
const largest = (of: readonly Rect[]): number => Math.max(0, ...of.map((each) => each.wide * each.long))
const FITS: readonly Rule['fit'][] = [
  (rect, wide, long) => Math.min(rect.wide - wide, rect.long - long),
  (rect, wide, long) => rect.wide * rect.long - wide * long,
  (rect, wide, long) => Math.max(rect.wide - wide, rect.long - long),
]
const CUTS: readonly Rule['cut'][] = [
  (rect, wide, long) =>
    largest(rest(rect, wide, long, 'across')) >= largest(rest(rect, wide, long, 'along'))
      ? 'across'
      : 'along',
  () => 'across',
  () => 'along',
]
const RULES: readonly Rule[] = FITS.flatMap((fit) => CUTS.map((cut) => ({ fit, cut })))

type OpenSheet = { readonly laid: Laid[]; readonly free: Rect[] }
type Spot = {
  readonly sheet: number
  readonly at: number
  readonly wide: number
  readonly long: number
  readonly loss: number
}

/** Where a piece fits on sheets that are begun. */
function places(piece: SheetPiece, sheets: readonly OpenSheet[], rule: Rule): Spot[] {
  return sheets.flatMap(({ free }, sheet) =>
    free.flatMap((rect, at) =>
      waysOf(piece)
        .filter(({ wide, long }) => wide <= rect.wide && long <= rect.long)
        .map(({ wide, long }) => ({ sheet, at, wide, long, loss: rule.fit(rect, wide, long) })),
    ),
  )
}

/** Pieces in one order, each where the rule has it best. */
function packIn(order: readonly SheetPiece[], rule: Rule): CutSheet[] {
  const sheets: OpenSheet[] = []
  for (const piece of order) {
    let spots = places(piece, sheets, rule)
    if (spots.length === 0) {
      sheets.push({ laid: [], free: [{ x: 0, y: 0, wide: SHEET.wide, long: SHEET.long }] })
      spots = places(piece, sheets, rule)
    }
    const [found] = spots.toSorted((one, two) => one.loss - two.loss)
    if (!found) continue
    const sheet = sheets[found.sheet]!
    const [rect] = sheet.free.splice(found.at, 1)
    const { wide, long } = found
    sheet.laid.push({ piece, x: rect!.x, y: rect!.y, wide, long })
    sheet.free.push(...rest(rect!, wide, long, rule.cut(rect!, wide, long)))
  }
  return sheets.map(({ laid }) => ({ laid }))
}

/**
 * Sheets for all pieces by cuts right through, with a saw kerf between, grain kept. Of four orders
 * (area, longer side, up, along) and nine rules the plan with fewest sheets; no fewer than `least` are possible, the area over that of a sheet.
 *
 * Not exact: a heuristic, with its bound.
 */
export function packSheets(pieces: readonly SheetPiece[]): { sheets: readonly CutSheet[]; least: number } {
  const parts = pieces.flatMap(inSheets)
  const by = (of: (piece: SheetPiece) => number): SheetPiece[] => parts.toSorted((a, b) => of(b) - of(a))
  const plans = [
    by(({ along, up }) => along * up),
    by(({ along, up }) => Math.max(along, up)),
    by(({ up, along }) => up * 1e6 + along),
    by(({ up, along }) => along * 1e6 + up),
  ].flatMap((order) => RULES.map((rule) => packIn(order, rule)))
  const area = parts.reduce((sum, { along, up }) => sum + along * up, 0)
  return {
    sheets: plans.reduce((a, b) => (b.length < a.length ? b : a)),
    least: Math.ceil(area / (SHEET.wide * SHEET.long) - 1e-9),
  }
}
