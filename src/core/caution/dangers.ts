import {
  cautionOf,
  CAUTIONS_BY_SIGN,
  KEEP_OFF_BY_SIGN,
  KEEP_OFF_LIST,
  partOf,
  PEST_SIGNS,
  type CautionBySign,
} from '../catalogue'
import { placeOf } from '../geometry'
import { byId, factsOf, gradeOf, isStructuralDecay, type Finding, type JobDocument, type Place } from '../job'
import { feet } from '../measure'
import type { Danger, DangerPlace } from './danger'
import { surveyDangers } from './surveyDangers'

export type { Danger, DangerPlace } from './danger'

/** How far along a wall two members count as one piece of framing. Our judgement. */
const NEAR = feet(4)

/** Why a member keeps people off by itself: its signs, or its grade. */
function keepOffWords(finding: Finding): string[] {
  const bySign = KEEP_OFF_BY_SIGN.filter(
    ({ part, sign }) =>
      part === finding.component && finding.signs.some((each) => each.sign === sign && each.present),
  ).map(({ says }) => says)
  const row = partOf(finding.component)?.keepOff ?? null
  const byGrade = row && (gradeOf(finding) ?? 0) >= row.fromGrade ? [row.says] : []
  return [...bySign, ...byGrade]
}

/** Cautions that the signs of a finding raise by themselves, each once. */
function seenAt(finding: Finding): CautionBySign[] {
  const met = CAUTIONS_BY_SIGN.filter(
    ({ signs, parts }) =>
      (parts === null || parts.includes(finding.component ?? '')) &&
      finding.signs.some((each) => each.present && signs.includes(each.sign)),
  )
  return met.filter((each, index) => met.findIndex(({ id }) => id === each.id) === index)
}

function fromFinding(finding: Finding, job: JobDocument): Danger[] {
  const at: DangerPlace = { kind: 'place', place: placeOf(finding, job) }
  const about = { part: finding.component, at, finding_id: finding.id, hazard_id: null }
  const off = keepOffWords(finding)
  const name = partOf(finding.component)?.name
  return [
    ...(off.length > 0
      ? [{ ...about, row: cautionOf('keep-off'), says: off.join(', ') }]
      : isStructuralDecay(finding)
        ? [{ ...about, row: cautionOf('structural-decay'), says: `${name} decayed, it carries load` }]
        : []),
    ...(finding.signs.some((each) => each.present && PEST_SIGNS.includes(each.sign))
      ? [
          {
            ...about,
            part: null,
            row: cautionOf('pest-signs'),
            says: 'signs of wood-eating insects, state not known',
          },
        ]
      : []),
    ...seenAt(finding).map((each) => ({ ...about, part: null, row: cautionOf(each.id), says: each.says })),
  ]
}

function hazardPlace(
  about: ReturnType<typeof factsOf<'hazard'>>[number]['about'],
  job: JobDocument,
): DangerPlace {
  switch (about.kind) {
    case 'house':
      return { kind: 'house' }
    case 'zone':
      return { kind: 'whole-side', side_id: about.side_id }
    case 'feature': {
      const feature = byId(job.features, about.feature_id)
      return { kind: 'feature', feature_id: about.feature_id, side_id: feature?.side_id ?? null }
    }
    case 'finding': {
      const finding = byId(job.findings, about.finding_id)
      return finding ? { kind: 'place', place: placeOf(finding, job) } : { kind: 'house' }
    }
  }
}

/** Every danger of a job, worst first. */
export function dangersOf(job: JobDocument): Danger[] {
  const hazards = factsOf(job, 'hazard').flatMap((hazard): Danger[] => {
    const row = cautionOf(hazard.hazard)
    const { about } = hazard
    const finding_id = about.kind === 'finding' ? about.finding_id : null
    const finding = byId(job.findings, finding_id)
    const ticked = hazard.signs.map((sign) => KEEP_OFF_LIST[sign] ?? { says: sign, part: null })
    const says = [hazard.what, ...ticked.map((each) => each.says)].filter(Boolean).join(', ')
    const danger = { row, says, at: hazardPlace(about, job), finding_id, hazard_id: hazard.id }
    const named = ticked.map((each) => each.part)
    // A hazard that names no part is about all that stands there, unless it was noted of one finding.
    const parts = named.length === 0 ? [finding?.component ?? null] : [...new Set(named)]
    return parts.map((part) => ({ ...danger, part }))
  })
  return [
    ...hazards,
    ...surveyDangers(job),
    ...job.findings.flatMap((finding) => fromFinding(finding, job)),
  ].sort((a, b) => a.row.rank - b.row.rank)
}

/** Where something is done: at a place, or over a whole side. */
export type WorkSpot = Place | { readonly kind: 'whole-side'; readonly side_id: string }

function sideOf(spot: WorkSpot): string | null {
  return spot.kind === 'side' || spot.kind === 'whole-side' ? spot.side_id : null
}

/** Whether two decks are one: the same feature, or one of them not named further. */
function sameDeck(a: Place, b: WorkSpot, job: JobDocument): boolean {
  const deckOf = (of: WorkSpot): string | null => {
    const id = of.kind === 'side' || of.kind === 'deck' ? of.feature_id : null
    const feature = byId(job.features, id)
    return feature?.kind === 'deck' || feature?.kind === 'porch' ? feature.id : null
  }
  const [one, other] = [deckOf(a), deckOf(b)]
  if (one !== null && other !== null) return one === other
  const [side, otherSide] = [sideOf(a), sideOf(b)]
  return side === null || otherSide === null || side === otherSide
}

function samePlace(a: Place, b: WorkSpot): boolean {
  if (a.kind === 'side') {
    if (b.kind === 'whole-side') return a.side_id === b.side_id
    if (b.kind !== 'side' || a.side_id !== b.side_id) return false
    if (a.feature_id !== null && a.feature_id === b.feature_id) return true
    return Math.abs(a.station - b.station) <= NEAR
  }
  if (a.kind === 'room') return b.kind === 'room' && a.room === b.room
  if (a.kind === 'crawl') return b.kind === 'crawl' && a.words === b.words
  if (a.kind === 'deck') return b.kind === 'deck'
  return false
}

function isThere(danger: Danger, spot: WorkSpot, job: JobDocument, deck: boolean): boolean {
  const { at } = danger
  switch (at.kind) {
    case 'house':
      return true
    case 'whole-side':
      return sideOf(spot) === at.side_id
    case 'feature': {
      const id = spot.kind === 'side' || spot.kind === 'deck' ? spot.feature_id : null
      if (id !== null) return id === at.feature_id
      return deck && (sideOf(spot) === null || sideOf(spot) === at.side_id)
    }
    case 'place':
      return deck ? sameDeck(at.place, spot, job) : samePlace(at.place, spot)
  }
}

/** Whether one part hangs on or stands on another, however far down. */
export function hangsOn(part: string, held: string, seen: ReadonlySet<string> = new Set()): boolean {
  if (part === held) return true
  if (seen.has(part)) return false
  const further = new Set([...seen, part])
  return (partOf(part)?.heldBy ?? []).some((holder) => hangsOn(holder, held, further))
}

/**
 * The dangers that bear on work: those of its own findings, and those of what it hangs on, stands in or lies beside. One bad tread
 * is a tread: what a part holds is unsafe with it, what holds it is not.
 */
export function dangersAt(
  work: {
    readonly component: string | null
    readonly spot: WorkSpot
    readonly finding_ids: readonly string[]
  },
  dangers: readonly Danger[],
  job: JobDocument,
): Danger[] {
  const deck = partOf(work.component)?.assembly === 'deck'
  return dangers.filter((danger) => {
    if (danger.finding_id !== null && work.finding_ids.includes(danger.finding_id)) return true
    switch (danger.row.holdsFor) {
      case 'house':
        return true
      case 'place':
        return isThere(danger, work.spot, job, deck) && bears(danger, work.component)
      case 'what-hangs-on-it': {
        if (!isThere(danger, work.spot, job, deck)) return false
        if (danger.part !== null) return work.component !== null && hangsOn(work.component, danger.part)
        // All of a deck, stair or porch; of a wall or the house, whatever is done there.
        return (
          danger.at.kind === 'house' || danger.at.kind === 'whole-side' || deck || work.component === null
        )
      }
    }
  })
}

/** An engineer's question is about what carries load; anything else at a place is about all that is done there. */
function bears(danger: Danger, component: string | null): boolean {
  if (danger.row.kind !== 'engineer') return true
  const part = partOf(component)
  return part !== null && (part.bears || part.assembly === 'wall-frame' || part.assembly === 'floor-frame')
}
