import { partName } from '../catalogue'
import { byId, factsOf, ZONE_IDS, ZONES, type HowKnown, type JobDocument, type ZoneId } from '../job'
import { areaWords, coverAreas, type AreaCoverage } from './areas'
import { NOT_LOOKED_WORDS, type ZoneCoverage } from './lookState'
import { holdsOf, type Hold } from './holds'
import { lookAlikes, type LookAlike } from './lookAlikes'
import { mayOpen, permissionOf, type Permission } from './permission'

export type Coverage = {
  readonly zones: readonly ZoneCoverage[]
  readonly areas: readonly AreaCoverage[]
  readonly looked: number
  /** Parts like others that were found rotten, and not touched themselves. */
  readonly alikes: readonly LookAlike[]
  /** Something to look at yet, with a way to do it. */
  readonly holds: readonly Hold[]
  /** The highest permission noted, or null. */
  readonly permission: Permission | null
  /** What was recorded as opened without a permission to open: not counted as done. */
  readonly notPermitted: readonly string[]
  /** One paragraph for the bid: how it was looked at, and what was not looked at. */
  readonly paragraph: string
}

/** Gables are a zone only where there is one. */
function zonesOf(side: JobDocument['sides'][number]): ZoneId[] {
  return ZONE_IDS.filter((zone) => zone !== 'gable' || side.roof_edge === 'gable')
}

const HOW_WORDS: Record<HowKnown, string> = {
  opened: 'Opened',
  touched: 'Touched and probed',
  instrument: 'Metered',
  'seen-close': 'Seen from close by',
  'from-ground': 'Seen from the ground only',
  read: 'Taken from papers',
  told: 'Taken from what we were told',
}

/** Zones with the sides they were looked at on; zones of the same sides are named together. */
function listed(zones: readonly ZoneCoverage[], job: JobDocument): string {
  const nameOf = (id: string): string => {
    const side = byId(job.sides, id)
    return side ? `${side.facing} ${side.letter}` : 'a side'
  }
  const bySides = new Map<string, string[]>()
  for (const zone of ZONE_IDS) {
    const sides = zones.filter((each) => each.zone === zone).map((each) => each.side_id)
    if (sides.length === 0) continue
    const all = job.sides.filter((side) => zonesOf(side).includes(zone))
    const key = sides.length === all.length && all.length > 1 ? 'all sides' : sides.map(nameOf).join(', ')
    bySides.set(key, [...(bySides.get(key) ?? []), ZONES[zone]])
  }
  return [...bySides].map(([sides, names]) => `${names.join(', ')} (${sides})`).join('; ')
}

/** The area a finding lies in; null: on a wall, a deck, or not placed. */
function areaOf({ place }: JobDocument['findings'][number]): AreaCoverage['area'] | null {
  if (place.kind === 'crawl' || place.kind === 'roof') return place.kind
  if (place.kind !== 'room') return null
  return place.room === 'attic' || place.room === 'basement' ? place.room : 'rooms'
}

/** Areas by how they were looked at, in the sentences of the paragraph. Areas nobody recorded are named once, at the end. */
function areaLines(
  areas: readonly AreaCoverage[],
  job: JobDocument,
): { looked: string[]; missed: string[]; inPart: string[]; silent: string[] } {
  const looked = areas.flatMap((each) =>
    each.state.kind === 'looked'
      ? [
          `${areaWords(each)} ${HOW_WORDS[each.state.how].toLowerCase()}${each.from_below_first ? ', from below first' : ''}`,
        ]
      : [],
  )
  const missed = areas.flatMap((each) =>
    each.state.kind === 'not-looked' ? [`${areaWords(each)}: ${NOT_LOOKED_WORDS[each.state.reason]}`] : [],
  )
  const unsaid = areas.filter((each) => each.state.kind === 'not-recorded')
  // Whoever noted a thing there was there; that says nothing of the rest of it.
  const inPart = unsaid.filter(({ area }) =>
    job.findings.some((finding) => finding.how_known !== 'told' && areaOf(finding) === area),
  )
  const silent = unsaid.filter((each) => !inPart.includes(each))
  return { looked, missed, inPart: inPart.map(areaWords), silent: silent.map(areaWords) }
}

/** What is suspected from its look-alikes, counted by part. */
function suspectedLine(job: JobDocument, alikes: readonly LookAlike[]): string | null {
  const parts = [
    ...job.findings.flatMap((finding) => (finding.suspected && finding.component ? [finding.component] : [])),
    ...alikes.map((alike) => alike.component),
  ]
  if (parts.length === 0) return null
  const counts = new Map<string, number>()
  for (const part of parts) counts.set(partName(part), (counts.get(partName(part)) ?? 0) + 1)
  const list = [...counts].map(([part, many]) => `${many} × ${part}`).join(', ')
  return `Suspected, because parts like them were soft when touched: ${list}.`
}

function write(
  zones: readonly ZoneCoverage[],
  job: JobDocument,
  of: Pick<Coverage, 'holds' | 'areas' | 'alikes'>,
): string {
  const { looked, missed: notReached, inPart, silent: unsaid } = areaLines(of.areas, job)
  const suspect = suspectedLine(job, of.alikes)
  if (job.sides.length === 0) {
    return [
      'No side of the house was set up; what is listed is what was shown to us, and nothing else was looked at.',
      ...(looked.length > 0 ? [`Looked at besides: ${looked.join('; ')}.`] : []),
      ...(notReached.length > 0 ? [`Not looked at: ${notReached.join('; ')}.`] : []),
      ...(suspect ? [suspect] : []),
      ...of.holds
        .filter((hold) => hold.from === 'noted')
        .map((hold) => `To look at yet: ${hold.why} (${hold.way_to_look}).`),
    ].join(' ')
  }
  const lines: string[] = []
  for (const how of Object.keys(HOW_WORDS) as HowKnown[]) {
    const these = zones.filter((each) => each.state.kind === 'looked' && each.state.how === how)
    if (these.length > 0) lines.push(`${HOW_WORDS[how]}: ${listed(these, job)}.`)
  }
  if (looked.length > 0) lines.push(`Besides the walls: ${looked.join('; ')}.`)
  const missed = zones.filter((each) => each.state.kind === 'not-looked')
  if (missed.length > 0 || notReached.length > 0) {
    const reasons = [
      ...new Set(missed.map((each) => (each.state.kind === 'not-looked' ? each.state.reason : 'covered'))),
    ]
    const byReason = reasons.map((reason) => {
      const these = missed.filter((each) => each.state.kind === 'not-looked' && each.state.reason === reason)
      return `${listed(these, job)}: ${NOT_LOOKED_WORDS[reason]}`
    })
    lines.push(`Not looked at: ${[...byReason, ...notReached].join('. ')}.`)
  }
  const silent = zones.filter((each) => each.state.kind === 'not-recorded')
  if (silent.length > 0) lines.push(`No look recorded, so not judged: ${listed(silent, job)}.`)
  if (inPart.length > 0) lines.push(`Looked at only where something was found: ${inPart.join(', ')}.`)
  if (unsaid.length > 0) lines.push(`Nor was a look recorded at: ${unsaid.join(', ')}.`)
  if (suspect) lines.push(suspect)
  const noted = of.holds.filter((hold) => hold.from === 'noted')
  if (noted.length > 0) {
    lines.push(`To look at yet: ${noted.map((hold) => `${hold.why} (${hold.way_to_look})`).join('; ')}.`)
  }
  return lines.join(' ')
}

/** What somebody recorded as opened, in words. */
function openedOf(job: JobDocument): string[] {
  const zones = factsOf(job, 'coverage')
    .filter((fact) => fact.looked.yes && fact.looked.how === 'opened')
    .map((fact) => {
      const side = byId(job.sides, fact.side_id)
      return `${ZONES[fact.zone]} of side ${side?.letter ?? ''}`
    })
  // What accepted work laid open was found in doing it.
  const inTheWork = new Set(
    job.opened_places.flatMap(({ found }) =>
      found.flatMap(({ item_id }) => byId(job.work_items, item_id)?.finding_ids ?? []),
    ),
  )
  const findings = job.findings
    .filter((finding) => finding.how_known === 'opened' && !inTheWork.has(finding.id))
    .map((finding) => `finding ${finding.number ?? 'new'}`)
  return [...new Set([...zones, ...findings])]
}

/**
 * What was looked at, how, and what was not. A later look at a zone replaces an earlier one.
 *
 * Ends: a zone without any record is `not-recorded`, which the bid reports as not judged, never as sound.
 */
export function coverJob(job: JobDocument): Coverage {
  const facts = factsOf(job, 'coverage')
  const opening = mayOpen(job)
  const zones = job.sides.flatMap((side) =>
    zonesOf(side).map((zone): ZoneCoverage => {
      const last = facts.findLast((fact) => fact.side_id === side.id && fact.zone === zone)
      const unpermitted = last?.looked.yes && last.looked.how === 'opened' && !opening
      if (!last || unpermitted) return { side_id: side.id, zone, state: { kind: 'not-recorded' } }
      return {
        side_id: side.id,
        zone,
        state: last.looked.yes
          ? { kind: 'looked', how: last.looked.how }
          : { kind: 'not-looked', reason: last.looked.reason },
      }
    }),
  )
  const areas = coverAreas(job)
  const alikes = lookAlikes(job)
  const holds = holdsOf(job, zones, areas, alikes)
  return {
    zones,
    areas,
    looked: zones.filter((each) => each.state.kind === 'looked').length,
    alikes,
    holds,
    permission: permissionOf(job),
    notPermitted: opening ? [] : openedOf(job),
    paragraph: write(zones, job, { holds, areas, alikes }),
  }
}
