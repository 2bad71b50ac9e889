import { rowsOf } from '../firmValues/rows'
import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import { sellBy, sellPrice } from '../price/sellPrice'
import type { Scope } from '../scope'
import { grouped } from './grouped'
import type { JobPlan, PlannedUnit } from './jobPlan'

/** Wood is primed now and held; coats are put on a visit of their own in a dry month. */
export type DrySeason = {
  /** First day of that month. */
  readonly from: string
  /** Days of rain in the month the coats are planned for, and in that one. */
  readonly rain_days: number
  readonly dry_rain_days: number
  /** First piece of each painted place: what follows it follows it there. */
  readonly units: readonly string[]
  /** What one more visit takes, hours of all people, and what it comes to; null without rates. */
  readonly hours: number
  readonly price_cents: Cents | null
}

/** The piece that the visit is, sold as work of one’s own at no place. */
export const visitUnit = (item_id: string): string => `${item_id}/elsewhere/own`

/** A month with so many days of rain is no month for coats; one with no more than the other is. Our judgement. */
const WET_DAYS = 14
const DRY_DAYS = 9

/** It is an offer, not a sum to the cent. */
const ROUND_TO_CENTS = 500

const month = (day: string): number => Number(day.slice(5, 7)) - 1

/** First day of the month so many months after that of a day. */
function monthAfter(day: string, months: number): string {
  return new Date(Date.UTC(Number(day.slice(0, 4)), month(day) + months, 1)).toISOString().slice(0, 10)
}

/**
 * What waiting for a dry season with the paint would mean, where the plan puts coats into a wet month. Null: they fall into a dry one,
 * nobody gave the house’s climate, or no month of it is dry.
 *
 * Hours: one more setting up and clearing away. Source: the climate of the house; both limits are our judgement.
 */
export function drySeason(of: {
  readonly job: JobDocument
  readonly scope: Scope
  readonly plan: JobPlan
}): DrySeason | null {
  const { job, scope, plan } = of
  const months = job.house?.climate?.months
  if (!months) return null
  const paints = new Set(scope.items.filter(({ row }) => row?.paints ?? false).map(({ id }) => id))
  const isCoat = (unit: PlannedUnit): boolean =>
    !unit.done && unit.outside && unit.item_id !== null && paints.has(unit.item_id)
  const coats = plan.units.filter(isCoat)
  const last = coats
    .filter(({ segments }) => segments.some(({ step }) => step === 'paint'))
    .map((unit) => unit.last)
    .toSorted()
    .at(-1)
  if (last === undefined || months[month(last)]!.rain_days < WET_DAYS) return null
  const ahead = Array.from({ length: 11 }, (_, n) => n + 1).find(
    (n) => months[(month(last) + n) % 12]!.rain_days <= DRY_DAYS,
  )
  if (ahead === undefined) return null
  const from = monthAfter(last, ahead)
  const firsts = [...grouped(coats, ({ item_id, side }) => `${item_id}/${side}`).values()].map(
    (units) => units.toSorted((a, b) => a.order - b.order)[0]!.key,
  )
  const visit = rowsOf(job.settings).task('mobilise')
  const hours = visit.set_up_h + visit.typical
  const { rates } = job
  const sold = rates
    ? sellPrice((hours / job.settings.productive_share_short_day) * rates.burdened_rate_cents, sellBy(rates))
    : null
  return {
    from,
    rain_days: months[month(last)]!.rain_days,
    dry_rain_days: months[month(from)]!.rain_days,
    units: firsts,
    hours,
    price_cents: sold?.ok ? ((Math.ceil(sold.value / ROUND_TO_CENTS) * ROUND_TO_CENTS) as Cents) : null,
  }
}
