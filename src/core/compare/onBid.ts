import type { Cents } from '../measure'
import type { Derived } from '../pipeline'

/** What an item is on the bid of a job: its price, or why it has none, and its hours. */
export type OnBid = {
  /** Null where it has no price. */
  readonly cents: Cents | null
  /** Why it has no price; empty where it has one. */
  readonly lacks: readonly string[]
  readonly hours: number
}

export function onBid({ price, scope, takeoff }: Derived, item_id: string): OnBid {
  const line = price.kind === 'priced' ? price.lines.find((each) => each.item_id === item_id) : undefined
  const why = scope.items.find(({ id }) => id === item_id)?.why ?? ''
  return {
    cents: line && line.lacks.length === 0 ? line.sell_cents : null,
    lacks: line?.lacks ?? (why ? [why] : []),
    hours: takeoff.items.find((each) => each.item_id === item_id)?.hours ?? 0,
  }
}
