import * as z from 'zod'
import { Component, KnowledgeId, Material, Method } from './components'
import {
  CentsValue,
  Cladding,
  Day,
  Grade,
  HeightValue,
  HowKnown,
  HowMeasured,
  Id,
  LengthValue,
  Measured,
  MonthOrYear,
  Place,
  Quantity,
  ShortWords,
  Words,
} from './values'

/** What every editable thing carries. `removed` is a field like another: taking back a removal is an edit. */
const base = { id: Id, removed: z.boolean() }

export const Job = z.strictObject({
  ...base,
  title: ShortWords,
  address: ShortWords,
  time_zone: z.string().max(60),
  asked: Words,
  scope_line: Words,
  /** Conditions of the walk. */
  walked_on: Day.nullable(),
  weather: ShortWords,
  hours_since_rain: z.number().min(0).max(10_000).nullable(),
  present: ShortWords,
  /** What the owner wants left as it is: paving, plants, an awning. The bid says it, and every sheet of the crew. */
  must_stay: Words,
  /** Whom one may talk to on site, and about what. For the firm and its crew alone. */
  may_talk_to: ShortWords,
  /** Whether local code asks for a permit for what is to be done, as the building office said; only then its fee is charged. */
  permit: z.enum(['unknown', 'needed', 'not-needed']),
  /** Which hand the house is on while walking; it decides what *next side* means, never how a wall is drawn. */
  house_on: z.enum(['left', 'right']),
  /** The job whose work is claimed to have failed, and the claim in it; null: it is no claim. */
  claim_of: z.strictObject({ job_id: Id, claim_id: Id, title: ShortWords }).nullable(),
})

export const PersonRole = z.enum(['pays', 'owns', 'lives-there', 'may-permit', 'may-approve', 'reads'])
export const Person = z.strictObject({
  ...base,
  name: ShortWords,
  email: ShortWords,
  phone: ShortWords,
  roles: z.array(PersonRole),
})

export const YearBuilt = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('known'), year: z.int().min(1600).max(2100) }),
  z.strictObject({ kind: z.literal('unknown') }),
])

/** Means of twelve months, January first. */
export const Climate = z.strictObject({
  place: ShortWords,
  months: z
    .array(
      z.strictObject({
        mean_temperature_c: z.number().min(-60).max(60),
        rain_days: z.number().min(0).max(31),
      }),
    )
    .length(12),
})

export const Facing = z.enum(['front', 'right', 'back', 'left'])

/** What stands and blows round the house, as far as somebody noted it. */
export const Surroundings = z.strictObject({
  /** The side the storms come from. */
  storm_side: Facing.nullable(),
  /** Sides with trees within 10 ft, or without sun. */
  shaded_sides: z.array(Facing),
  soil: z.enum(['unknown', 'clay', 'sand-or-gravel', 'fill']),
  /** Salt water, or a bare ridge, within a mile. */
  windswept: z.boolean(),
  irrigation: z.enum(['unknown', 'yes', 'no']),
})

export const HOUSE_KINDS = ['house', 'attached', 'manufactured-home', 'outbuilding'] as const
export const House = z.strictObject({
  ...base,
  /** `attached`: to another dwelling that is not in the job. */
  kind: z.enum(HOUSE_KINDS),
  year_built: YearBuilt,
  storeys: z.int().min(1).max(4),
  foundation: z.enum(['crawl', 'basement', 'slab', 'slab-tendons', 'piers', 'piers-with-skirt', 'unknown']),
  /** Top of the foundation above the ground. */
  foundation_height: LengthValue,
  /** From one finished floor to the next. */
  storey_height: LengthValue,
  /** Null: nobody gave one. */
  climate: Climate.nullable(),
  /** Null: nobody noted them. */
  surroundings: Surroundings.nullable(),
  /** What makes work go slower all over the house, by the catalogue's conditions. */
  conditions: z.array(KnowledgeId).max(20),
  /** From the ground to the joists, where it is lowest on the way; null: not measured. */
  crawl_clearance: LengthValue.nullable(),
})

/** A part of a wall that is clad otherwise than the rest: brick below, shingles in the gable. */
export const CladPart = z.strictObject({
  cladding: Cladding,
  left: LengthValue,
  right: LengthValue,
  bottom: HeightValue,
  top: HeightValue,
})

export const Side = z.strictObject({
  ...base,
  /** Given at creation, never changed after. */
  letter: z.string().regex(/^[A-Z]{1,2}$/),
  /** Place in the walk, from 0. */
  order: z.int().min(0).max(200),
  facing: Facing,
  /** Null: not measured yet; the strip draws an open end. */
  length: LengthValue.nullable(),
  length_how: HowMeasured,
  /** Of a guessed length: what it is at least and at most; null where nobody said. */
  length_low: LengthValue.nullable(),
  length_high: LengthValue.nullable(),
  /** The walker's turn at the end of this side, degrees, left positive. */
  turn_deg: z.number().min(-180).max(180),
  /** Height of the eave over the house's zero, whatever the ground does below; null takes it from the house. */
  wall_height: LengthValue.nullable(),
  height_how: HowMeasured,
  roof_edge: z.enum(['eave', 'hip', 'gable', 'none']),
  /** Rise in inches to a run of 12. */
  pitch_in_12: z.number().min(0).max(36),
  overhang: LengthValue,
  cladding: Cladding,
  clad_parts: z.array(CladPart).max(12),
  /** What the cladding stands on: sheathing it lies tight on, a drained gap over sheathing, or the studs alone. */
  behind: z.enum(['unknown', 'sheathing', 'drained-gap', 'studs']),
  /** Ground at the left and the right end as seen from outside, above (or below) the house's zero. */
  ground_left: HeightValue,
  ground_right: HeightValue,
  /** How much higher (or lower) the floors behind this side lie than the house's: a split level. */
  floor_shift: HeightValue,
  /** What makes work go slower at it, by the catalogue's conditions. */
  conditions: z.array(KnowledgeId).max(20),
})

/** What was seen or touched, in the three columns of the damage grade; null where nobody looked. */
export const GradeObservations = z.strictObject({
  awl_past_sound: LengthValue.nullable(),
  thickness: LengthValue.nullable(),
  section_lost_percent: z.number().min(0).max(100).nullable(),
  surface: z
    .enum(['intact', 'film-failed', 'soft-spot', 'soft-over-12-in', 'joint-open', 'piece-missing'])
    .nullable(),
})

export const SeenSign = z.strictObject({
  sign: z.string().max(80),
  how: HowKnown,
  /** False: looked for and not there. A sign nobody looked for is simply not listed. */
  present: z.boolean(),
})

/** A spot in plan: at a station of a side, so far in from its wall. */
export const Spot = z.strictObject({ side_id: Id, station: LengthValue, in_from_wall: LengthValue })

export const Finding = z.strictObject({
  ...base,
  /** From the server, in sequence; null until then. */
  number: z.int().min(1).nullable(),
  /** What was said, kept as said. */
  words: Words,
  place: Place,
  /** Inside, on a roof or below the floor: the wall it is nearest to, and how far in from it. Null: not said. */
  spot: Spot.nullable(),
  component: Component.nullable(),
  material: Material,
  /** Length along the member. */
  extent: Measured.nullable(),
  /** Courses for siding, pieces for counted things. */
  count: z.int().min(1).max(999).nullable(),
  /** Width of its face, measured: it finds the section of the new piece. */
  face_width: LengthValue.nullable(),
  signs: z.array(SeenSign),
  how_known: HowKnown,
  /** Believed, from look-alikes, but not yet looked at. */
  suspected: z.boolean(),
  /** Null: not touched. That is not the same as sound. */
  stated_grade: Grade.nullable(),
  observations: GradeObservations.nullable(),
  photo_ids: z.array(Id),
  clip_ids: z.array(Id),
  seen_by: ShortWords,
  /** Since when it was seen, as somebody tells it; null: nobody said. */
  first_seen: MonthOrYear.nullable(),
  /** What somebody did here before: it costs labour to take out. */
  earlier_repair: z.enum([
    'not-noted',
    'none',
    'filler',
    'short-patch',
    'sealant-over',
    'thin-board',
    'prop',
    'other',
  ]),
  /** Findings of one repeated detail carry the same one; each stays a finding of its own. */
  detail_id: Id.nullable(),
  /** Chances somebody gave by hand, in percent, that what stands behind is damaged; null: as the rows say. */
  behind: z
    .strictObject({
      backing_percent: z.number().min(0).max(100),
      framing_percent: z.number().min(0).max(100),
      reason: ShortWords,
    })
    .nullable(),
})

/** The owner takes a source fix, or declines it: by whose word, and why. */
export const SourceDecision = z.strictObject({
  ...base,
  cause: z.string().max(80),
  /** Findings the source reached when it was decided; the decision follows them. */
  finding_ids: z.array(Id),
  decision: z.enum(['accepted', 'declined']),
  by: ShortWords,
  reason: Words,
})

/** A person states the cause. His name stands by it. */
export const Judgement = z.strictObject({
  ...base,
  finding_ids: z.array(Id),
  cause: z.string().max(80),
  by: ShortWords,
  reason: Words,
})

/** What a piece of work is to the bid. Only what is ours is in the sum; everything else is listed. */
export const WORK_STATES = [
  'ours',
  'optional',
  'alternate',
  'priced-apart',
  'on-request',
  'by-owner',
  'by-others',
  'left-out',
  'held',
  'declined',
  'referred',
] as const
export type WorkState = (typeof WORK_STATES)[number]

/** How the price of a piece of work is meant: as it stands, settled by the unit afterwards, or by the hour and never more. */
export const PRICE_BASES = ['fixed', 'allowance', 'ceiling'] as const
export type PriceBasis = (typeof PRICE_BASES)[number]

/** Where work is done, and how much of it there; without a size it is what the findings and the house say. */
export const WorkPlace = z.strictObject({
  at: z.discriminatedUnion('kind', [
    ...Place.options,
    z.strictObject({ kind: z.literal('whole-side'), side_id: Id }),
  ]),
  size: Quantity.nullable(),
  /** How high up the work begins, over the ground, where the place does not say. */
  height: LengthValue.nullable(),
})

/** A line of one's own in an item: what it takes beside, or in place of, what is reckoned. */
export const OwnLine = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('hours'), what: ShortWords, hours: z.number().min(0).max(10_000) }),
  z.strictObject({
    kind: z.literal('piece'),
    section: ShortWords,
    material: Material,
    length: LengthValue,
    count: z.int().min(1).max(999),
  }),
  z.strictObject({ kind: z.literal('good'), good: KnowledgeId, quantity: z.number().min(0).max(100_000) }),
])

/**
 * Work of a method on a part at places. The derived item takes this id; prices, options and acceptance refer to it. With no place
 * of its own it is at its findings; with neither, it prices an empty walk.
 */
export const WorkItem = z.strictObject({
  ...base,
  method: Method,
  /** Null: no part, but the whole of its places. */
  component: Component.nullable(),
  material: Material,
  finding_ids: z.array(Id),
  places: z.array(WorkPlace).max(300),
  state: z.enum(WORK_STATES),
  /** Items it may stand in for: one, or several that it makes needless together. */
  instead_of: z.array(Id).max(60),
  /** Items without which it makes no sense: taken together, or not at all. */
  requires: z.array(Id).max(20),
  basis: z.enum(PRICE_BASES),
  /** The firm's own sentence to the owner in place of the kit's; empty: the kit's. */
  owner_says: Words,
  /** The firm's own sentence on what was seen there; empty: ours, from part, place and grade. */
  owner_sees: Words,
  /** What it is called; empty: by its method and part. */
  name: ShortWords,
  note: Words,
  /** Who does it, where it is not us, and when it is handed over. */
  who: ShortWords,
  hand_over: ShortWords,
  /** Section of the new wood; null: by the part and the measured width. */
  section: ShortWords.nullable(),
  lines: z.array(OwnLine).max(60),
  /** Causes it cures besides what its method cures: of own work, what it was taken for. */
  cures: z.array(KnowledgeId).max(20),
  /** How much there is to scrape, where the method asks. */
  condition: z.enum(['light', 'typical', 'heavy']).nullable(),
  /** Share of the side where the film has let go. */
  share_peeling_percent: z.number().min(0).max(100).nullable(),
})

export const TypedPrice = z.strictObject({
  ...base,
  on: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('item'), item_id: Id }),
    z.strictObject({ kind: z.literal('job') }),
    /** Taken off the whole, as a line of its own with its reason. */
    z.strictObject({ kind: z.literal('discount') }),
    /** A figure somebody was told: it is kept with its day and changes no price. */
    z.strictObject({ kind: z.literal('told'), to: ShortWords, day: Day }),
  ]),
  cents: CentsValue,
  reason: ShortWords,
})
