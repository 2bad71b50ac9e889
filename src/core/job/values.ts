import * as z from 'zod'
import type { Cents, Length } from '../measure'

/**
 * Building blocks of the job document. No transforms and no dates: every schema prints as JSON Schema.
 * Branded values are checked as whole numbers and typed by a cast, since a brand exists only for the compiler.
 */

/** Made by whoever creates the entity; a uuid in practice, any short word in a hand-written job file. */
export const Id = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, 'letters, digits, - and _, at most 64')

const LONGEST_64 = 1000 * 768
/** Whole 64ths of an inch, from nothing to 1,000 ft. */
export const LengthValue = z
  .int()
  .min(0, 'a length cannot be negative')
  .max(LONGEST_64, 'longer than 1,000 ft') as unknown as z.ZodType<Length>
/** A height may lie below what it is measured from. */
export const HeightValue = z.int().min(-LONGEST_64).max(LONGEST_64) as unknown as z.ZodType<Length>
export const CentsValue = z.int().min(-1_000_000_000_00).max(1_000_000_000_00) as unknown as z.ZodType<Cents>

/** Free words of a person. Long enough for a paragraph, short enough that nobody stores a film in it. */
export const Words = z.string().max(4000)
export const ShortWords = z.string().max(200)
/** A moment, in UTC: `2026-05-04T09:30:00Z`. */
export const Instant = z.string().regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, 'a moment in UTC')
/** A day in the job's own time zone. */
export const Day = z.string().regex(/^\d{4}-\d\d-\d\d$/, 'a day, year first')
export const Sha256 = z.string().regex(/^[0-9a-f]{64}$/, 'a sha-256, 64 hex digits')

/** How something is known, strongest first (field standard: a thing opened outweighs a thing told). */
export const HOW_KNOWN = [
  'opened',
  'touched',
  'instrument',
  'seen-close',
  'from-ground',
  'read',
  'told',
] as const
export const HowKnown = z.enum(HOW_KNOWN)
export type HowKnown = z.infer<typeof HowKnown>

export const HowMeasured = z.enum(['taped', 'counted', 'scaled', 'guessed'])
export type HowMeasured = z.infer<typeof HowMeasured>

/** A measured length: how, and for a guess the low and the high it may be. */
export const Measured = z.strictObject({
  value: LengthValue,
  how: HowMeasured,
  low: LengthValue.nullable(),
  high: LengthValue.nullable(),
})
export type Measured = z.infer<typeof Measured>

const known = { how: HowMeasured }
const AreaValue = z.int().min(0).max(Number.MAX_SAFE_INTEGER)
/**
 * How much of something there is, in the one way that fits it, each with how it is known. Lengths in 64ths of an inch, areas in
 * square 64ths, volumes in cubic 64ths; a guess carries its low and high.
 */
export const Quantity = z.discriminatedUnion('kind', [
  /** A run: trim, fascia, sealant. */
  z.strictObject({ kind: z.literal('length'), length: Measured }),
  /** Boards of siding above one another. */
  z.strictObject({ kind: z.literal('courses'), courses: z.int().min(1).max(999), length: Measured }),
  /** So many members, each of that length. */
  z.strictObject({ kind: z.literal('members'), count: z.int().min(1).max(999), length: Measured }),
  z.strictObject({ kind: z.literal('count'), count: z.int().min(1).max(9999), ...known }),
  z.strictObject({
    kind: z.literal('area'),
    area: AreaValue,
    low: AreaValue.nullable(),
    high: AreaValue.nullable(),
    ...known,
  }),
  z.strictObject({
    kind: z.literal('volume'),
    volume: AreaValue,
    low: AreaValue.nullable(),
    high: AreaValue.nullable(),
    ...known,
  }),
])
export type Quantity = z.infer<typeof Quantity>

/** What a height is measured from; geometry resolves it. */
export const HeightFrom = z.enum(['grade', 'foundation-top', 'floor-1', 'floor-2', 'floor-3'])
export const Height = z.strictObject({ value: HeightValue, from: HeightFrom })
export type Height = z.infer<typeof Height>

/** As near as anybody can say when something was: a year, or a month of it. */
export const MonthOrYear = z.strictObject({
  year: z.int().min(1700).max(2200),
  month: z.int().min(1).max(12).nullable(),
})
export type MonthOrYear = z.infer<typeof MonthOrYear>

/** Where something is. Nothing, or words, is a place too: a finding may exist before the house does. */
export const Place = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('words'), words: ShortWords }),
  z.strictObject({
    kind: z.literal('side'),
    side_id: Id,
    station: LengthValue,
    height: Height,
    feature_id: Id.nullable(),
    /** Nobody said how far along it is: the station is the middle of the side until somebody does. */
    station_unsaid: z.literal(true).optional(),
  }),
  z.strictObject({ kind: z.literal('photo'), photo_id: Id }),
  z.strictObject({ kind: z.literal('room'), room: ShortWords }),
  z.strictObject({ kind: z.literal('roof'), words: ShortWords }),
  z.strictObject({ kind: z.literal('deck'), feature_id: Id.nullable(), words: ShortWords }),
  z.strictObject({ kind: z.literal('crawl'), words: ShortWords }),
])
export type Place = z.infer<typeof Place>

export const Cladding = z.enum([
  'wood-lap',
  'fibre-cement-lap',
  'hardboard-lap',
  'engineered-lap',
  'panel',
  'shingle',
  'stucco',
  'brick',
  'board-and-batten',
  'unknown',
])
export type Cladding = z.infer<typeof Cladding>

export const GRADE_NAMES = ['sound', 'surface', 'local soft', 'deep', 'gone'] as const
export const Grade = z.int().min(0).max(4)
export type Grade = 0 | 1 | 2 | 3 | 4
