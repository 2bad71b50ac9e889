/** Chances of what may be so, and how likely a check says *yes* for each. */
export type Prospect = { readonly chance: number; readonly yes: number }

const bits = (chances: readonly number[]): number =>
  -chances.reduce((sum, p) => (p > 0 ? sum + p * Math.log2(p) : sum), 0)

/**
 * How likely a check says yes, and the chances after each answer.
 *
 * Source: Bayes’ rule.
 */
export function answers(of: readonly Prospect[]): { yes: number; ifYes: number[]; ifNo: number[] } {
  const yes = of.reduce((sum, each) => sum + each.chance * each.yes, 0)
  const whole = of.reduce((sum, each) => sum + each.chance, 0)
  const no = whole - yes
  return {
    yes: whole === 0 ? 0 : yes / whole,
    ifYes: of.map((each) => (yes === 0 ? 0 : (each.chance * each.yes) / yes)),
    ifNo: of.map((each) => (no === 0 ? 0 : (each.chance * (1 - each.yes)) / no)),
  }
}

/**
 * What a check tells, in bits: the entropy before it less the expected entropy after.
 *
 * Source: Shannon, “A Mathematical Theory of Communication”, 1948.
 *
 * @example
 * expectedGain_bits([{ chance: 0.5, yes: 1 }, { chance: 0.5, yes: 0 }]) // => 1
 */
export function expectedGain_bits(of: readonly Prospect[]): number {
  const { yes, ifYes, ifNo } = answers(of)
  return bits(of.map((each) => each.chance)) - yes * bits(ifYes) - (1 - yes) * bits(ifNo)
}
