import { z } from 'zod'
import { Height, HowKnown, Id, Instant, ShortWords, Words } from './values'

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

export const CoverageFact = z.strictObject({
  ...signed,
  kind: z.literal('coverage'),
  side_id: Id,
  zone: z.enum(ZONE_IDS),
  looked: z.discriminatedUnion('yes', [
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
  ]),
})
export const ReadingFact = z.strictObject({
  ...signed,
  kind: z.literal('reading'),
  about: About,
  moisture_percent: z.number().min(0).max(200),
  reference_percent: z.number().min(0).max(200).nullable(),
  at_height: Height.nullable(),
})
export const TestFact = z.strictObject({
  ...signed,
  kind: z.literal('test'),
  about: About,
  check: z.enum(['hose', 'lift-a-course', 'ladder-look', 'probe', 'plumb-line', 'other']),
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
  way_to_look: ShortWords,
})
export const PermissionFact = z.strictObject({
  ...signed,
  kind: z.literal('permission'),
  level: z.enum(['look-and-touch', 'probe-and-pin', 'open']),
  given_by: ShortWords,
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
  ReadingFact,
  TestFact,
  HazardFact,
  AcknowledgementFact,
  HoldFact,
  PermissionFact,
  RetractionFact,
])
export type Fact = z.infer<typeof Fact>
export type FactKind = Fact['kind']
