import type { JobDocument, WorkItem } from '../job'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { methodOf } from '../catalogue'
import { consumable, type Consumable } from './uses'

/** The fee of a permit with its inspection, as a good that is paid to others. */
export const PERMIT_FEE = 'inspector-visit'
/** Thousandths of it, as it is printed. */
const PARTS = 1000

/** Whether a good is it. */
export const isFee = ({ id }: Pick<Consumable, 'id'>): boolean => id === PERMIT_FEE

/** A piece of work with the goods of its recipe and those the firm added to it. */
type Working = {
  readonly item: WorkItem
  /** Whether it is done here, and not as part of another one. */
  readonly isDone: boolean
  readonly goods: readonly Consumable[]
  readonly own: readonly Consumable[]
}

/** Whether a piece of work may take a permit. */
export const asksForPermit = ({ method }: Pick<WorkItem, 'method'>): boolean =>
  (methodOf(method)?.needs ?? []).includes('permit')

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
  const asking = work.filter((each) => each.isDone && asksForPermit(each.item))
  const shares = permit === 'needed' && !entered ? sharesOf(asking.length) : []
  return work.map((each) => {
    const share = shares[asking.indexOf(each)]
    return [
      ...each.goods.filter((good) => !isFee(good)),
      ...(share === undefined ? [] : [consumable(PERMIT_FEE, share, WORK_SAYS.whyPermit)]),
    ]
  })
}
