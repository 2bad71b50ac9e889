import { factsOf, ZONE_IDS, ZONES, type HowKnown, type JobDocument, type ZoneId } from '../job'

/** Why a zone was not looked at, in words for the owner. */
export const NOT_LOOKED_WORDS = {
  height: 'too high from the ground',
  locked: 'locked',
  occupied: 'occupied, needs an appointment',
  'too-wet': 'too wet that day',
  sun: 'glare of the sun',
  'paint-too-fresh': 'paint too fresh to judge',
  covered: 'covered',
  'not-asked': 'not asked for',
} as const

/** What is known of one zone of one side. `not-recorded` is never taken as looked at. */
export type ZoneCoverage = {
  readonly side_id: string
  readonly zone: ZoneId
  readonly state:
    | { readonly kind: 'looked'; readonly how: HowKnown }
    | { readonly kind: 'not-looked'; readonly reason: keyof typeof NOT_LOOKED_WORDS }
    | { readonly kind: 'not-recorded' }
}

export type Coverage = {
  readonly zones: readonly ZoneCoverage[]
  readonly looked: number
  /** Open holds: something to look at yet, with a way to do it. */
  readonly holds: readonly { readonly id: string; readonly why: string; readonly way_to_look: string }[]
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
    const side = job.sides.find((each) => each.id === id)
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

function write(zones: readonly ZoneCoverage[], job: JobDocument, holds: Coverage['holds']): string {
  if (job.sides.length === 0) {
    return 'No side of the house was set up; what is listed is what was shown to us, and nothing else was looked at.'
  }
  const lines: string[] = []
  for (const how of Object.keys(HOW_WORDS) as HowKnown[]) {
    const these = zones.filter((each) => each.state.kind === 'looked' && each.state.how === how)
    if (these.length > 0) lines.push(`${HOW_WORDS[how]}: ${listed(these, job)}.`)
  }
  const missed = zones.filter((each) => each.state.kind === 'not-looked')
  if (missed.length > 0) {
    const reasons = [
      ...new Set(missed.map((each) => (each.state.kind === 'not-looked' ? each.state.reason : 'covered'))),
    ]
    lines.push(
      `Not looked at: ${reasons
        .map((reason) => {
          const these = missed.filter(
            (each) => each.state.kind === 'not-looked' && each.state.reason === reason,
          )
          return `${listed(these, job)}: ${NOT_LOOKED_WORDS[reason]}`
        })
        .join('. ')}.`,
    )
  }
  const silent = zones.filter((each) => each.state.kind === 'not-recorded')
  if (silent.length > 0) lines.push(`No look recorded, so not judged: ${listed(silent, job)}.`)
  for (const hold of holds) lines.push(`To look at yet: ${hold.why} (${hold.way_to_look}).`)
  return lines.join(' ')
}

/**
 * What was looked at, how, and what was not. A later look at a zone replaces an earlier one.
 *
 * Ends: a zone without any record is `not-recorded`, which the bid reports as not judged, never as sound.
 */
export function coverJob(job: JobDocument): Coverage {
  const facts = factsOf(job, 'coverage')
  const zones = job.sides.flatMap((side) =>
    zonesOf(side).map((zone): ZoneCoverage => {
      const last = facts.findLast((fact) => fact.side_id === side.id && fact.zone === zone)
      if (!last) return { side_id: side.id, zone, state: { kind: 'not-recorded' } }
      return {
        side_id: side.id,
        zone,
        state: last.looked.yes
          ? { kind: 'looked', how: last.looked.how }
          : { kind: 'not-looked', reason: last.looked.reason },
      }
    }),
  )
  const holds = factsOf(job, 'hold').map(({ id, why, way_to_look }) => ({ id, why, way_to_look }))
  return {
    zones,
    looked: zones.filter((each) => each.state.kind === 'looked').length,
    holds,
    paragraph: write(zones, job, holds),
  }
}
