import { crackShape, type Crack } from './cracks'
import { BUILT_SO, type CourseDrop, type Plane } from './levels'
import type { WallShape } from './plumb'

export const VERDICTS = [
  'settlement',
  'lateral',
  'both',
  'heave',
  'thrust',
  'rust',
  'rotation',
  'as-built',
  'inconclusive',
] as const
export type VerdictId = (typeof VERDICTS)[number]

/** What was measured of one part of a house. Nothing measured is nothing known: null. */
export type Measured = {
  readonly plane: Plane | null
  /** Longest way between two points of the floor, feet. */
  readonly across_ft: number | null
  readonly courses: readonly CourseDrop[]
  readonly walls: readonly WallShape[]
  readonly cracks: readonly Crack[]
  /** Seen beside: a lintel or bar that rusts, ties missing under a roof whose ridge sags, the middle or a porch the highest, what was trimmed to fit long ago. */
  readonly rustAtSteel: boolean
  readonly ridgeSagsWithoutTies: boolean
  readonly middleHighest: boolean
  readonly trimmedLongAgo: boolean
  /** A second dated survey that shows the same place lower. */
  readonly fellSince: boolean
}
export type Verdict = {
  readonly id: VerdictId
  readonly reasons: readonly string[]
  readonly nextReading: string | null
}

/** Lean or bow from which a wall counts as pushed, inches. Field practice: 1/2 in. */
const PUSHED_FROM_IN = 0.5
/** A course line that falls so much along a wall is out of level. Common practice. */
const FALLS_FROM_IN = 0.5
export const SECOND_SURVEY =
  'A second dated survey after a season: shape is movement only with agreeing damage or a second date.'
export const READ_PLUMB = 'Plumb offsets at three heights along the wall: pressure has not been looked for.'
export const READ_LEVELS = 'Levels along one course or over the floor: settlement has not been looked for.'

/**
 * What the measurements say, with the reasons and the reading that would settle more. One survey shows a shape; it is movement only with
 * damage that agrees or a second date. Settlement and pressure are looked for separately, and both can be true.
 */
export function movementVerdict(of: Measured): Verdict {
  const shapes = of.cracks.flatMap((crack) => {
    const shape = crackShape(crack)
    return shape ? [{ crack, shape }] : []
  })
  const reasons: string[] = []
  const say = (is: boolean, words: string): boolean => {
    if (is) reasons.push(words)
    return is
  }
  const drop = Math.max(0, ...of.courses.map(({ drop_in }) => Math.abs(drop_in)))
  const worst = (pick: (wall: WallShape) => number): number =>
    of.walls.reduce((most, wall) => Math.max(most, pick(wall)), 0)
  const bowed = worst(({ bow_in }) => bow_in)
  const leansIn = worst(({ lean_in }) => lean_in)
  const leansOut = worst(({ lean_in }) => -lean_in)
  const slid = worst(({ slide_in }) => slide_in ?? 0)

  if (say(of.rustAtSteel, 'rust at steel lifts or breaks what lies on it'))
    return { id: 'rust', reasons, nextReading: null }
  if (
    say(
      of.ridgeSagsWithoutTies && leansOut >= PUSHED_FROM_IN,
      `the wall leans out ${leansOut.toFixed(2)} in at its top under a ridge that sags without ties`,
    )
  )
    return { id: 'thrust', reasons, nextReading: null }

  const pushed = [
    say(bowed >= PUSHED_FROM_IN, `the wall bellies in ${bowed.toFixed(2)} in`),
    say(leansIn >= PUSHED_FROM_IN, `it leans in ${leansIn.toFixed(2)} in at its top`),
    say(slid >= PUSHED_FROM_IN, `its foot slid ${slid.toFixed(2)} in`),
  ].some(Boolean)
  const tapered = shapes.some(({ crack, shape }) => crack.run !== 'horizontal' && shape.wide !== 'even')
  const opened = shapes.some(({ shape }) => (shape.grew?.in_ ?? 0) > 1 / 32)
  const allowed = of.across_ft === null ? Infinity : (BUILT_SO.range_in * of.across_ft) / BUILT_SO.over_ft
  const low = [
    say(drop >= FALLS_FROM_IN, `a course line falls ${drop.toFixed(2)} in along the wall`),
    of.plane !== null && of.plane.range_in > allowed,
  ].some(Boolean)
  const agrees = [
    say(tapered, 'cracks are wider at one end'),
    say(opened, 'a crack grew between two dated looks'),
    say(of.fellSince, 'a second dated survey shows the same place lower'),
  ].some(Boolean)
  if (say(of.middleHighest && agrees, 'the middle or a porch is the highest'))
    return { id: 'heave', reasons, nextReading: SECOND_SURVEY }
  const settled = (low && agrees) || of.fellSince
  if (pushed && settled) return { id: 'both', reasons, nextReading: null }
  if (pushed)
    return {
      id: 'lateral',
      reasons,
      nextReading: of.courses.length === 0 && of.plane === null ? READ_LEVELS : null,
    }
  if (settled && of.plane !== null && of.courses.length === 0)
    reasons.unshift(`the floor lies out of level by ${of.plane.range_in.toFixed(2)} in`)
  if (settled) return { id: 'settlement', reasons, nextReading: of.walls.length === 0 ? READ_PLUMB : null }

  const { plane, across_ft } = of
  if (plane !== null && across_ft !== null) {
    if (plane.range_in <= allowed && !agrees)
      return {
        id: 'as-built',
        reasons: [
          ...reasons,
          `the floor lies within ${plane.range_in.toFixed(2)} in over ${Math.round(across_ft)} ft: floors are built no better`,
        ],
        nextReading: null,
      }
    if (
      say(of.trimmedLongAgo && !agrees, 'what stands on it was trimmed to fit long ago, its paint unbroken')
    )
      return { id: 'as-built', reasons, nextReading: SECOND_SURVEY }
    if (plane.tilt_in_per_ft * across_ft > allowed && plane.distortion_in < allowed && !agrees)
      return {
        id: 'rotation',
        reasons: [
          ...reasons,
          `it is tilted as one body, ${plane.tilt_in_per_ft.toFixed(3)} in in a foot, and bent by no more than ${plane.distortion_in.toFixed(2)} in`,
        ],
        nextReading: SECOND_SURVEY,
      }
  }
  if (plane !== null && plane.distortion_in >= BUILT_SO.range_in)
    say(true, `the floor is bent by ${plane.distortion_in.toFixed(2)} in`)
  const nothing =
    of.walls.length === 0
      ? READ_PLUMB
      : of.courses.length === 0 && plane === null
        ? READ_LEVELS
        : SECOND_SURVEY
  return { id: 'inconclusive', reasons, nextReading: nothing }
}
