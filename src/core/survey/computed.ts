/** One line of what went in: what it is called, its figure and unit, and how it is known where that matters. */
export type Input = { readonly label: string; readonly value: string }

/**
 * A figure worked out from what was measured, with everything needed to reckon it again by hand. It never says that something is
 * adequate: a limit is quoted with its source and edition, and local code governs.
 */
export type Computed<Result> = {
  readonly inputs: readonly Input[]
  readonly formula: string
  readonly result: Result
  /** In words, as it is told. */
  readonly says: string
  readonly limit: string | null
  readonly source: string
  /** What must be said beside it. */
  readonly notes: readonly string[]
}

export const GOVERNS = 'Local code and the authority having jurisdiction govern.'
/** Where a table ends, its answer ends. */
export const BEYOND = 'Beyond the table: an engineer, or more outlets.'

/** Inches as one reads them off a tape: 100 → 8 ft 4 in. */
export function feetAndInches(value_in: number): string {
  const [feet, inches] = [Math.floor(value_in / 12 + 1e-9), +(value_in % 12).toFixed(2)]
  return [feet > 0 ? `${feet} ft` : '', inches > 0 || feet === 0 ? `${inches} in` : '']
    .filter(Boolean)
    .join(' ')
}
