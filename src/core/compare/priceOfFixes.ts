import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import { derive } from '../pipeline'
import { itemForFix } from '../scope'
import type { Trace } from '../trace'

/** What the fix of a source would be on the bid. */
export type FixPrice = {
  readonly letter: string
  readonly cents: Cents | null
  readonly hours: number
  /** Why it has no price; empty where it has one. */
  readonly lacks: readonly string[]
}

const ID = 'fix-price'

/** The price of every source's fix as it would stand on this bid, beside what is chosen. Sources without a fix are left out. */
export function priceOfFixes(job: JobDocument, trace: Trace, today: string): FixPrice[] {
  return trace.sources.flatMap((source): FixPrice[] => {
    if (source.letter === null) return []
    const item = itemForFix(source, job, ID)
    if (item === null) return []
    const { price, takeoff, scope } = derive({ ...job, work_items: [...job.work_items, item] }, today, {
      trace,
    })
    const line = price.kind === 'priced' ? price.lines.find(({ item_id }) => item_id === ID) : undefined
    const why = scope.items.find(({ id }) => id === ID)?.why ?? ''
    return [
      {
        letter: source.letter,
        cents: line && line.lacks.length === 0 ? line.sell_cents : null,
        hours: takeoff.items.find(({ item_id }) => item_id === ID)?.hours ?? 0,
        lacks: line?.lacks ?? (why ? [why] : []),
      },
    ]
  })
}
