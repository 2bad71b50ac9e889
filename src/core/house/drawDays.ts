import { drawnLength, shownBox, wallTop } from '../geometry'
import { byId, type JobDocument } from '../job'
import type { Length } from '../measure'
import { box, type Mark, type Shape } from './drawing'

/** A piece of work on a wall, and its days, as they are drawn. */
export type DayPiece = {
  readonly key: string
  readonly side_id: string
  readonly from: Length
  readonly to: Length
  /** Middle of it over the house’s zero; null: nobody said how high. */
  readonly height: number | null
  /** `3` or `3–5`: days of the work, counted. */
  readonly label: string
  readonly state: 'done' | 'shown' | 'later'
  readonly name: string
}

/** Pixels: how thick a piece is drawn, how short at least, and how far one lies over another at the same place. */
const BAR = { thick: 5, least: 10, apart: 17 } as const

/**
 * Which part of the walls is worked on which day: a bar along each piece with the number of its day. Bars that would lie over one
 * another are set above each other.
 */
export function drawDays(
  pieces: readonly DayPiece[],
  job: JobDocument,
  xOf: (sideId: string) => number | null,
  view: { readonly px: number; readonly chosen: readonly string[] },
): Mark[] {
  const { px } = view
  const taken: { left: number; right: number; y: number }[] = []
  return pieces.flatMap((piece): Mark[] => {
    const x = xOf(piece.side_id)
    const side = byId(job.sides, piece.side_id)
    if (x === null || !side) return []
    const left = x + piece.from
    const right = Math.max(x + piece.to, left + BAR.least * px)
    let y = piece.height ?? wallTop(side, job.house) / 2
    const room = BAR.apart * px
    const reach = 12 * px
    while (
      taken.some(
        (each) => Math.abs(each.y - y) < room && each.left < right + reach && left < each.right + reach,
      )
    ) {
      y += room
    }
    taken.push({ left, right, y })
    const half = (BAR.thick / 2) * px
    const isChosen = view.chosen.includes(piece.key)
    const shapes: Shape[] = [
      { kind: 'polygon', ink: `day-${piece.state}`, points: box(left, y - half, right, y + half) },
      {
        kind: 'label',
        ink: isChosen ? 'chosen-text' : 'ink-text',
        at: [left, y + half + 3 * px],
        text: piece.label,
        size_px: 13,
        anchor: 'start',
      },
    ]
    return [
      {
        kind: 'mark',
        of: 'piece',
        ids: [piece.key],
        name: piece.name,
        shapes,
        box: { left, right, bottom: y - 2 * half, top: y + half + 14 * px },
      },
    ]
  })
}

/** The whole side, where a piece of work says no more. */
export function wholeSideOf(side_id: string, job: JobDocument): { from: Length; to: Length } {
  const side = byId(job.sides, side_id)
  return { from: 0 as Length, to: side ? drawnLength(side, job) : (0 as Length) }
}

/** How high the findings of a piece lie, in the middle; null where none is on the walls. */
export function heightOf(finding_ids: readonly string[], side_id: string, job: JobDocument): number | null {
  const boxes = finding_ids.flatMap((id) => {
    const finding = byId(job.findings, id)
    const at = finding ? shownBox(finding, job) : null
    return at?.side_id === side_id ? [at] : []
  })
  if (boxes.length === 0) return null
  return boxes.reduce((sum, each) => sum + (each.bottom + each.top) / 2, 0) / boxes.length
}
