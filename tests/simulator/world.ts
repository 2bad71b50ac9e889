import type { ComponentId, Feature, Side } from '../../src/core/job'
import type { CauseId } from '../../src/core/trace'

/** One place of one member, where water comes or does not. Inches; heights above the ground; stations of its side. */
export type Spot = {
  readonly component: ComponentId
  readonly side: number
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  readonly feature: string | null
  /** Which member it belongs to: spots of one member that are soft side by side are one finding. */
  readonly member: string
  /** Where on its member, for the shape of the damage. */
  readonly part: string
  /** In from the wall, when it is below the floor or inside. */
  readonly inside: number | null
  /** Rain that reaches it without any fault, 0 to 1 a year's worth. */
  readonly exposed: number
}

/** A fault that lets water (or insects) at wood. It is what a tracer should find. */
export type Fault = {
  readonly cause: CauseId
  readonly side: number | null
  readonly left: number
  readonly right: number
  readonly feature: string | null
  /** One habit of the builder over many places is one source. */
  readonly habit: string | null
  /** How much comes to a spot, 0 to about 3; 0 out of its way. */
  readonly wets: (spot: Spot) => number
}

export type Windows = {
  readonly head: 'none' | 'short' | 'good'
  readonly pan: boolean
  readonly weepsShut: boolean
  readonly slope: boolean
  readonly storm: boolean
}

/** A house as it truly is, before anybody looks. */
export type World = {
  readonly built: number
  readonly width: number
  readonly depth: number
  readonly storeys: 1 | 2
  readonly overhang: number
  readonly storm: number
  readonly crawl: boolean
  readonly eaveHeight: number
  readonly coated: number
  readonly sides: readonly Side[]
  readonly features: readonly Feature[]
  readonly openings: Readonly<Record<string, Windows>>
  readonly gutter: readonly boolean[]
  readonly hardGround: readonly boolean[]
  readonly irrigated: boolean
  readonly faults: readonly Fault[]
  readonly spots: readonly Spot[]
}

export const FOUNDATION_IN = 20
export const FLOOR_IN = 12
export const STOREY_IN = 108
