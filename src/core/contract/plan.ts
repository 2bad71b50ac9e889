import * as z from 'zod'
import { SKY_IDS } from '../catalogue/steps'
import { Baseline } from '../open/baseline'
import { OrderFace } from '../open/orders'
import { Day, Id, ShortWords } from '../job/values'

/** What a weather service says of the next days. */
export const ForecastAnswer = z.object({
  said: z.literal('simulated'),
  days: z.array(z.object({ day: Day, sky: z.enum(SKY_IDS) })),
})
export type ForecastAnswer = z.infer<typeof ForecastAnswer>

const Taken = z.object({ day: Day, crew_id: Id, people: z.int(), job: ShortWords })
const FreeDay = z.object({ day: Day, why: ShortWords })

/** What a job’s plan and its opened places stand on besides the job. A crew’s has no money in it. */
export const AroundAnswer = z.object({
  /** Change orders of the accepted bid, and how each stands. */
  orders: z.array(OrderFace).default([]),
  /** What was accepted, with its prices: only for whoever sees money; null: nothing is accepted. */
  baseline: Baseline.nullable().optional(),
  /** When the end of the job was last sent to its owner; null: never. */
  handed_at: z.iso.datetime().nullable().default(null),
  taken: z.array(Taken),
  off: z.array(FreeDay),
  accepted: z
    .object({ left: z.array(z.string()), taken: z.array(z.string()), items: z.array(z.string()) })
    .nullable(),
  /** The firm’s crews, for a job that has named none. */
  crews: z.array(z.object({ id: Id, name: ShortWords, people: z.int() })),
})
export type AroundAnswer = z.infer<typeof AroundAnswer>

/** The firm’s own calendar: who can be sent, and the days on which nobody works. */
export const FirmCalendar = z.strictObject({
  crews: z
    .array(
      z.strictObject({
        id: Id,
        name: ShortWords.min(1, 'a crew wants a name'),
        people: z.int().min(1).max(20),
      }),
    )
    .max(12),
  off: z.array(z.strictObject({ day: Day, why: ShortWords.min(1, 'say why') })).max(400),
})
export type FirmCalendar = z.infer<typeof FirmCalendar>

/** A job on the firm’s calendar: its days, crew by crew, and whether it ends in time. */
export const PlannedJob = z.object({
  id: Id,
  title: ShortWords,
  address: ShortWords,
  first: Day,
  last: Day.nullable(),
  finish_by: Day.nullable(),
  /** Days between the end and the day it has to be finished by; null: none was set. */
  spare_days: z.int().nullable(),
  /** Days it begins later than it would if its crews had nothing else: by which jobs. */
  pushed_days: z.int(),
  pushed_by: z.array(ShortWords),
  days: z.array(z.object({ day: Day, crew_id: Id, people: z.int() })),
})
export type PlannedJob = z.infer<typeof PlannedJob>
export const CalendarAnswer = z.object({ calendar: FirmCalendar, jobs: z.array(PlannedJob) })
export type CalendarAnswer = z.infer<typeof CalendarAnswer>
