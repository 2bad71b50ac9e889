import { WORK_SAYS } from '../catalogue/sentences/work'
import type { MethodRow } from '../catalogue'
import { drawnLength, featureBox, groundAt, isOpening, paintedArea, type PaintedArea } from '../geometry'
import { byId, type JobDocument, type Side } from '../job'
import { toFeet, type Length } from '../measure'
import type { ItemSpot } from '../scope'
import type { WorkedPlace } from './workedPlace'

/** Feet of trim: the roof edge and the foot over the stretch, its share of the two corners, and round the openings in it. */
function trimOf(
  side: Side,
  job: JobDocument,
  stretch: NonNullable<ItemSpot['stretch']>,
  height: Length,
): number {
  const ground = groundAt(side, ((stretch.from + stretch.to) / 2) as Length)
  const share = (stretch.to - stretch.from) / Math.max(1, drawnLength(side, job))
  const round = job.features
    .filter((feature) => feature.side_id === side.id && isOpening(feature))
    .map((feature) => featureBox(feature, job))
    .filter((box) => box.left >= stretch.from && box.right <= stretch.to)
    .filter(
      (box) =>
        box.bottom - ground >= (stretch.low ?? 0) &&
        (stretch.high === null || box.top - ground <= stretch.high),
    )
    .reduce((sum, box) => sum + 2 * (box.right - box.left + (box.top - box.bottom)), 0)
  // The foot only from the ground up, the roof edge only where the work reaches it.
  const edges = (stretch.low === null ? 1 : 0) + (stretch.high === null ? 1 : 0)
  const tall = Math.max(0, height - (stretch.low ?? 0))
  return toFeet((edges * (stretch.to - stretch.from) + 2 * tall * share + round) as Length)
}

/** Painted work needs what is painted; work on the wall needs wall that is no masonry. */
function nothingThere(row: MethodRow, area: PaintedArea): string[] {
  const onWall = row.recipe?.tasks.some((each) => each.per === '100 ft2 wall') ?? false
  if (onWall) return area.wall_ft2 <= 0 ? [WORK_SAYS.nothingClad] : []
  return area.gross_ft2 <= 0 ? [WORK_SAYS.nothingPainted] : []
}

/** A stretch of a whole side as it is worked: by its area, its trim, its length. */
export function wholeSide(spot: ItemSpot, row: MethodRow, job: JobDocument): WorkedPlace[] {
  const { at, stretch } = spot
  if (at.kind !== 'whole-side' || stretch === null) return []
  const side = byId(job.sides, at.side_id)
  if (!side) return []
  const area = paintedArea(side, job, stretch)
  return [
    {
      where: spot.where,
      spot,
      side: side.id,
      times: 1,
      set_ups: 1,
      length: (stretch.to - stretch.from) as Length,
      across: null,
      legs: 1,
      upright: false,
      courses: 1,
      top: area.height,
      pieces: [],
      meets: 0,
      area,
      station: stretch.from,
      trim_ft: trimOf(side, job, stretch, area.height),
      head: null,
      ft2: null,
      patch: null,
      notes: [area.how, ...(side.length === null ? [WORK_SAYS.sideAsDrawn] : [])],
      lacks: nothingThere(row, area),
    },
  ]
}
