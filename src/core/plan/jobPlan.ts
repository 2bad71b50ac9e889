import type { SkyId } from '../catalogue/steps'
import type { Crew } from '../job'
import type { AcceptedChoice } from './accepted'
import { NOTHING_AROUND, type Around } from './calendar'
import type { Coming } from './comes'
import type { Link } from './links'
import type { PlanUnit, Refused } from './units'
import type { Why } from './why'

/** What the plan stands on besides the job. */
export type PlanAround = Around & { readonly accepted: AcceptedChoice | null }
export const ALONE: PlanAround = { ...NOTHING_AROUND, accepted: null }

/** A moisture reading that has to be taken before a piece is begun, and how the last one stands. */
export type DryGate = { readonly most_percent: number; readonly last: number | null; readonly open: boolean }

export type PlannedUnit = PlanUnit & {
  readonly first: string
  readonly last: string
  /** Its hours on each day, of all its people. */
  readonly days: readonly { readonly day: string; readonly hours: number }[]
  readonly crew: string | null
  /** Order in which pieces of one day begin. */
  readonly order: number
  readonly why: Why
  readonly gate: DryGate | null
  readonly done: boolean
}

export type PlanDayView = {
  readonly day: string
  readonly off: string
  readonly sky: SkyId | null
  readonly units: readonly string[]
  /** Hours of work a day holds for all who are there, and how many of them are planned. */
  readonly holds_h: number
  readonly planned_h: number
  /** Another job has people of ours. */
  readonly elsewhere: readonly string[]
}

export type Trouble =
  | { readonly kind: 'refused'; readonly item_id: string; readonly why: Refused['why'] }
  | { readonly kind: 'bears'; readonly item_id: string }
  | { readonly kind: 'not-accepted'; readonly item_id: string }
  | { readonly kind: 'too-few-people'; readonly key: string; readonly people: number }
  /** Nothing that is open has a day: people, weather or what it waits for leave none. */
  | { readonly kind: 'no-days' }
  | { readonly kind: 'late'; readonly days: number; readonly finish_by: string }
  | { readonly kind: 'no-day'; readonly what: string; readonly item_id: string | null }
  | { readonly kind: 'covered-at-night'; readonly key: string; readonly nights: number }
  | {
      readonly kind: 'not-that-day'
      readonly item_id: string
      readonly day: string
      readonly planned: string
    }

export type JobPlan = {
  /** No work is ours yet. */
  readonly empty: boolean
  readonly units: readonly PlannedUnit[]
  readonly links: readonly Link[]
  readonly days: readonly PlanDayView[]
  readonly crews: readonly Crew[]
  readonly comings: readonly Coming[]
  readonly troubles: readonly Trouble[]
  readonly first: string
  readonly last: string | null
  /** No order of the same work ends sooner than this day. */
  readonly bound: string | null
  readonly proven: boolean
  /** Days on which somebody is there. */
  readonly work_days: number
  readonly hours: number
  /** Task hours in a day of one person: the rest goes into travel, loading and talking. */
  readonly day_h: number
}
