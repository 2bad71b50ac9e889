import { byId, AREAS, FEATURE_WORDS, factsOf, type AreaId, type JobDocument } from '../job'
import type { LookState } from './lookState'

/** What is known of one area that is no wall. */
export type AreaCoverage = {
  readonly area: AreaId
  /** Which room or deck; empty for the whole. */
  readonly name: string
  readonly state: LookState
  /** Null where it does not matter or nobody said. */
  readonly from_below_first: boolean | null
}

/** Areas this house has: the roof, the attic and the rooms always; below the floor by its foundation; a deck where one is drawn. */
export function areasOf(job: JobDocument): { area: AreaId; name: string }[] {
  const foundation = job.house?.foundation ?? 'unknown'
  const decks = job.features.flatMap((feature) => {
    if (feature.kind !== 'deck' && feature.kind !== 'porch') return []
    const letter = byId(job.sides, feature.side_id)?.letter ?? ''
    return [{ area: 'deck' as const, name: `${FEATURE_WORDS[feature.kind]} ${letter}${feature.number}` }]
  })
  const below: AreaId[] =
    foundation === 'basement'
      ? ['basement']
      : foundation === 'slab' || foundation === 'slab-tendons' || foundation === 'unknown'
        ? []
        : ['crawl']
  return [
    ...decks,
    ...below.map((area) => ({ area, name: '' })),
    { area: 'rooms', name: '' },
    { area: 'attic', name: '' },
    { area: 'roof', name: '' },
  ]
}

/** The areas of the house, and whatever else somebody recorded a look at; a later look replaces an earlier one. */
export function coverAreas(job: JobDocument): AreaCoverage[] {
  const facts = factsOf(job, 'area-look')
  const wanted = areasOf(job)
  const more = facts.flatMap(({ area, name }) =>
    wanted.some((each) => each.area === area && each.name === name) ? [] : [{ area, name }],
  )
  const seen = new Set<string>()
  return [...wanted, ...more].flatMap(({ area, name }): AreaCoverage[] => {
    const key = `${area}:${name}`
    if (seen.has(key)) return []
    seen.add(key)
    const last = facts.findLast((fact) => fact.area === area && fact.name === name)
    if (!last) return [{ area, name, state: { kind: 'not-recorded' }, from_below_first: null }]
    return [
      {
        area,
        name,
        state: last.looked.yes
          ? { kind: 'looked', how: last.looked.how }
          : { kind: 'not-looked', reason: last.looked.reason },
        from_below_first: last.from_below_first,
      },
    ]
  })
}

/** An area as it is called: the deck C7, the crawl space, the kitchen. */
export function areaWords({ area, name }: { area: AreaId; name: string }): string {
  return name || AREAS[area]
}
