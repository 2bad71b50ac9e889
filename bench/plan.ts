/** The plan: how soon it ends against the soonest any order could end, and how long it takes to make and to make again. */
import { generatedJob } from './generatedJob'
import { derive } from '../src/core/pipeline'
import { draftPlan, improve, type JobPlan } from '../src/core/plan'
import type { JobDocument } from '../src/core/job'

const DAY = '2026-05-04'
const RUNS = 7

export type PlanRow = {
  readonly pieces: number
  readonly findings: number
  readonly at_once: number
  readonly searched: number
  readonly first_ms: number
  readonly again_ms: number
  readonly search_ms: number
}

const median = (list: readonly number[]): number =>
  list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)]!

function timed<T>(work: () => T): [T, number] {
  const begun = performance.now()
  const done = work()
  return [done, performance.now() - begun]
}

/** A job with about so many pieces of planned work. */
function jobWith(pieces: number): JobDocument {
  for (
    let findings = Math.max(2, Math.floor(pieces / 4));
    ;
    findings += Math.max(1, Math.floor(pieces / 20))
  ) {
    const job = generatedJob(findings)
    const { plan } = derive(job, DAY)
    if (plan.units.length >= pieces || findings > 4 * pieces) return job
  }
}

/** Of the whole plan an edit makes: pieces, what waits for what, days. What the stages before it take is measured elsewhere. */
function planAgain(job: JobDocument): JobPlan {
  const { scope, takeoff, job: live } = derive(job, DAY)
  const given = { job: live, scope, takeoff }
  const draft = draftPlan(given, DAY)
  return draft.planOf(draft.first)
}

export function benchPlan(): PlanRow[] {
  return [20, 60, 200].map((pieces) => {
    const job = jobWith(pieces)
    const { scope, takeoff, job: live } = derive(job, DAY)
    const given = { job: live, scope, takeoff }
    const [, first_ms] = timed(() => planAgain(job))
    const again = Array.from({ length: RUNS }, () => timed(() => draftPlan(given, DAY).planOf(null))[1])
    const draft = draftPlan(given, DAY)
    const found = draft.first!
    const [best, search_ms] = timed(() => {
      const until = performance.now() + 12_000
      const steps = improve(draft.project, found, { tries: 6000, every: 50 })
      let held = found
      for (let step = steps.next(); ; step = steps.next()) {
        held = step.done ? step.value : step.value.best
        if (step.done || performance.now() > until) return held
      }
    })
    return {
      pieces: draft.planOf(found).units.length,
      findings: job.findings.length,
      at_once: found.schedule.end / found.bound,
      searched: best.schedule.end / found.bound,
      first_ms,
      again_ms: median(again),
      search_ms,
    }
  })
}
