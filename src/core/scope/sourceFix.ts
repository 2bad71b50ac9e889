import type { JobDocument, Repair } from '../job'
import { causeOf, type Source } from '../trace'

/**
 * The repair that fixes a source with a method of ours, over everything it reaches.
 *
 * Where another trade does it, it is a repair that refers. Ends: null where no method of ours does it.
 */
export function repairForFix(source: Source, job: JobDocument, id: string): Repair | null {
  const { fix } = causeOf(source.cause)
  const first = job.findings.find((each) => source.finding_ids.includes(each.id))
  if (!fix?.method || !first?.component) return null
  return {
    id,
    removed: false,
    finding_ids: [...source.finding_ids],
    method: fix.method,
    component: first.component,
    material: 'unknown',
    place: null,
    extent: null,
    count: null,
    note: fix.words,
  }
}
