import * as z from 'zod'
import type { BidModel } from '../bid'
import { chosenTotal, savedTogether, type Choice } from '../bid/choose'
import { Payments } from '../job/settings'
import { CentsValue, Day, Id, ShortWords } from '../job/values'
import { shareCents, type Cents } from '../measure'

const AllowanceBasis = z.object({
  quantity: z.number(),
  unit: z.enum(['ft', 'ft²', 'each']),
  unit_cents: CentsValue,
})

/** What was accepted, and at what: the one thing a change order is reckoned against. It is read from the frozen bid and never from the job. */
export const Baseline = z.object({
  bid_id: z.string(),
  number: z.int(),
  total_cents: CentsValue,
  accepted_by: ShortWords,
  accepted_on: Day,
  tax_rate: z.number(),
  /** Work that was accepted, with what leaving it out saves; null: nobody reckoned that. */
  items: z.array(
    z.object({
      id: Id,
      title: z.string(),
      where: z.string(),
      price_cents: CentsValue,
      saves_cents: CentsValue.nullable(),
      /** Null: a price that stands as it is. */
      allowance: AllowanceBasis.nullable(),
    }),
  ),
  /** When money is due, as the bid has it. */
  payments: Payments,
  /** What of the bid he left out. */
  left: z.array(Id),
  finds: z.array(
    z.object({ id: z.string(), what: z.string(), first_cents: CentsValue, further_cents: CentsValue }),
  ),
  go_on: z.object({ most_cents: CentsValue, answer_hours: z.number(), hour_cents: CentsValue }).nullable(),
})
export type Baseline = z.infer<typeof Baseline>

/** What an allowance is settled by; null: the price stands as it is. */
const allowanceOf = (basis: BidModel['items'][number]['basis']): Baseline['items'][number]['allowance'] =>
  basis.kind === 'allowance'
    ? { quantity: basis.quantity, unit: basis.unit, unit_cents: basis.unit_cents }
    : null

/** Of what several options saved by being taken together, the share of one. */
function sharedBy(id: string, model: BidModel, { taken }: Choice): number {
  return savedTogether(model, taken)
    .filter(({ ids }) => ids.includes(id))
    .reduce((sum, { ids, saves_cents }) => {
      const shares = shareCents(
        saves_cents,
        ids.map(() => 1),
      )
      return sum + shares[ids.indexOf(id)]!
    }, 0)
}

/** The baseline of a bid of which somebody accepted so much. */
export function baselineOf(
  model: BidModel,
  of: {
    readonly bid_id: string
    readonly number: number
    readonly choice: Choice
    readonly total_cents: Cents
    readonly accepted_by: string
    readonly accepted_on: string
  },
): Baseline {
  const chosen = chosenTotal(model, of.choice)
  const done = new Set(chosen.ok ? chosen.value.items : model.items.map(({ id }) => id))
  const items = model.items
    .filter(({ id }) => done.has(id))
    .map(({ id, title, where, price_cents, leave, basis }) => ({
      id,
      title,
      where,
      price_cents,
      saves_cents: leave?.saves_cents ?? null,
      allowance: allowanceOf(basis),
    }))
  const taken = model.beside
    .filter(({ id }) => of.choice.taken.includes(id))
    .map(({ id, title, where, price_cents, basis }) => ({
      id,
      title,
      where,
      price_cents: price_cents ?? (0 as Cents),
      // An option is reckoned by what it adds: left out again, that is what it saves, less its share of what several save together.
      saves_cents: price_cents === null ? null : ((price_cents - sharedBy(id, model, of.choice)) as Cents),
      allowance: allowanceOf(basis),
    }))
  return {
    bid_id: of.bid_id,
    number: of.number,
    total_cents: of.total_cents,
    accepted_by: of.accepted_by,
    accepted_on: of.accepted_on,
    tax_rate: model.choosing.tax_rate,
    items: [...items, ...taken],
    left: [...of.choice.left],
    payments: model.payments,
    finds: model.finds,
    go_on: model.go_on,
  }
}

/**
 * What so many of a find come to at one place, at the prices that were agreed: the first there, and each further one. Null: none was agreed.
 *
 * @param before how many of it were found at that place already: of those that follow none is the first there
 */
export function agreedPrice(baseline: Baseline, find: string, count: number, before = 0): Cents | null {
  const price = baseline.finds.find(({ id }) => id === find)
  if (!price || count < 1) return null
  const first = before === 0 ? price.first_cents : price.further_cents
  return (first + (count - 1) * price.further_cents) as Cents
}
