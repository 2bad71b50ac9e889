import { causeOf } from '../catalogue/causes'
import { damagedAs } from '../catalogue'
import type { Feature, Finding, JobDocument } from '../job'
import { inches } from '../measure'
import type { Evidence } from './weigh'

/** How far beyond its ends a gutter still says something of the edge it hangs on. Our judgement. */
const BESIDE = inches(24)
const REACHED: ReadonlySet<string> = new Set(causeOf('gutter-mis-hung').damages)

/** Hangers farther apart than this let a gutter sag between them. Common practice: two feet, three at most. */
const FAR_APART = inches(36)

type Gutter = Extract<Feature, { kind: 'gutter' }>

function said({ hangers, hangers_apart }: Gutter): Evidence[] {
  const evidence: Evidence[] =
    hangers === 'unknown'
      ? []
      : [{ sign: 'spike-hangers', how: 'seen-close', present: hangers === 'spikes', derived: true }]
  return hangers_apart !== null && hangers_apart > FAR_APART
    ? [...evidence, { sign: 'hangers-far-apart', how: 'instrument', present: true, derived: true }]
    : evidence
}

/** What is known of the gutter along an edge speaks at every finding along it: on what it hangs, and how far apart. */
export function gutterEvidenceOf(finding: Finding, job: JobDocument): Evidence[] {
  const { place } = finding
  const part = damagedAs(finding.component)
  if (place.kind !== 'side' || part === null || !REACHED.has(part)) return []
  const gutter = job.features.find(
    (each): each is Gutter =>
      each.kind === 'gutter' &&
      each.side_id === place.side_id &&
      (place.station_unsaid === true ||
        (place.station >= each.station - BESIDE && place.station <= each.station + each.width + BESIDE)),
  )
  return gutter ? said(gutter) : []
}
