import type { Cents } from '../measure'
import type { JobRecord } from './jobRecord'

/** What a firm earned with one kind of work, over the jobs it has closed. */
export type KindEarned = {
  readonly method: string
  readonly name: string
  readonly jobs: number
  readonly items: number
  readonly estimate_h: number
  readonly spent_h: number
  /** Hours that were paid for it: with its part of the time along the way. */
  readonly paid_h: number
  /** What came in for it, less what was paid to others for it; before labour and overhead. */
  readonly earned_cents: Cents
  readonly per_hour_cents: Cents
}

/** Where a job’s money went otherwise than it had been reckoned; below nothing: it was lost. */
export type JobEarned = {
  readonly job_id: string
  readonly title: string
  readonly closed_on: string | null
  readonly agreed_cents: Cents
  /** Paid to others: by receipts, or as reckoned where nobody kept any. */
  readonly bought_cents: Cents
  readonly receipts: boolean
  readonly paid_h: number
  readonly earned_cents: Cents
  readonly per_hour_cents: Cents
  /** Against what was reckoned, in money at the firm’s cost of an hour. */
  readonly lost: readonly { readonly why: 'hours' | 'along' | 'bought'; readonly cents: Cents }[]
}

const money = (of: JobRecord): number =>
  (of.receipts_cents.material ?? 0) + (of.receipts_cents.equipment ?? 0) + (of.receipts_cents.trade ?? 0)
const all = (of: JobRecord): number => Object.values(of.receipts_cents).reduce((sum, each) => sum + each, 0)
const hasReceipts = (of: JobRecord): boolean => Object.keys(of.receipts_cents).length > 0
/** What was really paid to others for a dollar reckoned. */
const realised = (of: JobRecord): number =>
  hasReceipts(of) && (of.bought_estimate_cents ?? 0) > 0 ? money(of) / of.bought_estimate_cents! : 1

/**
 * What a paid hour earned, by kind of work, most hours first. What is paid to others is taken from each kind as it was reckoned for it,
 * times what the job’s receipts came to against what was reckoned: a receipt names no kind.
 */
export function earnedByKind(records: readonly JobRecord[]): readonly KindEarned[] {
  const kinds = new Map<string, KindEarned>()
  const seen = new Map<string, Set<string>>()
  for (const record of records) {
    const paidForWork = record.work_h > 0 ? record.paid_h / record.work_h : 1
    for (const each of record.kinds) {
      if (each.sold_cents === null || each.bought_cents === null) continue
      const held = kinds.get(each.method)
      const earned =
        (held?.earned_cents ?? 0) + each.sold_cents - Math.round(each.bought_cents * realised(record))
      const paid_h = (held?.paid_h ?? 0) + each.spent_h * paidForWork
      const jobs = (seen.get(each.method) ?? new Set<string>()).add(record.job_id)
      seen.set(each.method, jobs)
      kinds.set(each.method, {
        method: each.method,
        name: each.name,
        jobs: jobs.size,
        items: (held?.items ?? 0) + each.items,
        estimate_h: (held?.estimate_h ?? 0) + each.estimate_h,
        spent_h: (held?.spent_h ?? 0) + each.spent_h,
        paid_h,
        earned_cents: earned as Cents,
        per_hour_cents: Math.round(earned / paid_h) as Cents,
      })
    }
  }
  return [...kinds.values()].toSorted((a, b) => b.paid_h - a.paid_h || a.name.localeCompare(b.name))
}

/** What each job earned by the hour, and where it lost against what had been reckoned. Jobs without money or hours are left out. */
export function earnedByJob(records: readonly JobRecord[]): readonly JobEarned[] {
  return records.flatMap((record): JobEarned[] => {
    const { agreed_cents, bought_estimate_cents, hour_cents, paid_h } = record
    if (agreed_cents === null || bought_estimate_cents === null || paid_h === 0) return []
    const receipts = hasReceipts(record)
    const bought = (receipts ? all(record) : bought_estimate_cents) as Cents
    const earned = (agreed_cents - bought) as Cents
    const hour = hour_cents ?? 0
    const work = record.estimate_h - record.work_h
    const along = record.paid_estimate_h - record.estimate_h - record.along_h
    return [
      {
        job_id: record.job_id,
        title: record.title,
        closed_on: record.closed_on,
        agreed_cents,
        bought_cents: bought,
        receipts,
        paid_h,
        earned_cents: earned,
        per_hour_cents: Math.round(earned / paid_h) as Cents,
        lost: [
          { why: 'hours', cents: Math.round(work * hour) as Cents },
          { why: 'along', cents: Math.round(along * hour) as Cents },
          ...(receipts
            ? [{ why: 'bought' as const, cents: (bought_estimate_cents - money(record)) as Cents }]
            : []),
        ],
      },
    ]
  })
}
