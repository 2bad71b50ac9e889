import { newWorkItem, type JobDocument, type WorkItem } from '../job'
import { causeOf, type Source } from '../trace'

/**
 * The item that fixes a source over everything it reaches: by our method, by another trade, or told in words and priced by hand
 * where no method does it yet.
 *
 * Ends: null where there is nothing to fix, or no finding names a part.
 */
export function itemForFix(source: Source, job: JobDocument, id: string): WorkItem | null {
  const { fix } = causeOf(source.cause)
  const findings = job.findings.filter((each) => source.finding_ids.includes(each.id))
  const first = findings.find((each) => each.component !== null)
  if (!fix || !first) return null
  return newWorkItem({
    id,
    finding_ids: [...source.finding_ids],
    method: fix.method ?? 'own-work',
    component: first.component,
    name: fix.method === null || fix.method === 'refer' ? fix.words : '',
    note: fix.words,
    cures: [source.cause],
  })
}
