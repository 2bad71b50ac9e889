import type { BidModel } from '../bid'
import { chosenTotal, WHOLE_BID } from '../bid/choose'
import { alike, onlyWith } from '../bid/ways'
import type { JobDocument, WorkItem } from '../job'
import type { Cents } from '../measure'
import { derive, type Derived } from '../pipeline'
import type { JobPrice } from '../price'

/** With what a person typed for the whole job: that stands, whatever is left out of it. */
const beforeTax = ({ items_cents, adjustment, discount }: JobPrice): number =>
  items_cents + (adjustment?.cents ?? 0) - (discount?.cents ?? 0)

/** What it saves to do the job without these: the job reckoned once more. Null where it has no price then. */
export function savedIn(
  document: JobDocument,
  today: string,
  { bid, price, trace, coverage }: Derived,
): (ids: readonly string[]) => Cents | null {
  const told = new Set(bid.items.map(({ id }) => id))
  // What is a part of these and no line of its own is not done without them either.
  const partsOf = (ids: readonly string[]): string[] =>
    price.kind === 'priced'
      ? price.lines.flatMap(({ item_id, includedIn }) =>
          includedIn !== null && ids.includes(includedIn) && !told.has(item_id) ? [item_id] : [],
        )
      : []
  return (ids) => {
    const gone = new Set([...ids, ...partsOf(ids)])
    const work_items = document.work_items.filter(({ id }) => !gone.has(id))
    const without = derive({ ...document, work_items }, today, { trace, coverage }).price
    if (price.kind !== 'priced' || without.kind !== 'priced') return null
    const most = bid.items.reduce((sum, { id, price_cents }) => sum + (ids.includes(id) ? price_cents : 0), 0)
    return Math.min(most, Math.max(0, beforeTax(price) - beforeTax(without))) as Cents
  }
}

/** With whatever of the bid makes no sense without these: it goes when they go. */
function withDependents(ids: readonly string[], items: BidModel['items']): string[] {
  const more = items.flatMap(({ id, requires }) =>
    !ids.includes(id) && requires.some((each) => ids.includes(each)) ? [id] : [],
  )
  return more.length > 0 ? withDependents([...ids, ...more], items) : [...ids]
}

/**
 * What an owner may choose, with what those things save together that it stands in for, and what several of them save by being taken
 * together.
 *
 * Cost: a price of the whole job for each option; in a worker, or on the server before a bid leaves.
 */
export function optionsOf(
  document: JobDocument,
  today: string,
  derived: Derived,
): Pick<BidModel, 'beside' | 'together'> {
  const { bid } = derived
  const savedBy = savedIn(document, today, derived)
  const known = new Set(bid.items.map(({ id }) => id))
  const beside = bid.beside.map((item) => {
    const stands = withDependents(
      item.instead_of.filter((id) => known.has(id)),
      bid.items,
    )
    const saves = stands.length > 0 ? savedBy(stands) : null
    return { ...item, instead_of: stands, saves_cents: saves !== null && saves > 0 ? saves : null }
  })
  return { beside, together: togetherOf(document, today, { ...derived, bid: { ...bid, beside } }) }
}

/**
 * What work offered in several places costs less in one go than each place by itself: the job reckoned with all of it in the price. Where
 * it costs more, the options stand as they are.
 */
function togetherOf(document: JobDocument, today: string, derived: Derived): BidModel['together'] {
  const { bid, trace, coverage } = derived
  const savedBy = (ids: readonly string[]): number => {
    const chosen = chosenTotal(bid, { ...WHOLE_BID, taken: ids })
    const gone = new Set(bid.beside.flatMap((item) => (ids.includes(item.id) ? item.instead_of : [])))
    const work_items = document.work_items
      .filter(({ id }) => !gone.has(id))
      .map((item): WorkItem => (ids.includes(item.id) ? { ...item, state: 'ours', instead_of: [] } : item))
    const { price } = derive({ ...document, work_items }, today, { trace, coverage })
    return chosen.ok && price.kind === 'priced'
      ? Math.max(0, chosen.value.before_tax_cents - beforeTax(price))
      : 0
  }
  return alike(bid).flatMap((group) => {
    const ids = group.map(({ id }) => id)
    if (ids.length < 2) return []
    const all = [...ids, ...onlyWith(ids, bid)]
    const rows = [ids, ...(all.length > ids.length ? [all] : [])].map((each) => {
      return { ids: each, saves_cents: savedBy(each) as Cents }
    })
    return rows.some(({ saves_cents }) => saves_cents > 0) ? rows : []
  })
}
