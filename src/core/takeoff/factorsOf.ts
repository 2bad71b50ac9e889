import type { BandRow, GearRow } from '../catalogue'
import type { ReckonedRows } from '../firmValues/rows'
import type { JobDocument } from '../job'
import { toInches } from '../measure'
import {
  bandOf,
  conditionFactors,
  leadSafe as leadSafeFactor,
  livedIn,
  livedInInside,
  reachFactor,
  wallReach,
  type Factor,
} from './factors'
import { byLadder, type Use } from './uses'
import type { WorkedPlace } from './workedPlace'

/** What decides the factors of a task at a place, besides the task and the place. */
export type FactorsBy = {
  readonly job: JobDocument
  readonly rows: ReckonedRows
  readonly leadSafe: boolean
  readonly livedIn: boolean
  /** What one stands on along a side instead of ladders; null: ladders. */
  readonly gearAt: (side: string) => GearRow | null
}

/** The band of the roof's slope or of the crawl space, for a task that is done there. */
function goingOf(use: Use, { rows, job }: Pick<FactorsBy, 'rows' | 'job'>): BandRow | null {
  const { zone } = rows.task(use.task)
  if (zone === 'roof') {
    const side = job.sides.find((each) => each.id === use.place.side)
    // On a roof whose side nobody named, the steepest is reckoned with: it stands printed beside the hours.
    const pitches = (side ? [side] : job.sides.filter((each) => each.roof_edge !== 'none')).map(
      (each) => each.pitch_in_12,
    )
    return pitches.length > 0 ? bandOf(Math.max(...pitches), rows.slopes, 'lower') : null
  }
  const clearance = job.house?.crawl_clearance ?? null
  return zone === 'crawl' && clearance !== null
    ? bandOf(toInches(clearance), rows.clearances, 'higher')
    : null
}

/** What a condition of work leaves without hours, by its sentence. */
export function noRateWords(uses: readonly Use[], of: Pick<FactorsBy, 'rows' | 'job'>): string[] {
  return uses.flatMap((use) => {
    const going = goingOf(use, of)
    return going?.times === null ? [going.why] : []
  })
}

function reachAt(place: WorkedPlace, { rows, gearAt }: FactorsBy): Factor {
  const gear = byLadder(place, rows) ? gearAt(place.side) : null
  if (gear) return { name: gear.name, times: gear.times }
  return place.area ? wallReach(place.top, rows.reach) : reachFactor(place.top, rows.reach)
}

/** All that makes a task at a place go slower, each with its reason. */
export function factorsOf(use: Use, by: FactorsBy): Factor[] {
  const { rows, job } = by
  const task = rows.task(use.task)
  const side = job.sides.find((each) => each.id === use.place.side)
  const going = goingOf(use, by)
  const noted = [...(side?.conditions ?? []), ...(job.house?.conditions ?? [])]
  const reach = reachAt(use.place, by)
  return [
    ...(task.atHeight ? [reach] : []),
    ...(task.breaksPaint && by.leadSafe ? [leadSafeFactor(rows.lead_safe_times)] : []),
    ...(going?.times && going.times !== 1 ? [{ name: going.name, times: going.times }] : []),
    ...conditionFactors(noted, task.zone, rows.condition),
    ...(by.livedIn
      ? [task.zone === 'inside' ? livedInInside(rows.lived_in_inside_times) : livedIn(rows.lived_in_times)]
      : []),
  ]
}
