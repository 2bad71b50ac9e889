import { contours, foundationTop, planAt, type PlanWall } from '../geometry'
import { byId, type JobDocument } from '../job'
import { inches, toFeet } from '../measure'
import { dropsOf, known, levelsOf, shapesOf } from '../survey/read'
import { framesOnPlan } from './drawFrame'
import { strokes, type Mark, type Point, type Shape, type SideSpan } from './drawing'
import { label, latest, mark, short } from './surveyMarks'

/** Falls and bellies are drawn so many times as large: true ones would not be seen. */
export const DRAWN_TIMES = 20

/** Level lines and how a course falls from them, and how the ground falls, on the walls they were taken at. */
export function drawSurveysOnStrip(job: JobDocument, spans: readonly SideSpan[], px: number): Mark[] {
  const lines = latest(job, 'courses', (each) => each.side_id).flatMap((survey): Mark[] => {
    const span = spans.find((each) => each.id === survey.side_id)
    const drops = dropsOf(survey)
    if (!span || drops.length < 2) return []
    const highest = Math.min(...drops.map((each) => each.drop_in))
    const course = survey.readings[0]?.course ?? 1
    const side = byId(job.sides, survey.side_id) ?? null
    const level = foundationTop(job.house, side) + course * survey.course + inches(24)
    const at = (station_ft: number): number => span.x + inches(station_ft * 12)
    const low = drops.map((each): Point => [
      at(each.station_ft),
      level - inches((each.drop_in - highest) * DRAWN_TIMES),
    ])
    const [first, last] = [low[0]!, low.at(-1)!]
    return [
      mark(survey, job, [...low, [first[0], level]], px, [
        strokes('level', [
          [
            [first[0], level],
            [last[0], level],
          ],
        ]),
        strokes('level-line', [low, ...low.map((point) => [[point[0], level] as Point, point])]),
        ...drops.flatMap((each, index): Shape[] =>
          each.drop_in - highest < 1 / 16
            ? []
            : [
                label(
                  [low[index]![0], low[index]![1] - 13 * px],
                  short(each.drop_in - highest),
                  index === 0 ? 'start' : index === drops.length - 1 ? 'end' : 'middle',
                ),
              ],
        ),
      ]),
    ]
  })
  const ground = latest(job, 'ground', (each) => each.side_id).flatMap((survey): Mark[] => {
    const span = spans.find((each) => each.id === survey.side_id)
    const stations = known(survey.stations, 'fall')
    if (!span || stations.length === 0) return []
    const tops = stations.map((each): Point => [span.x + each.station, 12 * px])
    return [
      mark(survey, job, tops, px, [
        strokes(
          'level-line',
          tops.map((top) => [[top[0], 0] as Point, top]),
        ),
        ...stations.flatMap((each, index): Shape[] =>
          each.run === 0
            ? []
            : [label([tops[index]![0], 13 * px], `${((100 * each.fall) / each.run).toFixed(1)} %`)],
        ),
      ]),
    ]
  })
  return [...lines, ...ground]
}

/** Half an inch between contours, or a quarter on a floor that falls less. */
const stepOf = (range_in: number): number => (range_in > 1.5 ? 0.5 : 0.25)

/** Floors as points and contours, walls out of plumb as they lean and belly, lines of supports, from above. */
export function drawSurveysOnPlan(
  job: JobDocument,
  walls: readonly PlanWall[],
  lengths: ReadonlyMap<string, number>,
  px: number,
): Mark[] {
  const floors = latest(job, 'floor', (each) => each.floor.trim().toLowerCase()).flatMap((survey): Mark[] => {
    const { points, plane } = levelsOf(survey)
    if (points.length < 3 || plane === null) return []
    const spots = points.map((each): Point => [inches(each.x_ft * 12), inches(each.y_ft * 12)])
    const lines = contours(
      points.map((each, index) => ({ x: spots[index]![0], y: spots[index]![1], z: each.over_highest_in })),
      stepOf(plane.range_in),
    )
    const arm = 3 * px
    const middle = (Math.min(...spots.map((each) => each[1])) + Math.max(...spots.map((each) => each[1]))) / 2
    return [
      mark(survey, job, spots, px, [
        strokes(
          'contour',
          lines.flatMap((each) => each.lines),
        ),
        strokes(
          'level-line',
          spots.flatMap(([x, y]): Point[][] => [
            [
              [x - arm, y],
              [x + arm, y],
            ],
            [
              [x, y - arm],
              [x, y + arm],
            ],
          ]),
        ),
        ...points.map((each, index) =>
          label(
            [spots[index]![0], spots[index]![1] + (spots[index]![1] > middle ? -16 : 6) * px],
            each.over_highest_in > -1 / 32
              ? `${each.name} 0`
              : `${each.name} -${short(each.over_highest_in)}`,
          ),
        ),
      ]),
    ]
  })
  const leaning = latest(job, 'plumb', (each) => each.side_id).flatMap((survey): Mark[] => {
    const wall = walls.find((each) => each.side_id === survey.side_id)
    const shapes = shapesOf(survey)
    if (!wall || shapes.length < 2) return []
    const length = lengths.get(wall.side_id) ?? 0
    const face = -1 * inches(8)
    const at = (station_ft: number, in_in: number): Point => {
      const { x, y } = planAt(wall, inches(station_ft * 12), length, face - inches(in_in * DRAWN_TIMES))
      return [x, y]
    }
    const middles = known(survey.stations, 'foot', 'middle', 'top').map((each): [number, number] => [
      toFeet(each.station),
      each.middle / 64,
    ])
    const bowed = middles.sort((a, b) => a[0] - b[0]).map(([station, middle]) => at(station, middle))
    const straight = [at(shapes[0]!.station_ft, 0), at(shapes.at(-1)!.station_ft, 0)]
    const worst = shapes.reduce((a, b) => (Math.abs(b.bow_in) > Math.abs(a.bow_in) ? b : a))
    const spot = at(worst.station_ft, worst.bow_in)
    const off = planAt(
      wall,
      inches(worst.station_ft * 12),
      length,
      face - inches(worst.bow_in * DRAWN_TIMES) - 16 * px,
    )
    return [
      mark(survey, job, [...bowed, ...straight, spot], px, [
        strokes('level', [straight]),
        strokes('level-line', [bowed]),
        label([off.x, off.y - 5 * px], short(worst.bow_in)),
      ]),
    ]
  })
  return [...floors, ...leaning, ...framesOnPlan(job, walls, lengths, px)]
}
