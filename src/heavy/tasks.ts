import type { BidModel } from '../core/bid'
import type { AcceptedBid } from '../core/bid/acceptedPaper'
import type { Paper } from '../core/bid/paper'
import type { AtRates } from '../core/compare'
import type { EntityOf, JobDocument, Person } from '../core/job'
import type { HandoverModel, JobRecord } from '../core/close'
import type { Baseline, OrderFace } from '../core/open'
import type { PlanAround } from '../core/plan'
import type { AcceptedChoice } from '../core/plan/accepted'

/** A bid derived from a job, with what keeps it from being sent and whom it goes to. */
export type DerivedBid = {
  readonly model: BidModel
  readonly missing: readonly string[]
  readonly owner: Person | null
}

/** What the list of jobs shows of one. */
export type JobFigures = {
  readonly total_cents: number | null
  /** Findings that nothing answers yet. */
  readonly open: number
  /** What still keeps the bid from being sent. */
  readonly lacks: number
  readonly keepOff: boolean
}

/** The days of a job’s plan, and when it would end if its crews had nothing else. */
export type PlannedDays = {
  readonly first: string
  readonly last: string | null
  readonly finish_by: string | null
  readonly days: readonly { readonly day: string; readonly crew_id: string; readonly people: number }[]
  readonly last_alone: string | null
}

/** What an archive held: the text of its job file, and its other files by name. */
export type OpenedArchive =
  | { readonly ok: true; readonly job: string; readonly files: ReadonlyMap<string, Uint8Array> }
  | { readonly ok: false; readonly why: 'not-a-zip' | 'no-job-file' | 'too-many-files' | 'too-large' }

/** Work that would hold the web process up, each run in a thread of its own: name → what goes in and what comes out. */
export type HeavyTasks = {
  readonly planDays: (of: { job: JobDocument; today: string; around: PlanAround }) => PlannedDays
  readonly deriveBid: (of: { job: JobDocument; today: string; around: PlanAround }) => DerivedBid
  readonly reckonJob: (of: { job: JobDocument; today: string }) => JobFigures
  readonly priceAtRates: (of: { job: JobDocument; rates: EntityOf['rates']; today: string }) => AtRates | null
  readonly printBid: (of: {
    model: BidModel
    pictures: ReadonlyMap<string, Uint8Array>
    /** On one page. */
    short?: boolean
    /** What of it was accepted, in its place. */
    accepted?: AcceptedBid
  }) => Promise<Uint8Array>
  /** A change order, an invoice or the end of a job on paper. */
  readonly printPaper: (of: {
    paper: Paper
    pictures: ReadonlyMap<string, Uint8Array>
  }) => Promise<Uint8Array>
  /** What a job took beside what had been reckoned. */
  readonly recordJob: (of: {
    job: JobDocument
    today: string
    now: Date
    accepted: AcceptedChoice | null
    baseline: Baseline | null
    faces: readonly OrderFace[]
  }) => JobRecord
  /** The end of a job, of the work that was agreed to; null: it was not handed over. */
  readonly handoverOf: (of: {
    job: JobDocument
    today: string
    accepted: AcceptedChoice | null
  }) => HandoverModel | null
  readonly openArchive: (of: {
    bytes: Uint8Array
    jobFile: string
    largest_bytes: number
    most_files: number
  }) => Promise<OpenedArchive>
}
export type HeavyName = keyof HeavyTasks
