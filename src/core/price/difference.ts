import type { Figure } from '../explain/figure'
import { formatCents, type Cents } from '../measure'
import { centsOf, usd, type Costed } from './cost'

function sumsOf(costed: readonly Costed[]): Map<string, number> {
  const sums = new Map<string, number>()
  for (const { direct } of costed)
    for (const part of direct.parts ?? []) sums.set(part.label, (sums.get(part.label) ?? 0) + centsOf(part))
  return sums
}

/**
 * What the difference of two prices is made of: the same layers of both, one less the other, and what stands on top of cost. It comes to
 * the difference.
 */
export function differenceOf(
  withIt: { readonly costed: readonly Costed[]; readonly cents: Cents },
  without: { readonly costed: readonly Costed[]; readonly cents: Cents },
): Figure[] {
  const [after, before] = [sumsOf(withIt.costed), sumsOf(without.costed)]
  const direct = [...new Set([...after.keys(), ...before.keys()])].flatMap((label): Figure[] => {
    const [more, less] = [(after.get(label) ?? 0) as Cents, (before.get(label) ?? 0) as Cents]
    const how = `${formatCents(more)} with it − ${formatCents(less)} without`
    return more === less ? [] : [usd(label, (more - less) as Cents, how)]
  })
  const cost = direct.reduce((sum, part) => sum + centsOf(part), 0)
  const above = (withIt.cents - without.cents - cost) as Cents
  return [...direct, usd('Overhead and profit', above, 'what is left of the difference')]
}
