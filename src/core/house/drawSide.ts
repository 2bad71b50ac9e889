import { drawnLength, foundationTop, gableRise, groundAt, wallTop } from '../geometry'
import type { JobDocument, Side } from '../job'
import { inches, type Length } from '../measure'
import { box, polygon, strokes, type Point, type Shape } from './drawing'
import { drawRoof } from './drawRoof'

const COURSE = inches(8)
const CORNER_BOARD = inches(5)

/** Outline of one wall down to the foundation's top, with the gable on top where there is one. */
export function wallOutline(side: Side, job: JobDocument, x: number): Point[] {
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const foot = foundationTop(job.house, side)
  const base = box(x, foot, x + length, top)
  if (side.roof_edge !== 'gable') return base
  return [base[0]!, base[1]!, base[2]!, [x + length / 2, top + gableRise(length, side.pitch_in_12)], base[3]!]
}

function isSmooth(cladding: Side['cladding']): boolean {
  return cladding === 'stucco' || cladding === 'panel'
}

function isMasonry(cladding: Side['cladding']): boolean {
  return cladding === 'brick' || cladding === 'stucco'
}

function courses(side: Side, job: JobDocument, x: number): Point[][] {
  if (isSmooth(side.cladding)) return []
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const rise = side.roof_edge === 'gable' ? gableRise(length, side.pitch_in_12) : 0
  const lines: Point[][] = []
  for (let y = foundationTop(job.house, side) + COURSE; y < top + rise; y += COURSE) {
    const inset = y <= top ? 0 : ((y - top) / rise) * (length / 2)
    lines.push([
      [x + inset, y],
      [x + length - inset, y],
    ])
  }
  return lines
}

/** Parts of a wall clad otherwise than the rest, cut to the wall. */
function cladParts(side: Side, job: JobDocument, x: number): Shape[] {
  const length = drawnLength(side, job)
  return side.clad_parts.flatMap((part): Shape[] => {
    const left = Math.min(part.left, length)
    const right = Math.min(part.right, length)
    if (right <= left || part.top <= part.bottom) return []
    const lines: Point[][] = []
    if (!isSmooth(part.cladding)) {
      for (let y = part.bottom + COURSE; y < part.top; y += COURSE) {
        lines.push([
          [x + left, y],
          [x + right, y],
        ])
      }
    }
    return [
      polygon(isMasonry(part.cladding) ? 'masonry' : 'wall', box(x + left, part.bottom, x + right, part.top)),
      strokes('course', lines),
    ]
  })
}

/** What shows under the cladding down to the ground: a wall of masonry, or posts, with or without a skirt. */
function drawFoundation(side: Side, job: JobDocument, x: number): Shape[] {
  const length = drawnLength(side, job)
  const foot = foundationTop(job.house, side)
  const ground = (station: number): number => groundAt(side, station as Length)
  const to: Point[] = [
    [x, ground(0)],
    [x + length, ground(length)],
    [x + length, foot],
    [x, foot],
  ]
  const kind = job.house?.foundation
  if (kind !== 'piers' && kind !== 'piers-with-skirt') return [polygon('foundation', to)]
  const many = Math.max(2, Math.round(length / inches(96)) + 1)
  const half = inches(8)
  const piers = Array.from({ length: many }, (_, index): Shape => {
    const station = half + ((length - 2 * half) * index) / (many - 1)
    return polygon('foundation', box(x + station - half, ground(station), x + station + half, foot))
  })
  return kind === 'piers' ? piers : [polygon('skirt', to), ...piers]
}

/** The line of the ground, where it is not level. */
function groundLine(side: Side, job: JobDocument, x: number): Shape[] {
  if (side.ground_left === 0 && side.ground_right === 0) return []
  const length = drawnLength(side, job)
  return [
    strokes('ground', [
      [
        [x - inches(12), side.ground_left],
        [x, side.ground_left],
        [x + length, groundAt(side, length)],
        [x + length + inches(12), groundAt(side, length)],
      ],
    ]),
  ]
}

/** The wall of a side with its foundation, courses, corner boards, ground and roof. */
export function drawWall(
  side: Side,
  neighbours: { before: Side | null; after: Side | null },
  job: JobDocument,
  x: number,
): Shape[] {
  const length = drawnLength(side, job)
  const foot = foundationTop(job.house, side)
  const top = wallTop(side, job.house)
  const masonry = isMasonry(side.cladding)
  const roof = drawRoof(side, neighbours, job, x)
  const shapes: Shape[] = [
    ...roof,
    ...drawFoundation(side, job, x),
    polygon(masonry ? 'masonry' : 'wall', wallOutline(side, job, x)),
    strokes('course', courses(side, job, x)),
    ...cladParts(side, job, x),
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
  return [...shapes, ...roof.slice(1), ...groundLine(side, job, x)]
}
