import * as z from 'zod'
import { KnowledgeId } from './components'
import { CentsValue, Day, Id, Instant, ShortWords, Words } from './values'

const base = { id: Id, removed: z.boolean() }

/** Paid time that is no work on a piece: on the road, fetching, waiting for somebody or the weather, anything else. */
export const SPELL_ALONG = ['travel', 'supply', 'waiting', 'other'] as const

/** A stretch of time that people spent: from a start to a stop, on one piece of work, on what serves the whole job, or along the way. */
export const WorkSpell = z.strictObject({
  ...base,
  on: z.discriminatedUnion('kind', [
    /** A task of it, by the catalogue’s word; null: nobody said which. */
    z.strictObject({ kind: z.literal('item'), item_id: Id, task: KnowledgeId.nullable() }),
    /** Setting up, containing, hauling: paid once for the job. */
    z.strictObject({ kind: z.literal('job'), task: KnowledgeId.nullable() }),
    z.strictObject({ kind: z.literal('along'), what: z.enum(SPELL_ALONG) }),
  ]),
  by: ShortWords,
  people: z.int().min(1).max(20),
  began_at: Instant,
  /** Null: it runs. */
  ended_at: Instant.nullable(),
  pause_min: z.int().min(0).max(600),
  /** By a clock that was started and stopped, or written down afterwards. */
  how: z.enum(['clock', 'written']),
  words: ShortWords,
})

/** Something that was bought for the job or taken from the shop: how much, and what of it was left over. No money. */
export const BoughtGood = z.strictObject({
  ...base,
  /** A good of the catalogue, or a board as the cut plan calls it; null: something that neither knows. */
  good: ShortWords.nullable(),
  what: ShortWords,
  unit: ShortWords,
  quantity: z.number().min(0).max(100_000),
  left: z.number().min(0).max(100_000),
  on: Day,
  by: ShortWords,
  photo_ids: z.array(Id).max(20),
})

export const RECEIPT_KINDS = ['material', 'equipment', 'trade', 'disposal', 'permit', 'other'] as const
/** What was paid to others for the job. */
export const Receipt = z.strictObject({
  ...base,
  kind: z.enum(RECEIPT_KINDS),
  on: Day,
  from: ShortWords,
  cents: CentsValue,
  /** Null: for the whole job. */
  item_id: Id.nullable(),
  words: ShortWords,
  photo_ids: z.array(Id).max(20),
})

/** A piece of work that is done, with how it looks now. Of two for one item the later made stands. */
export const FinishedItem = z.strictObject({
  ...base,
  item_id: Id,
  on: Day,
  by: ShortWords,
  words: ShortWords,
  photo_ids: z.array(Id).max(40),
})

/** The work was handed over: warranties begin. */
export const Handover = z.strictObject({
  ...base,
  on: Day,
  by: ShortWords,
  /** What the firm says to the owner at the end. */
  words: Words,
})

/** Something that is looked at after the work: upkeep that was offered, a crack that is watched, a promise to come again. */
export const FollowUp = z.strictObject({
  ...base,
  what: ShortWords,
  due: Day,
  item_id: Id.nullable(),
  done_on: Day.nullable(),
  saw: Words,
  photo_ids: z.array(Id).max(40),
})

/** The owner says that something we did failed. The job that looks into it is another one. */
export const Claim = z.strictObject({
  ...base,
  item_ids: z.array(Id).max(100),
  said_by: ShortWords,
  said_on: Day,
  words: Words,
  job_id: Id,
})

/** What was asked for, as it stands on paper. Made once and never edited; removed: taken back. */
export const Invoice = z.strictObject({
  ...base,
  /** In the job, from one; of two made alike the later gets the next. */
  number: z.int().min(1).max(9999),
  bid_id: Id,
  made_at: Instant,
  made_by: ShortWords,
  on: Day,
  due_on: Day,
  /** Which stages of the payments it asks for, in their words. */
  stage: ShortWords,
  /** How many of the stages are asked for with it, those before it included. */
  through_stage: z.int().min(0).max(100),
  lines: z
    .array(z.strictObject({ what: ShortWords, cents: CentsValue, reckoned: ShortWords }))
    .min(1)
    .max(50),
  /** Tax that is inside the total. */
  tax_cents: CentsValue,
  total_cents: CentsValue,
})

export const PAID_BY = ['check', 'transfer', 'card', 'cash', 'other'] as const
/** Money that came in. */
export const Payment = z.strictObject({
  ...base,
  /** Null: for no invoice in particular. */
  invoice_id: Id.nullable(),
  on: Day,
  cents: CentsValue,
  by: z.enum(PAID_BY),
  words: ShortWords,
})
