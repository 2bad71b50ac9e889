/** A month of the calendar, or only its year. */
export type Month = { readonly year: number; readonly month: number | null }

const NAMES = new Intl.DateTimeFormat('en-US', { month: 'long', timeZone: 'UTC' })

/**
 * When something was, as near as it is known.
 *
 * @example
 * monthWords({ year: 2024, month: 11 }) // => 'November 2024'
 * monthWords({ year: 2024, month: null }) // => '2024'
 */
export function monthWords({ year, month }: Month): string {
  return month === null ? String(year) : `${NAMES.format(new Date(Date.UTC(year, month - 1, 1)))} ${year}`
}

/** The first and the last month that may be meant, counted from the year nought. */
const spanOf = ({ year, month }: Month): readonly [number, number] =>
  month === null ? [year * 12, year * 12 + 11] : [year * 12 + month - 1, year * 12 + month - 1]

/**
 * How many months after `first` the other was, at least and at most; below nought: before it.
 *
 * @example
 * monthsBetween({ year: 2024, month: 3 }, { year: 2025, month: 1 }) // => [10, 10]
 * monthsBetween({ year: 2024, month: null }, { year: 2025, month: 1 }) // => [1, 12]
 */
export function monthsBetween(first: Month, other: Month): readonly [least: number, most: number] {
  const [from, to] = [spanOf(first), spanOf(other)]
  return [to[0] - from[1], to[1] - from[0]]
}
