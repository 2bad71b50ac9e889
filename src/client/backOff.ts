const FIRST_MS = 2000
const LONGEST_MS = 60_000

/**
 * How long to wait after so many failures in a row: twice as long each time, up to a minute, somewhere in the upper half of it by
 * chance, so that a firm's devices do not all come back at once.
 *
 * @example
 * backOff(1, 0) // => 1000
 * backOff(1, 1) // => 2000
 * backOff(20, 1) // => 60000
 */
export function backOff(failures: number, chance: number): number {
  const whole = Math.min(LONGEST_MS, FIRST_MS * 2 ** Math.min(failures - 1, 20))
  return Math.round(whole / 2 + (whole / 2) * chance)
}
