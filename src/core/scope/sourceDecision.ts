import type { JobDocument, SourceDecision } from '../job'
import type { Source } from '../trace'

/** The last word on a source fix, taken or declined; it follows its findings when the source changes its letter. */
export function decisionOn(source: Source, job: JobDocument): SourceDecision | null {
  return (
    job.source_decisions.findLast(
      (each) => each.cause === source.cause && each.finding_ids.some((id) => source.finding_ids.includes(id)),
    ) ?? null
  )
}

/**
 * Whether the repairs chosen fix a source with this method: at each of its places when it is one habit over many, else anywhere.
 *
 * @param among findings of the source that are asked about: what is mended at one window is cured there, whatever the others do
 */
export function isFixedBy(
  method: JobDocument['repairs'][number]['method'],
  source: Source,
  job: JobDocument,
  among: readonly string[] = source.finding_ids,
): boolean {
  const mended = new Set(
    job.repairs.filter((each) => each.method === method).flatMap((each) => each.finding_ids),
  )
  const placeOf = (id: string): string => {
    const place = job.findings.find((each) => each.id === id)?.place
    return place?.kind === 'side' ? (place.feature_id ?? id) : id
  }
  if (!source.repeated) return source.finding_ids.some((id) => mended.has(id))
  const places = new Set(among.map(placeOf))
  const done = new Set([...mended].filter((id) => source.finding_ids.includes(id)).map(placeOf))
  return [...places].every((place) => done.has(place))
}
