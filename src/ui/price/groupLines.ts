import type { Cents } from '../../core/measure'
import type { Derived } from '../../core/pipeline'
import type { PriceLine } from '../../core/price'
import { itemSide, itemState } from '../house/ribbon/ticks'

export const ORDERS = { side: 'by side', dearest: 'dearest first', chosen: 'as chosen' } as const
export type Order = keyof typeof ORDERS

export type LineGroup = {
  readonly id: string
  /** Null: one list without heads. */
  readonly name: string | null
  readonly lines: readonly PriceLine[]
  /** Of them, those that still need a price. */
  readonly open: number
  readonly cents: Cents
}

/** Places off the walls, in the order they are walked after them. */
const ELSEWHERE = ['deck', 'crawl', 'roof', 'room'] as const
const ELSEWHERE_NAMES = { deck: 'Deck', crawl: 'Crawl space', roof: 'Roof', room: 'Rooms' } as const

/** Where an item is, for the head it stands under: a side's id, a place off the walls, or `none`. */
export function placeOfItem(derived: Derived, itemId: string): string {
  const side = itemSide(derived, itemId)
  if (side) return side.side_id
  const item = derived.scope.items.find((each) => each.id === itemId)
  const kind = ELSEWHERE.find((each) => item?.spots.some(({ at }) => at.kind === each))
  return kind ?? 'none'
}

/** Heads of the places that items are at, in walking order, then off the walls. */
export function placeHeads(job: Derived['job']): readonly (readonly [id: string, name: string])[] {
  return [
    ...job.sides.map((side) => [side.id, `${side.letter} ${side.facing}`] as const),
    ...ELSEWHERE.map((kind) => [kind, ELSEWHERE_NAMES[kind]] as const),
    ['none', 'The whole house, or no place yet'],
  ]
}

/** The lines of a price in the order a person reads them: by side in walking order with its sum, dearest first, or as chosen. */
export function groupLines(derived: Derived, order: Order, openOnly: boolean): LineGroup[] {
  const { price, job } = derived
  if (price.kind !== 'priced') return []
  const isOpen = (line: PriceLine): boolean => itemState(derived, line.item_id) === 'open'
  const lines = openOnly ? price.lines.filter(isOpen) : price.lines
  const group = (id: string, name: string | null, mine: readonly PriceLine[]): LineGroup => ({
    id,
    name,
    lines: mine,
    open: mine.filter(isOpen).length,
    cents: mine.reduce((sum, line) => sum + line.sell_cents, 0) as Cents,
  })
  switch (order) {
    case 'chosen':
      return [group('all', null, lines)]
    case 'dearest':
      return [
        group(
          'all',
          null,
          lines.toSorted((a, b) => b.sell_cents - a.sell_cents),
        ),
      ]
    case 'side': {
      const at = new Map(lines.map((line) => [line.item_id, placeOfItem(derived, line.item_id)]))
      const groups = placeHeads(job)
        .map(([id, name]) =>
          group(
            id,
            name,
            lines.filter((line) => at.get(line.item_id) === id),
          ),
        )
        .filter((each) => each.lines.length > 0)
      // Three items need no heads: the place stands in the row.
      return lines.length <= 3 ? [group('all', null, lines)] : groups
    }
  }
}
