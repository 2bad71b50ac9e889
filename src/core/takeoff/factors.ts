import { REACH, type ReachRow } from '../catalogue'
import { toFeet, type Length } from '../measure'

/** A factor on task hours, with the reason it applies. */
export type Factor = { readonly name: string; readonly times: number }

/** How a height is reached. Ends: each height belongs to the lower row. */
export function reachOf(height: Length, rows: readonly ReachRow[] = REACH): ReachRow {
  return rows.find(({ upTo_ft }) => toFeet(height) <= upTo_ft)!
}

export function reachFactor(height: Length, rows: readonly ReachRow[] = REACH): Factor {
  const { name, times } = reachOf(height, rows)
  return { name, times }
}

/** Reach over a whole wall, from its foot to its top: each band by its share of the height. */
export function wallReach(height: Length, rows: readonly ReachRow[] = REACH): Factor {
  const top = toFeet(height)
  if (top <= 0) return reachFactor(height, rows)
  let below = 0
  let sum = 0
  for (const { upTo_ft, times } of rows) {
    const band = Math.max(0, Math.min(top, upTo_ft) - below)
    sum += band * times
    below = Math.min(top, upTo_ft)
  }
  const times = Math.round((sum / top) * 100) / 100
  return { name: `reach, mean from the ground to ${top.toFixed(1)} ft`, times }
}

export const leadSafe = (times: number): Factor => ({ name: 'lead-safe, paint disturbed', times })
export const livedIn = (times: number): Factor => ({ name: 'lived in, outside work', times })

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
  // To the hundredth, as it is printed: what is printed can be reckoned again by hand.
  return Math.min(cap, Math.round(sum * 100) / 100)
}
