import { capital } from '../measure/capital'
import { materialName, partName } from '../catalogue'
import { whereOf, type Cautions } from '../caution'
import { NOT_LOOKED_WORDS, type Coverage, type ZoneCoverage } from '../coverage'
import { findingBox } from '../geometry'
import { findingNumber } from '../house'
import {
  byId,
  GRADE_NAMES,
  gradeOf,
  ZONES,
  type Finding,
  type JobDocument,
  type Side,
  quantityWords,
  sizeOfFinding,
} from '../job'
import { formatLength } from '../measure'
import { outsideScope, outsideWords, scopeLineWords } from '../scope/scopeLine'
import { isSign, SIGNS } from '../catalogue/signs'

/** A stretch of the walk, told: a heading and plain sentences under it. */
export type Told = { readonly heading: string; readonly sentences: readonly string[] }

const HOW_SEEN: Partial<Record<Finding['how_known'], string>> = {
  opened: 'opened up',
  instrument: 'by the meter',
  'seen-close': 'seen from close by',
  'from-ground': 'seen from the ground',
  read: 'from papers',
  told: 'as told to us',
}

/** Height as one says it on site. */
function heightWords(finding: Finding): string {
  const { place } = finding
  if (place.kind !== 'side' || place.height.value <= 0) return ''
  const from = {
    grade: 'up',
    'foundation-top': 'over the foundation',
    'floor-1': 'over the first floor',
    'floor-2': 'over the second floor',
    'floor-3': 'over the third floor',
  }[place.height.from]
  return `${formatLength(place.height.value)} ${from}`
}

/** One finding as a sentence: its number, where it is along the side, what, how much, how bad, how known. */
export function tellFinding(finding: Finding, job: JobDocument): string {
  const { place } = finding
  const feature = place.kind === 'side' ? byId(job.features, place.feature_id) : null
  const letter = byId(job.sides, feature?.side_id)?.letter ?? ''
  const at =
    place.kind === 'side'
      ? [`at ${formatLength(place.station)}`, heightWords(finding)].filter(Boolean).join(', ')
      : whereOf(finding, job)
  const part = finding.component ? partName(finding.component) : 'a part not named yet'
  const of = feature ? ` of ${feature.kind.replaceAll('-', ' ')} ${letter}${feature.number}` : ''
  const material =
    finding.material === 'unknown' || finding.material === 'wood-unknown'
      ? ''
      : `, ${materialName(finding.material)}`
  const how = finding.extent && finding.extent.how !== 'taped' ? ` ${finding.extent.how}` : ''
  const words = quantityWords(sizeOfFinding(finding))
  const size = words ? `, ${words}${how}` : ''
  const grade = gradeOf(finding)
  const state = finding.suspected
    ? 'suspected from its look-alikes, not touched'
    : grade === null
      ? 'not touched'
      : GRADE_NAMES[grade]
  const known = HOW_SEEN[finding.how_known]
  const signs = finding.signs
    .filter((each) => each.present && isSign(each.sign))
    .map((each) => (isSign(each.sign) ? SIGNS[each.sign].says : ''))
  const outside = outsideScope(finding, job)
  return [
    `Number ${findingNumber(finding, job)}, ${at}: ${part}${of}${material}${size}; ${state}${known ? `, ${known}` : ''}.`,
    signs.length > 0 ? `${capital(signs.join(', '))}.` : '',
    outside ? `${capital(outsideWords(outside))}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** Along a side as one walks it: from the left with the house on the left hand, else from the right. */
function inWalkingOrder(findings: readonly Finding[], job: JobDocument): Finding[] {
  const station = (finding: Finding): number => findingBox(finding, job)?.left ?? 0
  const sign = job.job.house_on === 'left' ? 1 : -1
  return [...findings].sort((a, b) => sign * (station(a) - station(b)))
}

function gapsOf(zones: readonly ZoneCoverage[]): string | null {
  const missed = zones.flatMap((zone) =>
    zone.state.kind === 'not-looked' ? [`${ZONES[zone.zone]}, ${NOT_LOOKED_WORDS[zone.state.reason]}`] : [],
  )
  return missed.length === 0 ? null : `Not looked at: ${missed.join('; ')}.`
}

function tellSide(side: Side, job: JobDocument, coverage: Coverage): Told {
  const here = inWalkingOrder(
    job.findings.filter((finding) => findingBox(finding, job)?.side_id === side.id),
    job,
  )
  const zones = coverage.zones.filter((zone) => zone.side_id === side.id)
  const seen = zones.filter((zone) => zone.state.kind === 'looked').length
  const length = side.length === null ? 'length not measured' : formatLength(side.length)
  const gaps = gapsOf(zones)
  return {
    heading: `${capital(side.facing)}, side ${side.letter}, ${length}`,
    sentences: [
      ...(here.length > 0
        ? here.map((finding) => tellFinding(finding, job))
        : [seen > 0 ? 'Nothing found here.' : 'No look recorded on this side, so nothing is said of it.']),
      ...(gaps ? [gaps] : []),
    ],
  }
}

const PLACE_HEADINGS = {
  deck: 'The deck',
  crawl: 'Under the floor',
  room: 'Inside',
  roof: 'On the roof',
  words: 'Elsewhere',
  none: 'No place yet',
  photo: 'No place yet',
} as const

/**
 * The job told in plain sentences in walking order, for reading aloud on site or sending: hazards first, the scope line, round the
 * house, what is not a wall, what is still to be looked at.
 *
 * Ends: a job with nothing in it says so in one sentence.
 */
export function tellWalk(job: JobDocument, of: { coverage: Coverage; cautions: Cautions }): Told[] {
  const { coverage, cautions } = of
  const front = job.job
  const opening = [
    front.walked_on ? `Walked on ${front.walked_on}${front.weather ? `, ${front.weather}` : ''}.` : '',
    front.hours_since_rain === null ? '' : `${front.hours_since_rain} hours since rain.`,
    front.present ? `Present: ${front.present}.` : '',
    front.asked ? `Asked for: ${front.asked}` : '',
    scopeLineWords(job),
  ].filter(Boolean)
  const hazards = cautions.all.map(
    (caution) => `${capital(caution.what)}, ${caution.where}: ${caution.canHappen}. ${caution.doNow}`,
  )
  const placed = new Set(
    job.findings.filter((finding) => findingBox(finding, job) !== null).map((finding) => finding.id),
  )
  const elsewhere = new Map<string, string[]>()
  for (const finding of job.findings.filter((each) => !placed.has(each.id))) {
    const kind = finding.place.kind === 'side' ? 'none' : finding.place.kind
    const heading = PLACE_HEADINGS[kind]
    elsewhere.set(heading, [...(elsewhere.get(heading) ?? []), tellFinding(finding, job)])
  }
  const holds = coverage.holds.map((hold) => `${capital(hold.why)}: ${hold.way_to_look}.`)
  const told: Told[] = [
    { heading: 'First', sentences: hazards },
    { heading: front.title || 'The walk', sentences: opening },
    ...job.sides.map((side) => tellSide(side, job, coverage)),
    ...[...elsewhere].map(([heading, sentences]) => ({ heading, sentences })),
    { heading: 'To look at yet', sentences: holds },
  ]
  const kept = told.filter((each) => each.sentences.length > 0)
  return kept.length > 0 ? kept : [{ heading: 'The walk', sentences: ['Nothing recorded yet.'] }]
}

/** The same as plain text, for a message. */
export function walkText(told: readonly Told[]): string {
  return told.map((each) => `${each.heading}\n${each.sentences.join('\n')}`).join('\n\n')
}
