import { PRICE_SAYS } from '../catalogue/sentences/price'
import type { JobDocument } from '../job'
import { dayWords, formatCents, type Cents } from '../measure'

/** A figure somebody was told, and how far today's total lies from it. */
export type ToldPrice = {
  readonly id: string
  readonly to: string
  readonly day: string
  readonly cents: Cents
  /** Today's total less what was told; below zero: it has come down. Null while there is no total. */
  readonly drift_cents: Cents | null
  readonly says: string
}

/** Figures that were told, the latest first, each beside what the job comes to now. They change no price. */
export function toldPrices(job: JobDocument, total: Cents | null): ToldPrice[] {
  return job.typed_prices
    .flatMap((each) => (each.on.kind === 'told' ? [{ ...each, on: each.on }] : []))
    .toSorted((a, b) => b.on.day.localeCompare(a.on.day))
    .map(({ id, cents, on }) => {
      const drift = total === null ? null : ((total - cents) as Cents)
      return {
        id,
        to: on.to,
        day: on.day,
        cents: cents,
        drift_cents: drift,
        says: PRICE_SAYS.told({
          to: on.to || 'them',
          day: dayWords(on.day),
          told: formatCents(cents),
          drift:
            drift === null
              ? null
              : { by: formatCents(Math.abs(drift) as Cents), more: drift > 0, same: drift === 0 },
        }),
      }
    })
}
