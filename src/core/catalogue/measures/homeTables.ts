/** Published figures for setting a manufactured home. The maker's instructions come before them. */
export const HOME_SOURCE = '24 CFR 3285, tables to 3285.303 and 3285.312, from memory' as const

/** Load on a pier under a main rail where only the rails are blocked, pounds, by spacing of piers, feet, and roof load, lb/ft². */
export const HOME_PIER_LOADS_LB: Readonly<
  Record<20 | 30 | 40, readonly (readonly [spacing_ft: number, lb: number])[]>
> = {
  20: [
    [4, 2900],
    [6, 4200],
    [8, 5500],
    [10, 6800],
  ],
  30: [
    [4, 3300],
    [6, 4700],
    [8, 6200],
    [10, 7600],
  ],
  // Of two remembered prints the higher one.
  40: [
    [4, 3600],
    [6, 5200],
    [8, 6900],
    [10, 8500],
  ],
}

/** What loose soil may carry where nobody tested it, lb/ft²: 3285.202. Fill, peat and the like have none: an engineer. */
export const HOME_SOILS_PSF: Readonly<Record<'gravel' | 'sand' | 'untested' | 'soft-clay', number>> = {
  gravel: 2000,
  sand: 1500,
  untested: 1500,
  'soft-clay': 1000,
}

/** Concrete weighs so much, lb/ft³. */
export const CONCRETE_PCF = 150

/** Heights of a pier, inches: up to the first a single stack, up to the second interlocked double blocks, above it an engineer. 3285.306. */
export const HOME_PIER_HEIGHT_IN = { single: 36, double: 67 } as const
/** A single stack of 8 × 16 blocks carries so much, a double one twice: table to 3285.312, a footnote. */
export const HOME_STACK_LB = { single: 8000, double: 16_000 } as const

/** Between neighbouring piers of one rail at the most, inches. Makers' manuals and state rules; the part itself names no figure that is remembered. */
export const HOME_LEVEL_IN = 1 / 4
