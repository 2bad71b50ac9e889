import { addCents, dollars, type Cents } from '../measure'
import { err, ok, type Result } from '../result'
import type { BidModel } from './bidModel'

/** What an owner takes of a bid: all of it, less what he leaves out, with the options and looks he takes. */
export type Choice = {
  /** Items left out. */
  readonly left: readonly string[]
  /** Options taken. */
  readonly taken: readonly string[]
  /** Looks taken. */
  readonly looks: readonly string[]
}

type BidItem = Pick<BidModel['items'][number], 'id' | 'price_cents' | 'leave' | 'requires'>
type BidOption = Pick<
  BidModel['beside'][number],
  'id' | 'price_cents' | 'takeable' | 'instead_of' | 'saves_cents' | 'requires'
>

/** Of a bid, what a choice is reckoned by. */
export type Choosable = Pick<BidModel, 'adjustment' | 'discount' | 'choosing' | 'together'> & {
  readonly items: readonly BidItem[]
  readonly beside: readonly BidOption[]
  readonly looks: readonly Pick<BidModel['looks'][number], 'id' | 'price_cents'>[]
}

/** The bid as it was sent: all its items, no option. */
export const WHOLE_BID: Choice = { left: [], taken: [], looks: [] }

export type ChoiceError =
  /** Not an item, an option or a look of this bid, or not to be chosen by a touch. */
  | { readonly kind: 'not-of-this-bid'; readonly id: string }
  /** Two that stand in for the same item, or one of them twice. */
  | { readonly kind: 'contradicts'; readonly id: string }
  /** It makes no sense without another that is not done. */
  | { readonly kind: 'needs'; readonly id: string; readonly needs: string }
  /** Nothing would be done. */
  | { readonly kind: 'nothing-chosen' }

export type ChosenTotal = {
  /** Items that are done, in the order of the bid. */
  readonly items: readonly string[]
  /** Items that an option stands in for. */
  readonly replaced: readonly string[]
  readonly before_tax_cents: Cents
  readonly tax_cents: Cents
  readonly total_cents: Cents
}

/** Ids of the bid that were chosen, each at most once, all of them choosable. */
function firstWrong(ids: readonly string[], known: ReadonlySet<string>): ChoiceError | null {
  for (const [index, id] of ids.entries()) {
    if (!known.has(id)) return { kind: 'not-of-this-bid', id }
    if (ids.indexOf(id) !== index) return { kind: 'contradicts', id }
  }
  return null
}

/** Options that can be taken by a touch: what they add is known, and what they stand in for saves. */
export const takeableOf = (model: Choosable): readonly BidOption[] =>
  model.beside.filter(
    ({ takeable, price_cents, instead_of, saves_cents }) =>
      takeable && price_cents !== null && (instead_of.length === 0 || saves_cents !== null),
  )

/** The first that makes no sense without another: one that this bid holds and that is not done. */
function firstInNeed(done: readonly (BidItem | BidOption)[], model: Choosable): ChoiceError | null {
  const here = new Set([...model.items, ...takeableOf(model)].map(({ id }) => id))
  const are = new Set(done.map(({ id }) => id))
  for (const { id, requires } of done) {
    const needs = requires.find((each) => here.has(each) && !are.has(each))
    if (needs !== undefined) return { kind: 'needs', id, needs }
  }
  return null
}

/** What counts of what options save together: of two rows that are taken whole, the one within the other says nothing more. */
export function savedTogether(
  { together }: Pick<BidModel, 'together'>,
  taken: readonly string[],
): BidModel['together'] {
  const whole = together.filter(({ ids }) => ids.every((id) => taken.includes(id)))
  return whole.filter(
    (row) => !whole.some(({ ids }) => ids.length > row.ids.length && row.ids.every((id) => ids.includes(id))),
  )
}

/**
 * What a choice comes to: the items’ prices, less what each item that is left out saves and what those save together that an option
 * stands in for, with what is taken besides, less what that shares and less the discount; not under what the firm comes for; tax on that. The same on the
 * owner’s page and on the server.
 *
 * Fails: ids that are not of this bid or not to be chosen, two options in place of one item, one without what it needs, nothing left.
 */
export function chosenTotal(model: Choosable, choice: Choice): Result<ChosenTotal, ChoiceError> {
  const options = takeableOf(model)
  const wrong =
    firstWrong(choice.left, new Set(model.items.flatMap(({ id, leave }) => (leave ? [id] : [])))) ??
    firstWrong(choice.taken, new Set(options.map(({ id }) => id))) ??
    firstWrong(choice.looks, new Set(model.looks.map(({ id }) => id)))
  if (wrong) return err(wrong)
  const taken = options.filter(({ id }) => choice.taken.includes(id))
  const replaced: string[] = []
  for (const { id, instead_of } of taken) {
    if (instead_of.some((each) => replaced.includes(each))) return err({ kind: 'contradicts', id })
    replaced.push(...instead_of)
  }
  const out = new Set([...choice.left, ...replaced])
  const items = model.items.filter(({ id }) => !out.has(id))
  const looks = model.looks.filter(({ id }) => choice.looks.includes(id))
  if (items.length + taken.length + looks.length === 0) return err({ kind: 'nothing-chosen' })
  const inNeed = firstInNeed([...items, ...taken], model)
  if (inNeed) return err(inNeed)
  // What an option stands in for is saved with it, once, whether or not it was left out as well.
  const left = model.items.filter(({ id }) => choice.left.includes(id) && !replaced.includes(id))
  const sum = addCents(
    ...model.items.map(({ price_cents }) => price_cents),
    model.adjustment?.cents ?? (0 as Cents),
    (0 - (model.discount?.cents ?? 0)) as Cents,
    ...left.map(({ leave }) => (0 - (leave?.saves_cents ?? 0)) as Cents),
    ...taken.map(({ saves_cents }) => (0 - (saves_cents ?? 0)) as Cents),
    ...taken.map(({ price_cents }) => price_cents ?? (0 as Cents)),
    ...savedTogether(model, choice.taken).map(({ saves_cents }) => (0 - saves_cents) as Cents),
    ...looks.map(({ price_cents }) => price_cents),
  )
  const before = Math.max(model.choosing.least_cents, sum) as Cents
  const tax = dollars((before / 100) * model.choosing.tax_rate)
  return ok({
    items: items.map(({ id }) => id),
    replaced,
    before_tax_cents: before,
    tax_cents: tax,
    total_cents: addCents(before, tax),
  })
}
