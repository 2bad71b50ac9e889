import { goodName } from '../catalogue'
import type { Takeoff } from '../takeoff'
import { packSheets, type CutSheet } from './packSheets'

/** Sheets of one kind: how they are cut, beside what is bought by area. */
export type SheetPlan = {
  readonly good: string
  readonly name: string
  readonly sheets: readonly CutSheet[]
  /** The area of the patches alone takes so many. */
  readonly least: number
  /** Bought over the job, by area with its share for cuts. */
  readonly bought: number
}

/**
 * How patches of known sides are cut from sheets. What is bought, and the price, stay by area, so that more work never costs less; where
 * the cuts need more sheets than that, the plan says how many.
 */
export function cutSheets(takeoff: Takeoff, boughtOf: (good: string) => number): SheetPlan[] {
  const cuts = takeoff.items.flatMap((item) => item.sheets.map((cut) => ({ ...cut, owner: item.item_id })))
  return [...new Set(cuts.map(({ good }) => good))].sort().map((good): SheetPlan => {
    const pieces = cuts
      .filter((cut) => cut.good === good)
      .flatMap(({ along, up, grain, owner, count }) =>
        Array.from({ length: count }, () => ({ along, up, grain, owner })),
      )
    return { good, name: goodName(good), ...packSheets(pieces), bought: boughtOf(good) }
  })
}
