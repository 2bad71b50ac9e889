import type { Stage } from './stages'

/** Where somebody was in a job when he left it; ids alone, no words of the job. */
export type Place = {
  readonly stage: Stage
  readonly finding_id: string | null
  readonly side_id: string | null
  /** Milliseconds of this device's clock. */
  readonly at: number
}

/** Shorter than this one was not away. Our judgement. */
const AWAY_MS = 20 * 60_000
const MINUTE_MS = 60_000

/** Whether a place that was left is worth going back to: long enough ago, and not where one is. */
export function isWorthTelling(
  was: Place | null,
  now: Pick<Place, 'stage' | 'finding_id'> & { at: number },
): was is Place {
  if (was === null || now.at - was.at < AWAY_MS) return false
  return was.stage !== now.stage || (was.finding_id !== null && was.finding_id !== now.finding_id)
}

/** How long ago, as one says it. */
export function agoWords(ms: number): string {
  const minutes = Math.round(ms / MINUTE_MS)
  if (minutes < 90) return `${minutes} minutes ago`
  const hours = Math.round(minutes / 60)
  if (hours < 36) return `${hours} hours ago`
  return `${Math.round(hours / 24)} days ago`
}

/** What others did to a job since a moment: by whom and how much, the busiest first. */
export function sinceThen(
  rows: readonly { readonly by: string; readonly at: string }[],
  of: { readonly since: number; readonly me: string },
): readonly { readonly by: string; readonly count: number }[] {
  const counts = new Map<string, number>()
  for (const row of rows) {
    if (row.by === of.me || Date.parse(row.at) <= of.since) continue
    counts.set(row.by, (counts.get(row.by) ?? 0) + 1)
  }
  return [...counts].map(([by, count]) => ({ by, count })).sort((a, b) => b.count - a.count)
}
