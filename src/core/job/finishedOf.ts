import type { FinishedItem, JobDocument } from './document'

/** How an item was finished: the last that was written; null: it is not. */
export function finishedOf(job: Pick<JobDocument, 'finished_items'>, itemId: string): FinishedItem | null {
  return job.finished_items.findLast((each) => each.item_id === itemId && !each.removed) ?? null
}
