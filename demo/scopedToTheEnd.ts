import { methodOf } from '../src/core/catalogue'
import { cautionsOf } from '../src/core/caution'
import type { JobDocument } from '../src/core/job'
import { takeAdvised } from '../src/core/scope'
import { traceJob } from '../src/core/trace'

/** A demo job with all that is advised taken, as its office would do it with one touch. */
export function scopedToTheEnd(job: JobDocument): JobDocument {
  let n = 0
  const items = takeAdvised(job, traceJob(job), cautionsOf(job).dangers, () => `advised-${(n += 1)}`)
  const renewed = new Set(
    items.filter((item) => methodOf(item.method)?.rebuilds).flatMap((item) => item.finding_ids),
  )
  // What is renewed now waits for nobody else.
  const kept = job.work_items.filter(
    (item) => item.method !== 'refer' || !item.finding_ids.every((id) => renewed.has(id)),
  )
  return { ...job, work_items: [...kept, ...items] }
}
