import type { BidModel } from '../bid'
import { BEHIND } from '../catalogue/hidden/finds'
import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import { derive, type Derived } from '../pipeline'
import type { JobPrice } from '../price'
import { hiddenCost } from './hiddenCost'

/** With what a person typed for the whole job: that stands, whatever is left out of it. */
const beforeTax = ({ items_cents, adjustment }: JobPrice): number => items_cents + (adjustment?.cents ?? 0)

/** An option in place of an item can be taken by a touch only where it is known what that item saves. */
function onlyReckoned(bid: BidModel): BidModel {
  const unknown = new Set(bid.items.flatMap(({ id, leave }) => (leave ? [] : [id])))
  return {
    ...bid,
    beside: bid.beside.map((item) =>
      item.instead_of !== null && unknown.has(item.instead_of) ? { ...item, takeable: false } : item,
    ),
  }
}

/** Beyond so many items each is not reckoned by itself: an owner then asks, and the firm sends another bid. */
const MOST_ITEMS = 120

/** Unit prices of what stands behind the places that this job opens, each once. */
function findsOf(document: JobDocument, today: string, derived: Derived): BidModel['finds'] {
  const { finds, places } = hiddenCost(document, today, derived)
  const behind = new Set(
    places.flatMap(({ chance }) => {
      const { backing, framing } = BEHIND[chance.row.id] ?? { backing: null, framing: '' }
      return [backing, framing]
    }),
  )
  return finds.flatMap(({ find, cents }) =>
    cents !== null && behind.has(find.id)
      ? [{ what: find.plain, first_cents: cents.first, further_cents: cents.further }]
      : [],
  )
}

/** The bid as it leaves: with what each item saves where it is left out, and unit prices of what may be found. */
export function readyBid(document: JobDocument, today: string, derived: Derived): BidModel {
  const bid = withLeaves(document, today, derived)
  return derived.price.kind === 'priced' ? { ...bid, finds: findsOf(document, today, derived) } : bid
}

/**
 * The bid with what each item saves where it is left out: the job reckoned once more without it. What items share stays with the
 * others, so that less work never costs more and the firm is never left with a hire that nobody pays.
 *
 * Cost: a price of the whole job for each item; on the server, before a bid leaves.
 */
export function withLeaves(document: JobDocument, today: string, derived: Derived): BidModel {
  const { bid, price, trace, coverage, cautions } = derived
  const replaced = new Set(bid.beside.flatMap(({ instead_of }) => instead_of ?? []))
  // Left out alone, a lone item leaves nothing to be done; what may stand in for it needs to know what it saves all the same.
  const isLone = bid.items.length < 2 && !bid.items.some(({ id }) => replaced.has(id))
  if (price.kind !== 'priced' || isLone || bid.items.length > MOST_ITEMS) return onlyReckoned(bid)
  const onHazard = new Set(
    cautions.all.flatMap((caution) => (caution.kind === 'keep-off' ? caution.finding_ids : [])),
  )
  return onlyReckoned({
    ...bid,
    items: bid.items.map((item) => {
      const work_items = document.work_items.filter(({ id }) => id !== item.id)
      const without = derive({ ...document, work_items }, today, { trace, coverage }).price
      if (without.kind !== 'priced') return item
      const less = beforeTax(price) - beforeTax(without)
      const saves_cents = Math.min(item.price_cents, Math.max(0, less)) as Cents
      const findings = document.work_items.find(({ id }) => id === item.id)?.finding_ids ?? []
      const hazard = findings.some((id) => onHazard.has(id))
      return saves_cents > 0 ? { ...item, leave: { saves_cents, hazard } } : item
    }),
  })
}
