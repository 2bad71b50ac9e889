const USD = new Intl.NumberFormat('en-US', { style: 'currency', currency: 'USD' })

declare const unit: unique symbol

/** Money in whole cents. */
export type Cents = number & { readonly [unit]: 'cent' }

/**
 * Money from a decimal amount, to the nearest cent; half a cent rounds away from zero.
 *
 * @throws RangeError when `amount` is not finite.
 * @example
 * dollars(12.345) // => 1235
 */
export function dollars(amount: number): Cents {
  if (!Number.isFinite(amount)) throw new RangeError(`dollars() needs a finite number, got ${amount}`)
  // A sum such as 1.005 sits just below the half cent in binary; the nudge is far under a hundredth of a cent.
  return (Math.sign(amount) * Math.round(Math.abs(amount) * 100 + 1e-7)) as Cents
}

/** Sum of money, exact. */
export function addCents(...amounts: readonly Cents[]): Cents {
  return amounts.reduce((sum, each) => sum + each, 0) as Cents
}

/**
 * Shares a whole number of cents by weight without losing one: whole shares first, the rest by largest remainder.
 *
 * Ties: the earlier share gets the odd cent. Weights of zero all round share evenly.
 *
 * @example
 * shareCents(100, [1, 1, 1]) // => [34, 33, 33]
 */
export function shareCents(total: Cents, weights: readonly number[]): Cents[] {
  if (weights.length === 0) return []
  const sum = weights.reduce((a, b) => a + b, 0)
  const even = sum <= 0 ? weights.map(() => 1 / weights.length) : weights.map((w) => w / sum)
  const exact = even.map((share) => share * total)
  const whole = exact.map(Math.floor)
  const left = total - whole.reduce((a, b) => a + b, 0)
  const byRemainder = exact
    .map((value, index) => ({ index, remainder: value - whole[index]! }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index)
  for (const { index } of byRemainder.slice(0, left)) whole[index]! += 1
  return whole as Cents[]
}

/**
 * Money for reading, with thousands and two decimals.
 *
 * @example
 * formatCents(2346000) // => '$23,460.00'
 */
export function formatCents(amount: Cents): string {
  return USD.format(amount / 100)
}

/**
 * Money in whole dollars, for where a sum is one of many and cents would only fill the room.
 *
 * @example
 * wholeDollars(2346049) // => '$23,460'
 */
export function wholeDollars(amount: Cents): string {
  return formatCents((Math.round(amount / 100) * 100) as Cents).replace(/\.00$/, '')
}
