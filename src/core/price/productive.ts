import type { ReckonedRows } from '../firmValues/rows'
import type { Settings } from '../job'
import type { z } from 'zod'

/** Share of paid hours that is work, and why. */
export type Productive = { readonly share: number; readonly why: string }

type Shares = Pick<z.infer<typeof Settings>, 'productive_share' | 'productive_share_short_day'>

/**
 * The productive share of a job by its crew-days: the short day's up to half of one, the full day's from one and a half, straight
 * between, so that more work never pays fewer hours.
 *
 * Source: our judgement; both ends are firm settings.
 */
export function productiveShare(crew_days: number, settings: Shares, days: ReckonedRows['days']): Productive {
  const { productive_share_short_day: short, productive_share: full } = settings
  const { short_crew_days: from, full_crew_days: to } = days
  const along = Math.min(1, Math.max(0, (crew_days - from) / (to - from)))
  const share = Math.round((short + (full - short) * along) * 10_000) / 10_000
  return { share, why: `${crew_days.toFixed(2)} crew-days` }
}
