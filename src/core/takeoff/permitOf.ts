import type { Scope } from '../scope'
import { asksForPermit, isFee } from './permit'
import type { Takeoff } from './takeoffJob'

/** What the price knows of a permit: how many pieces of our work ask for one, and whether a fee is charged. */
export function permitOf(
  scope: Scope,
  { items }: Pick<Takeoff, 'items'>,
): { asking: number; charged: boolean } {
  const charged = new Set(
    items.filter(({ consumables }) => consumables.some(isFee)).map(({ item_id }) => item_id),
  )
  const asking = scope.items.filter(
    ({ id, item, standing }) => standing === 'ours' && (charged.has(id) || asksForPermit(item)),
  )
  return { asking: asking.length, charged: charged.size > 0 }
}
