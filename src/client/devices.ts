/**
 * Measuring devices as the walk sees them. A device of any make is one of these: something that, once begun, says readings until it
 * is stopped. The simulated ones of `src/sim` and a real one behind the browser's device interfaces implement the same.
 */
export type MoistureSaid = {
  readonly percent: number
  readonly wood_temperature_c: number | null
}
export type LevelSaid = {
  /** Height of the receiver over (or under) the laser's plane, inches. */
  readonly inches: number
  readonly on_beam: boolean
}

export type Device<Said> = {
  readonly kind: 'moisture-meter' | 'laser-receiver'
  /** As it stands beside each reading it gave. */
  readonly name: string
  /**
   * Begins to listen.
   * @returns a function that stops it, or why it could not begin.
   */
  readonly listen: (hear: (said: Said) => void) => (() => void) | { readonly words: string }
}
