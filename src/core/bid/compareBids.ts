import type { Cents } from '../measure'
import type { BidModel } from './bidModel'

type Item = BidModel['items'][number]

/** What differs of one piece of work between two bids of a job. */
export type Difference =
  | { readonly kind: 'new'; readonly title: string; readonly where: string; readonly cents: Cents }
  /** No longer in the price; `now`: why it stands beside it, or null where it is gone. */
  | {
      readonly kind: 'out'
      readonly title: string
      readonly where: string
      readonly cents: Cents
      readonly now: string | null
    }
  | {
      readonly kind: 'price'
      readonly title: string
      readonly where: string
      readonly was: Cents
      readonly is: Cents
    }
  /** The same money, other words: how much, what is done, what is promised. */
  | {
      readonly kind: 'words'
      readonly title: string
      readonly where: string
      readonly what: readonly string[]
    }

export type BidDifference = {
  readonly was_cents: Cents
  readonly is_cents: Cents
  readonly work: readonly Difference[]
  /** Hazards that the last bid did not tell. */
  readonly hazards: readonly string[]
  /** Options offered now and not then, and the other way round, by their titles. */
  readonly offered: readonly string[]
  readonly withdrawn: readonly string[]
  /** What is left of the difference once the work is told: adjustment, tax, what is shared. */
  readonly rest_cents: Cents
}

const WORDS: readonly (readonly [field: keyof Item, name: string])[] = [
  ['title', 'its name'],
  ['quantity', 'how much'],
  ['done', 'what is done'],
  ['life', 'how long it lasts'],
  ['warranty', 'the warranty'],
]

function ofOne(was: Item, is: Item): Difference[] {
  const { title, where } = is
  const what = WORDS.filter(([field]) => was[field] !== is[field]).map(([, name]) => name)
  return [
    ...(was.price_cents === is.price_cents
      ? []
      : [{ kind: 'price', title, where, was: was.price_cents, is: is.price_cents } as const]),
    ...(what.length > 0 ? [{ kind: 'words', title, where, what } as const] : []),
  ]
}

const hazardsOf = (bid: BidModel): string[] =>
  [...bid.hazards, ...bid.more_hazards].map(({ where, what }) => `${where}: ${what}`)
const optionsOf = (bid: BidModel): string[] =>
  bid.beside.filter(({ takeable }) => takeable).map(({ title, where }) => `${title} (${where})`)

/**
 * What a bid says and costs otherwise than the one before it: work told by its id, since a name may change. The work and `rest_cents`
 * add up to the difference of the totals.
 */
export function compareBids(was: BidModel, is: BidModel): BidDifference {
  const before = new Map(was.items.map((item) => [item.id, item]))
  const after = new Set(is.items.map(({ id }) => id))
  const beside = new Map(is.beside.map(({ id, why }) => [id, why]))
  const work: Difference[] = [
    ...is.items.flatMap((item): Difference[] => {
      const old = before.get(item.id)
      if (old) return ofOne(old, item)
      return [{ kind: 'new', title: item.title, where: item.where, cents: item.price_cents }]
    }),
    ...was.items
      .filter(({ id }) => !after.has(id))
      .map(({ id, title, where, price_cents }): Difference => {
        return { kind: 'out', title, where, cents: price_cents, now: beside.get(id) ?? null }
      }),
  ]
  const told = work.reduce((sum, each) => {
    switch (each.kind) {
      case 'new':
        return sum + each.cents
      case 'out':
        return sum - each.cents
      case 'price':
        return sum + each.is - each.was
      case 'words':
        return sum
    }
  }, 0)
  const [options, offeredBefore] = [optionsOf(is), optionsOf(was)]
  const toldBefore = hazardsOf(was)
  return {
    was_cents: was.total_cents,
    is_cents: is.total_cents,
    work,
    hazards: hazardsOf(is).filter((each) => !toldBefore.includes(each)),
    offered: options.filter((each) => !offeredBefore.includes(each)),
    withdrawn: offeredBefore.filter((each) => !options.includes(each)),
    rest_cents: (is.total_cents - was.total_cents - told) as Cents,
  }
}

/** Whether there is anything to tell. */
export function isSameBid(of: BidDifference): boolean {
  const lists = [of.work, of.hazards, of.offered, of.withdrawn]
  return of.was_cents === of.is_cents && lists.every((list) => list.length === 0)
}
