import { err, ok, type Result } from '../result'

/** A reading of the rod at a point, inches; the larger, the lower the point. */
export type RodReading = { readonly point: string; readonly rod_in: number }
/** One standing of the instrument. It is tied to the one before by a point that both read. */
export type SetUp = { readonly readings: readonly RodReading[] }

export type LevelError =
  | { readonly kind: 'no-readings' }
  /** A set-up shares no point with those before it. */
  | { readonly kind: 'not-tied'; readonly setUp: number }

export type LevelRun = {
  /** Height of each point over the first one read, inches. */
  readonly heights: ReadonlyMap<string, number>
  /** Points read from more than one set-up, and by how much the readings differ at the most, inches. */
  readonly misclosure_in: number
  readonly reshoot: boolean
}

/** From here on a run is shot again. Common practice. */
export const RESHOOT_FROM_IN = 1 / 8

/**
 * Reduces levels: height of the line of sight from a known point, less the rod. Points read again close the run.
 *
 * Fails: a set-up that reads no point known from those before it.
 * Source: differential levelling.
 */
export function reduceLevels(setUps: readonly SetUp[]): Result<LevelRun, LevelError> {
  const first = setUps[0]?.readings[0]
  if (!first) return err({ kind: 'no-readings' })
  const heights = new Map<string, number>([[first.point, 0]])
  let misclosure = 0
  for (const [index, { readings }] of setUps.entries()) {
    const tie = readings.find(({ point }) => heights.has(point))
    if (!tie) return err({ kind: 'not-tied', setUp: index + 1 })
    const sight = heights.get(tie.point)! + tie.rod_in
    for (const { point, rod_in } of readings) {
      const height = sight - rod_in
      const known = heights.get(point)
      if (known === undefined) heights.set(point, height)
      else misclosure = Math.max(misclosure, Math.abs(known - height))
    }
  }
  return ok({ heights, misclosure_in: misclosure, reshoot: misclosure > RESHOOT_FROM_IN + 1e-9 })
}

/** Where the level line lies against an edge of a course: taken to its top or bottom edge, above or below it. */
export type CourseReading = {
  readonly station_ft: number
  /** Counted from the ground up. */
  readonly course: number
  readonly edge: 'top' | 'bottom'
  /** From the edge to the line, inches: positive above the edge. */
  readonly line_over_edge_in: number
}
export type CourseDrop = { readonly station_ft: number; readonly drop_in: number }

/**
 * How far one course line falls along a wall, by a level line shot across it. Where the line passes to the next course, a course is added:
 * without that, a fall looks like a rise.
 *
 * @param course_in one course with its joint; bottom edges lie a joint above the course below, which `joint_in` says
 * @returns the drop of the line at each station against the first, inches; positive is lower
 */
export function courseDrops(
  readings: readonly CourseReading[],
  of: { readonly course_in: number; readonly joint_in: number },
): CourseDrop[] {
  const first = readings[0]
  if (!first) return []
  // Height of the top edge of the first reading's course, under the line.
  const topUnderLine = (each: CourseReading): number => {
    const up = each.edge === 'top' ? 0 : of.course_in - of.joint_in
    return -each.line_over_edge_in + up - (each.course - first.course) * of.course_in
  }
  const start = topUnderLine(first)
  return readings.map((each) => ({ station_ft: each.station_ft, drop_in: start - topUnderLine(each) }))
}

/** A slope as 1 in so many; null for level. */
export function oneIn(fall_in: number, run_ft: number): number | null {
  return fall_in === 0 ? null : (run_ft * 12) / Math.abs(fall_in)
}

/** A point of a floor in plan, feet, with its height, inches. A covering that lies on it is taken off first. */
export type FloorPoint = {
  readonly x_ft: number
  readonly y_ft: number
  readonly height_in: number
  /** Thickness of the covering there, inches. */
  readonly covering_in: number
}
export type PlaneError = { readonly kind: 'too-few' } | { readonly kind: 'in-line' }
export type Plane = {
  /** Slope of the plane of best fit, inches in a foot, and where it falls to: degrees from the x axis, counter-clockwise. */
  readonly tilt_in_per_ft: number
  readonly falls_to_deg: number
  /** What a rigid tilt does not explain, inches, in the order of the points: positive stands above the plane. */
  readonly over_in: readonly number[]
  /** Between the highest and the lowest of them. */
  readonly distortion_in: number
  /** Between the highest and the lowest point as measured. */
  readonly range_in: number
}

/**
 * Plane of best fit through levels of a floor: how much of what is seen is a rigid tilt, how much the floor is bent.
 *
 * Fails: fewer than three points, or all on one line.
 * Source: least squares.
 */
export function bestPlane(points: readonly FloorPoint[]): Result<Plane, PlaneError> {
  if (points.length < 3) return err({ kind: 'too-few' })
  const many = points.length
  const mean = (of: (point: FloorPoint) => number): number =>
    points.reduce((sum, point) => sum + of(point), 0) / many
  const z = (point: FloorPoint): number => point.height_in - point.covering_in
  const [mx, my, mz] = [mean((p) => p.x_ft), mean((p) => p.y_ft), mean(z)]
  const sum = (of: (point: FloorPoint) => number): number => points.reduce((all, point) => all + of(point), 0)
  const xx = sum((p) => (p.x_ft - mx) ** 2)
  const yy = sum((p) => (p.y_ft - my) ** 2)
  const xy = sum((p) => (p.x_ft - mx) * (p.y_ft - my))
  const xz = sum((p) => (p.x_ft - mx) * (z(p) - mz))
  const yz = sum((p) => (p.y_ft - my) * (z(p) - mz))
  const determinant = xx * yy - xy * xy
  if (determinant <= 1e-9 * Math.max(1, xx * yy)) return err({ kind: 'in-line' })
  const a = (xz * yy - yz * xy) / determinant
  const b = (yz * xx - xz * xy) / determinant
  const over = points.map((p) => z(p) - mz - a * (p.x_ft - mx) - b * (p.y_ft - my))
  const heights = points.map(z)
  return ok({
    tilt_in_per_ft: Math.hypot(a, b),
    falls_to_deg: a === 0 && b === 0 ? 0 : (Math.atan2(-b, -a) * 180) / Math.PI,
    over_in: over,
    distortion_in: Math.max(...over) - Math.min(...over),
    range_in: Math.max(...heights) - Math.min(...heights),
  })
}

/** So little over so much says nothing by itself: floors are built no better. Common practice. */
export const BUILT_SO = { range_in: 0.5, over_ft: 20 } as const
