import * as z from 'zod'
import { Height, HeightValue, HowMeasured, Id, LengthValue, ShortWords } from './values'

/** What stands on, in or before a wall. Station is the left end as seen from outside. */
const base = {
  id: Id,
  removed: z.boolean(),
  side_id: Id,
  /** Given at creation, never changed after: A3 stays A3. */
  number: z.int().min(1).max(999),
  station: LengthValue,
  width: LengthValue,
  /** How its place and size are known: a usual size put there first is a guess. */
  size_how: HowMeasured,
}
const PITCH = 'A number of inches from 0 to 36.'
const pitch = z.number(PITCH).min(0, PITCH).max(36, PITCH)

/** A window with its parts: each names a board that a finding can be about. */
export const WindowFeature = z.strictObject({
  ...base,
  kind: z.literal('window'),
  height: LengthValue,
  sill: Height,
  casing_width: LengthValue,
  parts: z.array(z.enum(['head-casing', 'side-casing', 'window-sill', 'sill-nose', 'sash', 'storm-sash'])),
})
export const DoorFeature = z.strictObject({
  ...base,
  kind: z.literal('door'),
  height: LengthValue,
  sill: Height,
  casing_width: LengthValue,
  parts: z.array(z.enum(['head-casing', 'side-casing', 'jamb-foot', 'threshold', 'slab'])),
})
export const DeckFeature = z.strictObject({
  ...base,
  kind: z.literal('deck'),
  /** How far it stands out from the wall. */
  depth: LengthValue,
  deck_height: LengthValue,
})
/** A box of windows standing out from the wall under a roof of its own. */
export const BayFeature = z.strictObject({
  ...base,
  kind: z.literal('bay'),
  height: LengthValue,
  sill: Height,
  depth: LengthValue,
})
export const PorchFeature = z.strictObject({
  ...base,
  kind: z.literal('porch'),
  depth: LengthValue,
  deck_height: LengthValue,
  /** Eave of the porch roof above the ground. */
  eave_height: LengthValue,
  screened: z.boolean(),
})
export const ChaseFeature = z.strictObject({
  ...base,
  kind: z.literal('chimney-chase'),
  depth: LengthValue,
  top: HeightValue,
})
/** A roof of its own on the wall: over a door, over a bay, at a lower storey. */
export const SmallRoofFeature = z.strictObject({
  ...base,
  kind: z.literal('small-roof'),
  depth: LengthValue,
  /** Where it meets the wall. */
  top: Height,
  pitch_in_12: pitch,
})
export const DormerFeature = z.strictObject({
  ...base,
  kind: z.literal('dormer'),
  height: LengthValue,
  /** Foot of its wall above the eave of the side. */
  above_eave: LengthValue,
  pitch_in_12: pitch,
})
/** A pipe, a lamp, a tap, a meter: whatever goes through the cladding. */
export const PenetrationFeature = z.strictObject({
  ...base,
  kind: z.literal('penetration'),
  what: ShortWords,
  height: LengthValue,
  sill: Height,
})
/** A gutter along a roof edge: which ends it empties at. */
export const GutterFeature = z.strictObject({
  ...base,
  kind: z.literal('gutter'),
  outlets: z.enum(['left', 'right', 'both', 'middle', 'unknown']),
  profile: z.enum(['ogee', 'half-round', 'box', 'unknown']),
  /** Across its top; null: not measured. */
  top_width: LengthValue.nullable(),
  hangers: z.enum(['hidden', 'straps', 'spikes', 'unknown']),
  /** From one hanger to the next; null: not measured. */
  hangers_apart: LengthValue.nullable(),
})
/** A downspout, and where its water goes. */
export const LeaderFeature = z.strictObject({
  ...base,
  kind: z.literal('leader'),
  discharge: z.enum(['at-wall', 'carried-off', 'underground', 'unknown']),
})
export const FIXTURES = [
  'toilet',
  'tub',
  'shower',
  'basin',
  'kitchen-sink',
  'washer',
  'water-heater',
  'other',
] as const
/** What holds or brings water inside, by the wall it is nearest to. */
export const FixtureFeature = z.strictObject({
  ...base,
  kind: z.literal('fixture'),
  what: z.enum(FIXTURES),
  in_from_wall: LengthValue,
  floor: z.int().min(1).max(4),
})
export const ON_ROOF = ['pipe', 'flue', 'vent', 'skylight', 'valley', 'chimney', 'other'] as const
/** What breaks the roof above a side: a pipe, a skylight, the foot of a valley. */
export const RoofFeature = z.strictObject({
  ...base,
  kind: z.literal('on-roof'),
  what: z.enum(ON_ROOF),
  /** Level, from the wall below it up the roof to its lower edge: 0 at the eave. */
  in_from_wall: LengthValue,
})
export const AT_GROUND = ['walk', 'patio', 'drive', 'soil', 'mulch', 'planter'] as const
/** What lies against the foot of a wall, and how far out it reaches. */
export const GroundFeature = z.strictObject({
  ...base,
  kind: z.literal('at-ground'),
  what: z.enum(AT_GROUND),
  /** Its width, from the wall out. */
  depth: LengthValue,
  /** Its surface over (or under) the ground beside it, at the wall. */
  surface: HeightValue,
})
export const BELOW_OPENINGS = ['hatch', 'vent'] as const
/** A way into the crawl space, or its air. */
export const BelowFeature = z.strictObject({
  ...base,
  kind: z.literal('crawl-opening'),
  what: z.enum(BELOW_OPENINGS),
  height: LengthValue,
  sill: Height,
})
/** What no kind above fits: drawn as it was outlined, points in order, heights above the ground. */
export const OutlineFeature = z.strictObject({
  ...base,
  kind: z.literal('outline'),
  what: ShortWords,
  points: z
    .array(z.strictObject({ station: LengthValue, height: HeightValue }))
    .min(3)
    .max(60),
})

/** How a kind of feature is called before its letter and number: window A3. */
export const FEATURE_WORDS = {
  window: 'window',
  door: 'door',
  deck: 'deck',
  bay: 'bay',
  porch: 'porch',
  'chimney-chase': 'chimney chase',
  'small-roof': 'small roof',
  dormer: 'dormer',
  penetration: 'hole',
  outline: 'outline',
  gutter: 'gutter',
  leader: 'downspout',
  fixture: 'fixture',
  'on-roof': 'on the roof',
  'at-ground': 'at the ground',
  'crawl-opening': 'crawl opening',
} as const

/** More kinds join this union without touching the ones that are here. */
export const Feature = z.discriminatedUnion('kind', [
  WindowFeature,
  DoorFeature,
  DeckFeature,
  BayFeature,
  PorchFeature,
  ChaseFeature,
  SmallRoofFeature,
  DormerFeature,
  PenetrationFeature,
  OutlineFeature,
  GutterFeature,
  LeaderFeature,
  FixtureFeature,
  RoofFeature,
  GroundFeature,
  BelowFeature,
])
