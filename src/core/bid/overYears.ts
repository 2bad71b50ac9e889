import type { Cents } from '../measure'

/** The years over which alternatives are compared. A firm's custom; field guide: twenty. */
export const COMPARED_YEARS = 20

export type OverYears = { readonly years: number; readonly renewals: number; readonly per_year_cents: Cents }

/**
 * What work costs a year over one period, with what must be done again in it at the same price; null: it has no life, or no price.
 *
 * @param life years to the next of its kind, low and high: the middle is taken
 *
 * @example
 * overYears(100_000, [8, 12]) // => { years: 20, renewals: 1, per_year_cents: 10000 }
 * overYears(100_000, [0, 0]) // => null
 */
export function overYears(
  cents: Cents | null,
  life: readonly [number, number],
  years = COMPARED_YEARS,
): OverYears | null {
  const middle = (life[0] + life[1]) / 2
  if (cents === null || cents <= 0 || middle <= 0) return null
  const renewals = Math.max(0, Math.ceil(years / middle) - 1)
  return { years, renewals, per_year_cents: Math.round((cents * (1 + renewals)) / years) as Cents }
}
