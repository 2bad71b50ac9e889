import * as z from 'zod'
import { KnowledgeId } from './components'
import { CentsValue, Day, Id, Instant, Measured, ShortWords, Words } from './values'

const base = { id: Id, removed: z.boolean() }

/** A place that was opened: what stood behind it, or that nothing did. It replaces what was guessed of the place. */
export const OpenedPlace = z.strictObject({
  ...base,
  finding_id: Id,
  opened_on: Day,
  opened_by: ShortWords,
  /** What was reckoned to be behind it just before it was opened; null: nothing is known of its part. */
  guess: z
    .strictObject({
      /** Which kind of surface it was reckoned by. */
      row: KnowledgeId,
      backing_percent: z.number().min(0).max(100).nullable(),
      framing_percent: z.number().min(0).max(100),
    })
    .nullable(),
  /** What Trace said of its cause just before, and the signs that were noted there; null: it said nothing, or nobody kept it. */
  told: z
    .strictObject({
      /** What stood first; null: not explained. */
      cause: KnowledgeId.nullable(),
      /** A person had stated it: no reckoning of ours. */
      stated: z.boolean(),
      /** The foremost, by the reckoning of the whole house. */
      shares: z.array(z.strictObject({ cause: KnowledgeId, percent: z.number().min(0).max(100) })).max(5),
      signs: z.array(KnowledgeId).max(80),
    })
    .nullable(),
  /** What had done it, as it was seen now that it was open; null: not seen. */
  caused_by: KnowledgeId.nullable(),
  /** What was found behind it, each as a piece of work of its own; empty: nothing more. */
  found: z.array(z.strictObject({ find: KnowledgeId, count: z.int().min(1).max(999), item_id: Id })).max(20),
  /** How long what was seen is in truth, now that it can be taped; null: nobody taped it. Not new damage. */
  taped: Measured.nullable(),
  /** How long it was said to be before. */
  said: Measured.nullable(),
  words: Words,
  /** What is done for the night where nobody answers. */
  tonight: ShortWords,
  photo_ids: z.array(Id).max(40),
})

/** What a change order adds or takes off: what was found, what was taped, work that came in since, work that is left out. */
export const ORDER_LINE_KINDS = ['found', 'taped', 'added', 'left-out'] as const
export const OrderLine = z.strictObject({
  kind: z.enum(ORDER_LINE_KINDS),
  item_id: Id,
  title: ShortWords,
  where: ShortWords,
  quantity: ShortWords,
  cents: CentsValue,
  /** How it was reckoned, so that it can be reckoned again by hand. */
  reckoned: ShortWords,
})

/** A change order as it was put to the owner: it says everything that he sees. Made once and never edited; removed: withdrawn. */
export const ChangeOrder = z.strictObject({
  ...base,
  /** The accepted bid that it changes. */
  bid_id: Id,
  made_at: Instant,
  made_by: ShortWords,
  lines: z.array(OrderLine).min(1).max(200),
  tax_cents: CentsValue,
  total_cents: CentsValue,
  /** Working days of the crew that it adds. */
  crew_days: z.number().min(-10_000).max(10_000),
  /** When the work would end without it and with it; null: the work has no days yet. */
  ends_before: Day.nullable(),
  ends_after: Day.nullable(),
  /** Why, in plain words. */
  words: Words,
  tonight: ShortWords,
  photo_ids: z.array(Id).max(60),
})

/** What the owner said to a change order in front of the one who asked him. What he says by his own link stands elsewhere. */
export const OrderAnswer = z.strictObject({
  ...base,
  order_id: Id,
  says: z.enum(['yes', 'no']),
  name: ShortWords.refine((name) => name.trim().length >= 2, 'Type the name of the one who says it.'),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Drawn on the glass, in hundredths of the field; empty: only the name was typed. */
  signature: z
    .array(z.array(z.tuple([z.int().min(0).max(10_000), z.int().min(0).max(10_000)])).max(600))
    .max(40),
  said_at: Instant,
})
