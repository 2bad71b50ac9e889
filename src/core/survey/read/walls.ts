import { MEASURED_SAYS } from '../../catalogue/sentences/measured'
import { byId, type JobDocument, type SurveyOf } from '../../job'
import { dayWords, toFeet, toInches } from '../../measure'
import { crackShape } from '../cracks'
import { groundOf } from '../ground'
import { courseDrops, oneIn, type CourseDrop } from '../levels'
import { wallGate, wallShapes } from '../plumb'
import { GOVERNS } from '../computed'
import { known } from './known'
import { gauged, inch, read, said, type Measure, type SurveyAt, type SurveyRead } from './surveyRead'

/** A side as its owner knows it. */
export function facingOf(side_id: string, job: JobDocument): string {
  return byId(job.sides, side_id)?.facing ?? 'outside'
}

export function sideWords(side_id: string, job: JobDocument): string {
  const side = byId(job.sides, side_id)
  return side ? `${side.facing} ${side.letter}` : 'a side'
}

function stretchOf(side_id: string, stations: readonly number[]): SurveyAt {
  if (stations.length === 0) return { kind: 'nowhere' }
  return { kind: 'side', side_id, from_ft: Math.min(...stations), to_ft: Math.max(...stations) }
}

/** Drops of the line at each station, in the order of the wall. */
export function dropsOf(survey: SurveyOf<'courses'>): CourseDrop[] {
  const inOrder = known(survey.readings, 'over_edge').sort((a, b) => a.station - b.station)
  return courseDrops(
    inOrder.map((each) => ({
      station_ft: toFeet(each.station),
      course: each.course,
      edge: each.edge,
      line_over_edge_in: toInches(each.over_edge),
    })),
    { course_in: toInches(survey.course), joint_in: toInches(survey.joint) },
  )
}

/** Shorter runs of wall say nothing by being level. Our judgement. */
const LEVEL_OVER_FT = 12

/** How far one station fell against another since an earlier survey, inches; null: not two stations read both times. */
export function fellSince(first: readonly CourseDrop[], last: readonly CourseDrop[]): number | null {
  const pairs = last.flatMap((now) => {
    const then = first.find((each) => Math.abs(each.station_ft - now.station_ft) <= 0.5)
    return then ? [now.drop_in - then.drop_in] : []
  })
  return pairs.length < 2 ? null : Math.max(...pairs) - Math.min(...pairs)
}

/** A dated survey of the same wall before this one. */
function before(survey: SurveyOf<'courses'>, job: JobDocument): SurveyOf<'courses'> | null {
  const earlier = job.surveys.filter(
    (each): each is SurveyOf<'courses'> =>
      each.kind === 'courses' && each.side_id === survey.side_id && each.day < survey.day,
  )
  return earlier.sort((a, b) => (a.day < b.day ? -1 : 1))[0] ?? null
}

/** The line under its own highest station, for a chart. */
function underHighest(drops: readonly CourseDrop[]): { readonly at: number; readonly value: number }[] {
  const least = Math.min(...drops.map((each) => each.drop_in))
  return drops.map((each) => ({ at: each.station_ft, value: least - each.drop_in }))
}

export function readCourses(survey: SurveyOf<'courses'>, job: JobDocument): SurveyRead {
  const drops = dropsOf(survey)
  const where = sideWords(survey.side_id, job)
  const at = stretchOf(
    survey.side_id,
    drops.map(({ station_ft }) => station_ft),
  )
  if (drops.length < 2)
    return read(survey, { where, at, says: 'One reading is no line yet: read it at two stations or more.' })
  const sorted = [...drops].sort((a, b) => a.drop_in - b.drop_in)
  const [highest, lowest] = [sorted[0]!, sorted.at(-1)!]
  const fall = lowest.drop_in - highest.drop_in
  const run = Math.abs(lowest.station_ft - highest.station_ft)
  const slope = run > 0 ? oneIn(fall, run) : null
  const earlier = before(survey, job)
  const fell = earlier ? fellSince(dropsOf(earlier), drops) : null
  const length =
    Math.max(...drops.map((each) => each.station_ft)) - Math.min(...drops.map((each) => each.station_ft))
  const measures: Measure[] = [
    ...(fall >= 0.5 || length >= LEVEL_OVER_FT ? [{ id: 'course-fall' as const, value: fall }] : []),
    ...(fell === null ? [] : [{ id: 'fell-since' as const, value: fell }]),
  ]
  const says =
    fall < 1 / 16
      ? `Level within 1/16 in over ${Math.round(length)} ft.`
      : `Lowest at ${Math.round(lowest.station_ft)} ft: ${said(fall)} under ${Math.round(highest.station_ft)} ft${slope ? `, 1 in ${Math.round(slope)}` : ''}.`
  return read(survey, {
    where,
    at,
    says: [
      says,
      fell === null
        ? ''
        : `${fell >= 0.125 ? 'It fell' : 'It moved by no more than'} ${said(fell)} since ${dayWords(earlier!.day)}.`,
    ]
      .filter(Boolean)
      .join(' '),
    plain: [
      ...(fall >= 0.5
        ? [MEASURED_SAYS.courseFalls(facingOf(survey.side_id, job), said(fall), `${Math.round(run)} ft`)]
        : []),
      ...(fell !== null && fell >= 0.125 ? [MEASURED_SAYS.fell(said(fell), dayWords(earlier!.day))] : []),
    ],
    computed: [
      {
        inputs: known(survey.readings, 'over_edge').map((each) => ({
          label: `${Math.round(toFeet(each.station) * 10) / 10} ft`,
          value: `course ${each.course}, ${inch(toInches(each.over_edge))} over its ${each.edge} edge`,
        })),
        formula: `line − (course × ${inch(toInches(survey.course))} + edge), against the first station`,
        result: drops,
        says: drops
          .map((each) => `${Math.round(each.station_ft)} ft: ${inch(each.drop_in)} lower`)
          .join(' · '),
        limit: 'under 1/2 in in 20 ft alone means nothing',
        source: 'levelling against a course line; common practice',
        notes: ['One survey shows a shape. It is movement with damage that agrees, or with a second date.'],
      },
    ],
    measures,
    series: [
      { name: survey.day, points: underHighest(drops) },
      ...(earlier
        ? [
            {
              name: earlier.day,
              points: underHighest(dropsOf(earlier)),
            },
          ]
        : []),
    ],
  })
}

export function shapesOf(survey: SurveyOf<'plumb'>): ReturnType<typeof wallShapes> {
  return wallShapes(
    known(survey.stations, 'foot', 'middle', 'top')
      .sort((a, b) => a.station - b.station)
      .map((each) => ({
        station_ft: toFeet(each.station),
        foot_in: toInches(each.foot),
        middle_in: toInches(each.middle),
        top_in: toInches(each.top),
      })),
    survey.foot_as_built === null ? null : toInches(survey.foot_as_built),
  )
}

export function readPlumb(survey: SurveyOf<'plumb'>, job: JobDocument): SurveyRead {
  const where = sideWords(survey.side_id, job)
  const shapes = shapesOf(survey)
  const at = stretchOf(
    survey.side_id,
    shapes.map((each) => each.station_ft),
  )
  if (shapes.length === 0) return read(survey, { where, at, says: 'No station yet.' })
  const worst = (pick: (shape: (typeof shapes)[number]) => number): (typeof shapes)[number] =>
    shapes.reduce((most, each) => (pick(each) > pick(most) ? each : most))
  const bow = worst((each) => each.bow_in)
  const lean = worst((each) => each.lean_in)
  const out = worst((each) => -each.lean_in)
  const slide = worst((each) => each.slide_in ?? 0)
  const off = Math.max(
    ...shapes.map((each) =>
      Math.max(Math.abs(each.bow_in), Math.abs(each.lean_in), Math.abs(each.slide_in ?? 0)),
    ),
  )
  const gate = wallGate(shapes)
  const facing = facingOf(survey.side_id, job)
  const parts = [
    bow.bow_in >= 0.25 ? `bellies in ${said(bow.bow_in)} at ${Math.round(bow.station_ft)} ft` : '',
    lean.lean_in >= 0.25 ? `leans in ${said(lean.lean_in)} at ${Math.round(lean.station_ft)} ft` : '',
    out.lean_in <= -0.25 ? `leans out ${said(-out.lean_in)} at ${Math.round(out.station_ft)} ft` : '',
    (slide.slide_in ?? 0) >= 0.25 ? `its foot slid in ${said(slide.slide_in!)}` : '',
  ].filter(Boolean)
  return read(survey, {
    where,
    at,
    says: [
      parts.length === 0 ? `Plumb and straight within ${said(off)}.` : `The wall ${parts.join(', ')}.`,
      gate === 'engineer-first'
        ? 'An engineer goes first.'
        : gate === 'engineer-advised'
          ? 'An engineer is advised.'
          : '',
    ]
      .filter(Boolean)
      .join(' '),
    gate,
    plain: [
      ...(bow.bow_in >= 0.25 ? [MEASURED_SAYS.bellies(facing, said(bow.bow_in))] : []),
      ...(lean.lean_in >= 0.25 ? [MEASURED_SAYS.leans(facing, said(lean.lean_in), 'in')] : []),
      ...(out.lean_in <= -0.25 ? [MEASURED_SAYS.leans(facing, said(-out.lean_in), 'out')] : []),
      ...((slide.slide_in ?? 0) >= 0.25 ? [MEASURED_SAYS.slid(facing, said(slide.slide_in!))] : []),
    ],
    computed: [
      {
        inputs: known(survey.stations, 'foot', 'middle', 'top').map((each) => ({
          label: `${Math.round(toFeet(each.station) * 10) / 10} ft`,
          value: `foot ${inch(toInches(each.foot))}, middle ${inch(toInches(each.middle))}, top ${inch(toInches(each.top))}`,
        })),
        formula: 'lean = top − foot; belly = middle − (foot + top) ÷ 2; slide = foot − foot as built',
        result: shapes,
        says: shapes
          .map(
            (each) =>
              `${Math.round(each.station_ft)} ft: lean ${inch(each.lean_in)}, belly ${inch(each.bow_in)}${each.slide_in === null ? '' : `, slide ${inch(each.slide_in)}`}`,
          )
          .join(' · '),
        limit: '1 in: engineer advised; 2 in: engineer first; slide 1/2 in: engineer advised',
        source: 'gates: common practice',
        notes: [GOVERNS],
      },
    ],
    measures: [
      { id: 'bows-in', value: bow.bow_in },
      { id: 'leans-in', value: lean.lean_in },
      ...(survey.foot_as_built === null ? [] : [{ id: 'slid-in' as const, value: slide.slide_in ?? 0 }]),
      { id: 'out-of-plumb', value: off },
    ],
    series: (['foot', 'middle', 'top'] as const).map((height) => ({
      name: height,
      points: known(survey.stations, 'foot', 'middle', 'top')
        .sort((a, b) => a.station - b.station)
        .map((each) => ({ at: toFeet(each.station), value: toInches(each[height]) })),
    })),
  })
}

/** A crack as the verdict wants it. */
export function crackOf(survey: SurveyOf<'crack'>): Parameters<typeof crackShape>[0] {
  return {
    run: survey.run,
    masonry: survey.masonry,
    filledBefore: survey.filled_before,
    readings: known(survey.readings, 'upper', 'lower').map((each) => ({
      day: each.day,
      upper_in: toInches(each.upper),
      lower_in: toInches(each.lower),
      offset_in: toInches(each.offset),
    })),
  }
}

const RUN_SIGN = {
  vertical: 'crack-vertical',
  horizontal: 'crack-horizontal',
  diagonal: 'crack-diagonal',
  stepped: 'crack-stepped',
} as const

export function readCrack(survey: SurveyOf<'crack'>, where: string): SurveyRead {
  const at: SurveyAt =
    survey.place.kind === 'side' && survey.finding_ids.length === 0
      ? {
          kind: 'side',
          side_id: survey.place.side_id,
          from_ft: toFeet(survey.place.station),
          to_ft: toFeet(survey.place.station),
        }
      : { kind: 'nowhere' }
  const shape = crackShape(crackOf(survey))
  if (!shape) return read(survey, { where, at, says: 'No reading yet.' })
  const ordered = known(survey.readings, 'upper', 'lower').sort((a, b) => (a.day < b.day ? -1 : 1))
  const last = ordered.at(-1)!
  const [upper, lower] = [toInches(last.upper), toInches(last.lower)]
  const level = survey.run === 'horizontal'
  const difference = level ? 0 : upper - lower
  const ends = level ? (['left', 'right'] as const) : (['top', 'foot'] as const)
  const grew = shape.grew?.in_ ?? 0
  const made = read(survey, {
    where,
    at,
    says: [
      `${survey.run[0]!.toUpperCase()}${survey.run.slice(1)}, ${gauged(upper)} at its ${ends[0]}, ${gauged(lower)} at its ${ends[1]}${shape.class ? `: ${shape.class} by width` : ''}.`,
      shape.grew === null
        ? 'One look: a second after a season says whether it moves.'
        : grew > 1 / 32
          ? `Wider by ${gauged(grew)} in ${shape.grew.days} days.`
          : `No wider in ${shape.grew.days} days.`,
      last.proud === 'neither' ? '' : `The ${last.proud} side stands proud ${gauged(toInches(last.offset))}.`,
    ]
      .filter(Boolean)
      .join(' '),
    plain: [
      MEASURED_SAYS.crack(gauged(upper), gauged(lower)),
      ...(shape.grew === null
        ? []
        : [
            grew > 1 / 32
              ? MEASURED_SAYS.crackGrew(gauged(grew), shape.grew.days)
              : MEASURED_SAYS.crackStill(shape.grew.days),
          ]),
    ],
    computed: [
      {
        inputs: ordered.map((each) => ({
          label: each.day + (each.season ? `, ${each.season}` : ''),
          value: `${inch(toInches(each.upper))} and ${inch(toInches(each.lower))}, offset ${inch(toInches(each.offset))}`,
        })),
        formula: 'class by the wider end; growth = last − first',
        result: shape,
        says: shape.class ? `${shape.class} by width` : 'no classes of width for this face',
        limit: null,
        source: 'Burland and others 1977; BRE Digest 251; from memory. Masonry only',
        notes: ['A width alone is no class of damage.'],
      },
    ],
    measures: [
      ...(level
        ? []
        : [
            { id: 'crack-wider-above' as const, value: difference },
            { id: 'crack-wider-below' as const, value: -difference },
          ]),
      ...(shape.grew === null
        ? []
        : [
            { id: 'crack-grew' as const, value: grew },
            ...(survey.filled_before ? [{ id: 'filled-crack-grew' as const, value: grew }] : []),
          ]),
    ],
    series: [
      {
        name: ends[0],
        points: ordered.map((each) => ({ at: Date.parse(each.day), value: toInches(each.upper) })),
      },
      {
        name: ends[1],
        points: ordered.map((each) => ({ at: Date.parse(each.day), value: toInches(each.lower) })),
      },
    ],
  })
  return survey.masonry
    ? {
        ...made,
        shows: [{ sign: RUN_SIGN[survey.run], present: true, measure: null }, ...made.shows],
      }
    : made
}

export function readGround(survey: SurveyOf<'ground'>, job: JobDocument): SurveyRead {
  const computed = groundOf(
    known(survey.stations, 'fall')
      .sort((a, b) => a.station - b.station)
      .map((each) => ({
        station_ft: toFeet(each.station),
        surface: each.surface,
        fall_in: toInches(each.fall),
        run_ft: toFeet(each.run),
      })),
  )
  const { slopes } = computed.result
  const least = (surface: 'soil' | 'paving'): Measure[] => {
    const of = slopes.filter((each) => each.station.surface === surface)
    if (of.length === 0) return []
    return [{ id: `${surface}-percent`, value: 100 * Math.min(...of.map((each) => each.slope)) }]
  }
  return read(survey, {
    where: sideWords(survey.side_id, job),
    at: stretchOf(
      survey.side_id,
      slopes.map((each) => each.station.station_ft),
    ),
    says: computed.says,
    plain: slopes.some((each) => each.slope < 0)
      ? [MEASURED_SAYS.groundIn(facingOf(survey.side_id, job))]
      : slopes.some((each) => each.short)
        ? [MEASURED_SAYS.groundFlat(facingOf(survey.side_id, job))]
        : [],
    computed: slopes.length > 0 ? [computed] : [],
    measures: [...least('soil'), ...least('paving')],
    series:
      slopes.length > 0
        ? [
            {
              name: 'percent away from the wall',
              points: slopes.map((each) => ({ at: each.station.station_ft, value: 100 * each.slope })),
            },
          ]
        : [],
  })
}
