import type { Quantity } from '../../../src/core/job'
import { feet } from '../../../src/core/measure'

export const long = (ft: number): Quantity => ({
  kind: 'length',
  length: { value: feet(ft), how: 'taped', low: null, high: null },
})
export const each = (count: number): Quantity => ({ kind: 'count', count, how: 'counted' })
export const members = (count: number, ft: number): Quantity => ({
  kind: 'members',
  count,
  length: { value: feet(ft), how: 'taped', low: null, high: null },
})
export const area = (ft2: number): Quantity => ({
  kind: 'area',
  area: ft2 * 768 * 768,
  low: null,
  high: null,
  how: 'taped',
})

/** A repair reckoned by hand: its hours, its goods, and its boards as `count section inches`. */
export type Example = readonly [
  method: string,
  part: string,
  size: Quantity,
  hours: number,
  goods: Record<string, number>,
  boards?: readonly string[],
]
