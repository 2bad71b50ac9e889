import type { Survey, SurveyOf } from '../src/core/job'
import { feet, inches, type Length } from '../src/core/measure'
import { CREW } from './build'

type Head = {
  readonly id: string
  readonly day: string
  readonly instrument: string
  readonly finding_ids?: string[]
}
const head = ({ id, day, instrument, finding_ids = [] }: Head) => ({
  id,
  removed: false,
  day,
  by: CREW.lead,
  instrument,
  note: '',
  finding_ids,
})

/** A level line along a wall: station and how far it lies over the top of the course, inches. */
export function courseLine(
  of: Head & {
    readonly side: string
    readonly course_in: number
    readonly joint_in: number
    readonly course: number
    readonly read: readonly (readonly [station_ft: number, over_in: number])[]
  },
): Survey {
  return {
    ...head(of),
    kind: 'courses',
    side_id: `side-${of.side}`,
    course: inches(of.course_in),
    joint: inches(of.joint_in),
    readings: of.read.map(([station, over]) => ({
      station: feet(station),
      course: of.course,
      edge: 'top',
      over_edge: inches(over),
    })),
  }
}

/** A floor by points: name, along the front, back from it, rod; set-ups in their order. */
export function floorLevels(
  of: Head & {
    readonly floor: string
    readonly setUps: readonly (readonly (readonly [
      point: string,
      across_ft: number,
      back_ft: number,
      rod_in: number,
      covering_in?: number,
    ])[])[]
  },
): Survey {
  return {
    ...head(of),
    kind: 'floor',
    floor: of.floor,
    readings: of.setUps.flatMap((readings, index) =>
      readings.map(([point, across, back, rod, covering = 0]) => ({
        set_up: index + 1,
        point,
        rod: inches(rod),
        across: feet(across),
        back: feet(back),
        covering: inches(covering),
      })),
    ),
  }
}

/** Offsets of a wall, inches: foot, middle, top; leaning in is positive. */
export function plumbLine(
  of: Head & {
    readonly side: string
    readonly height_ft: number
    readonly read: readonly (readonly [station_ft: number, foot: number, middle: number, top: number])[]
  },
): Survey {
  return {
    ...head(of),
    kind: 'plumb',
    side_id: `side-${of.side}`,
    height: feet(of.height_ft),
    foot_as_built: null,
    stations: of.read.map(([station, foot, middle, top]) => ({
      station: feet(station),
      foot: inches(foot),
      middle: inches(middle),
      top: inches(top),
    })),
  }
}

export function crackLooks(
  of: Head & {
    readonly run: Extract<Survey, { kind: 'crack' }>['run']
    readonly masonry: boolean
    readonly filled: boolean
    readonly looks: readonly (readonly [day: string, upper_in: number, lower_in: number, season: string])[]
  },
): Survey {
  return {
    ...head(of),
    kind: 'crack',
    place: { kind: 'none' },
    run: of.run,
    masonry: of.masonry,
    filled_before: of.filled,
    readings: of.looks.map(([day, upper, lower, season]) => ({
      day,
      upper: inches(upper),
      lower: inches(lower),
      offset: inches(0),
      proud: 'neither',
      season,
    })),
  }
}

export function groundFall(
  of: Head & {
    readonly side: string
    readonly read: readonly (readonly [
      station_ft: number,
      surface: 'soil' | 'paving',
      fall_in: number,
      run_ft: number,
    ])[]
  },
): Survey {
  return {
    ...head(of),
    kind: 'ground',
    side_id: `side-${of.side}`,
    stations: of.read.map(([station, surface, fall, run]) => ({
      station: feet(station),
      surface,
      fall: inches(fall),
      run: feet(run),
    })),
  }
}

export function roofWater(
  of: Head & {
    readonly side: string
    readonly width: Length
    readonly fall: Extract<Survey, { kind: 'gutter' }>['fall']
    readonly roofs: Extract<Survey, { kind: 'gutter' }>['roofs']
    readonly downspouts: number
    readonly downspout_in2: number
    readonly goes_to: string
  },
): Survey {
  return {
    ...head(of),
    kind: 'gutter',
    side_id: `side-${of.side}`,
    shape: 'square-backed',
    width: of.width,
    fall: of.fall,
    roofs: of.roofs,
    // Invented rains of an invented coast.
    rain_hour_in: 1.6,
    rain_five_minutes_in: 3.2,
    downspouts: of.downspouts,
    downspout_in2: of.downspout_in2,
    goes_to: of.goes_to,
  }
}

/** A deck looked through point by point, old framing whose wood nobody knows: points that are wrong, and those that are right. */
export function deckCheck(
  of: Head & {
    readonly deck: string
    readonly wrong: readonly string[]
    readonly right: readonly string[]
    readonly notSeen: readonly string[]
    readonly sizes: Pick<
      SurveyOf<'deck'>,
      'joist' | 'joist_spacing_in' | 'beam' | 'beam_plies' | 'post' | 'ledger_by'
    >
    readonly spans_ft: Readonly<Record<'joist' | 'beam' | 'post', number>>
    readonly guard_in: Readonly<Record<'height' | 'opening', number>>
  },
): Survey {
  const answered = (points: readonly string[], answer: SurveyOf<'deck'>['answers'][number]['answer']) =>
    points.map((point) => ({ point, answer }))
  return {
    ...head(of),
    kind: 'deck',
    feature_id: of.deck,
    answers: [
      ...answered(of.wrong, 'wrong'),
      ...answered(of.right, 'right'),
      ...answered(of.notSeen, 'not-seen'),
    ],
    wood: 'unknown',
    ...of.sizes,
    joist_span: feet(of.spans_ft.joist),
    beam_span: feet(of.spans_ft.beam),
    post_height: feet(of.spans_ft.post),
    ledger_spacing: null,
    guard_height: inches(of.guard_in.height),
    guard_opening: inches(of.guard_in.opening),
  }
}
