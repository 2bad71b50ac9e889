import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { normal } from '../../src/sim/noise'

/** Chance that repeats: the same starting number gives the same house. */
export type Chance = {
  /** Evenly between 0 and 1. */
  readonly any: () => number
  readonly yes: (probability: number) => boolean
  readonly between: (low: number, high: number) => number
  readonly whole: (low: number, high: number) => number
  readonly one: <T>(of: readonly T[]) => T
  readonly weighted: <T>(of: readonly (readonly [T, number])[]) => T
  /** Log-normal round 1, with a spread in logarithm. */
  readonly about: (spread: number) => number
}

export function chanceFrom(start: number): Chance {
  // Neighbouring starting numbers would begin alike: they are spread, and the first draws thrown away.
  const generator = xoroshiro128plus(Math.imul(start + 1, 0x9e3779b1) | 0)
  const any = (): number => uniformFloat64(generator)
  for (let skipped = 0; skipped < 12; skipped += 1) any()
  const between = (low: number, high: number): number => low + any() * (high - low)
  const weighted = <T>(of: readonly (readonly [T, number])[]): T => {
    let left = any() * of.reduce((sum, each) => sum + each[1], 0)
    for (const [value, weight] of of) {
      left -= weight
      if (left < 0) return value
    }
    return of.at(-1)![0]
  }
  return {
    any,
    yes: (probability) => any() < probability,
    between,
    whole: (low, high) => Math.floor(between(low, high + 1)),
    one: (of) => of[Math.min(of.length - 1, Math.floor(any() * of.length))]!,
    weighted,
    about: (spread) => Math.exp(spread * normal(Math.max(any(), 1e-12), any())),
  }
}
