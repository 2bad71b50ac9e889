import type { JobDocument, WorkItem } from '../job'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { methodOf } from '../catalogue'
import type { Scope } from '../scope'
import type { Takeoff } from './takeoffJob'
import { consumable, type Consumable } from './uses'

/** The fee of a permit with its inspection, as a good that is paid to others. */
export const PERMIT_FEE = 'inspector-visit'
/** Thousandths of it, as it is printed. */
const PARTS = 1000

const isFee = ({ id }: Consumable): boolean => id === PERMIT_FEE

/** A piece of work with the goods of its recipe and those the firm added to it. */
type Working = {
  readonly item: WorkItem
  /** Whether it is done here, and not as part of another one. */
  readonly isDone: boolean
  readonly goods: readonly Consumable[]
  readonly own: readonly Consumable[]
}

const asks = ({ item, goods }: Working): boolean =>
  (methodOf(item.method)?.needs ?? []).includes('permit') || goods.some(isFee)

/** Shares of one that add up to one: equal, to the thousandth, the first takes what is left over. */
function sharesOf(count: number): readonly number[] {
  const least = Math.floor(PARTS / count)
  return Array.from({ length: count }, (_, index) =>
    index === 0 ? (PARTS - least * (count - 1)) / PARTS : least / PARTS,
  )
}

/**
 * The goods of each piece of work once the building office was asked about a permit. Needed: its fee once, shared by what asks for
 * one, unless somebody entered it as a line of their own. Not needed: none, not even where a recipe brings it. Nobody asked: as the
 * recipes have it.
 */
export function permitGoods(
  work: readonly Working[],
  { permit }: JobDocument['job'],
): readonly (readonly Consumable[])[] {
  if (permit === 'unknown') return work.map(({ goods }) => goods)
  const entered = work.some(({ isDone, own }) => isDone && own.some(isFee))
  const asking = work.filter((each) => each.isDone && asks(each))
  const shares = permit === 'needed' && !entered ? sharesOf(asking.length) : []
  return work.map((each) => {
    const share = shares[asking.indexOf(each)]
    return [
      ...each.goods.filter((good) => !isFee(good)),
      ...(share === undefined ? [] : [consumable(PERMIT_FEE, share, WORK_SAYS.whyPermit)]),
    ]
  })
}

/** What the price knows of a permit: how many pieces of our work ask for one, and whether a fee is charged. */
export function permitOf(
  scope: Scope,
  { items }: Pick<Takeoff, 'items'>,
): { asking: number; charged: boolean } {
  const charged = new Set(
    items.filter(({ consumables }) => consumables.some(isFee)).map(({ item_id }) => item_id),
  )
  const asking = scope.items.filter(
    ({ id, item, standing }) =>
      standing === 'ours' && (charged.has(id) || (methodOf(item.method)?.needs ?? []).includes('permit')),
  )
  return { asking: asking.length, charged: charged.size > 0 }
}
