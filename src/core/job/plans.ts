import * as z from 'zod'
import { LEAD_IDS, SKY_IDS } from '../catalogue/steps'
import { Day, Id, ShortWords } from './values'

const base = { id: Id, removed: z.boolean() }

/** People who work together, and whom the firm can send. The id is the firm's: one crew in two jobs has one id. */
export const Crew = z.strictObject({ id: Id, name: ShortWords, people: z.int().min(1).max(20) })

/** When and with whom the work is done. What day each part of it falls on is reckoned. */
export const Plan = z.strictObject({
  ...base,
  /** First day on site; null: from today on. */
  start: Day.nullable(),
  /** A closing, a wedding, a tenant moving in; null: none. */
  finish_by: Day.nullable(),
  crews: z.array(Crew).max(12),
  /** Days of the week that are worked, Monday 1 to Sunday 7. */
  week: z.array(z.int().min(1).max(7)).max(7),
  /** Order in which pieces of work are given their days, as somebody took it; empty: by the usual rules. */
  order: z.array(ShortWords).max(1500),
})

/** One day of the calendar, where it is not like the others. Of two for one day the later made stands. */
export const PlanDay = z.strictObject({
  ...base,
  day: Day,
  /** Null: nobody said; it is planned as a dry one. */
  sky: z.enum(SKY_IDS).nullable(),
  /** Why nobody works; empty: it is worked. */
  off: ShortWords,
  said: z.enum(['forecast', 'person']),
})

/** What a person said of one piece of planned work: not before a day, by which crew, or that it is done. */
export const PlanMark = z.strictObject({
  ...base,
  /** Key of the piece of work, as the plan makes it: item, side, and which part of it. */
  unit: ShortWords,
  not_before: Day.nullable(),
  crew: Id.nullable(),
  done_on: Day.nullable(),
})

export const BOOKING_KINDS = [...LEAD_IDS, 'trade', 'hand-over', 'appointment'] as const

/** Something that has to come from elsewhere before an item is begun: asked for, promised for a day, there. */
export const Booking = z.strictObject({
  ...base,
  what: z.enum(BOOKING_KINDS),
  /** Null: the whole job. */
  item_id: Id.nullable(),
  who: ShortWords,
  asked_on: Day.nullable(),
  /** When it is promised for. */
  comes_on: Day.nullable(),
  /** When it was there; null: not yet. */
  there_on: Day.nullable(),
})
