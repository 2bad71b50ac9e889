import { findingNumber } from '../house'
import type { JobDocument } from '../job'

/** Numbers of findings, as they stand on the drawing. */
export function numbersOf(ids: readonly string[], job: JobDocument): string[] {
  return job.findings
    .filter((finding) => ids.includes(finding.id))
    .map((finding) => findingNumber(finding, job))
}
