import type { ForecastAnswer } from '../core/contract'
import { dayAfter } from '../core/measure'

/** Days a forecast reaches. */
export const FORECAST_DAYS = 10
/** Shares of wet, windy and cold days by month, January first: an invented wet coast. */
const WET = [0.55, 0.5, 0.45, 0.35, 0.28, 0.2, 0.12, 0.14, 0.25, 0.42, 0.55, 0.58]
const WINDY = [0.14, 0.12, 0.1, 0.06, 0.04, 0.03, 0.02, 0.02, 0.05, 0.1, 0.14, 0.15]
const COLD = [0.25, 0.18, 0.08, 0.02, 0, 0, 0, 0, 0, 0.02, 0.1, 0.22]

/** The same number between 0 and 1 for the same day, whoever asks: a forecast does not change by being read. */
function share(day: string): number {
  let hash = 2166136261
  for (const each of day) hash = Math.imul(hash ^ each.charCodeAt(0), 16777619)
  hash = Math.imul(hash ^ (hash >>> 15), 2246822507)
  return ((hash ^ (hash >>> 13)) >>> 0) / 4294967296
}

/** A stand-in for a weather service: what each of the next days is like. Wet days come in spells, as they do. */
export function forecast(from: string): ForecastAnswer {
  const days = Array.from({ length: FORECAST_DAYS }, (_, index) => dayAfter(from, index))
  return {
    said: 'simulated',
    days: days.map((day) => {
      const month = Number(day.slice(5, 7)) - 1
      // Yesterday’s weather leans on today’s.
      const lean = (share(day) * 2 + share(dayAfter(day, -1))) / 3
      const wet = WET[month]!
      if (lean < wet * 0.8) return { day, sky: 'wet' as const }
      const rest = share(`${day}*`)
      if (rest < WINDY[month]!) return { day, sky: 'windy' as const }
      if (rest > 1 - COLD[month]!) return { day, sky: 'cold' as const }
      return { day, sky: 'dry' as const }
    }),
  }
}
