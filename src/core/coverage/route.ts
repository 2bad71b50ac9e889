import { gradeOf, type AreaId, type JobDocument } from '../job'
import { areaWords, type AreaCoverage } from './areas'
import type { Coverage } from './coverJob'

/** One stop of the walk: where to go next, and how much of it is recorded. */
export type Stop = {
  readonly id: string
  readonly kind: 'street' | 'side' | 'area'
  readonly name: string
  readonly side_id: string | null
  readonly area: { readonly area: AreaId; readonly name: string } | null
  /** What comes before it: a deck or a doubtful floor is looked at from below first. */
  readonly first: string | null
  readonly done: number
  readonly of: number
}

/** A floor one should not stand on before it was looked at from below: soft, decayed or told to spring. */
function isFloorDoubtful(job: JobDocument): boolean {
  return job.findings.some(
    (finding) =>
      (finding.place.kind === 'room' || finding.place.kind === 'crawl') &&
      ((gradeOf(finding) ?? 0) >= 2 || ['joist', 'subfloor', 'girder'].includes(finding.component ?? '')),
  )
}

function areaStop(each: AreaCoverage, first: string | null): Stop {
  return {
    id: `area:${each.area}:${each.name}`,
    kind: 'area',
    name: areaWords(each),
    side_id: null,
    area: { area: each.area, name: each.name },
    first,
    done: each.state.kind === 'not-recorded' ? 0 : 1,
    of: 1,
  }
}

/**
 * The walk in order: the street, round the house side by side, decks, below the floors, the rooms, the attic, the roof.
 *
 * Below comes before the rooms; a deck and a doubtful floor say *from below first*.
 * Source: common practice.
 */
export function routeOf(job: JobDocument, coverage: Coverage): Stop[] {
  const sides = job.sides.map((side): Stop => {
    const zones = coverage.zones.filter((zone) => zone.side_id === side.id)
    return {
      id: `side:${side.id}`,
      kind: 'side',
      name: `${side.letter} ${side.facing}`,
      side_id: side.id,
      area: null,
      first: null,
      done: zones.filter((zone) => zone.state.kind !== 'not-recorded').length,
      of: zones.length,
    }
  })
  const doubtful = isFloorDoubtful(job)
  const order: AreaId[] = ['deck', 'crawl', 'basement', 'rooms', 'attic', 'roof']
  const areas = order.flatMap((area) =>
    coverage.areas
      .filter((each) => each.area === area)
      .map((each) => {
        if (area === 'deck' && each.from_below_first !== true)
          return areaStop(each, 'Look at it from below before anyone stands on it.')
        if (area === 'rooms' && doubtful && each.from_below_first !== true)
          return areaStop(each, 'A floor is in doubt: look from below before anyone stands on it.')
        return areaStop(each, null)
      }),
  )
  const street: Stop = {
    id: 'street',
    kind: 'street',
    name: 'from the street',
    side_id: null,
    area: null,
    first: null,
    done: job.job.walked_on !== null && job.job.weather !== '' ? 1 : 0,
    of: 1,
  }
  return [street, ...sides, ...areas]
}
