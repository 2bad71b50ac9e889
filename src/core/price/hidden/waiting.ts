import type { WaitingRow } from '../../catalogue/hidden/waiting'
import type { HiddenRows } from '../../firmValues/hiddenRows'

/** What a dollar of a place’s price of today comes to after so many years, slow and fast. */
export type WaitTimes = { readonly low: number; readonly high: number }

/** How far growth goes: never past the end of the member, where that is known. */
function grown(share: number, years: number, mostTimes: number | null): number {
  const times = (1 + share) ** years
  return mostTimes === null ? times : Math.min(times, Math.max(1, mostTimes))
}

/**
 * What waiting does to the price of one place.
 *
 * Slow: it grows as slowly as the row says, nothing new is reached, prices rise slowly. Fast: it grows as fast as the row says, the
 * framing is reached as often as the row says, at its dearest, and prices rise fast. What rain feeds is hastened or slowed by the climate.
 *
 * @param of.framing chance that the framing is damaged already; what is reached is not reached again
 * @param of.mostTimes how many times as long the member is as what is soft of it now; null: not known
 * @param of.climate decay index of the place; null: not known, and then it changes nothing
 */
export function waitTimes(
  row: WaitingRow,
  years: number,
  of: {
    readonly rows: Pick<HiddenRows, 'climate' | 'framing_times' | 'dearer'>
    readonly framing: number
    readonly mostTimes: number | null
    readonly climate: number | null
  },
): WaitTimes {
  const { climate, framing_times, dearer } = of.rows
  const fed =
    !row.rainFed || of.climate === null
      ? 1
      : of.climate < climate.below
        ? climate.slow
        : of.climate > climate.above
          ? climate.fast
          : 1
  const [slow, , fast] = row.growth
  const reached = (1 - of.framing) * (1 - (1 - Math.min(1, row.reaches * fed)) ** years)
  return {
    low: grown(slow * fed, years, of.mostTimes) * (1 + dearer.low) ** years,
    high:
      grown(fast * fed, years, of.mostTimes) *
      (1 + reached * (framing_times.high - 1)) *
      (1 + dearer.high) ** years,
  }
}
