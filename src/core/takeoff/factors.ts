import { toFeet, type Length } from '../measure'

/** A factor on task hours, with the reason it applies. */
export type Factor = { readonly name: string; readonly times: number }

/** Reach by height of the work. Our judgement. Ends: each height belongs to the lower row. */
const REACH: readonly (readonly [upTo_ft: number, times: number, name: string])[] = [
  [6, 1, 'from the ground'],
  [10, 1.1, 'step-ladder to 10 ft'],
  [20, 1.3, 'extension ladder 10 to 20 ft'],
  [30, 1.55, 'extension ladder 20 to 30 ft'],
  [Number.POSITIVE_INFINITY, 1.8, 'over 30 ft, and equipment'],
]

export function reachFactor(height: Length): Factor {
  const row = REACH.find(([upTo]) => toFeet(height) <= upTo)!
  return { name: row[2], times: row[1] }
}

export const LEAD_SAFE: Factor = { name: 'lead-safe, paint disturbed', times: 1.2 }
export const LIVED_IN: Factor = { name: 'lived in, outside work', times: 1.05 }

/**
 * Factors combined: what each has in excess of one is added, and the sum is capped. Multiplying them makes fantasy prices.
 *
 * Source: common practice; the cap is a firm setting.
 *
 * @example
 * combineFactors([{ name: 'a', times: 1.3 }, { name: 'b', times: 1.2 }], 2.5) // => 1.5
 */
export function combineFactors(factors: readonly Factor[], cap: number): number {
  const sum = 1 + factors.reduce((total, each) => total + (each.times - 1), 0)
  // Tenths and hundredths added in binary leave a dust in the last place; hours are not that exact.
  return Math.min(cap, Math.round(sum * 1e6) / 1e6)
}
