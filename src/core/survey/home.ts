import {
  CONCRETE_PCF,
  HOME_LEVEL_IN,
  HOME_PIER_HEIGHT_IN,
  HOME_PIER_LOADS_LB,
  HOME_SOILS_PSF,
  HOME_SOURCE,
  HOME_STACK_LB,
} from '../catalogue/measures/homeTables'
import { GOVERNS, type Computed } from './computed'

export type HomeSoil = keyof typeof HOME_SOILS_PSF | 'fill'
const MAKER =
  'The maker’s instructions govern, then the standard; a licensed installer where the law says so.'

/** Load on a pier by the table, the next larger spacing; null beyond it. */
export function pierLoad_lb(spacing_ft: number, roof_psf: 20 | 30 | 40): number | null {
  return HOME_PIER_LOADS_LB[roof_psf].find(([column]) => spacing_ft <= column + 1e-9)?.[1] ?? null
}

/** What a pad carries: its area times what the soil takes less the pad’s own weight; null on fill. */
export function padCarries_lb(of: {
  readonly side_in: number
  readonly thick_in: number
  readonly soil: HomeSoil
}): number | null {
  if (of.soil === 'fill') return null
  return (of.side_in / 12) ** 2 * (HOME_SOILS_PSF[of.soil] - (of.thick_in / 12) * CONCRETE_PCF)
}

/** Piers of a rail, in order, as they were found. */
export type HomePier = {
  readonly pier: string
  readonly height_in: number
  /** Rail over the highest point, inches: lower is negative. */
  readonly level_in: number | null
  readonly double: boolean
}

/** Piers of a manufactured home against the published figures: load, pad, height, level from one to the next. */
export function homePiers(of: {
  readonly spacing_ft: number | null
  readonly roof_psf: 20 | 30 | 40 | null
  readonly soil: HomeSoil
  readonly pad_in: number | null
  readonly pad_thick_in: number | null
  readonly piers: readonly HomePier[]
}): Computed<{
  readonly load_lb: number | null
  readonly pad_lb: number | null
  readonly padShort: boolean | null
  readonly uneven: readonly string[]
  readonly tall: readonly string[]
}> {
  const { spacing_ft, roof_psf, soil, pad_in, pad_thick_in, piers } = of
  const load = spacing_ft === null || roof_psf === null ? null : pierLoad_lb(spacing_ft, roof_psf)
  const beyond = spacing_ft !== null && roof_psf !== null && load === null
  const pad =
    pad_in === null || pad_thick_in === null
      ? null
      : padCarries_lb({ side_in: pad_in, thick_in: pad_thick_in, soil })
  const padShort = load === null || pad === null ? null : pad < load
  const uneven = piers.flatMap((each, index) => {
    const before = piers[index - 1]
    if (!before || before.level_in === null || each.level_in === null) return []
    return Math.abs(each.level_in - before.level_in) > HOME_LEVEL_IN + 1e-9
      ? [`${before.pier}–${each.pier}`]
      : []
  })
  const tall = piers.flatMap(({ pier, height_in, double }) =>
    height_in > HOME_PIER_HEIGHT_IN.double
      ? [`${pier}: over ${HOME_PIER_HEIGHT_IN.double} in, an engineer`]
      : height_in > HOME_PIER_HEIGHT_IN.single && !double
        ? [`${pier}: over ${HOME_PIER_HEIGHT_IN.single} in wants double blocks`]
        : [],
  )
  const stack = load !== null && load > HOME_STACK_LB.single
  return {
    inputs: [
      ...(spacing_ft === null ? [] : [{ label: 'Piers every', value: `${spacing_ft} ft` }]),
      ...(roof_psf === null ? [] : [{ label: 'Roof load', value: `${roof_psf} lb/ft²` }]),
      {
        label: 'Soil',
        value: soil === 'fill' ? 'fill or peat' : `${soil.replace('-', ' ')}, ${HOME_SOILS_PSF[soil]} lb/ft²`,
      },
      ...(pad_in === null
        ? []
        : [{ label: 'Pad', value: `${pad_in} in square, ${pad_thick_in ?? '?'} in thick` }]),
      ...piers.map((each) => ({
        label: `Pier ${each.pier}`,
        value: `${each.height_in} in${each.double ? ' double' : ''}${each.level_in === null ? '' : `, ${each.level_in} in`}`,
      })),
    ],
    formula: 'pad = side² × (soil − thickness × 150 lb/ft³), against the load of the table',
    result: { load_lb: load, pad_lb: pad, padShort, uneven, tall },
    says: [
      beyond ? 'Piers further apart than the table: the maker or an engineer.' : '',
      load === null ? '' : `${load.toLocaleString('en-US')} lb on a pier by the table.`,
      stack ? 'That is more than a single stack of blocks takes.' : '',
      soil === 'fill' ? 'Fill and peat have no figure: an engineer.' : '',
      padShort === null
        ? ''
        : `A pad carries ${Math.round(pad!).toLocaleString('en-US')} lb: ${padShort ? 'less than that' : 'no less than that'}.`,
      uneven.length > 0 ? `More than 1/4 in from one to the next: ${uneven.join(', ')}.` : '',
      ...tall.map((each) => `Pier ${each}.`),
    ]
      .filter(Boolean)
      .join(' '),
    limit: '1/4 in between neighbouring piers; a single stack to 36 in',
    source: HOME_SOURCE,
    notes: [MAKER, GOVERNS],
  }
}
