import { rowsOf } from '../firmValues/rows'
import { LEADS, type LeadId } from '../catalogue/steps'
import { goodOf, methodOf } from '../catalogue'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { drawnLength } from '../geometry'
import { byId, type Booking, type JobDocument } from '../job'
import type { Scope, ScopeItem } from '../scope'
import type { Takeoff } from '../takeoff'
import { afterOfficeDays } from '../measure'
import type { HandedOver } from './links'
import type { Extent } from './units'

/** Something that has to come from elsewhere, and when it is reckoned with. */
export type Coming = {
  /** What and for which item: a booking answers it by these. */
  readonly what: Booking['what']
  readonly item_id: string | null
  readonly name: string
  readonly who: string
  /** Working days it usually takes; null: nobody knows, a day has to be named. */
  readonly days: readonly [low: number, high: number] | null
  readonly booking: Booking | null
  readonly state: 'there' | 'promised' | 'asked' | 'not-asked'
  /** The day it is reckoned to be there; null: nothing is known. */
  readonly on: string | null
  /** Nothing of its item begins before. A trade that only comes in between holds up nothing. */
  readonly holdsUp: boolean
}

/** Working days a trade is called ahead. Our judgement. */
const TRADE_DAYS = [3, 10] as const

const middle = ([low, high]: readonly [number, number]): number => Math.ceil((low + high) / 2)

function bookingFor(job: JobDocument, what: Booking['what'], item_id: string | null): Booking | null {
  return job.bookings.findLast((each) => each.what === what && each.item_id === item_id) ?? null
}

/** Asked already, it takes its usual time from then; not asked yet, from today. What is promised or there is that day. */
function coming(
  job: JobDocument,
  today: string,
  of: Pick<Coming, 'what' | 'item_id' | 'name' | 'who' | 'days' | 'holdsUp'>,
): Coming {
  const booking = bookingFor(job, of.what, of.item_id)
  const usual = (from: string): string | null => (of.days ? afterOfficeDays(from, middle(of.days)) : null)
  const known = booking?.there_on ?? booking?.comes_on ?? null
  const asked = booking?.asked_on ?? null
  const late = asked === null ? null : usual(asked)
  return {
    ...of,
    who: booking?.who || of.who,
    booking,
    state: booking?.there_on ? 'there' : booking?.comes_on ? 'promised' : asked ? 'asked' : 'not-asked',
    // What should have come by now and has not can be there today at the earliest.
    on: known ?? (asked === null ? usual(today) : late !== null && late < today ? today : late),
  }
}

/** Items of which something is ours, that work is planned for. */
const isOurs = (item: ScopeItem): boolean =>
  item.row?.sells !== false && item.spots.some((spot) => spot.standing === 'ours')

/** Where others work before us: on a side, or off the walls. */
function placesOf(item: ScopeItem, job: JobDocument): { side: string; extent: Extent }[] {
  return item.spots.flatMap((spot) => {
    if (spot.at.kind === 'whole-side') return [{ side: spot.at.side_id, extent: 'whole' as const }]
    if (spot.at.kind !== 'side') return [{ side: spot.at.kind, extent: 'whole' as const }]
    const side = byId(job.sides, spot.at.side_id)
    const from = spot.at.station
    const to = from + (spot.seen ?? 0)
    const all = side !== undefined && to - from >= drawnLength(side, job)
    return [
      { side: spot.at.side_id, extent: all || spot.at.station_unsaid ? ('whole' as const) : { from, to } },
    ]
  })
}

/** What the kits ask for before they are begun, trades that come in between, and work by others at the same places. */
export function comingsOf(
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  today: string,
): {
  readonly comings: readonly Coming[]
  readonly handedOver: readonly (HandedOver & { readonly on: string | null })[]
} {
  const { job, scope, takeoff } = of
  const comings: Coming[] = []
  const handedOver: (HandedOver & { on: string | null })[] = []
  for (const item of scope.items) {
    if (isOurs(item)) {
      const needs = new Set<string>(methodOf(item.method)?.needs ?? item.row?.needs ?? [])
      if (job.job.permit === 'not-needed') needs.delete('permit')
      for (const row of LEADS) {
        if (!needs.has(row.need)) continue
        comings.push(
          coming(job, today, {
            what: row.id satisfies LeadId,
            item_id: item.id,
            name: row.what,
            who: row.who,
            days: rowsOf(job.settings).lead_days(row.id, row.days),
            holdsUp: true,
          }),
        )
      }
      const trades = takeoff.items.find((each) => each.item_id === item.id)?.consumables ?? []
      // The one permit of a job comes before its work, as a need: nobody is called out for its fee.
      const names = trades
        .filter(({ id, why }) => goodOf(id)?.kind === 'trade' && why !== WORK_SAYS.whyPermit)
        .map(({ name }) => name)
      if (names.length > 0) {
        const name = names.join(', ')
        comings.push(
          coming(job, today, {
            what: 'trade',
            item_id: item.id,
            name,
            who: name,
            days: TRADE_DAYS,
            holdsUp: false,
          }),
        )
      }
      const fixed = bookingFor(job, 'appointment', item.id)
      if (fixed) {
        comings.push(
          coming(job, today, {
            what: 'appointment',
            item_id: item.id,
            name: 'appointment',
            who: '',
            days: null,
            holdsUp: true,
          }),
        )
      }
      continue
    }
    if (!item.spots.some(({ standing }) => standing === 'by-owner' || standing === 'by-others')) continue
    const its = coming(job, today, {
      what: 'hand-over',
      item_id: item.id,
      name: `${item.name} handed over`,
      who: item.item.who || (item.standing === 'by-owner' ? 'the owner' : 'others'),
      days: null,
      holdsUp: true,
    })
    comings.push(its)
    for (const { side, extent } of placesOf(item, job)) {
      handedOver.push({ item, key: `handed-over/${item.id}`, side, extent, on: its.on })
    }
  }
  return { comings, handedOver }
}
