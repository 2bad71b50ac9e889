import { beforeSending, bidJob, type BidModel, type Stages } from './bid'
import { cautionsOf } from './caution'
import { coverJob, routeOf, type Stop } from './coverage'
import { cutJob, type CutPlan } from './cut'
import { live, type JobDocument } from './job'
import { surveysOf } from './survey/read'
import type { Closing } from './measure'
import { ALONE, planJob, type JobPlan, type PlanAround } from './plan'
import { priceJob, priceLooks } from './price'
import { scopeJob } from './scope'
import { takeoffJob } from './takeoff'
import { chainsOf, firstLooks, guardsOf, traceJob, type Chain, type FirstLook, type Guard } from './trace'
import { closingOf, listState, problemsOf } from './walk'

/** Everything derived from a job: the stages in walking order. */
export type Derived = Stages & {
  /** The job the stages saw: without what was removed, sides in order. */
  readonly job: JobDocument
  readonly cut: CutPlan
  readonly plan: JobPlan
  readonly bid: BidModel
  /** What still keeps the bid from being sent. */
  readonly lacks: readonly string[]
  /** The walk in order, with what is recorded at each stop. */
  readonly route: readonly Stop[]
  /** Mistakes easily made with what is found. */
  readonly guards: readonly Guard[]
  /** What the trade would look at first. */
  readonly firstLooks: readonly FirstLook[]
  /** What stands before a source, by its letter. */
  readonly chains: Readonly<Record<string, readonly Chain[]>>
  /** Null until every side has a length. */
  readonly closing: Closing | null
  /** Things that do not fit together; shown, never refused. */
  readonly problems: readonly string[]
}

type Given = {
  readonly document: JobDocument
  readonly today: string
  readonly around: PlanAround
}
type Stage = keyof Derived

/** Every stage, and what it reads. A later one reads earlier ones, never the reverse. */
const STAGES: { readonly [S in Stage]: (read: Derived, given: Given) => Derived[S] } = {
  job: (_, { document }) => live(document),
  coverage: ({ job }) => coverJob(job),
  route: ({ job, coverage }) => routeOf(job, coverage),
  list: ({ job }, { today }) => listState(job, today),
  closing: ({ job }) => closingOf(job),
  problems: ({ job, closing, coverage }) => problemsOf(job, closing, coverage.notPermitted),
  surveys: ({ job }) => surveysOf(job),
  cautions: ({ job }) => cautionsOf(job),
  trace: ({ job }) => traceJob(job),
  guards: ({ job, trace }) => guardsOf(job, trace),
  firstLooks: ({ job, trace }) => firstLooks(job, trace),
  chains: ({ job, trace }) =>
    Object.fromEntries(
      trace.sources.flatMap((source) =>
        source.letter === null ? [] : [[source.letter, chainsOf(source, trace.sources, job)]],
      ),
    ),
  scope: ({ job, trace, cautions }) => scopeJob(job, trace, cautions.dangers),
  takeoff: ({ job, scope }) => takeoffJob(job, scope),
  cut: ({ job, takeoff }) => cutJob(job, takeoff),
  price: ({ job, scope, takeoff, cut }) => priceJob(job, scope, takeoff, cut),
  plan: ({ job, scope, takeoff }, { today, around }) => planJob({ job, scope, takeoff }, today, around),
  looks: ({ job, coverage }) => priceLooks(coverage.holds, job.rates, job.settings),
  bid: (read, { today }) => bidJob(read.job, read, today),
  lacks: (read) => beforeSending(read),
}

/**
 * Everything derived from a job. A stage is reckoned when it is first read, and then kept: who reads only the price waits for no
 * drawing. No stage gates another: each works with the ones before it empty.
 *
 * @param already stages that are known already, of this very job; they are taken as they are.
 * @param around what the plan stands on besides the job: other jobs of its crews, what its owner accepted.
 * Cost: about linear in findings; see `bench/`.
 */
export function derive(
  document: JobDocument,
  today: string,
  already: Partial<Omit<Derived, 'job'>> = {},
  around: PlanAround = ALONE,
): Derived {
  const given = { document, today, around }
  const derived = {} as Derived
  const kept: Partial<Derived> = { ...already }
  for (const stage of Object.keys(STAGES) as Stage[]) {
    Object.defineProperty(derived, stage, {
      enumerable: true,
      get: () =>
        stage in kept ? kept[stage] : Object.assign(kept, { [stage]: STAGES[stage](derived, given) })[stage],
    })
  }
  return derived
}
