import { drawnLength, gableRise, wallTop } from '../geometry'
import type { JobDocument, Side } from '../job'
import { inches } from '../measure'
import { box, polygon, type Point, type Shape } from './drawing'

/** Depth of the boards along a roof edge as drawn. */
const EDGE = inches(7)
/** Depth of the house where the neighbouring side was not measured. Drawn only. */
const ASSUMED_DEPTH = inches(24 * 12)

/** The roof over a side as seen from outside: slope and eave board, or the rakes of its gable. The first shape lies behind the wall. */
export function drawRoof(
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
    const peak = top + gableRise(length, side.pitch_in_12)
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
  // The end of a hip roof falls to both of its corners whatever stands beside it.
  const end = side.roof_edge === 'hip' ? beside / 2 : 0
  const left = Math.min(Math.max(end, hip(neighbours.before)), length / 2)
  const right = Math.min(Math.max(end, hip(neighbours.after)), length / 2)
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
