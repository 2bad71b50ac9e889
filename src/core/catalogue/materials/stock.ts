import { dollars, type Cents } from '../../measure'
import { MATERIALS } from './materials'

/** A section sold by the foot: dollars in finger-jointed primed pine. Our judgement, for a firm to replace. */
export const SECTION_USD: Readonly<Record<string, number>> = {
  '1x2': 0.75,
  '1x3': 1.1,
  '1x4': 1.45,
  '1x6': 2.2,
  '1x8': 2.95,
  '1x10': 3.7,
  '1x12': 4.5,
  '5/4x4': 2.6,
  '5/4x6': 3.6,
  '2x4': 2.4,
  '2x6': 3.4,
  '2x8': 4,
  '2x10': 4.6,
  '2x12': 5.9,
  '4x4': 3.3,
  '6x6': 7.4,
  lap: 1.8,
  'brick-mould': 1.9,
}

/** A rate for every section in every material that is sold in it, as a new firm starts. */
export function startingSectionRates(): Record<string, Cents> {
  const rates: Record<string, Cents> = {}
  for (const [section, usd] of Object.entries(SECTION_USD)) {
    for (const { id, price_times } of MATERIALS) {
      if (price_times !== null) rates[`${section} ${id}`] = dollars(usd * price_times)
    }
  }
  return rates
}

/** Lengths a yard usually has, feet, by section or by section and material. Common practice; a firm enters its own yard's. */
export const STOCK_FT: Readonly<Record<string, readonly number[]>> = {
  '1x2': [8, 12, 16],
  '1x3': [8, 12, 16],
  '1x4': [8, 12, 16],
  '1x6': [8, 12, 16],
  '1x8': [8, 12, 16],
  '1x10': [8, 12, 16],
  '1x12': [8, 12, 16],
  '5/4x4': [8, 12, 16],
  '5/4x6': [8, 12, 16],
  '2x4': [8, 10, 12, 14, 16],
  '2x6': [8, 10, 12, 16],
  '2x8': [8, 10, 12, 14, 16, 18, 20],
  '2x10': [8, 10, 12, 14, 16, 18, 20],
  '2x12': [8, 10, 12, 14, 16, 18, 20],
  '2x8 treated': [8, 10, 12, 16],
  '2x10 treated': [8, 10, 12, 16],
  '2x12 treated': [8, 10, 12, 16],
  '4x4': [8, 10, 12, 16],
  '6x6': [8, 10, 12, 16],
  'brick-mould': [7, 8, 17],
  lap: [12, 16],
  'lap fibre-cement': [12],
  'lap engineered-wood': [16],
}
/** Lengths of what nobody listed. */
export const ANY_STOCK_FT: readonly number[] = [8, 10, 12, 14, 16]

/** Lengths in which a section of a material is sold: the firm's for that material, for that section, else the usual ones. */
export function stockLengths_ft(
  section: string,
  material: string,
  yard: Readonly<Record<string, readonly number[]>>,
): readonly number[] {
  const key = `${section} ${material}`
  return yard[key] ?? yard[section] ?? STOCK_FT[key] ?? STOCK_FT[section] ?? ANY_STOCK_FT
}
