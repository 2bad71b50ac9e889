import { PAVING_SLOPE, SOIL_FALL } from '../measure'
import { GOVERNS, type Computed } from './computed'

/** Fall of the ground away from a wall at one station: towards the wall it is negative. */
export type GroundStation = {
  readonly station_ft: number
  readonly surface: 'soil' | 'paving'
  readonly fall_in: number
  readonly run_ft: number
}

const WANTED = { soil: SOIL_FALL.fall / SOIL_FALL.run, paving: PAVING_SLOPE.ratio } as const
const percent = (share: number): string => `${(share * 100).toFixed(1)} %`

/** Slopes at every station against the rule of its surface; a station without a run is left out. */
export function groundOf(stations: readonly GroundStation[]): Computed<{
  readonly slopes: readonly {
    readonly station: GroundStation
    readonly slope: number
    readonly short: boolean
  }[]
}> {
  const slopes = stations
    .filter(({ run_ft }) => run_ft > 0)
    .map((station) => {
      const slope = station.fall_in / (station.run_ft * 12)
      return { station, slope, short: slope < WANTED[station.surface] - 1e-9 }
    })
  const short = slopes.filter((each) => each.short)
  const worst = slopes.reduce((least, each) => Math.min(least, each.slope), Infinity)
  return {
    inputs: slopes.map(({ station, slope }) => ({
      label: `${station.surface} at ${Math.round(station.station_ft)} ft`,
      value: `${station.fall_in} in over ${station.run_ft} ft: ${percent(slope)}`,
    })),
    formula: 'fall ÷ run, against 5 % for soil (6 in in 10 ft) and 2 % for paving',
    result: { slopes },
    says:
      slopes.length === 0
        ? 'No reading yet.'
        : short.length === 0
          ? `Falls away as the rule asks at all ${slopes.length} stations.`
          : `${short.length} of ${slopes.length} stations fall too little${worst < 0 ? ', and towards the wall' : ''}: ${percent(worst)} at the worst.`,
    limit: 'soil 5 %, paving 2 %, within 10 ft',
    source: `${SOIL_FALL.source} and its exception, from memory`,
    notes: [GOVERNS, 'A manufactured home wants 1/2 in in a foot for 10 ft.'],
  }
}
