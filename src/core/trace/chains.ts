import { evidenceFor } from './evidence'
import { CAUSE_IDS, causeOf, type CauseId } from '../catalogue/causes'
import { SEARCH } from './modelTypes'
import type { JobDocument } from '../job'
import { surveyEvidenceOf } from './surveyEvidence'
import type { Source } from './traceJob'
import { weigh } from './weigh'

/** A cause that brings about another: the first link is the fix; the later ones still need their own repair. */
export type Chain = {
  readonly first: CauseId
  /** Letter of the source of the first link, when it is one of those found; null: signs at the findings speak for it. */
  readonly letter: string | null
}

/**
 * What may stand before a source: causes that lead to it and are either another source of the house, on the same side or of no side,
 * or spoken for by signs at its own findings.
 *
 * Source: common practice (chains of failure); which cause leads to which is data beside each cause.
 */
export function chainsOf(source: Source, all: readonly Source[], job: JobDocument): Chain[] {
  if (source.letter === null) return []
  const measuredAt = surveyEvidenceOf(job)
  const before = CAUSE_IDS.filter((id) => causeOf(id).leadsTo.includes(source.cause))
  return before.flatMap((first): Chain[] => {
    const other = all.find(
      (each) =>
        each.cause === first &&
        each.letter !== null &&
        (each.seat === null || source.seat === null || each.seat.side_id === source.seat.side_id),
    )
    if (other) return [{ first, letter: other.letter }]
    const spoken = job.findings
      .filter((finding) => source.finding_ids.includes(finding.id))
      .some((finding) =>
        weigh({
          cause: first,
          evidence: evidenceFor(finding, job, measuredAt),
          overrides: job.settings.likelihood_overrides,
          fromOther: false,
        }).some((reason) => reason.counted > SEARCH.speaks),
      )
    return spoken ? [{ first, letter: null }] : []
  })
}
