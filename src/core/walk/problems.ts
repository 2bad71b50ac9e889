import { HOUSE_SAYS } from '../catalogue/sentences/house'
import { byId, FEATURE_WORDS, type JobDocument } from '../job'
import { closing, type Closing } from '../measure'

/** A house closes when its sides come back to where they began; half an inch is the tape. */
const CLOSES_WITHIN_64 = 32

/** How the sides come back to where they began; null until every side has a length. */
export function closingOf(job: JobDocument): Closing | null {
  if (job.sides.length < 3 || job.sides.some((side) => side.length === null)) return null
  return closing(job.sides.map(({ length, turn_deg }) => ({ length: length!, turn_deg })))
}

/** Things recorded that do not fit together, in words that say what to do; shown, never refused. */
export function problemsOf(
  job: JobDocument,
  closed: Closing | null,
  notPermitted: readonly string[],
): string[] {
  const problems: string[] = []
  if (notPermitted.length > 0) {
    problems.push(HOUSE_SAYS.notPermitted(notPermitted))
  }
  if (closed && closed.gap > CLOSES_WITHIN_64) {
    problems.push(HOUSE_SAYS.doesNotClose((closed.gap / 64).toFixed(1)))
  }
  if (closed && Math.abs(closed.turn_error_deg) > 0.01) {
    problems.push(HOUSE_SAYS.cornersTurn((360 + closed.turn_error_deg).toFixed(0)))
  }
  for (const finding of job.findings) {
    const { place } = finding
    if (place.kind !== 'side') continue
    const side = byId(job.sides, place.side_id)
    if (!side) problems.push(HOUSE_SAYS.sideGone(String(finding.number ?? '')))
    else if (side.length !== null && place.station > side.length) {
      problems.push(HOUSE_SAYS.pastTheEnd(String(finding.number ?? ''), side.letter))
    }
  }
  for (const feature of job.features) {
    const side = byId(job.sides, feature.side_id)
    if (side && side.length !== null && feature.station + feature.width > side.length) {
      problems.push(
        HOUSE_SAYS.featurePastTheEnd(
          `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}`,
          side.letter,
        ),
      )
    }
  }
  return problems
}
