import { conditionOf, REACH, type BandRow, type ReachRow, type WorkZone } from '../catalogue'
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
export const livedInInside = (times: number): Factor => ({ name: 'lived in, inside work', times })

/**
 * What was noted of a side and of the house, on work in one zone; of two conditions of one group the harder counts.
 *
 * @param noted ids of conditions; one that is not known counts for nothing.
 */
export function conditionFactors(
  noted: readonly string[],
  zone: WorkZone,
  timesOf: (id: string, shipped: number) => number,
): Factor[] {
  const hardest = new Map<string, Factor>()
  for (const id of new Set(noted)) {
    const row = conditionOf(id)
    if (!row?.on.includes(zone)) continue
    const factor = { name: row.name, times: timesOf(id, row.times) }
    const held = hardest.get(row.group)
    if (!held || factor.times > held.times) hardest.set(row.group, factor)
  }
  return [...hardest.values()]
}

/** The band a measure falls in. Ends: each measure belongs to the row it reaches. */
export function bandOf(measure: number, bands: readonly BandRow[], end: 'lower' | 'higher'): BandRow {
  const row = bands.find(({ upTo }) => (end === 'lower' ? measure <= upTo : measure < upTo))
  return row ?? bands.at(-1)!
}

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
