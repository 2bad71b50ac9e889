/** How sure, in words. *Shown* is for what was opened or water-tested and for nothing else. */
export const CERTAINTY_WORDS = ['unlikely', 'possible', 'likely', 'very likely', 'shown'] as const
export type Certainty = (typeof CERTAINTY_WORDS)[number]

/** From which probability each word holds. Our judgement. */
export const CERTAINTY_FROM = { 'very likely': 0.9, likely: 0.6, possible: 0.15 } as const

/**
 * The word for a probability.
 *
 * @example
 * certaintyOf(0.893, { shown: false }) // => 'likely'
 * certaintyOf(0.944, { shown: false }) // => 'very likely'
 */
export function certaintyOf(probability: number, by: { shown: boolean }): Certainty {
  if (by.shown && probability >= CERTAINTY_FROM.likely) return 'shown'
  if (probability >= CERTAINTY_FROM['very likely']) return 'very likely'
  if (probability >= CERTAINTY_FROM.likely) return 'likely'
  return probability >= CERTAINTY_FROM.possible ? 'possible' : 'unlikely'
}

/** A cause is told to its owner, and its fix advised, from *likely* upwards; below that it is not explained yet. */
export function isSureEnough(certainty: Certainty | 'stated' | null): boolean {
  return certainty !== null && certainty !== 'possible' && certainty !== 'unlikely'
}
