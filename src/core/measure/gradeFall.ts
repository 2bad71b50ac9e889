import { err, ok, type Result } from '../result'
import { inches, type Length } from './length'

export type GradeError = { readonly kind: 'no-run' }

/** Fall of soil away from a house: 6 in within the first 10 ft. Source: IRC 2021 R401.3, from memory; local code governs. */
export const SOIL_FALL = { fall: inches(6), run: inches(120), source: 'IRC 2021 R401.3' } as const

/** Fall of hard surfaces within 10 ft: 2 %. Source: IRC 2021 R401.3 exception, from memory; local code governs. */
export const PAVING_SLOPE = { ratio: 0.02, source: 'IRC 2021 R401.3 exception' } as const

/**
 * Slope of the ground away from a wall, as fall over run.
 *
 * Units: lengths in 64ths of an inch; the result is a ratio, 0.05 meaning 5 %.
 * Sign: positive falls away from the house, negative falls towards it.
 * Fails: `no-run` when the two points lie on one plumb line.
 * Source: definition; the limits are `SOIL_FALL` and `PAVING_SLOPE`.
 *
 * @example
 * gradeFall({ fall: inches(6), run: inches(120) }) // => ok(0.05)
 * gradeFall({ fall: inches(1), run: inches(0) }) // => err({ kind: 'no-run' })
 */
export function gradeFall(of: { fall: Length; run: Length }): Result<number, GradeError> {
  if (of.run === 0) return err({ kind: 'no-run' })
  return ok(of.fall / of.run)
}

/**
 * Whether soil falls away as the prescriptive rule asks.
 *
 * @example
 * isSoilFallEnough(0.05) // => true
 */
export function isSoilFallEnough(slope: number): boolean {
  return slope >= SOIL_FALL.fall / SOIL_FALL.run
}
