import { findingNumber } from '../../core/house'
import type { JobDocument } from '../../core/job'
import { causeOf, signOf, type CauseId, type Reason } from '../../core/trace'

export function causeName(cause: CauseId | 'other' | null): string {
  return cause === null ? 'not explained' : cause === 'other' ? 'Something else' : causeOf(cause).name
}

/** A reason in words; what was worked out from the rest of the walk says so. */
export function reasonWords(reason: Reason): string {
  const says = signOf(reason.sign).says
  const words = reason.present ? says : `looked for, not there: ${says}`
  return reason.derived ? `${words} (from the rest of the walk)` : words
}

export function numberOf(id: string, job: JobDocument): string {
  const finding = job.findings.find((each) => each.id === id)
  return finding ? findingNumber(finding, job) : ''
}
