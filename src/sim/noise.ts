/**
 * Normal noise from two evenly spread numbers between 0 and 1 (0 left out).
 *
 * Source: Box and Muller, "A Note on the Generation of Random Normal Deviates", 1958.
 */
export function normal(u: number, v: number): number {
  return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * v)
}

/** What a device that is not perfect says of a truth: noise of a given spread, and what it cannot show cut off. */
export function reading(of: {
  readonly truth: number
  readonly noise: number
  readonly step: number
  readonly least: number
  readonly most: number
  readonly chance: readonly [number, number]
}): number {
  const said = of.truth + of.noise * normal(Math.max(of.chance[0], 1e-12), of.chance[1])
  const stepped = Math.round(said / of.step) * of.step
  return Math.min(of.most, Math.max(of.least, Number(stepped.toFixed(6))))
}
