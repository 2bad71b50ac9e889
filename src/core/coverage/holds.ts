import { partName } from '../catalogue'
import { wallTop } from '../geometry'
import {
  byId,
  FEATURE_WORDS,
  factsOf,
  WAYS_TO_LOOK,
  ZONES,
  type Fact,
  type JobDocument,
  type WayToLook,
} from '../job'
import { feet } from '../measure'
import { areaWords, type AreaCoverage } from './areas'
import type { LookAlike } from './lookAlikes'
import type { NotLookedReason, ZoneCoverage } from './lookState'

/** Something to look at yet: a noted one, a zone nobody could see, or damage that is only suspected. */
export type Hold = {
  /** A fact's id for a noted one; else what it is about. */
  readonly id: string
  readonly from: 'noted' | 'unseen' | 'suspected'
  /** What is open, with its place. */
  readonly why: string
  readonly way: WayToLook
  /** How to look, in words. */
  readonly way_to_look: string
  readonly finding_ids: readonly string[]
}

/** A wall up to here is looked at from a ladder, a higher one from a lift. Our judgement. */
const LADDER_REACH = feet(20)

/** How each reason for not looking is overcome; null: nobody asked for it, so nothing waits. */
const WAY_FOR: Readonly<Record<Exclude<NotLookedReason, 'height'>, WayToLook | null>> = {
  locked: 'appointment',
  occupied: 'appointment',
  'too-wet': 'dry-day',
  sun: 'dry-day',
  'paint-too-fresh': 'dry-day',
  covered: 'open',
  'not-asked': null,
}

function upTo(height: number): WayToLook {
  return height <= LADDER_REACH ? 'ladder' : 'lift'
}

function wayFor(reason: NotLookedReason, height: number): WayToLook | null {
  return reason === 'height' ? upTo(height) : WAY_FOR[reason]
}

type About = Extract<Fact, { kind: 'hold' }>['about']

const sideName = (job: JobDocument, id: string): string => {
  const side = byId(job.sides, id)
  return side ? `${side.facing} ${side.letter}` : 'a side'
}

function whereAbout(about: About, job: JobDocument): string {
  switch (about.kind) {
    case 'finding': {
      const finding = byId(job.findings, about.finding_id)
      return finding?.place.kind === 'side' ? sideName(job, finding.place.side_id) : ''
    }
    case 'zone':
      return sideName(job, about.side_id)
    case 'feature':
    case 'house':
      return ''
  }
}

function noted(job: JobDocument): Hold[] {
  return factsOf(job, 'hold').map(({ id, about, why, way, way_to_look }) => {
    const where = whereAbout(about, job)
    return {
      id,
      from: 'noted',
      why: where && !why.includes(where) ? `${why} (${where})` : why,
      way,
      way_to_look: way_to_look || WAYS_TO_LOOK[way],
      finding_ids: about.kind === 'finding' ? [about.finding_id] : [],
    }
  })
}

/** A hold nobody noted: it follows from what was not seen, or from what is only suspected. */
const following = (
  from: 'unseen' | 'suspected',
  id: string,
  why: string,
  way: WayToLook,
  finding_ids: readonly string[] = [],
): Hold => ({ id, from, why, way, way_to_look: WAYS_TO_LOOK[way], finding_ids })

function unseenZones(job: JobDocument, zones: readonly ZoneCoverage[]): Hold[] {
  return zones.flatMap((each): Hold[] => {
    if (each.state.kind !== 'not-looked') return []
    const side = byId(job.sides, each.side_id)
    const way = wayFor(each.state.reason, side ? wallTop(side, job.house) : 0)
    return way === null
      ? []
      : [
          following(
            'unseen',
            `unseen:${each.side_id}:${each.zone}`,
            `${ZONES[each.zone]} (${sideName(job, each.side_id)})`,
            way,
          ),
        ]
  })
}

function unseenAreas(areas: readonly AreaCoverage[]): Hold[] {
  return areas.flatMap((each): Hold[] => {
    if (each.state.kind !== 'not-looked') return []
    const below = each.area === 'crawl' && each.state.reason === 'covered'
    const way = below ? 'crawl' : wayFor(each.state.reason, each.area === 'roof' ? LADDER_REACH + 1 : 0)
    return way === null ? [] : [following('unseen', `unseen:${each.area}:${each.name}`, areaWords(each), way)]
  })
}

function suspected(job: JobDocument, alikes: readonly LookAlike[]): Hold[] {
  const noteds = new Set(
    factsOf(job, 'hold').flatMap(({ about }) => (about.kind === 'finding' ? [about.finding_id] : [])),
  )
  const findings = job.findings
    .filter((finding) => finding.suspected && !noteds.has(finding.id))
    .map((finding) => {
      const part = finding.component ? partName(finding.component) : 'part not named'
      const { place } = finding
      const where = place.kind === 'side' ? ` (${sideName(job, place.side_id)})` : ''
      const way = place.kind === 'side' ? upTo(place.height.value) : 'other'
      return following('suspected', `suspected:${finding.id}`, `${part}${where}`, way, [finding.id])
    })
  const others = alikes.map((alike) => {
    const feature = byId(job.features, alike.feature_id)
    const side = byId(job.sides, feature?.side_id)
    const name =
      feature && side ? `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}` : 'an opening'
    const up = feature && 'sill' in feature && feature.sill.from !== 'floor-1'
    return following(
      'suspected',
      alike.id,
      `${partName(alike.component)} of ${name}`,
      up ? 'ladder' : 'other',
    )
  })
  return [...findings, ...others]
}

/**
 * Everything to look at yet: what was noted, every zone and area that was not looked at for a reason that can be overcome, and
 * all that is only suspected. A suspected finding with a noted hold of its own is not counted twice.
 */
export function holdsOf(
  job: JobDocument,
  zones: readonly ZoneCoverage[],
  areas: readonly AreaCoverage[],
  alikes: readonly LookAlike[],
): Hold[] {
  return [...noted(job), ...unseenZones(job, zones), ...unseenAreas(areas), ...suspected(job, alikes)]
}
