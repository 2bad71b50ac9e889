import type { Feature, JobDocument } from '../job'
import type { Source } from './traceJob'

/**
 * Features like those of a repeated fault at which nothing was noted yet, neither damage nor a sound part: one habit raises suspicion
 * at all of them.
 *
 * Ends: nothing for a source that is no habit.
 * Source: common practice.
 */
export function unprobedLike(source: Source, job: JobDocument): Feature[] {
  if (!source.repeated) return []
  const kinds = new Set(
    job.features.filter((each) => source.feature_ids.includes(each.id)).map((each) => each.kind),
  )
  const noted = new Set(
    job.findings.flatMap((finding) =>
      finding.place.kind === 'side' && finding.place.feature_id ? [finding.place.feature_id] : [],
    ),
  )
  return job.features.filter(
    (each) => kinds.has(each.kind) && !noted.has(each.id) && !source.feature_ids.includes(each.id),
  )
}
