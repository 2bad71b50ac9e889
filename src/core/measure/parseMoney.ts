import { err, ok, type Result } from '../result'
import { dollars, type Cents } from './money'

export type MoneyError =
  { readonly kind: 'not-money'; readonly text: string } | { readonly kind: 'too-much'; readonly text: string }

/** No repair costs more; a larger figure is a slip of the finger. */
const MOST = 100_000_000

/**
 * Reads money as typed: `4,200`, `$4200.50`.
 *
 * Fails: `not-money` (also for a negative amount or a third decimal), `too-much` above 100 million.
 *
 * @example
 * parseMoney('$4,200.50') // => ok(420050)
 * parseMoney('about four') // => err({ kind: 'not-money', text: 'about four' })
 */
export function parseMoney(text: string): Result<Cents, MoneyError> {
  const tidy = text.replaceAll(/[$,\s]/g, '')
  if (!/^\d+(\.\d{1,2})?$/.test(tidy)) return err({ kind: 'not-money', text: text.trim() })
  const amount = Number(tidy)
  return amount > MOST ? err({ kind: 'too-much', text: text.trim() }) : ok(dollars(amount))
}
