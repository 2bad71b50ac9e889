import { toFeet, inches, type Length } from '../measure'
import type { Feature, JobDocument, Side } from '../job'
import { box, type Ink, type Point, type Shape } from './drawing'
import { drawnLength, featureBox, foundationTop, wallTop } from '../geometry'

const COURSE = inches(8)
const CORNER_BOARD = inches(5)
const EDGE = inches(7)
/** Depth of the house where the neighbouring side was not measured. Drawn only. */
const ASSUMED_DEPTH = inches(24 * 12)

const polygon = (ink: Ink, points: readonly Point[]): Shape => ({ kind: 'polygon', ink, points })
const strokes = (ink: Ink, lines: readonly (readonly Point[])[]): Shape => ({ kind: 'strokes', ink, lines })

/** Outline of one wall: its rectangle, with the gable on top where there is one. */
export function wallOutline(side: Side, job: JobDocument, x: number): Point[] {
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const foot = foundationTop(job.house)
  const base = box(x, foot, x + length, top)
  if (side.roof_edge !== 'gable') return base
  return [base[0]!, base[1]!, base[2]!, [x + length / 2, top + gableRise(side, job)], base[3]!]
}

export function gableRise(side: Side, job: JobDocument): number {
  return (drawnLength(side, job) / 2) * (side.pitch_in_12 / 12)
}

function courses(side: Side, job: JobDocument, x: number): Point[][] {
  if (side.cladding === 'stucco' || side.cladding === 'panel') return []
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const rise = side.roof_edge === 'gable' ? gableRise(side, job) : 0
  const lines: Point[][] = []
  for (let y = foundationTop(job.house) + COURSE; y < top + rise; y += COURSE) {
    const inset = y <= top ? 0 : ((y - top) / rise) * (length / 2)
    lines.push([
      [x + inset, y],
      [x + length - inset, y],
    ])
  }
  return lines
}

function roofOf(
  side: Side,
  neighbours: { before: Side | null; after: Side | null },
  job: JobDocument,
  x: number,
): Shape[] {
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const over = side.overhang
  if (side.roof_edge === 'none') return []
  if (side.roof_edge === 'gable') {
    const slope = side.pitch_in_12 / 12
    const peak = top + gableRise(side, job)
    const drop = over * slope
    const rake = (from: Point, to: Point): Point[] => [
      from,
      to,
      [to[0], to[1] + EDGE],
      [from[0], from[1] + EDGE],
    ]
    return [
      polygon('trim', rake([x - over, top - drop], [x + length / 2, peak])),
      polygon('trim', rake([x + length + over, top - drop], [x + length / 2, peak])),
    ]
  }
  const beside = neighbours.after?.length ?? neighbours.before?.length ?? ASSUMED_DEPTH
  const rise = (beside / 2 + over) * (side.pitch_in_12 / 12)
  const hip = (neighbour: Side | null): number => (neighbour?.roof_edge === 'gable' ? 0 : beside / 2)
  const left = Math.min(hip(neighbours.before), length / 2)
  const right = Math.min(hip(neighbours.after), length / 2)
  return [
    polygon('roof', [
      [x - over, top],
      [x + length + over, top],
      [x + length + over - right, top + rise],
      [x - over + left, top + rise],
    ]),
    polygon('trim', box(x - over, top - EDGE / 2, x + length + over, top + EDGE / 2)),
  ]
}

/** The wall of a side with its foundation, courses, corner boards and roof. */
export function drawWall(
  side: Side,
  neighbours: { before: Side | null; after: Side | null },
  job: JobDocument,
  x: number,
): Shape[] {
  const length = drawnLength(side, job)
  const foot = foundationTop(job.house)
  const top = wallTop(side, job.house)
  const masonry = side.cladding === 'brick' || side.cladding === 'stucco'
  const shapes: Shape[] = [
    ...roofOf(side, neighbours, job, x),
    polygon('foundation', box(x, 0, x + length, foot)),
    polygon(masonry ? 'masonry' : 'wall', wallOutline(side, job, x)),
    strokes('course', courses(side, job, x)),
  ]
  if (!masonry) {
    shapes.push(
      polygon('trim', box(x, foot, x + CORNER_BOARD, top)),
      polygon('trim', box(x + length - CORNER_BOARD, foot, x + length, top)),
    )
  }
  if (side.length === null) {
    shapes.push(
      strokes('open-end', [
        [
          [x + length, 0],
          [x + length, top],
        ],
      ]),
    )
  }
  // The roof edge is drawn again over the wall: it stands in front of it.
  return [...shapes, ...roofOf(side, neighbours, job, x).slice(1)]
}

/** A window, door or deck as seen from outside. */
export function drawFeature(feature: Feature, job: JobDocument, x: number): Shape[] {
  const at = featureBox(feature, job.house)
  const left = x + at.left
  const right = x + at.right
  if (feature.kind === 'deck') {
    const spans = Math.max(1, Math.round(toFeet((right - left) as Length) / 7))
    const posts = Array.from({ length: spans + 1 }, (_, i) => left + ((right - left) * i) / spans)
    const half = inches(2)
    return [
      ...posts.map((post) => polygon('deck', box(post - half, 0, post + half, at.bottom))),
      polygon('deck', box(left - half, at.bottom, right + half, at.top)),
    ]
  }
  const casing = feature.casing_width
  const shapes: Shape[] = [polygon('trim', box(left - casing, at.bottom, right + casing, at.top + casing))]
  if (feature.kind === 'door') {
    return [...shapes, polygon('door', box(left, at.bottom, right, at.top))]
  }
  const sash = inches(2)
  const middle = (at.bottom + at.top) / 2
  return [
    ...shapes,
    polygon('glass', box(left + sash, at.bottom + sash, right - sash, at.top - sash)),
    polygon('trim', box(left + sash, middle - sash / 2, right - sash, middle + sash / 2)),
    polygon('trim', box(left - casing - sash, at.bottom - inches(3), right + casing + sash, at.bottom)),
  ]
}
