import type { Hold } from '../coverage'
import { LOOK_EFFORT } from '../coverage'
import type { Figure } from '../explain/figure'
import { WAYS_TO_LOOK, type EntityOf, type WayToLook } from '../job'
import type { Cents } from '../measure'
import { sellBy, sellPrice } from './sellPrice'

/** What looking one way costs, over all the holds that are looked at so: set up once, gear hired once. */
export type LookLine = {
  readonly way: WayToLook
  readonly holds: readonly Hold[]
  readonly hours: number
  readonly sell_cents: Cents
  readonly figure: Figure
  /** It lifts, cuts or hoses: the owner or his agent must have permitted it. */
  readonly opens: boolean
}

export type Looks =
  | { readonly kind: 'withheld' }
  | { readonly kind: 'no-room' }
  | {
      readonly kind: 'priced'
      readonly lines: readonly LookLine[]
      readonly total_cents: Cents
      /** Gear without a rate: its hire is not in the price. */
      readonly missing: readonly string[]
    }

/** A price to look is said in whole fives of dollars, upwards: it is an offer, not a sum to the cent. */
const ROUND_TO_CENTS = 500

/**
 * The price to look at what is held: hours ÷ the short-day productive share × the burdened rate, plus gear once, sold as all work is.
 *
 * Ends: without rates (the crew's face) nothing is reckoned.
 * Source: the firm's rates; hours by way are our judgement.
 */
export function priceLooks(
  holds: readonly Hold[],
  rates: EntityOf['rates'] | null,
  settings: EntityOf['settings'],
): Looks {
  if (!rates) return { kind: 'withheld' }
  const by = sellBy(rates)
  if (!sellPrice(1, by).ok) return { kind: 'no-room' }
  const missing: string[] = []
  const ways = (Object.keys(WAYS_TO_LOOK) as WayToLook[]).filter((way) =>
    holds.some((hold) => hold.way === way),
  )
  const lines = ways.map((way): LookLine => {
    const mine = holds.filter((hold) => hold.way === way)
    const effort = LOOK_EFFORT[way]
    const hours = effort.set_up_h + effort.each_h * mine.length
    const rate = rates.burdened_rate_cents
    const labour = (hours / settings.productive_share_short_day) * rate
    const hire = effort.gear === null ? 0 : (rates.consumable_cents[effort.gear] ?? null)
    if (hire === null) missing.push(effort.gear!)
    const sold = sellPrice(labour + (hire ?? 0), by)
    const exact = sold.ok ? sold.value : 0
    const sell_cents = (Math.ceil(exact / ROUND_TO_CENTS) * ROUND_TO_CENTS) as Cents
    return {
      way,
      holds: mine,
      hours,
      sell_cents,
      opens: effort.opens,
      figure: {
        label: `To look ${WAYS_TO_LOOK[way]}`,
        value: sell_cents / 100,
        unit: 'USD',
        how: `sold at ${(exact / 100).toFixed(2)}, up to the next $5`,
        parts: [
          {
            label: 'Labour',
            value: labour / 100,
            unit: 'USD',
            how: `(${effort.set_up_h} h to set up + ${mine.length} × ${effort.each_h} h) ÷ ${settings.productive_share_short_day} × $${(rate / 100).toFixed(2)}/h`,
            source: 'hours our judgement; rate a firm setting',
          },
          ...(effort.gear === null
            ? []
            : [
                {
                  label: effort.gear.replaceAll('-', ' '),
                  value: (hire ?? 0) / 100,
                  unit: 'USD' as const,
                  how: hire === null ? 'no rate: not in the price' : 'hired once',
                  source: 'firm setting',
                },
              ]),
        ],
      },
    }
  })
  const total_cents = lines.reduce((sum, line) => sum + line.sell_cents, 0) as Cents
  return { kind: 'priced', lines, total_cents, missing }
}

/**
 * The price to look once one way, as an offer beside what is not explained yet.
 *
 * @returns null without rates, or where the gear of that way has none
 */
export function priceOfLook(
  way: WayToLook,
  rates: EntityOf['rates'] | null,
  settings: EntityOf['settings'],
): Cents | null {
  const hold: Hold = { id: way, from: 'noted', why: '', way, way_to_look: '', finding_ids: [] }
  const looks = priceLooks([hold], rates, settings)
  if (looks.kind !== 'priced' || looks.missing.length > 0) return null
  return looks.lines[0]?.sell_cents ?? null
}
