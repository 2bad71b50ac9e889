import type { WayToLook } from '../job'

/**
 * What looking a certain way takes: hours to set up once a visit, hours at each place, and gear hired once.
 * A place of this way with `opens` needs the third level of permission.
 */
export type LookEffort = {
  readonly set_up_h: number
  readonly each_h: number
  /** Name of the gear in the firm's rates, or null. */
  readonly gear: string | null
  readonly opens: boolean
}

const way = (set_up_h: number, each_h: number, more: Partial<LookEffort> = {}): LookEffort => ({
  set_up_h,
  each_h,
  gear: null,
  opens: false,
  ...more,
})

/** Source: our judgement, for a firm to replace; opening counts closing up again. */
export const LOOK_EFFORT: Readonly<Record<WayToLook, LookEffort>> = {
  ladder: way(0.3, 0.25),
  lift: way(1, 0.25, { gear: 'lift-day' }),
  open: way(0.25, 1.5, { opens: true }),
  'dry-day': way(0.5, 0.2),
  appointment: way(0.5, 0.4),
  crawl: way(0.75, 0.5),
  hose: way(0.5, 1, { opens: true }),
  other: way(0.25, 0.5),
}
