import type { WorkZone } from '../conditions/conditions'
import type { Row } from '../row'

/** When a task's set-up is paid: once at each place, once for each side, once a visit or once a job. */
export type SetUp = 'place' | 'side' | 'visit' | 'job'

/** A task of labour: productive hours, summed over the people sent, without travel or supply runs. */
export type TaskRow = Row & {
  readonly unit: string
  /** People sent, at least and usually at most. */
  readonly crew: readonly [least: number, most: number]
  readonly set_up_h: number
  readonly set_up_per: SetUp
  /** Hours per unit. */
  readonly low: number
  readonly typical: number
  readonly high: number
  /** Breaks old paint: the lead-safe factor applies. */
  readonly breaksPaint: boolean
  /** Done at the height of the work: the reach factor applies. */
  readonly atHeight: boolean
  /** Done once along a stretch of a side, however many items want it there: a gutter comes down once. */
  readonly once: boolean
  /** Where it is done: what makes that slow, slows it. */
  readonly zone: WorkZone
}

export const t = (
  id: string,
  name: string,
  unit: string,
  crew: readonly [number, number],
  [set_up_h, set_up_per]: readonly [number, SetUp],
  [low, typical, high]: readonly [number, number, number],
  of: Partial<Pick<TaskRow, 'breaksPaint' | 'atHeight' | 'once' | 'zone'>> = {},
): TaskRow => ({
  id,
  name,
  source: 'our judgement',
  unit,
  crew,
  set_up_h,
  set_up_per,
  low,
  typical,
  high,
  breaksPaint: true,
  atHeight: true,
  once: false,
  zone: 'outside',
  ...of,
})
/** Work from the ground, or counted without regard to height. */
export const GROUND = { breaksPaint: false, atHeight: false } as const
/** Below the floor. */
export const BELOW = { ...GROUND, zone: 'crawl' } as const
/** Inside the house. */
export const INSIDE = { ...GROUND, zone: 'inside' } as const
/** Covers old paint without breaking it. */
export const COVERS = { breaksPaint: false } as const
