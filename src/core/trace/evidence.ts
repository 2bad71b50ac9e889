import { eventEvidenceOf } from './eventEvidence'
import { gutterEvidenceOf } from './gutterEvidence'
import { byId, factsOf, gradeOf, type Finding, type HowKnown, type JobDocument } from '../job'
import { isSign, signOf, type SignId } from '../catalogue/signs'
import type { SurveyEvidence } from './surveyEvidence'
import type { Evidence } from './weigh'

const BY_HAND: ReadonlySet<HowKnown> = new Set<HowKnown>(['opened', 'touched', 'instrument'])

/** What a bad look leaves of a sign’s weight. Our judgement. */
const TRUST = { freshPaint: 0.5, glare: 0.7, wetSurface: 0.7, drySpell: 0.6 } as const
/** Hours after rain until which surfaces read wet, and from which a dry spell hides leaks. Our judgement. */
const WET_UNTIL_H = 24
const DRY_FROM_H = 14 * 24

const SAYS_DRY: ReadonlySet<SignId> = new Set<SignId>([
  'dry-elsewhere',
  'sheathing-dry-at-three-spots',
  'fascia-back-dry-after-storm',
  'attic-dry-over-line',
  'dry-at-base',
  'dry-above-bead',
  'dial-still-dye-clean',
  'valley-dry-after-storm',
  'dry-at-wet-season-peak',
])

function trusted(evidence: Evidence, finding: Finding, job: JobDocument): Evidence {
  const noted = (sign: SignId): boolean => finding.signs.some((each) => each.sign === sign && each.present)
  const hours = job.job.hours_since_rain
  const { found } = signOf(evidence.sign)
  let trust = 1
  if (found === 'E' && noted('freshly-painted')) trust *= TRUST.freshPaint
  if (found === 'E' && noted('looked-against-glare')) trust *= TRUST.glare
  if (found === 'M' && (noted('surface-wet-from-rain') || (hours !== null && hours < WET_UNTIL_H))) {
    trust *= TRUST.wetSurface
  }
  if (SAYS_DRY.has(evidence.sign) && (noted('dry-spell') || (hours !== null && hours > DRY_FROM_H))) {
    trust *= TRUST.drySpell
  }
  return trust === 1 ? evidence : { ...evidence, trust }
}

/** Where a finding stands among its like: the same part of other openings, as far as it was touched. */
function contrast(finding: Finding, job: JobDocument): Evidence[] {
  const { place, component } = finding
  if (place.kind !== 'side' || place.feature_id === null || component === null) return []
  const derived = (sign: SignId, how: HowKnown): Evidence => ({ sign, how, present: true, derived: true })
  const found: Evidence[] = []
  const atFeature = job.findings.filter(
    (each) =>
      each.place.kind === 'side' && each.place.feature_id === place.feature_id && each.id !== finding.id,
  )
  const soundHead = atFeature.find(
    (each) => each.component === 'head-casing' && gradeOf(each) === 0 && BY_HAND.has(each.how_known),
  )
  const softHead = atFeature.some((each) => each.component === 'head-casing' && (gradeOf(each) ?? 0) >= 1)
  if (soundHead && !softHead && component !== 'head-casing')
    found.push(derived('head-hard-and-dry', soundHead.how_known))
  const like = job.findings.filter(
    (each) =>
      each.component === component &&
      each.place.kind === 'side' &&
      each.place.feature_id !== null &&
      each.place.feature_id !== place.feature_id &&
      BY_HAND.has(each.how_known) &&
      gradeOf(each) !== null,
  )
  const openings = new Map<string, number>()
  for (const each of like) {
    const id = each.place.kind === 'side' ? each.place.feature_id! : ''
    openings.set(id, Math.max(openings.get(id) ?? 0, gradeOf(each)!))
  }
  const sound = [...openings.values()].filter((grade) => grade === 0).length
  if (openings.size >= LIKE_AT_LEAST && sound === 0) found.push(derived('decay-same-on-all-alike', 'touched'))
  if (sound >= LIKE_AT_LEAST && sound >= 0.75 * openings.size)
    found.push(derived('one-of-many-alike', 'touched'))
  return found
}

/** How deep it goes says something by itself: weather stays at the surface. */
function depth(finding: Finding, noted: readonly Evidence[]): Evidence[] {
  const grade = gradeOf(finding)
  if (grade === null || !BY_HAND.has(finding.how_known)) return []
  const sign: SignId | null = grade === 1 ? 'grade-1-or-less' : grade >= 3 ? 'deep-or-gone' : null
  if (sign === null || noted.some((each) => each.sign === sign)) return []
  return [{ sign, how: finding.how_known, present: true, derived: true }]
}

/** So many others like it must have been touched before they say anything. Our judgement. */
const LIKE_AT_LEAST = 3

/**
 * What is known that bears on a finding: its signs, tests of it, of its opening and of the house, and how it stands to its like.
 *
 * A test replaces the same sign seen from further off, and so does a measurement: one thing is weighed once, measured beats glance.
 */
export function evidenceFor(
  finding: Finding,
  job: JobDocument,
  measuredAt: SurveyEvidence = () => [],
): Evidence[] {
  const feature_id = finding.place.kind === 'side' ? finding.place.feature_id : null
  const tested = factsOf(job, 'test').flatMap((test): Evidence[] => {
    const { about, sign, check, present } = test
    const bears =
      (about.kind === 'finding' && about.finding_id === finding.id) ||
      (about.kind === 'feature' && about.feature_id === feature_id) ||
      about.kind === 'house'
    if (!bears || sign === null || !isSign(sign)) return []
    const how: HowKnown = check === 'lift-a-course' || check === 'pan-flood' ? 'opened' : 'touched'
    return [{ sign, how, present, check, waterTest: check === 'hose' }]
  })
  const measured = measuredAt(finding).filter((each) => !tested.some((test) => test.sign === each.sign))
  const byHand = (sign: SignId): boolean =>
    finding.signs.some((each) => each.sign === sign && (each.how === 'opened' || each.how === 'touched'))
  const isTested = (sign: SignId): boolean =>
    tested.some((test) => test.sign === sign) ||
    (!byHand(sign) && measured.some((each) => each.sign === sign))
  const seen = finding.signs.flatMap(({ sign, how, present }): Evidence[] =>
    isSign(sign) && !isTested(sign) ? [{ sign, how, present }] : [],
  )
  const noted = [
    ...seen,
    ...tested,
    ...measured.filter((each) => !seen.some((one) => one.sign === each.sign)),
  ]
  const more = [
    ...contrast(finding, job),
    ...eventEvidenceOf(job)(finding),
    ...gutterEvidenceOf(finding, job),
    ...gapBehind(finding, job),
  ].filter((each) => !noted.some((known) => known.sign === each.sign))
  return [...noted, ...more, ...depth(finding, noted)].map((each) => trusted(each, finding, job))
}

/** What is known of a wall's build-up speaks at every finding on it. */
function gapBehind({ place }: Finding, job: JobDocument): Evidence[] {
  const behind = place.kind === 'side' ? byId(job.sides, place.side_id)?.behind : 'unknown'
  if (behind !== 'drained-gap' && behind !== 'sheathing') return []
  const present = behind === 'drained-gap'
  return [{ sign: 'drained-gap-behind', how: 'seen-close', present, derived: true }]
}
