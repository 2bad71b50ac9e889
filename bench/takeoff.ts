import { cautionsOf } from '../src/core/caution'
import { METHODS, partOf } from '../src/core/catalogue'
import { live, newWorkItem, type JobDocument } from '../src/core/job'
import { scopeJob } from '../src/core/scope'
import { takeoffJob } from '../src/core/takeoff'
import { traceJob } from '../src/core/trace'
import { generatedJob } from './generatedJob'

export type TakeoffRow = {
  readonly items: number
  readonly median_ms: number
  readonly most_ms: number
  readonly baseline_ms: number
}

const RUNS = 25

/** A generated job whose items go through every repair kit in turn. */
function everyKit(items: number): JobDocument {
  const job = generatedJob(items)
  const kits = METHODS.filter(({ answers, recipe }) => answers === 'findings' && recipe !== null)
  return live({
    ...job,
    work_items: job.findings.map((finding, n) => {
      const kit = kits[n % kits.length]!
      const part = kit.serves?.[0] ?? finding.component
      return newWorkItem({
        id: `item-${n}`,
        finding_ids: [finding.id],
        method: kit.id,
        component: partOf(part)?.id ?? null,
        material: 'finger-jointed-pine',
      })
    }),
  })
}

function timed(work: () => unknown): readonly number[] {
  work()
  return Array.from({ length: RUNS }, () => {
    const begun = performance.now()
    work()
    return performance.now() - begun
  }).sort((a, b) => a - b)
}

/** Take-off of 200 items over all kits. Baseline: the same job out to JSON and back in. */
export function benchTakeoff(): TakeoffRow {
  const job = everyKit(200)
  const scope = scopeJob(job, traceJob(job), cautionsOf(job).dangers)
  const times = timed(() => takeoffJob(job, scope))
  const baseline = timed(() => JSON.parse(JSON.stringify(job)) as unknown)
  const middle = (of: readonly number[]): number => of[Math.floor(RUNS / 2)]!
  return {
    items: job.work_items.length,
    median_ms: middle(times),
    most_ms: times.at(-1)!,
    baseline_ms: middle(baseline),
  }
}
