import type { Derived } from '../../core/pipeline'
import type { ScopeItem } from '../../core/scope'
import { placeHeads, placeOfItem } from '../price/groupLines'

export const CHOSEN_ORDERS = { chosen: 'as chosen', side: 'by side', dearest: 'dearest first' } as const
export type ChosenOrder = keyof typeof CHOSEN_ORDERS
export const CHOSEN_FILTERS = { all: 'all', in: 'in the price', out: 'not in the price' } as const
export type ChosenFilter = keyof typeof CHOSEN_FILTERS

export type ChosenGroup = {
  readonly id: string
  readonly name: string | null
  readonly items: readonly ScopeItem[]
}

/** What was chosen, as asked for; each once. Without prices in sight *dearest first* leaves them as chosen. */
export function orderChosen(
  derived: Derived,
  of: { readonly order: ChosenOrder; readonly filter: ChosenFilter },
): { readonly groups: readonly ChosenGroup[]; readonly shown: number; readonly all: number } {
  const { scope, price, job } = derived
  const kept = scope.items.filter(
    (item) => of.filter === 'all' || (of.filter === 'in') === (item.standing === 'ours'),
  )
  const cents = new Map(
    price.kind === 'priced' ? price.lines.map((line) => [line.item_id, line.sell_cents]) : [],
  )
  const one = (items: readonly ScopeItem[]): ChosenGroup[] => [{ id: 'all', name: null, items }]
  const groups: ChosenGroup[] =
    of.order === 'side'
      ? placeHeads(job).map(([id, name]) => ({
          id,
          name,
          items: kept.filter((item) => placeOfItem(derived, item.id) === id),
        }))
      : of.order === 'dearest'
        ? one(kept.toSorted((a, b) => (cents.get(b.id) ?? 0) - (cents.get(a.id) ?? 0)))
        : one(kept)
  return {
    groups: groups.filter((each) => each.items.length > 0),
    shown: kept.length,
    all: scope.items.length,
  }
}
