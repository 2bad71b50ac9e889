/** Numbers that look drawn by lot and come again in the same order from the same seed. */
export type Draws = {
  /** From 0 up to, and without, 1. */
  readonly next: () => number
  /** Of the standard normal distribution. */
  readonly normal: () => number
}

/**
 * Draws from a seed: the small fast counter generator of 128 bits (sfc32), warmed up by 15 draws, and Marsaglia’s polar method.
 *
 * Source: C. Doty-Humphrey, PractRand (sfc32, in the public domain); G. Marsaglia, T. A. Bray, "A convenient method for generating normal
 * variables", SIAM Review 6 (1964).
 */
export function draws(seed: number): Draws {
  let a = 0x9e3779b9
  let b = seed | 0
  let c = Math.floor(seed / 0x1_0000_0000) | 0
  let counter = 1
  const bits = (): number => {
    const sum = (((a + b) | 0) + counter) | 0
    counter = (counter + 1) | 0
    a = b ^ (b >>> 9)
    b = (c + (c << 3)) | 0
    c = ((c << 21) | (c >>> 11)) + sum
    c |= 0
    return sum >>> 0
  }
  for (let warm = 0; warm < 15; warm += 1) bits()
  const next = (): number => bits() / 0x1_0000_0000
  let spare = Number.NaN
  const normal = (): number => {
    if (!Number.isNaN(spare)) {
      const kept = spare
      spare = Number.NaN
      return kept
    }
    for (;;) {
      const u = 2 * next() - 1
      const v = 2 * next() - 1
      const s = u * u + v * v
      if (s > 0 && s < 1) {
        const scale = Math.sqrt((-2 * Math.log(s)) / s)
        spare = v * scale
        return u * scale
      }
    }
  }
  return { next, normal }
}
