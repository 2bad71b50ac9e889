import { planAt, type PlanWall } from '../geometry'
import type { JobDocument, SurveyOf } from '../job'
import { formatLength, inches, toInches, type Length } from '../measure'
import { known } from '../survey/read'
import { faultsOf, isShort, isUnsound } from '../survey/register'
import { strokes, type Mark, type Point } from './drawing'
import { label, latest, mark } from './surveyMarks'

/** Above and below a line of supports: where what is told of one after the other stands, pixels. */
const ROWS_PX = [10, -22, 25, -37] as const
/** Half as high as what a finger takes, pixels. */
const FINGER_PX = 20
const liftWords = (lift: Length | null): string =>
  lift === null || lift === 0 ? '' : `up ${formatLength(lift)}`

/** How far from the wall to the line what is told of one joist after the other stands: they lie closer than words are long. */
const JOIST_ROWS = [0.2, 0.4, 0.6, 0.8] as const
const part = ([from, to]: readonly Point[], share: number): Point => [
  from![0] + share * (to![0] - from![0]),
  from![1] + share * (to![1] - from![1]),
]

/**
 * Joists that are called by a number, where their spacing is known: the first stands at the beginning of the line, each further one a
 * spacing on. Without a number nobody knows which it is.
 */
function numbered(survey: SurveyOf<'frame'>): { readonly along: Length; readonly told: string }[] {
  const { members, joist_spacing_in } = survey
  if (joist_spacing_in === null) return []
  return members.flatMap(({ member, state, bearing, bears_on }) => {
    const ends = { bearing_in: bearing === null ? null : toInches(bearing), bears_on }
    const number = /(\d+)\s*$/.exec(member)?.[1]
    if (number === undefined || Number(number) === 0) return []
    const how = isUnsound({ state }) ? state : isShort(ends) ? 'bears too little' : ''
    return [
      { along: inches((Number(number) - 1) * joist_spacing_in), told: how === '' ? '' : `${member}: ${how}` },
    ]
  })
}

/**
 * The frame of a floor where its line of supports lies: each support, crossed out and told where it does not stand as it should, and the
 * joists that were registered by number between the wall and the line, those that are not sound told.
 */
export function framesOnPlan(
  job: JobDocument,
  walls: readonly PlanWall[],
  lengths: ReadonlyMap<string, number>,
  px: number,
): Mark[] {
  return latest(job, 'frame', (each) => each.floor.trim().toLowerCase()).flatMap((survey): Mark[] => {
    const wall = walls.find((each) => each.side_id === survey.line_side_id)
    const placed = known(survey.supports, 'along')
    const joists = numbered(survey)
    const { line_in, line_from, girder } = survey
    if (!wall || line_in === null || (placed.length === 0 && joists.length === 0)) return []
    const at = (along: number, into: number = line_in): Point => {
      const { x, y } = planAt(wall, (line_from ?? 0) + along, lengths.get(wall.side_id) ?? 0, -1 * into)
      return [x, y]
    }
    const end = Math.max(
      girder ?? 0,
      ...placed.map(({ along }) => along),
      ...joists.map(({ along }) => along),
    )
    const line = [at(0), at(end)]
    const drawnJoists = joists.map((each) => ({
      ...each,
      run: [at(each.along, 0), at(each.along)] as Point[],
    }))
    const half = 4 * px
    const spots = placed.map((support) => ({ support, at: at(support.along), faults: faultsOf(support) }))
    const square = ([x, y]: Point): Point[] => [
      [x - half, y - half],
      [x + half, y - half],
      [x + half, y + half],
      [x - half, y + half],
      [x - half, y - half],
    ]
    const cross = ([x, y]: Point): Point[][] => [
      [
        [x - 2 * half, y - 2 * half],
        [x + 2 * half, y + 2 * half],
      ],
      [
        [x - 2 * half, y + 2 * half],
        [x + 2 * half, y - 2 * half],
      ],
    ]
    // As high as a finger is wide, and with the words beside it.
    const band = line.flatMap(([x, y]): Point[] => [
      [x, y - FINGER_PX * px],
      [x, y + FINGER_PX * px],
    ])
    const inked = (isBad: boolean): Point[][] =>
      drawnJoists.filter(({ told }) => (told !== '') === isBad).map(({ run }) => run)
    const corners = [
      ...line,
      ...band,
      ...spots.map((each) => each.at),
      ...drawnJoists.flatMap(({ run }) => run),
    ]
    const drawn = mark(survey, job, corners, px, [
      strokes('level', [line]),
      strokes('contour', inked(false)),
      strokes('damage', inked(true)),
      ...drawnJoists
        .filter(({ told }) => told !== '')
        .map(({ run, told }, index) => label(part(run, JOIST_ROWS[index % JOIST_ROWS.length]!), told)),
      strokes(
        'level-line',
        spots.flatMap((each) => [square(each.at), ...(each.faults === '' ? [] : cross(each.at))]),
      ),
      // Posts stand closer together than their words are long: four rows in turn, two above the line and two below.
      ...spots
        .map((each) => ({
          ...each,
          told: [each.faults, liftWords(each.support.lift)].filter(Boolean).join(', '),
        }))
        .filter(({ told }) => told !== '')
        .map((each, index) =>
          label(
            [each.at[0], each.at[1] + ROWS_PX[index % ROWS_PX.length]! * px],
            `${each.support.support}: ${each.told}`,
          ),
        ),
    ])
    return [{ ...drawn, thin: true }]
  })
}
