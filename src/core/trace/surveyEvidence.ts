import { causeOf, CAUSE_IDS, isNull } from '../catalogue/causes'
import { signOf, type SignId } from '../catalogue/signs'
import { damagedAs } from '../catalogue'
import { gradeOf, SOFT_GRADE, type Finding, type JobDocument } from '../job'
import { toFeet } from '../measure'
import { readMoisture, shownBy, standing, surveysOf, type Shown, type SurveyAt } from '../survey/read'
import type { Evidence } from './weigh'

/** How far beside the surveyed stretch of a wall its figures still speak, feet. Our judgement. */
const BESIDE_FT = 6

/** Parts that a sign says anything of: those its causes damage. */
const PARTS_OF: ReadonlyMap<SignId, ReadonlySet<string>> = (() => {
  const parts = new Map<SignId, Set<string>>()
  for (const id of CAUSE_IDS) {
    const { supports, refutes, damages } = causeOf(id)
    for (const { sign } of [...supports, ...refutes]) {
      const held = parts.get(sign) ?? new Set<string>()
      for (const part of damages) held.add(part)
      parts.set(sign, held)
    }
  }
  return parts
})()

/** Signs of what needs no source, such as weather, may be read of any wood. */
const OF_ALL: ReadonlySet<SignId> = new Set(
  CAUSE_IDS.filter(isNull).flatMap((id) =>
    [...causeOf(id).supports, ...causeOf(id).refutes].flatMap(({ sign }) =>
      signOf(sign).found === 'M' ? [sign] : [],
    ),
  ),
)

/** Signs of what moves or carries, and of nothing that rots. */
const OF_STRUCTURE: ReadonlySet<SignId> = new Set(
  [...PARTS_OF.keys()].filter((sign) => {
    const of = CAUSE_IDS.map(causeOf).filter(({ supports }) => supports.some((each) => each.sign === sign))
    return of.length > 0 && of.every(({ family }) => family === 'structure')
  }),
)

/** How supports near by stand says nothing of why the wood of a joist is soft. */
function isMute(sign: SignId, finding: Finding): boolean {
  return OF_STRUCTURE.has(sign) && (gradeOf(finding) ?? 0) >= SOFT_GRADE
}

const showsStructure = (finding: Finding): boolean =>
  finding.signs.some(({ sign, present }) => present && OF_STRUCTURE.has(sign as SignId))

/** A figure speaks only at parts its causes damage: a floor out of level says nothing of a sill. */
function serves(sign: SignId, finding: Finding): boolean {
  const part = damagedAs(finding.component)
  // How the supports stand is no word about a hatch or a pipe that somebody noted under the floor without saying what part it is.
  if (part === null) return !OF_STRUCTURE.has(sign) || showsStructure(finding)
  return OF_ALL.has(sign) || (PARTS_OF.get(sign)?.has(part) ?? false)
}

function isNear(at: SurveyAt, finding: Finding): boolean {
  const { place } = finding
  switch (at.kind) {
    case 'side': {
      const spot = place.kind === 'side' ? place : finding.spot
      if (spot?.side_id !== at.side_id) return false
      const station = toFeet(spot.station)
      return (
        (place.kind === 'side' && place.station_unsaid === true) ||
        (station >= at.from_ft - BESIDE_FT && station <= at.to_ft + BESIDE_FT)
      )
    }
    case 'floor':
      // A girder or a joist with no place noted is of the floor that was looked at.
      if (place.kind === 'room' || place.kind === 'none') return true
      return place.kind === 'crawl' || (place.kind === 'words' && sameName(place.words, at.floor))
    case 'space':
      if (at.space === 'crawl') return place.kind === 'crawl'
      if (at.space === 'rooms') return true
      return place.kind === 'roof'
    case 'deck':
    case 'nowhere':
      return false
  }
}

function sameName(a: string, b: string): boolean {
  const [one, other] = [a.trim().toLowerCase(), b.trim().toLowerCase()]
  return one !== '' && other !== '' && (one.includes(other) || other.includes(one))
}

/** What the surveys show near each finding, and what its own moisture readings show. */
export type SurveyEvidence = (finding: Finding) => readonly Evidence[]

function asEvidence({ sign, present }: Shown): Evidence {
  return { sign, how: 'instrument', present, derived: true }
}

/** A measurement is read from the whole job once, then asked for each finding. */
export function surveyEvidenceOf(job: JobDocument): SurveyEvidence {
  const reads = standing(surveysOf(job).read).filter((each) => each.shows.length > 0)
  const readings = readMoisture(job).filter((each) => each.finding_id !== null)
  if (reads.length === 0 && readings.length === 0) return () => []
  return (finding) => {
    const shown = [
      ...reads.flatMap((each) => {
        if (each.finding_ids.includes(finding.id)) return each.shows
        return isNear(each.at, finding) ? each.shows.filter(({ sign }) => !isMute(sign, finding)) : []
      }),
      ...readings
        .filter((each) => each.finding_id === finding.id)
        .slice(-1)
        .flatMap((each) => shownBy(each.measures)),
    ]
    const seen = new Set<SignId>()
    return shown.flatMap((each) => {
      if (seen.has(each.sign) || !serves(each.sign, finding)) return []
      seen.add(each.sign)
      return [asEvidence(each)]
    })
  }
}
