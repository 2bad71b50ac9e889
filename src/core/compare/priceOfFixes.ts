import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { itemForFix } from '../scope'
import type { Trace } from '../trace'
import { onBid, type OnBid } from './onBid'

/** What the fix of a source would be on the bid. */
export type FixPrice = OnBid & { readonly letter: string }

const ID = 'fix-price'

/** The price of every source's fix as it would stand on this bid, beside what is chosen. Sources without a fix are left out. */
export function priceOfFixes(job: JobDocument, trace: Trace, today: string): FixPrice[] {
  return trace.sources.flatMap((source): FixPrice[] => {
    if (source.letter === null) return []
    const item = itemForFix(source, job, ID)
    if (item === null) return []
    const taken = derive({ ...job, work_items: [...job.work_items, item] }, today, { trace })
    return [{ letter: source.letter, ...onBid(taken, ID) }]
  })
}
