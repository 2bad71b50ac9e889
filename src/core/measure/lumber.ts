import { inches, type Length } from './length'

/** A nominal size of lumber and what it really measures, dry and dressed. */
export type DressedSize = { readonly nominal: string; readonly thickness: Length; readonly width: Length }

/**
 * Dressed sizes of nominal lumber.
 *
 * Source: NDS Supplement Table 1B and PS 20 (American Softwood Lumber Standard), dry, from memory; 5/4 by PS 20 is 1 in dry.
 */
const SIZES: readonly (readonly [string, number, number])[] = [
  ['1x2', 0.75, 1.5],
  ['1x3', 0.75, 2.5],
  ['1x4', 0.75, 3.5],
  ['1x6', 0.75, 5.5],
  ['1x8', 0.75, 7.25],
  ['1x10', 0.75, 9.25],
  ['1x12', 0.75, 11.25],
  ['5/4x4', 1, 3.5],
  ['5/4x6', 1, 5.5],
  ['2x4', 1.5, 3.5],
  ['2x6', 1.5, 5.5],
  ['2x8', 1.5, 7.25],
  ['2x10', 1.5, 9.25],
  ['2x12', 1.5, 11.25],
  ['4x4', 3.5, 3.5],
  ['6x6', 5.5, 5.5],
]

/**
 * What a nominal size really measures, or null when it is not in the table.
 *
 * @example
 * dressedSize('2x10').width // => 592
 */
export function dressedSize(nominal: string): DressedSize | null {
  const row = SIZES.find(([name]) => name === nominal.toLowerCase().replaceAll(' ', ''))
  return row ? { nominal: row[0], thickness: inches(row[1]), width: inches(row[2]) } : null
}
