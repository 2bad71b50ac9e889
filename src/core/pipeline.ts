import { bidJob, type BidModel, type Stages } from './bid'
import { cautionsOf } from './caution'
import { coverJob, routeOf, type Stop } from './coverage'
import { cutJob, type CutPlan } from './cut'
import { closing, type Closing } from './measure'
import { FEATURE_WORDS, live, type JobDocument } from './job'
import { priceJob, priceLooks } from './price'
import { scopeJob } from './scope'
import { takeoffJob } from './takeoff'
import { chainsOf, guardsOf, traceJob, type Chain, type Guard } from './trace'
import { listState } from './walk'

/** Everything derived from a job: the stages in walking order. */
export type Derived = Stages & {
  /** The job the stages saw: without what was removed, sides in order. */
  readonly job: JobDocument
  readonly cut: CutPlan
  readonly bid: BidModel
  /** The walk in order, with what is recorded at each stop. */
  readonly route: readonly Stop[]
  /** Mistakes easily made with what is found. */
  readonly guards: readonly Guard[]
  /** What stands before a source, by its letter. */
  readonly chains: Readonly<Record<string, readonly Chain[]>>
  /** Null until every side has a length. */
  readonly closing: Closing | null
  /** Things that do not fit together; shown, never refused. */
  readonly problems: readonly string[]
}

/** A house closes when its sides come back to where they began; half an inch is the tape. */
const CLOSES_WITHIN_64 = 32

function closingOf(job: JobDocument): Closing | null {
  if (job.sides.length < 3 || job.sides.some((side) => side.length === null)) return null
  return closing(job.sides.map(({ length, turn_deg }) => ({ length: length!, turn_deg })))
}

function problemsOf(job: JobDocument, closed: Closing | null, notPermitted: readonly string[]): string[] {
  const problems: string[] = []
  if (notPermitted.length > 0) {
    problems.push(
      `Opened without a permission noted: ${notPermitted.join(', ')}. Note who permitted opening; until then it is not counted as done.`,
    )
  }
  if (closed && closed.gap > CLOSES_WITHIN_64) {
    problems.push(
      `The sides do not close: they miss the start by ${(closed.gap / 64).toFixed(1)} in. Check the lengths.`,
    )
  }
  if (closed && Math.abs(closed.turn_error_deg) > 0.01) {
    problems.push(`The corners turn ${(360 + closed.turn_error_deg).toFixed(0)}°, not 360°. Check the turns.`)
  }
  for (const finding of job.findings) {
    const { place } = finding
    if (place.kind !== 'side') continue
    const side = job.sides.find((each) => each.id === place.side_id)
    if (!side) problems.push(`Finding ${finding.number ?? ''}: its side was removed. Give it a place again.`)
    else if (side.length !== null && place.station > side.length) {
      problems.push(`Finding ${finding.number ?? ''} lies past the end of side ${side.letter}.`)
    }
  }
  for (const feature of job.features) {
    const side = job.sides.find((each) => each.id === feature.side_id)
    if (side && side.length !== null && feature.station + feature.width > side.length) {
      problems.push(
        `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number} reaches past the end of side ${side.letter}.`,
      )
    }
  }
  return problems
}

/**
 * Runs every stage on a job. No stage gates another: each works with the ones before it empty.
 *
 * Cost: about linear in findings; see `bench/`.
 */
export function derive(document: JobDocument, today: string): Derived {
  const job = live(document)
  const closed = closingOf(job)
  const coverage = coverJob(job)
  const trace = traceJob(job)
  const cautions = cautionsOf(job)
  const scope = scopeJob(job, trace, cautions.dangers)
  const takeoff = takeoffJob(job, scope)
  const cut = cutJob(job, takeoff)
  const price = priceJob(job, scope, takeoff, cut)
  const looks = priceLooks(coverage.holds, job.rates, job.settings)
  const list = listState(job, today)
  const stages: Stages = { coverage, trace, cautions, scope, takeoff, price, looks, list }
  return {
    ...stages,
    job,
    cut,
    bid: bidJob(job, stages, today),
    closing: closed,
    route: routeOf(job, coverage),
    guards: guardsOf(job, trace),
    chains: Object.fromEntries(
      trace.sources.flatMap((source) =>
        source.letter === null ? [] : [[source.letter, chainsOf(source, trace.sources, job)]],
      ),
    ),
    problems: problemsOf(job, closed, coverage.notPermitted),
  }
}
