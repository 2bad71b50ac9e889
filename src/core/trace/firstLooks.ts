import { FIRST_LOOKS, type FirstLookRow } from '../catalogue/checks/firstLooks'
import { gradeOf, type Finding, type JobDocument, type WayToLook } from '../job'
import type { Trace } from './traceJob'

/** A look the trade would take first, and the findings it is for. */
export type FirstLook = {
  readonly id: string
  readonly says: string
  readonly way: WayToLook
  readonly finding_ids: readonly string[]
}

function isMeant(row: FirstLookRow, finding: Finding, trace: Trace): boolean {
  if (row.untouched && gradeOf(finding) !== null) return false
  const traced = trace.findings.find((each) => each.finding_id === finding.id)
  const thought = [traced?.cause ?? null, ...(traced?.also ?? [])]
  // What is opened or water-tested has been looked at.
  if (traced?.certainty === 'shown') return false
  return (
    finding.signs.some((each) => each.present && (row.signs as readonly string[]).includes(each.sign)) ||
    row.parts.includes(finding.component ?? '') ||
    row.causes.some((cause) => thought.includes(cause))
  )
}

/** First looks of a job, in the order of the catalogue; a finding that is sound and shows nothing asks for none. */
export function firstLooks(job: JobDocument, trace: Trace): FirstLook[] {
  const traced = new Set(trace.findings.map((each) => each.finding_id))
  const open = job.findings.filter((finding) => traced.has(finding.id))
  return FIRST_LOOKS.flatMap((row) => {
    const of = open.filter((finding) => isMeant(row, finding, trace))
    return of.length === 0
      ? []
      : [{ id: row.id, says: row.says, way: row.way, finding_ids: of.map(({ id }) => id) }]
  })
}
