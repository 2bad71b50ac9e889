import type { Coverage } from '../coverage'
import { byId, type JobDocument, type Side, type ZoneId } from '../job'
import { feet, inches, toFeet, formatLength, type Length } from '../measure'
import type { Trace } from '../trace'
import { box, hatch, type Drawing, type Mark, type Point, type Shape, type SideSpan } from './drawing'
import { drawFeature } from './drawFeature'
import { drawWall } from './drawSide'
import { drawDays, type DayPiece } from './drawDays'
import { drawFindings } from './drawFindings'
import { drawScopeLine } from './drawScopeLine'
import {
  drawnLength,
  featureBox,
  shownBox,
  foundationTop,
  gableRise,
  stripOrder,
  wallTop,
  type WallBox,
} from '../geometry'

/** What the strip is drawn for: house units to a pixel, the stage's ink, and what is chosen. */
export type StripView = {
  readonly px: number
  readonly coverage: Coverage | null
  readonly trace: Trace | null
  readonly chosen: readonly string[]
  /** Only these sides, for one side at a time on a phone; null for all. */
  readonly only: readonly string[] | null
  /** Draws what was measured over the walls (`drawSurveysOnStrip`): given, so that a page fetches it when it is shown. */
  readonly surveys?: ((job: JobDocument, spans: readonly SideSpan[], px: number) => readonly Mark[]) | null
  /** Which part is worked on which day, in place of what was found. */
  readonly days?: readonly DayPiece[] | null
}

/** Air between neighbouring walls, so that both roof edges show. */
const GAP = feet(2)

/** Where each side stands on the strip, left to right. */
export function stripSpans(job: JobDocument, only: readonly string[] | null = null): SideSpan[] {
  let x = 0
  return stripOrder(job)
    .filter((side) => only === null || only.includes(side.id))
    .map((side): SideSpan => {
      const length = drawnLength(side, job)
      const span = {
        id: side.id,
        letter: side.letter,
        facing: side.facing,
        x,
        length,
        open: side.length === null,
      }
      x += length + GAP
      return span
    })
}

function zoneOutline(zone: ZoneId, side: Side, job: JobDocument, x: number): Point[] | null {
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const foot = foundationTop(job.house, side)
  const band = inches(18)
  switch (zone) {
    case 'roof-edge':
      return box(x, top - band, x + length, top)
    case 'gable':
      return [
        [x, top],
        [x + length, top],
        [x + length / 2, top + gableRise(length, side.pitch_in_12)],
      ]
    case 'field':
      return box(x, foot + band, x + length, top - band)
    case 'base-and-grade':
      return box(x, 0, x + length, foot + band)
    case 'corners-and-trim':
    case 'openings':
    case 'penetrations':
    case 'attachments':
      return null
  }
}

/** Hatching over zones that were not looked at; on a side with any record, also over those without one. */
function drawUnseen(coverage: Coverage, spans: readonly SideSpan[], job: JobDocument, px: number): Shape[] {
  const lines = spans.flatMap(({ id, x }) => {
    const side = byId(job.sides, id)!
    const mine = coverage.zones.filter((each) => each.side_id === id)
    const begun = mine.some((each) => each.state.kind !== 'not-recorded')
    return mine.flatMap(({ zone, state }) => {
      const unseen = state.kind === 'not-looked' || (begun && state.kind === 'not-recorded')
      const outline = unseen ? zoneOutline(zone, side, job, x) : null
      return outline ? hatch(outline, 11 * px) : []
    })
  })
  return lines.length > 0 ? [{ kind: 'strokes', ink: 'not-seen', lines }] : []
}

/** Sources as a blue run along the faulty detail with its letter at the start, water paths down to the findings. */
function drawSources(trace: Trace, spans: readonly SideSpan[], job: JobDocument, view: StripView): Mark[] {
  /** Where letters stand already: of two sources at one place the second stands beside the first. */
  const letters: Point[] = []
  const letterAt = (x: number, y: number): Point => {
    const near = 12 * view.px
    let at = x
    while (letters.some((each) => Math.abs(each[0] - at) < near && Math.abs(each[1] - y) < near))
      at -= 14 * view.px
    letters.push([at, y])
    return [at, y]
  }
  return trace.sources.flatMap((source): Mark[] => {
    if (source.letter === null) return []
    const { letter } = source
    return source.places.flatMap((seat, index): Mark[] => {
      const span = spans.find((each) => each.id === seat.side_id)
      if (!span) return []
      const y = seat.top
      const left = span.x + seat.left
      const right = Math.max(span.x + seat.right, left + 10 * view.px)
      const thick = 2 * view.px
      const label = letterAt(left - 5 * view.px, y - 4 * view.px)
      const paths = nearestTo(seat, source.places, [...source.finding_ids, ...source.also_ids], job).flatMap(
        (id) => {
          const finding = byId(job.findings, id)
          const at = finding ? shownBox(finding, job) : null
          if (!at || at.side_id !== span.id) return []
          const from = Math.min(Math.max(span.x + (at.left + at.right) / 2, left), right)
          const to: Point = [span.x + (at.left + at.right) / 2, at.top]
          return Math.abs(to[1] - y) < 8 * view.px ? [] : [[[from, y] as Point, to]]
        },
      )
      return [
        {
          kind: 'mark',
          of: 'source',
          ids: index === 0 ? [letter] : [letter, String(index + 1)],
          name: `Source ${source.letter}: ${source.name}, ${source.seat_words}, reaches ${source.finding_ids.length} findings`,
          shapes: [
            { kind: 'strokes', ink: 'water-path', lines: paths },
            { kind: 'polygon', ink: 'water', points: box(left, y - thick, right, y + thick) },
            {
              kind: 'label',
              ink: 'water-text',
              at: label,
              text: letter,
              size_px: 15,
              anchor: 'end',
            },
          ],
          box: { left: label[0] - 9 * view.px, right, bottom: y - 8 * view.px, top: y + 8 * view.px },
        },
      ]
    })
  })
}

/** Of the findings of a source with many places, those that are nearest to this one. */
function nearestTo(
  seat: WallBox,
  places: readonly WallBox[],
  ids: readonly string[],
  job: JobDocument,
): string[] {
  if (places.length === 1) return [...ids]
  return ids.filter((id) => {
    const finding = byId(job.findings, id)
    const at = finding ? shownBox(finding, job) : null
    if (!at) return false
    const far = (place: WallBox): number =>
      place.side_id === at.side_id ? Math.abs((place.left + place.right - at.left - at.right) / 2) : Infinity
    return places.every((other) => far(seat) <= far(other))
  })
}

/** The outside walls unrolled to scale, each as seen from outside, with what was found on them. */
export function drawStrip(job: JobDocument, view: StripView): Drawing {
  const spans = stripSpans(job, view.only)
  const sides = stripOrder(job)
  const xOf = (id: string): number | null => spans.find((span) => span.id === id)?.x ?? null
  const walls = spans.map((span): Mark => {
    const index = sides.findIndex((each) => each.id === span.id)
    const side = sides[index]!
    const neighbour = (step: number): Side | null =>
      sides.length > 1 ? sides[(index + step + sides.length) % sides.length]! : null
    const top = wallTop(side, job.house)
    return {
      kind: 'mark',
      of: 'side',
      ids: [side.id],
      name: `Side ${side.letter}, ${side.facing}, ${side.length === null ? 'length not measured' : formatLength(side.length)}`,
      shapes: drawWall(side, { before: neighbour(-1), after: neighbour(1) }, job, span.x),
      box: { left: span.x, right: span.x + span.length, bottom: 0, top },
    }
  })
  const features = job.features.flatMap((feature): Mark[] => {
    const x = xOf(feature.side_id)
    if (x === null) return []
    const at = featureBox(feature, job)
    const letter = byId(job.sides, feature.side_id)?.letter ?? ''
    return [
      {
        kind: 'mark',
        of: 'feature',
        ids: [feature.id],
        name: `${feature.kind.replaceAll('-', ' ')} ${letter}${feature.number}, ${formatLength(feature.width)} wide`,
        shapes: drawFeature(feature, job, x),
        box: { left: x + at.left, right: x + at.right, bottom: at.bottom, top: at.top },
      },
    ]
  })
  const last = spans.at(-1)
  const right = (last ? last.x + last.length : feet(40)) + GAP
  const roofs = sides.map((side) => {
    const peak =
      side.roof_edge === 'gable'
        ? gableRise(drawnLength(side, job), side.pitch_in_12)
        : feet(9) * Math.min(1, side.pitch_in_12 / 6)
    return wallTop(side, job.house) + (side.roof_edge === 'none' ? 0 : peak)
  })
  const drawn = walls
    .flatMap((wall) => wall.shapes)
    .flatMap((shape) => (shape.kind === 'polygon' ? shape.points.map((point) => point[1]) : []))
  return {
    left: 0 - GAP,
    right,
    bottom: 0 - feet(0.5),
    top: Math.max(feet(12), ...roofs, ...drawn) + feet(2),
    items: [
      ...walls,
      ...features,
      ...(view.coverage ? drawUnseen(view.coverage, spans, job, view.px) : []),
      ...(view.trace ? drawSources(view.trace, spans, job, view) : []),
      ...(view.surveys?.(job, spans, view.px) ?? []),
      ...drawScopeLine(job, spans, view.px),
      ...(view.days ? drawDays(view.days, job, xOf, view) : drawFindings(job, xOf, { ...view, right })),
    ],
    sides: spans,
  }
}

/** Height of the tape on the screen. */
export const TAPE_PX = 24

/** The tape under the strip: stations of each side from its left end, feet marked, names at the right. */
export function drawTape(
  spans: readonly SideSpan[],
  of: { left: number; right: number; px: number },
): Shape[] {
  const { px } = of
  const high = TAPE_PX * px
  const ticks: Point[][] = []
  const tens: Point[][] = []
  const labels: Shape[] = []
  for (const span of spans) {
    const ft = Math.floor(toFeet(span.length as Length))
    const pxPerFoot = feet(1) / px
    const step = pxPerFoot >= 6 ? 1 : 2
    const major = pxPerFoot >= 14 ? 5 : 10
    for (let foot = 0; foot <= ft; foot += step) {
      const x = span.x + feet(foot)
      const big = foot % major === 0
      ;(big ? tens : ticks).push([
        [x, high],
        [x, high - (big ? high : foot % 5 === 0 ? 10 * px : 6 * px)],
      ])
      // The name of the side stands at its right end; stations there give way to it.
      const room = (span.x + span.length - x) / px
      if (big && room > 92) {
        labels.push({
          kind: 'label',
          ink: 'tape-text',
          at: [x + 4 * px, 5 * px],
          text: `${foot}'`,
          size_px: 11,
          anchor: 'start',
        })
      }
    }
    const length = span.open ? '?' : formatLength(span.length as Length)
    labels.push({
      kind: 'label',
      ink: 'tape-text',
      at: [span.x + span.length - 5 * px, 5 * px],
      text: `${span.letter} ${span.facing[0]!.toUpperCase()}${span.facing.slice(1)} ${length}`,
      size_px: 12,
      anchor: 'end',
    })
  }
  return [
    { kind: 'polygon', ink: 'tape', points: box(of.left, 0, of.right, high) },
    { kind: 'strokes', ink: 'tape-tick', lines: ticks },
    { kind: 'strokes', ink: 'tape-foot', lines: tens },
    ...labels,
  ]
}
