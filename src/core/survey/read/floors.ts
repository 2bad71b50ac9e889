import { MEASURED_SAYS } from '../../catalogue/sentences/measured'
import type { JobDocument, SurveyOf } from '../../job'
import { dayWords, toFeet, toInches } from '../../measure'
import { bestPlane, oneIn, reduceLevels, BUILT_SO, type FloorPoint, type Plane } from '../levels'
import { known } from './known'
import { inch, read, said, type Measure, type SurveyRead } from './surveyRead'

type FloorSurvey = SurveyOf<'floor'>

/** A point of a floor with its name, and its height over the highest one. */
export type NamedPoint = FloorPoint & { readonly name: string; readonly over_highest_in: number }

export type FloorLevels = {
  readonly points: readonly NamedPoint[]
  readonly plane: Plane | null
  readonly misclosure_in: number
  readonly problem: string | null
}

/** Heights of the points of one floor survey, with where they lie; points without a place are left out of the plane. */
export function levelsOf(survey: FloorSurvey): FloorLevels {
  const readings = known(survey.readings, 'rod')
  const nothing = { points: [], plane: null, misclosure_in: 0 }
  const setUps = [...new Set(readings.map((each) => each.set_up))]
    .sort((a, b) => a - b)
    .map((number) => ({
      number,
      readings: readings
        .filter((each) => each.set_up === number && each.point.trim() !== '')
        .map((each) => ({ point: each.point.trim(), rod_in: toInches(each.rod) })),
    }))
    .filter(({ readings }) => readings.length > 0)
  const run = reduceLevels(setUps)
  if (!run.ok)
    return {
      ...nothing,
      problem:
        run.error.kind === 'no-readings'
          ? null
          : `Set-up ${setUps[run.error.setUp - 1]?.number ?? run.error.setUp} reads no point that one before it has read: read a turning point from both.`,
    }
  const placed = [...run.value.heights].flatMap(([name, height_in]) => {
    const said = readings.filter((each) => each.point.trim() === name)
    const at = said.find((each) => each.across !== null && each.back !== null)
    return at
      ? [
          {
            name,
            x_ft: toFeet(at.across!),
            y_ft: toFeet(at.back!),
            height_in,
            covering_in: toInches(at.covering),
          },
        ]
      : []
  })
  const top = Math.max(...placed.map((each) => each.height_in - each.covering_in))
  const plane = bestPlane(placed)
  return {
    points: placed.map((each) => ({ ...each, over_highest_in: each.height_in - each.covering_in - top })),
    plane: plane.ok ? plane.value : null,
    misclosure_in: run.value.misclosure_in,
    problem: run.value.reshoot
      ? `Points read twice differ by ${said(run.value.misclosure_in)}: shoot it again.`
      : null,
  }
}

/** How far the points reach the way the floor falls, feet: what its tilt is taken over. */
export function alongFall(points: readonly FloorPoint[], plane: Plane): number {
  const turn = (plane.falls_to_deg * Math.PI) / 180
  const reach = points.map((each) => each.x_ft * Math.cos(turn) + each.y_ft * Math.sin(turn))
  return Math.max(...reach) - Math.min(...reach)
}

/** The most that any two points differ in 20 ft between them, inches; nearer ones count as 20 ft apart. */
function rangeIn20(points: readonly NamedPoint[]): number {
  return Math.max(
    0,
    ...points.flatMap((a) =>
      points.map((b) => {
        const apart = Math.max(BUILT_SO.over_ft, Math.hypot(a.x_ft - b.x_ft, a.y_ft - b.y_ft))
        return (Math.abs(a.over_highest_in - b.over_highest_in) * BUILT_SO.over_ft) / apart
      }),
    ),
  )
}

const SIDES = ['right', 'back', 'left', 'front'] as const
/** Directions less than this off a side of the house go to the side, the others to a corner: degrees. Our judgement. */
const TO_SIDE_DEG = 22.5

/** Where a floor falls to, from the direction of its fall: a side of the house or one of its corners. */
export function fallsTo(deg: number): { readonly corner: boolean; readonly words: string } {
  const turn = ((deg % 360) + 360) % 360
  const nearest = Math.round(turn / 90)
  const side = SIDES[nearest % 4]!
  if (Math.abs(turn - nearest * 90) <= TO_SIDE_DEG) return { corner: false, words: `the ${side}` }
  const [one, other] = [SIDES[Math.floor(turn / 90) % 4]!, SIDES[(Math.floor(turn / 90) + 1) % 4]!]
  const [depth, hand] = one === 'back' || one === 'front' ? [one, other] : [other, one]
  return { corner: true, words: `the ${hand} ${depth} corner` }
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)

/**
 * How the middle of a floor stands to its edges, inches, with the tilt taken off: below is positive. Null with too few points of either.
 * The middle is the inner half of its length and width.
 */
function middleBelow(points: readonly NamedPoint[], over: readonly number[]): number | null {
  const [xs, ys] = [points.map((each) => each.x_ft), points.map((each) => each.y_ft)]
  const share = (value: number, of: readonly number[]): number => {
    const [least, most] = [Math.min(...of), Math.max(...of)]
    return most === least ? 0.5 : (value - least) / (most - least)
  }
  const isInner = ({ x_ft, y_ft }: NamedPoint): boolean =>
    Math.abs(share(x_ft, xs) - 0.5) <= 0.25 && Math.abs(share(y_ft, ys) - 0.5) <= 0.25
  const inner = over.filter((_, index) => isInner(points[index]!))
  const outer = over.filter((_, index) => !isInner(points[index]!))
  return inner.length === 0 || outer.length < 3 ? null : mean(outer) - mean(inner)
}

/** So near the outermost points counts as one of them, feet. Our judgement. */
const AT_END_FT = 2

/** How far the lowest point lies under the three nearest to it, inches; null for too few points, or where it is a corner. */
function lowestUnder(points: readonly NamedPoint[]): { readonly name: string; readonly by: number } | null {
  if (points.length < 5) return null
  const lowest = points.reduce((a, b) => (b.over_highest_in < a.over_highest_in ? b : a))
  // A corner that goes down is no spot that sinks.
  const atEnd = (value: number, of: readonly number[]): boolean =>
    value <= Math.min(...of) + AT_END_FT || value >= Math.max(...of) - AT_END_FT
  const isCorner =
    atEnd(
      lowest.x_ft,
      points.map((each) => each.x_ft),
    ) &&
    atEnd(
      lowest.y_ft,
      points.map((each) => each.y_ft),
    )
  if (isCorner) return null
  const near = points
    .filter((each) => each !== lowest)
    .sort(
      (a, b) =>
        Math.hypot(a.x_ft - lowest.x_ft, a.y_ft - lowest.y_ft) -
        Math.hypot(b.x_ft - lowest.x_ft, b.y_ft - lowest.y_ft),
    )
    .slice(0, 3)
  return { name: lowest.name, by: mean(near.map((each) => each.over_highest_in)) - lowest.over_highest_in }
}

/** How far one of the points fell since an earlier survey of the same floor, against the point that fell least. */
export function floorFell(first: FloorLevels, last: FloorLevels): number | null {
  const moved = last.points.flatMap((now) => {
    const then = first.points.find((each) => each.name === now.name)
    return then ? [now.over_highest_in - then.over_highest_in] : []
  })
  return moved.length < 3 ? null : Math.max(...moved) - Math.min(...moved)
}

export function earlierFloor(survey: FloorSurvey, job: JobDocument): FloorSurvey | null {
  const same = job.surveys.filter(
    (each): each is FloorSurvey =>
      each.kind === 'floor' &&
      each.floor.trim().toLowerCase() === survey.floor.trim().toLowerCase() &&
      each.day < survey.day,
  )
  return same.sort((a, b) => (a.day < b.day ? -1 : 1))[0] ?? null
}

export function readFloor(survey: FloorSurvey, job: JobDocument): SurveyRead {
  const where = survey.floor.trim() || 'a floor'
  const at = { kind: 'floor' as const, floor: survey.floor.trim() }
  const levels = levelsOf(survey)
  const { points, plane, problem } = levels
  if (problem !== null && points.length === 0) return read(survey, { where, at, says: problem, problem })
  if (plane === null)
    return read(survey, {
      where,
      at,
      problem,
      says: 'Three points or more that are not in a line, each with where it lies, make a floor.',
    })
  const wide = alongFall(points, plane)
  const fall = plane.tilt_in_per_ft * wide
  const to = fallsTo(plane.falls_to_deg)
  const middle = middleBelow(points, plane.over_in)
  const low = lowestUnder(points)
  const earlier = earlierFloor(survey, job)
  const fell = earlier ? floorFell(levelsOf(earlier), levels) : null
  const tilts = fall > BUILT_SO.range_in / 2
  const slope = oneIn(fall, wide)
  const measures: Measure[] = [
    { id: 'floor-range-in-20-ft', value: rangeIn20(points) },
    // What is bent is no tilt: the tilt must be the larger part.
    ...(fall > plane.distortion_in
      ? [{ id: to.corner ? ('falls-to-corner' as const) : ('falls-to-side' as const), value: fall }]
      : []),
    ...(middle === null
      ? []
      : [
          { id: 'middle-below-edges' as const, value: middle },
          { id: 'middle-over-edges' as const, value: -middle },
        ]),
    ...(low === null ? [] : [{ id: 'lowest-under-neighbours' as const, value: low.by }]),
    ...(fell === null ? [] : [{ id: 'fell-since' as const, value: fell }]),
  ]
  const says = [
    tilts
      ? `Falls ${said(fall)} to ${to.words}${slope ? `, 1 in ${Math.round(slope)}` : ''}.`
      : `No tilt to speak of over ${Math.round(wide)} ft.`,
    plane.distortion_in < 1 / 8
      ? 'Straight in itself.'
      : `Bent by ${said(plane.distortion_in)}${plane.distortion_in < BUILT_SO.range_in ? ', as floors are built' : ': finishes crack where it bends'}.`,
    fell === null ? '' : `One point fell ${said(fell)} against another since ${dayWords(earlier!.day)}.`,
    problem ?? '',
  ]
  return read(survey, {
    where,
    at,
    problem,
    says: says.filter(Boolean).join(' '),
    plain: [
      ...(fall >= BUILT_SO.range_in
        ? [MEASURED_SAYS.floorFalls(where.toLowerCase(), said(fall), to.words)]
        : []),
      ...(plane.distortion_in >= BUILT_SO.range_in
        ? [MEASURED_SAYS.floorBends(where.toLowerCase(), said(plane.distortion_in))]
        : []),
      ...(fell !== null && fell >= 0.125
        ? [MEASURED_SAYS.floorFell(said(fell), dayWords(earlier!.day))]
        : []),
    ],
    computed: [
      {
        inputs: points.map((each) => ({
          label: `${each.name} (${+each.x_ft.toFixed(1)} ft across, ${+each.y_ft.toFixed(1)} ft back)`,
          value: `${inch(each.over_highest_in)}${each.covering_in > 0 ? `, covering ${inch(each.covering_in)} taken off` : ''}`,
        })),
        formula:
          'height = height of the line − rod − covering; plane of least squares; bend = highest − lowest over the plane',
        result: plane,
        says: `Tilt ${plane.tilt_in_per_ft.toFixed(3)} in in a foot, ${inch(fall)} over ${Math.round(wide)} ft; bend ${inch(plane.distortion_in)}; points read twice agree within ${inch(levels.misclosure_in)}.`,
        limit: `under ${BUILT_SO.range_in} in in ${BUILT_SO.over_ft} ft alone means nothing; points read twice within 1/8 in`,
        source: 'differential levelling; least squares; limits common practice',
        notes: [
          'A tilt breaks junctions, a bend cracks finishes. One survey shows a shape, a second date movement.',
        ],
      },
    ],
    measures,
  })
}
