import { type Standing } from './jobDay'

/** A job whose bid went out. Days and moments are ISO. */
export type SentJob = {
  readonly first_sent_at: string
  /** Of the bid that was accepted, else of the last one sent. */
  readonly total_cents: number
  readonly accepted_at: string | null
  /** Last day the last bid stands. */
  readonly until: string | null
  readonly standing: Standing['state'] | null
}

/** How a bid ended, or that it has not. */
export type Outcome = 'won' | 'open' | 'lost'

/** Bids that went out in one month, by how they ended since. */
export type Month = {
  /** `YYYY-MM`. */
  readonly month: string
  readonly count: Readonly<Record<Outcome, number>>
  readonly cents: Readonly<Record<Outcome, number>>
}

export type MonthsTold = {
  /** Oldest first, without a gap, the present month last. */
  readonly months: readonly Month[]
  /** Of the bids that have ended: how many were won, and what of their money; null while none has ended. */
  readonly won: {
    readonly count: number
    readonly of: number
    readonly cents: number
    readonly of_cents: number
  } | null
  /** What is out and not answered. */
  readonly open: { readonly count: number; readonly cents: number }
}

/** How a sent bid ended by a day: a yes counts, a no or a day that passed is lost, all else is still open. */
export function outcomeOf(job: SentJob, today: string): Outcome {
  if (job.standing === 'declined') return 'lost'
  if (job.accepted_at !== null || job.standing === 'scheduled' || job.standing === 'closed') return 'won'
  return job.until !== null && job.until < today ? 'lost' : 'open'
}

/** The month so many before another. */
function monthsBefore(month: string, back: number): string {
  const [year = 0, of = 1] = month.split('-').map(Number)
  const index = year * 12 + (of - 1) - back
  return `${Math.floor(index / 12)}-${String((index % 12) + 1).padStart(2, '0')}`
}

/**
 * Bids by the month they first went out in and how they ended: a yes in March to a bid of January counts in January, so that a month's
 * share never mixes one month's bids with another's answers. Jobs sent before the first month shown are left out.
 *
 * @param back how many months are told, the present one included
 */
export function tellMonths(jobs: readonly SentJob[], today: string, back = 12): MonthsTold {
  const last = today.slice(0, 7)
  const names = Array.from({ length: back }, (_, at) => monthsBefore(last, back - 1 - at))
  const none = (): Record<Outcome, number> => ({ won: 0, open: 0, lost: 0 })
  const byMonth = new Map(names.map((month) => [month, { count: none(), cents: none() }]))
  for (const job of jobs) {
    const month = byMonth.get(job.first_sent_at.slice(0, 7))
    if (!month) continue
    const outcome = outcomeOf(job, today)
    month.count[outcome] += 1
    month.cents[outcome] += job.total_cents
  }
  const months = [...byMonth].map(([month, figures]) => ({ month, ...figures }))
  const sum = (of: 'count' | 'cents', outcome: Outcome): number =>
    months.reduce((total, month) => total + month[of][outcome], 0)
  const ended = sum('count', 'won') + sum('count', 'lost')
  return {
    months,
    won:
      ended === 0
        ? null
        : {
            count: sum('count', 'won'),
            of: ended,
            cents: sum('cents', 'won'),
            of_cents: sum('cents', 'won') + sum('cents', 'lost'),
          },
    open: { count: sum('count', 'open'), cents: sum('cents', 'open') },
  }
}
