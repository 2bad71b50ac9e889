/** Unit of a figure, for showing it. */
export type FigureUnit = 'USD' | 'h' | 'ft' | 'ft²' | 'yd³' | 'each' | 'ratio' | '%' | 'gal'

/**
 * A computed number that can show its arithmetic: what it is, how it came about, and from what.
 * `source` says where a number comes from: a firm setting, our judgement, common practice, a standard, or the walk.
 */
export type Figure = {
  readonly label: string
  readonly value: number
  readonly unit: FigureUnit
  readonly how: string
  readonly source?: string
  readonly parts?: readonly Figure[]
}
