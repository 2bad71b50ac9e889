import * as z from 'zod'
import { KnowledgeId } from './components'
import { Height, HowKnown, Id, Instant, LengthValue, ShortWords, Words } from './values'

/**
 * Facts are added, never changed. Each says who and when; taking one back is a fact too (`retraction`).
 */
const signed = { id: Id, by: ShortWords, at: Instant }

/** What a fact points at: a finding, a zone of a side, a feature, or the house as a whole. */
export const About = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('finding'), finding_id: Id }),
  z.strictObject({ kind: z.literal('zone'), side_id: Id, zone: z.string().max(40) }),
  z.strictObject({ kind: z.literal('feature'), feature_id: Id }),
  z.strictObject({ kind: z.literal('house') }),
])

export const ZONES = {
  'roof-edge': 'roof edge',
  gable: 'gable',
  field: 'field',
  openings: 'openings',
  'corners-and-trim': 'corners and trim',
  penetrations: 'penetrations',
  attachments: 'attachments',
  'base-and-grade': 'base and grade',
} as const
export type ZoneId = keyof typeof ZONES
export const ZONE_IDS = Object.keys(ZONES) as [ZoneId, ...ZoneId[]]

/** How a hold can be looked into. What it costs is reckoned from time and gear. */
export const WAYS_TO_LOOK = {
  ladder: 'from a ladder',
  lift: 'from a lift or scaffold',
  open: 'by opening it',
  'dry-day': 'again on a dry day',
  appointment: 'by appointment',
  crawl: 'by crawling in',
  hose: 'with a hose',
  other: 'another way',
} as const
export type WayToLook = keyof typeof WAYS_TO_LOOK
const WAY_IDS = Object.keys(WAYS_TO_LOOK) as [WayToLook, ...WayToLook[]]

export const KEEP_OFF_SIGNS = [
  'ledger-on-veneer',
  'ledger-nailed-only',
  'ledger-loose',
  'rim-soft',
  'gap-opening',
  'post-base-soft',
  'beam-not-on-post',
  'hangers-missing-at-height',
  'stair-not-attached',
  'guard-moves',
  'load-never-designed',
  'leaning',
  'freestanding-unbraced',
] as const

const Looked = z.discriminatedUnion('yes', [
  z.strictObject({ yes: z.literal(true), how: HowKnown }),
  z.strictObject({
    yes: z.literal(false),
    reason: z.enum([
      'height',
      'locked',
      'occupied',
      'too-wet',
      'sun',
      'paint-too-fresh',
      'covered',
      'not-asked',
    ]),
  }),
])

export const CoverageFact = z.strictObject({
  ...signed,
  kind: z.literal('coverage'),
  side_id: Id,
  zone: z.enum(ZONE_IDS),
  looked: Looked,
  /** Where one stood: what of an upper zone can be seen from there is reckoned, not believed. */
  stood: z.strictObject({ from_wall: LengthValue, eye: LengthValue }).nullable(),
})

/** What is not a wall. A room or a deck is named; the others are one each. */
export const AREAS = {
  roof: 'roof',
  attic: 'attic',
  rooms: 'rooms',
  crawl: 'crawl space',
  basement: 'basement',
  deck: 'deck',
} as const
export type AreaId = keyof typeof AREAS
export const AREA_IDS = Object.keys(AREAS) as [AreaId, ...AreaId[]]

export const AreaLookFact = z.strictObject({
  ...signed,
  kind: z.literal('area-look'),
  area: z.enum(AREA_IDS),
  /** Which room, which deck; empty for the whole. */
  name: ShortWords,
  looked: Looked,
  /** A deck or a doubtful floor: was it looked at from below before anyone stood on it. */
  from_below_first: z.boolean().nullable(),
})
export const ReadingFact = z.strictObject({
  ...signed,
  kind: z.literal('reading'),
  about: About,
  moisture_percent: z.number().min(0).max(200),
  reference_percent: z.number().min(0).max(200).nullable(),
  at_height: Height.nullable(),
  species: ShortWords,
  /** What the meter’s own table adds for that species, percent points; null: nobody looked it up. */
  species_points: z.number().min(-15).max(15).nullable(),
  /** Pin meters drift with the wood's temperature. */
  wood_temperature_c: z.number().min(-40).max(80).nullable(),
  instrument: ShortWords,
})
/** Checks that settle a cause; what each can see, and how long it takes, is in the knowledge of Trace. */
export const CHECK_IDS = [
  'hose',
  'lift-a-course',
  'ladder-look',
  'probe',
  'plumb-line',
  'pin-meter',
  'pinless-sweep',
  'long-pins',
  'infrared',
  'borescope',
  'attic-look',
  'crawl-look',
  'meter-dial',
  'supply-pressure',
  'drain-dye',
  'pan-flood',
  'plastic-sheet',
  'laser-bed-joint',
  'second-survey',
  'crack-gauge',
  'card-in-gap',
  'shake-guard',
  'bleach-drop',
  'rain-diary',
  'splinter',
  'frass-in-palm',
  'hole-gauge',
  'tape-holes',
  'flake-back',
  'run-the-zone',
  'papers',
  'look-closer',
  'other',
] as const
export type CheckId = (typeof CHECK_IDS)[number]

export const TestFact = z.strictObject({
  ...signed,
  kind: z.literal('test'),
  about: About,
  check: z.enum(CHECK_IDS),
  result: Words,
  /** The sign this test showed, or showed absent. */
  sign: z.string().max(80).nullable(),
  present: z.boolean(),
})
export const HazardFact = z.strictObject({
  ...signed,
  kind: z.literal('hazard'),
  about: About,
  hazard: z.enum([
    'keep-off',
    'open-wall',
    'wiring',
    'gas-smell',
    'wall-bowed',
    'structure',
    'pest-active',
    'other',
  ]),
  signs: z.array(z.enum(KEEP_OFF_SIGNS)),
  what: ShortWords,
  do_now: ShortWords,
})
/** Takes a hazard off the three on screen, never off the list or the bid. */
export const AcknowledgementFact = z.strictObject({
  ...signed,
  kind: z.literal('acknowledgement'),
  caution_id: z.string().max(120),
  reason: ShortWords,
})
export const HoldFact = z.strictObject({
  ...signed,
  kind: z.literal('hold'),
  about: About,
  why: ShortWords,
  way: z.enum(WAY_IDS),
  way_to_look: ShortWords,
})
export const PermissionFact = z.strictObject({
  ...signed,
  kind: z.literal('permission'),
  level: z.enum(['look-and-touch', 'probe-and-pin', 'open']),
  given_by: ShortWords,
})
/** What a note hangs on: whatever a fact of the survey can be about, a whole side, a piece of work, or the job. */
export const NoteAbout = z.discriminatedUnion('kind', [
  ...About.options,
  z.strictObject({ kind: z.literal('side'), side_id: Id }),
  z.strictObject({ kind: z.literal('item'), item_id: Id }),
  z.strictObject({ kind: z.literal('job') }),
])
export type NoteAbout = z.infer<typeof NoteAbout>
/** A free note: words, pictures, voice. For the firm alone; no bid prints it and nothing is reckoned from it. */
export const NoteFact = z.strictObject({
  ...signed,
  kind: z.literal('note'),
  about: NoteAbout,
  words: Words,
  photo_ids: z.array(Id).max(20),
  clip_ids: z.array(Id).max(20),
})
/** Somebody looked at what is about to be covered: at an item’s work on a side, by a hold point of the catalogue. */
export const HoldPointFact = z.strictObject({
  ...signed,
  kind: z.literal('hold-point'),
  item_id: Id,
  /** A side’s id, or where it is off the walls, as the plan says it. */
  side: ShortWords,
  point: KnowledgeId,
  passed: z.boolean(),
  words: ShortWords,
  photo_ids: z.array(Id).max(20),
})
export const RetractionFact = z.strictObject({
  ...signed,
  kind: z.literal('retraction'),
  fact_id: Id,
  /** A hazard is never taken back without a reason. */
  reason: Words,
})

export const Fact = z.discriminatedUnion('kind', [
  CoverageFact,
  AreaLookFact,
  ReadingFact,
  TestFact,
  HazardFact,
  AcknowledgementFact,
  HoldFact,
  PermissionFact,
  NoteFact,
  HoldPointFact,
  RetractionFact,
])
export type Fact = z.infer<typeof Fact>
export type FactKind = Fact['kind']

type Unsigned<F> = F extends unknown ? Omit<F, 'id' | 'by' | 'at'> : never
/** A fact before it is signed and dated. */
export type NewFact = Unsigned<Fact>
