import type { BidModel } from '../bid'
import { BEHIND } from '../catalogue/hidden/finds'
import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import type { Derived } from '../pipeline'
import { chargedHour } from '../price/basis'
import { hiddenCost } from './hiddenCost'
import { optionsOf, savedIn } from './optionsOf'
import { riskOf } from './riskOf'
import { waitingOf } from './waitingOf'

/** An option in place of items can be taken by a touch only where it is known what those save. */
const onlyReckoned = (bid: BidModel): BidModel => ({
  ...bid,
  beside: bid.beside.map((item) =>
    item.instead_of.length > 0 && item.saves_cents === null ? { ...item, takeable: false } : item,
  ),
})

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
      ? [{ id: find.id, what: find.plain, first_cents: cents.first, further_cents: cents.further }]
      : [],
  )
}

/** Prices of finds, and what is agreed of those nobody has said yes to: without prices nothing is. */
function findsWith(
  document: JobDocument,
  today: string,
  derived: Derived,
): Pick<BidModel, 'finds' | 'go_on'> {
  const finds = findsOf(document, today, derived)
  const { rates } = derived.job
  if (finds.length === 0 || rates === null) return { finds, go_on: null }
  const { go_on_cents, answer_hours } = rates.finds
  return { finds, go_on: { most_cents: go_on_cents, answer_hours, hour_cents: chargedHour(rates) } }
}

/** To so much an owner’s range is rounded outwards: it is no figure to the cent. */
const RANGE_CENTS = 50_00

/** What is to be expected behind what is opened: one house of five has less, one of five has more. */
function expectsOf(document: JobDocument, today: string): BidModel['expects'] {
  const risk = riskOf(document, today)
  if (risk === null || risk.p80_cents === 0) return null
  return {
    low_cents: (Math.floor(risk.p20_cents / RANGE_CENTS) * RANGE_CENTS) as Cents,
    high_cents: (Math.ceil(risk.p80_cents / RANGE_CENTS) * RANGE_CENTS) as Cents,
  }
}

function waitsOf(derived: Derived): BidModel['waiting'] {
  if (!derived.job.settings.bid.tells_waiting) return null
  const waiting = waitingOf(derived)
  if (waiting === null) return null
  const { years, now_cents, items, can_wait } = waiting
  const titles = new Map(derived.bid.items.map(({ id, title }) => [id, title]))
  const rows = years.map((row) => ({
    years: row.years,
    low_cents: (Math.floor(row.low_cents / RANGE_CENTS) * RANGE_CENTS) as Cents,
    high_cents: (Math.ceil(row.high_cents / RANGE_CENTS) * RANGE_CENTS) as Cents,
  }))
  const titled = (ids: readonly string[]): string[] => [...new Set(ids.flatMap((id) => titles.get(id) ?? []))]
  return {
    rows,
    now_cents,
    works: titled(items.map(({ item_id }) => item_id)),
    can_wait: titled(can_wait.map(({ item_id }) => item_id)),
  }
}

/** The bid as it leaves: with what each item saves where it is left out, what may be found and its unit prices, and what waiting may cost. */
export function readyBid(document: JobDocument, today: string, derived: Derived): BidModel {
  const bid = withLeaves(document, today, derived)
  if (derived.price.kind !== 'priced') return bid
  return {
    ...bid,
    ...findsWith(document, today, derived),
    expects: expectsOf(document, today),
    waiting: waitsOf(derived),
  }
}

/**
 * The bid with what each item saves where it is left out, and what those save together that an option stands in for: the job reckoned
 * once more without them. What items share stays with the others, so that less work never costs more and the firm is never left with
 * a hire that nobody pays.
 *
 * Cost: a price of the whole job for each item; on the server, before a bid leaves.
 */
export function withLeaves(document: JobDocument, today: string, derived: Derived): BidModel {
  const { bid, price, cautions } = derived
  const replaced = new Set(bid.beside.flatMap(({ instead_of }) => instead_of))
  // Left out alone, a lone item leaves nothing to be done; what may stand in for it needs to know what it saves all the same.
  const isLone = bid.items.length < 2 && !bid.items.some(({ id }) => replaced.has(id))
  if (price.kind !== 'priced' || isLone || bid.items.length > MOST_ITEMS) return onlyReckoned(bid)
  const onHazard = new Set(
    cautions.all.flatMap((caution) => (caution.kind === 'keep-off' ? caution.finding_ids : [])),
  )
  const savedBy = savedIn(document, today, derived)
  return onlyReckoned({
    ...bid,
    ...optionsOf(document, today, derived),
    items: bid.items.map((item) => {
      const saves_cents = savedBy([item.id])
      const findings = document.work_items.find(({ id }) => id === item.id)?.finding_ids ?? []
      const hazard = findings.some((id) => onHazard.has(id))
      return saves_cents !== null && saves_cents > 0 ? { ...item, leave: { saves_cents, hazard } } : item
    }),
  })
}
