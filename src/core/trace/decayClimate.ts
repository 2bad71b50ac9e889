type Month = { readonly mean_temperature_c: number; readonly rain_days: number }

/**
 * Decay index of a climate for exposed wood above ground: the sum over months of (T − 35)(D − 3) / 30, T in °F, D days with rain.
 *
 * Ends: a month colder than 35 °F or with three rain days or fewer counts nothing. Not for vapour, plumbing or wood in soil.
 * Source: Scheffer, “A Climate Index for Estimating Potential for Decay in Wood Structures above Ground”, Forest Products Journal 21, 1971.
 *
 * @example
 * decayClimate([{ mean_temperature_c: -6.7, rain_days: 2 }]) // => 0
 */
export function decayClimate(months: readonly Month[]): number {
  return months.reduce((sum, { mean_temperature_c, rain_days }) => {
    const fahrenheit = mean_temperature_c * 1.8 + 32
    return sum + (Math.max(0, fahrenheit - 35) * Math.max(0, rain_days - 3)) / 30
  }, 0)
}
