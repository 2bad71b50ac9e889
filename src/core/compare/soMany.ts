import type { FindRow } from '../catalogue/hidden/finds'
import type { Quantity } from '../job'
import { feet } from '../measure'

const SHEET_64THS = feet(4) * feet(8)
/** So many units of a find, as a quantity of work. */
export function soMany(unit: FindRow['unit'], count: number): Quantity {
  switch (unit) {
    case 'sheet':
      return { kind: 'area', area: SHEET_64THS * count, low: null, high: null, how: 'taped' }
    case 'each':
      return { kind: 'count', count, how: 'counted' }
    case 'four-feet':
      return { kind: 'length', length: { value: feet(4 * count), how: 'taped', low: null, high: null } }
  }
}
