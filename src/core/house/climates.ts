import type { EntityOf } from '../job'

type Climate = NonNullable<EntityOf['house']['climate']>

/** Twelve mean temperatures (°C) and twelve rain days as one pair of rows, January first. */
function place(name: string, temperatures: readonly number[], rainDays: readonly number[]): Climate {
  return {
    place: name,
    months: temperatures.map((mean_temperature_c, month) => ({
      mean_temperature_c,
      rain_days: rainDays[month] ?? 0,
    })),
  }
}

/** A small table of invented places for the demo. None of them is on a map; a real house takes typed values. */
export const INVENTED_CLIMATES: readonly Climate[] = [
  place(
    'Port Alder (invented, wet coast)',
    [5, 6, 7, 9, 12, 15, 17, 17, 15, 11, 8, 5],
    [20, 17, 18, 15, 12, 9, 6, 6, 9, 15, 20, 21],
  ),
  place(
    'Skerry Hills (invented, inland)',
    [-2, 0, 4, 9, 14, 18, 21, 20, 16, 10, 4, -1],
    [11, 9, 10, 9, 10, 8, 5, 5, 6, 8, 11, 12],
  ),
  place(
    'Saltmarsh Flats (invented, warm and damp)',
    [9, 11, 14, 18, 22, 26, 28, 28, 25, 20, 14, 10],
    [10, 9, 9, 8, 9, 11, 13, 13, 10, 7, 8, 10],
  ),
]
