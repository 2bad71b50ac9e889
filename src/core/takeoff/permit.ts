import type { JobDocument, WorkItem } from '../job'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { methodOf } from '../catalogue'
import { consumable, type Consumable } from './uses'

/** The fee of a permit with its inspection, as a good that is paid to others. */
export const PERMIT_FEE = 'inspector-visit'
/** Thousandths of it, rounded down, so that all shares together are never more than one. */
const PARTS = 1000

/**
 * Each item's share of the one permit of a job, by place in the list: equal among those whose method asks for a permit, where the
 * building office has said that it takes one; nothing where it did not, and nothing where an item brings a permit of its own.
 *
 * @param working items that are worked, with the goods they use otherwise; null: not worked
 */
export function permitShares(
  working: readonly ({ readonly item: WorkItem; readonly goods: readonly Consumable[] } | null)[],
  { permit }: JobDocument['job'],
): readonly (readonly Consumable[])[] {
  const asks = working.map(
    (each) => each !== null && (methodOf(each.item.method)?.needs ?? []).includes('permit'),
  )
  const has = working.some((each) => each?.goods.some(({ id }) => id === PERMIT_FEE))
  const count = asks.filter(Boolean).length
  if (permit !== 'needed' || count === 0 || has) return working.map(() => [])
  const share = Math.floor(PARTS / count) / PARTS
  return asks.map((one) => (one ? [consumable(PERMIT_FEE, share, WORK_SAYS.whyPermit)] : []))
}
