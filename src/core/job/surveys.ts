import * as z from 'zod'
import { KnowledgeId } from './components'
import { Day, HeightValue, Id, LengthValue, Place, ShortWords, Words } from './values'

/** One dated survey. Its readings are as they were taken, null where not yet; what they come to is reckoned. */
const base = {
  id: Id,
  removed: z.boolean(),
  day: Day,
  by: ShortWords,
  instrument: ShortWords,
  note: Words,
  /** What it was made for, besides what lies near it: a wall inside has no station outside. */
  finding_ids: z.array(Id).max(60),
}

/** A level line shot along a wall, read against one course of its cladding. */
export const CoursesSurvey = z.strictObject({
  ...base,
  kind: z.literal('courses'),
  side_id: Id,
  /** One course with its joint, and the joint by itself. */
  course: LengthValue,
  joint: LengthValue,
  readings: z
    .array(
      z.strictObject({
        station: LengthValue,
        /** Counted from the ground up. */
        course: z.int().min(1).max(200),
        edge: z.enum(['top', 'bottom']),
        /** From the edge to the line: above it positive. */
        over_edge: HeightValue.nullable(),
      }),
    )
    .max(80),
})

/** Heights of points of a floor by rod readings, from one or several set-ups; a point read twice ties them. */
export const FloorSurvey = z.strictObject({
  ...base,
  kind: z.literal('floor'),
  /** Which floor: two surveys of the same name are one floor at two dates. */
  floor: ShortWords,
  readings: z
    .array(
      z.strictObject({
        set_up: z.int().min(1).max(20),
        point: ShortWords,
        /** Rod on the point: the larger, the lower it lies. */
        rod: HeightValue.nullable(),
        /** From the left front corner of the house: along the front, and back from it. Null: as said at the first reading. */
        across: HeightValue.nullable(),
        back: HeightValue.nullable(),
        /** What lies on the floor there. */
        covering: LengthValue,
      }),
    )
    .max(150),
})

/** Offsets of a wall from a plumb line at its foot, middle and top. */
export const PlumbSurvey = z.strictObject({
  ...base,
  kind: z.literal('plumb'),
  side_id: Id,
  /** Height between the foot and the top reading. */
  height: LengthValue,
  /** Offset of the foot where it was built, as a mark on the slab shows; null: nothing shows it. */
  foot_as_built: HeightValue.nullable(),
  stations: z
    .array(
      z.strictObject({
        station: LengthValue,
        /** Leaning in is positive. */
        foot: HeightValue.nullable(),
        middle: HeightValue.nullable(),
        top: HeightValue.nullable(),
      }),
    )
    .max(60),
})

/** One crack and its dated looks. */
export const CrackSurvey = z.strictObject({
  ...base,
  kind: z.literal('crack'),
  place: Place,
  run: z.enum(['vertical', 'horizontal', 'diagonal', 'stepped']),
  masonry: z.boolean(),
  filled_before: z.boolean(),
  readings: z
    .array(
      z.strictObject({
        day: Day,
        /** Width at its upper (or left) and lower (or right) end. */
        upper: LengthValue.nullable(),
        lower: LengthValue.nullable(),
        /** By how much one face stands proud. */
        offset: LengthValue,
        proud: z.enum(['neither', 'upper', 'lower', 'left', 'right']),
        season: ShortWords,
      }),
    )
    .max(60),
})

export const GUTTER_FALLS = ['1/16', '1/8', '1/4', '1/2'] as const
const Feet2 = z.number().min(0).max(100_000)

/** One run of gutter: what drains to it, what hangs there, where its water goes. */
export const GutterSurvey = z.strictObject({
  ...base,
  kind: z.literal('gutter'),
  side_id: Id,
  shape: z.enum(['half-round', 'square-backed', 'none', 'unknown']),
  /** Across its top. */
  width: LengthValue.nullable(),
  fall: z.enum(GUTTER_FALLS).nullable(),
  roofs: z
    .array(
      z.strictObject({
        name: ShortWords,
        plan_ft2: Feet2,
        pitch_in_12: z.number().min(0).max(36),
        /** Wall above that drains onto it. */
        wall_ft2: Feet2,
      }),
    )
    .max(20),
  /** Inches in an hour: one hour in a hundred years, and five minutes in ten. Null: nobody looked it up. */
  rain_hour_in: z.number().min(0.1).max(20).nullable(),
  rain_five_minutes_in: z.number().min(0.1).max(30).nullable(),
  downspouts: z.int().min(0).max(50).nullable(),
  /** Free section of one, square inches. */
  downspout_in2: z.number().min(0).max(500).nullable(),
  goes_to: ShortWords,
})

/** How the ground falls from a wall. */
export const GroundSurvey = z.strictObject({
  ...base,
  kind: z.literal('ground'),
  side_id: Id,
  stations: z
    .array(
      z.strictObject({
        station: LengthValue,
        surface: z.enum(['soil', 'paving']),
        /** Fall over the run out from the wall: towards the house it is negative. */
        fall: HeightValue.nullable(),
        run: LengthValue,
      }),
    )
    .max(60),
})

/** Openings of a crawl space or an attic. */
export const VentsSurvey = z.strictObject({
  ...base,
  kind: z.literal('vents'),
  space: z.enum(['crawl', 'attic']),
  floor_ft2: Feet2.nullable(),
  /** Crawl space: a cover over the ground, laps sealed. */
  covered: z.boolean(),
  /** Crawl space: openings stand across from one another. Attic: 40 to 50 of a hundred in the upper part, and the code's other conditions. */
  balanced: z.boolean(),
  openings: z
    .array(
      z.strictObject({
        what: ShortWords,
        count: z.int().min(0).max(500),
        width: LengthValue,
        height: LengthValue,
        /** What screens and louvres leave free. */
        free_percent: z.number().min(0).max(100),
      }),
    )
    .max(40),
})

/** Air and a surface in it. */
export const AirSurvey = z.strictObject({
  ...base,
  kind: z.literal('air'),
  space: ShortWords,
  readings: z
    .array(
      z.strictObject({
        day: Day,
        air_c: z.number().min(-40).max(70).nullable(),
        humidity_percent: z.number().min(0).max(100).nullable(),
        surface_c: z.number().min(-40).max(90).nullable(),
      }),
    )
    .max(60),
})

const Size = z.enum(['2x6', '2x8', '2x10', '2x12']).nullable()
/** A deck looked through point by point, and its sizes. */
export const DeckSurvey = z.strictObject({
  ...base,
  kind: z.literal('deck'),
  feature_id: Id.nullable(),
  answers: z
    .array(z.strictObject({ point: KnowledgeId, answer: z.enum(['right', 'wrong', 'not-seen']) }))
    .max(60),
  wood: z.enum(['southern-pine', 'other-softwood', 'unknown']),
  joist: Size,
  joist_spacing_in: z.union([z.literal(12), z.literal(16), z.literal(24)]).nullable(),
  joist_span: LengthValue.nullable(),
  beam: Size,
  beam_plies: z.int().min(1).max(3).nullable(),
  beam_span: LengthValue.nullable(),
  post: z.enum(['4x4', '4x6', '6x6']).nullable(),
  post_height: LengthValue.nullable(),
  ledger_by: z.enum(['lags', 'bolts', 'bolts-and-washers', 'nails', 'nothing', 'unknown']),
  ledger_spacing: LengthValue.nullable(),
  guard_height: LengthValue.nullable(),
  guard_opening: LengthValue.nullable(),
})

/** Joists of a floor, cuts in them, the way in for timber, and how far supports are to be raised. */
export const FrameSurvey = z.strictObject({
  ...base,
  kind: z.literal('frame'),
  floor: ShortWords,
  wood: z.enum(['unknown', 'douglas-fir', 'hem-fir', 'southern-pine', 'spruce-pine-fir']),
  use: z.enum(['living', 'sleeping']),
  joist: Size,
  joist_spacing_in: z.union([z.literal(12), z.literal(16), z.literal(24)]).nullable(),
  joist_span: LengthValue.nullable(),
  notch: LengthValue.nullable(),
  notch_at_end: z.boolean(),
  hole: LengthValue.nullable(),
  /** Of a hatch in the floor, the long way. */
  hatch: LengthValue.nullable(),
  clearance: LengthValue.nullable(),
  /** Joists on the other side of the line of supports, clear; null: none, or not measured. */
  other_span: LengthValue.nullable(),
  /** The line that stands on the supports, girder or beam, from end to end; null: it ends at the last of them. */
  girder: LengthValue.nullable(),
  /** The wall the line runs beside; null: nobody said where it lies. */
  line_side_id: Id.nullable(),
  /** The station of that wall at which the line begins. */
  line_from: LengthValue.nullable(),
  /** How far in from that wall it lies. */
  line_in: LengthValue.nullable(),
  /** Floors that hang on the line. */
  floors: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  wall_above: z.enum(['none', 'light', 'plaster', 'roof']),
  supports: z
    .array(
      z.strictObject({
        support: ShortWords,
        /** From the beginning of the line. */
        along: LengthValue.nullable(),
        stands: z.enum(['plumb', 'leaning', 'loose', 'sunk', 'not-touching']).nullable(),
        on: z.enum(['footing', 'pad', 'loose-blocks', 'soil']).nullable(),
        /** How far it is to be raised. */
        lift: LengthValue.nullable(),
      }),
    )
    .max(80),
  members: z
    .array(
      z.strictObject({
        member: ShortWords,
        state: z.enum(['sound', 'damp', 'soft', 'broken', 'cut']).nullable(),
        /** How much of its worse end lies on what carries it. */
        bearing: LengthValue.nullable(),
        bears_on: z.enum(['wood', 'masonry']),
      }),
    )
    .max(200),
})

/** Piers of a manufactured home under one rail. */
export const HomeSurvey = z.strictObject({
  ...base,
  kind: z.literal('home'),
  rail: ShortWords,
  spacing: LengthValue.nullable(),
  roof_psf: z.union([z.literal(20), z.literal(30), z.literal(40)]).nullable(),
  soil: z.enum(['untested', 'gravel', 'sand', 'soft-clay', 'fill']),
  pad: LengthValue.nullable(),
  pad_thick: LengthValue.nullable(),
  piers: z
    .array(
      z.strictObject({
        pier: ShortWords,
        height: LengthValue,
        /** Rail against the highest point: lower is negative. */
        level: HeightValue.nullable(),
        double: z.boolean(),
        stands: z.enum(['plumb', 'leaning', 'loose', 'sunk']).nullable(),
      }),
    )
    .max(120),
})

/** Anchors, straps, braces or piers set out along a wall, for a price. */
export const LayoutSurvey = z.strictObject({
  ...base,
  kind: z.literal('layout'),
  side_id: Id,
  what: z.enum(['anchors', 'straps', 'braces', 'piers']),
  from: LengthValue,
  to: LengthValue,
  /** At the most so far apart; null: as is usual. */
  spacing: LengthValue.nullable(),
  paving: LengthValue.nullable(),
  to_line: LengthValue.nullable(),
})

export const Survey = z.discriminatedUnion('kind', [
  CoursesSurvey,
  FloorSurvey,
  PlumbSurvey,
  CrackSurvey,
  GutterSurvey,
  GroundSurvey,
  VentsSurvey,
  AirSurvey,
  DeckSurvey,
  FrameSurvey,
  HomeSurvey,
  LayoutSurvey,
])

export const SURVEY_KINDS = {
  courses: 'Level along a wall',
  floor: 'Floor levels',
  plumb: 'Wall out of plumb',
  crack: 'Crack',
  ground: 'Fall of the ground',
  gutter: 'Roof water',
  vents: 'Vents',
  air: 'Air and dew',
  deck: 'Deck check',
  frame: 'Floor frame',
  home: 'Piers of a home',
  layout: 'Anchors set out',
} as const
export type SurveyKind = keyof typeof SURVEY_KINDS
