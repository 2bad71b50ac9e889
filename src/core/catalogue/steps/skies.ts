import { rowsById, type Row } from '../row'
import type { StepId } from './steps'

/** A kind of day, as forecast or as it was, and what does not go on it. */
export type SkyRow = Row & {
  readonly es: string
  /** All work outside stands still. */
  readonly outside: boolean
  /** Steps that stand still wherever they are outside. */
  readonly steps: readonly StepId[]
  /** Nothing is worked at from a ladder, a roof or a scaffold. */
  readonly atHeight: boolean
}

const sky = <Id extends string>(
  id: Id,
  name: string,
  es: string,
  of: Partial<Pick<SkyRow, 'outside' | 'steps' | 'atHeight'>> = {},
) => ({ id, name, es, outside: false, steps: [], atHeight: false, source: 'common practice', ...of }) as const

/** Source: common practice; wind over about 30 mph, cold under about 40 °F, which goods print for themselves. */
export const SKIES = [
  sky('dry', 'dry', 'seco'),
  sky('wet', 'wet', 'lluvia', { outside: true }),
  sky('windy', 'windy', 'viento', { steps: ['open', 'substrate', 'barrier'], atHeight: true }),
  sky('cold', 'cold', 'frío', { steps: ['wash', 'prepare', 'seal', 'paint'] }),
] as const satisfies readonly SkyRow[]
export type SkyId = (typeof SKIES)[number]['id']
export const SKY_IDS = SKIES.map((row) => row.id) as [SkyId, ...SkyId[]]

const ROWS: ReadonlyMap<string, SkyRow> = rowsById<SkyRow>(SKIES)
export const skyOf = (id: SkyId): SkyRow => ROWS.get(id)!
