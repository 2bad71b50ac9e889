import { claddingOf } from '../catalogue'
import { rowsOf } from '../firmValues/rows'
import type { JobDocument, Side } from '../job'
import { feet, toFeet, type Length } from '../measure'
import { foundationTop, gableRise, groundAt, resolveHeight, wallTop } from './heights'
import { drawnLength, featureBox, isOpening } from './walls'

const FT2 = feet(1) * feet(1)

/** What a painter paints of a stretch of wall. */
export type PaintedArea = {
  /** For labour: openings are never taken off. */
  readonly gross_ft2: number
  /** True surface for material: larger openings off, laps and roughness on. */
  readonly surface_ft2: number
  /** The wall whatever it is clad with, masonry apart: openings in, and larger ones off. */
  readonly wall_ft2: number
  readonly wall_net_ft2: number
  /** Height of the wall over the ground it is painted from, as the mean of its two ends. */
  readonly height: Length
  readonly how: string
}

/** Area under the positive part of a straight line from `a` to `b` over a length. */
function above(a: number, b: number, length: number): number {
  if (a <= 0 && b <= 0) return 0
  if (a >= 0 && b >= 0) return ((a + b) / 2) * length
  const high = Math.max(a, b)
  return (high * (high / Math.abs(a - b)) * length) / 2
}

/** Area of a gable's triangle between two stations. */
function gableBetween(side: Side, length: number, from: number, to: number): number {
  if (side.roof_edge !== 'gable' || length === 0) return 0
  const rise = gableRise(length as Length, side.pitch_in_12)
  const at = (station: number): number => (rise * Math.min(station, length - station) * 2) / length
  const middle = Math.min(Math.max(length / 2, from), to)
  return ((at(from) + at(middle)) / 2) * (middle - from) + ((at(middle) + at(to)) / 2) * (to - middle)
}

/** Columns a stretch is cut into where it is worked only so high: what is straight is met exactly, a bend within a column nearly. */
const COLUMNS = 400

/** Area of a stretch between two heights over the ground: over the foundation, and under the eave or the slopes of the gable. */
function bandArea(
  of: { readonly from: number; readonly to: number; readonly low: number; readonly high: number },
  wall: {
    readonly foot: number
    readonly top: (station: number) => number
    readonly ground: (station: number) => number
  },
): number {
  const wide = (of.to - of.from) / COLUMNS
  let area = 0
  for (let column = 0; column < COLUMNS; column += 1) {
    const station = of.from + (column + 0.5) * wide
    const ground = wall.ground(station)
    const bottom = Math.max(wall.foot, ground + of.low)
    area += Math.max(0, Math.min(wall.top(station), ground + of.high) - bottom) * wide
  }
  return area
}

/** What is said of a band beside the arithmetic; empty: there is none. */
function bandSaid(low: Length | null, high: Length | null): string {
  if (low === null && high === null) return ''
  const from = low === null ? 'the ground' : `${toFeet(low).toFixed(2)} ft`
  return ` from ${from} up${high === null ? '' : ` to ${toFeet(high).toFixed(2)} ft`}`
}

const overlap = (a: number, b: number, from: number, to: number): number =>
  Math.max(0, Math.min(b, to) - Math.max(a, from))

/**
 * What is painted of a side between two stations: the wall from its foundation (or the ground, where it lies higher) to the eave,
 * with its gable; parts clad in what nobody paints are left out.
 *
 * Source: plane geometry; which cladding is painted, and its true surface, are rows of the catalogue.
 */
export function paintedArea(
  side: Side,
  job: JobDocument,
  stretch: {
    readonly from: Length
    readonly to: Length
    /** Over the ground; null, or left out: from the ground up, to the top. */
    readonly low?: Length | null
    readonly high?: Length | null
  },
): PaintedArea {
  const { from, to, low = null, high = null } = stretch
  const length = drawnLength(side, job)
  const [top, foot] = [wallTop(side, job.house), foundationTop(job.house, side)]
  const ground = (station: number): number => groundAt(side, station as Length)
  const wide = Math.max(0, to - from)
  const isBand = low !== null || high !== null
  const rise = side.roof_edge === 'gable' ? gableRise(length, side.pitch_in_12) : 0
  const eaveAt = (station: number): number =>
    top + (length > 0 ? (rise * Math.min(station, length - station) * 2) / length : 0)
  const whole = isBand
    ? bandArea(
        { from, to, low: low ?? 0, high: high ?? Number.POSITIVE_INFINITY },
        { foot, top: eaveAt, ground },
      )
    : Math.max(0, top - foot) * wide -
      above(ground(from) - foot, ground(to) - foot, wide) +
      gableBetween(side, length, from, to)
  // The band as it lies at the middle of the stretch: what is clad otherwise and the openings are cut by a level line.
  const middle = ground((from + to) / 2)
  const [bottom, lid] = [
    low === null ? Number.NEGATIVE_INFINITY : middle + low,
    high === null ? Number.POSITIVE_INFINITY : middle + high,
  ]
  const parts = side.clad_parts.map((part) => {
    const tall = overlap(
      Math.max(part.bottom, bottom),
      Math.min(part.top, lid),
      foot,
      top + gableRise(length, side.pitch_in_12),
    )
    return { row: claddingOf(part.cladding), area: overlap(part.left, part.right, from, to) * tall }
  })
  const main = claddingOf(side.cladding)
  const otherwise = parts.reduce((sum, part) => sum + part.area, 0)
  const clad = [{ row: main, area: Math.max(0, whole - otherwise) }, ...parts]
  const painted = clad.filter(({ row }) => row?.painted !== false)
  const left = clad.filter(({ row, area }) => row?.painted === false && area > 0)
  const gross = painted.reduce((sum, { area }) => sum + area, 0)
  const above_ft2 = rowsOf(job.settings).deduct_above_ft2
  const off = job.features
    .filter((feature) => feature.side_id === side.id && isOpening(feature))
    .map((feature) => featureBox(feature, job))
    .filter((box) => ((box.right - box.left) * (box.top - box.bottom)) / FT2 > above_ft2)
    .reduce(
      (sum, box) => sum + overlap(box.left, box.right, from, to) * overlap(box.bottom, box.top, bottom, lid),
      0,
    )
  // Openings lie in painted and unpainted parts alike.
  const net = whole > 0 ? Math.max(0, gross - (off * gross) / whole) : 0
  const rough =
    gross > 0 ? painted.reduce((sum, { row, area }) => sum + area * (row?.surface ?? 1), 0) / gross : 1
  const wall = clad.reduce((sum, { row, area }) => sum + (row?.masonry ? 0 : area), 0)
  return {
    gross_ft2: gross / FT2,
    wall_ft2: wall / FT2,
    wall_net_ft2: whole > 0 ? Math.max(0, wall - (off * wall) / whole) / FT2 : 0,
    surface_ft2: (net * rough) / FT2,
    height: Math.min(
      high ?? Number.POSITIVE_INFINITY,
      Math.max(0, top - (ground(from) + ground(to)) / 2),
    ) as Length,
    how: `${toFeet(wide as Length).toFixed(2)} ft of wall${bandSaid(low, high)}, ${(gross / FT2).toFixed(1)} ft² painted${
      left.length > 0
        ? `, ${(left.reduce((sum, { area }) => sum + area, 0) / FT2).toFixed(1)} ft² of ${[
            ...new Set(left.map(({ row }) => row!.name)),
          ].join(' and ')} left out`
        : ''
    }; for material ${(net / FT2).toFixed(1)} ft² without openings over ${above_ft2} ft², × ${rough.toFixed(2)} true surface.`,
  }
}

/** A height of a place over the ground below it, which is what reach is counted from. */
export function overGround(
  place: { readonly station: Length; readonly height: Parameters<typeof resolveHeight>[0] },
  side: Side,
  job: JobDocument,
): Length {
  const { station } = place
  return (resolveHeight(place.height, job.house, { side, station }) - groundAt(side, station)) as Length
}
