import * as z from 'zod'
import { OpenedPlace } from '../job/opened'
import { CentsValue, Day, Id } from '../job/values'

const Hours = z.number().min(0)

/** What one job says to the next: its hours and its money, reckoned and real. Only finished work with hours is in it. */
export const JobRecord = z.object({
  job_id: Id,
  title: z.string(),
  /** When it was handed over; null: the office closed it without. */
  closed_on: Day.nullable(),
  tasks: z.array(
    z.object({
      task: z.string(),
      estimate_h: Hours,
      spent_h: Hours,
      /** Of what was spent, hours of which only the item was said. */
      unsaid_h: Hours,
      /** The typical hours of the row that it was reckoned with. */
      typical_then: Hours,
    }),
  ),
  kinds: z.array(
    z.object({
      method: z.string(),
      name: z.string(),
      items: z.int(),
      estimate_h: Hours,
      spent_h: Hours,
      /** Null: nothing was agreed for it, or whoever reads sees no money. */
      sold_cents: CentsValue.nullable(),
      bought_cents: CentsValue.nullable(),
    }),
  ),
  /** Places that were opened: what had been reckoned to be behind each and said of its cause, and what it was. */
  opened: z.array(OpenedPlace.pick({ guess: true, told: true, caused_by: true, found: true })),
  estimate_h: Hours,
  paid_estimate_h: Hours,
  work_h: Hours,
  paid_h: Hours,
  along_h: Hours,
  productive_estimate: z.number(),
  visits_estimate: z.int(),
  days: z.int(),
  /** Before tax; null: nothing was accepted. */
  agreed_cents: CentsValue.nullable(),
  receipts_cents: z.record(z.string(), CentsValue),
  bought_estimate_cents: CentsValue.nullable(),
  hour_cents: CentsValue.nullable(),
})
export type JobRecord = z.infer<typeof JobRecord>
