import { cautionsOf } from '../src/core/caution'
import { coverJob } from '../src/core/coverage'
import { cutJob, packBoards } from '../src/core/cut'
import { drawStrip } from '../src/core/house'
import { live, parseJobFile, printJobFile } from '../src/core/job'
import { derive } from '../src/core/pipeline'
import { feet, inches } from '../src/core/measure'
import { priceJob } from '../src/core/price'
import { scopeJob } from '../src/core/scope'
import { takeoffJob } from '../src/core/takeoff'
import { traceJob } from '../src/core/trace'
import { generatedJob } from './generatedJob'

/** One measured row: the middle of several runs, and how it stands to the baseline of the same call. */
export type Row = {
  readonly name: string
  readonly median_ms: number
  readonly least_ms: number
  readonly most_ms: number
  readonly to_baseline: number
}

const RUNS = 15
const FINDINGS = 200

function time(work: () => unknown): { median: number; least: number; most: number } {
  work()
  const runs = Array.from({ length: RUNS }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  }).sort((a, b) => a - b)
  return { median: runs[Math.floor(RUNS / 2)]!, least: runs[0]!, most: runs.at(-1)! }
}

/** Trace and cut on more than anybody brings: how they grow. Compare with their rows at 200 findings, and with each other. */
function grown(): (readonly [string, () => unknown])[] {
  const traced = [400, 500, 1000].map((findings) => {
    const job = live(generatedJob(findings))
    return [`trace, ${findings} findings`, () => traceJob(job)] as const
  })
  const cuts = [1000, 4000].map((pieces) => {
    const cut = Array.from({ length: pieces }, (_, n) => ({
      length: inches(6 + ((n * 37) % 180)),
      owner: `item-${n % 60}`,
    }))
    return [
      `cut, ${pieces} pieces of one section`,
      () =>
        packBoards(
          cut,
          [8, 12, 16].map((ft) => feet(ft)),
        ),
    ] as const
  })
  return [...traced, ...cuts]
}

/**
 * Each stage on a generated job of 200 findings. Baseline: the same job out to JSON and back in, `JSON.parse(JSON.stringify(job))`,
 * the least anything could do that reads the whole job.
 */
export function benchStages(): Row[] {
  const job = live(generatedJob(FINDINGS))
  const trace = traceJob(job)
  const cautions = cautionsOf(job)
  const scope = scopeJob(job, trace, cautions.dangers)
  const takeoff = takeoffJob(job, scope)
  const cut = cutJob(job, takeoff)
  const text = printJobFile(job)
  const work: readonly (readonly [string, () => unknown])[] = [
    ['baseline: JSON round trip', () => JSON.parse(JSON.stringify(job)) as unknown],
    ['read a job file (Zod, references)', () => parseJobFile(text)],
    ['coverage', () => coverJob(job)],
    ['trace', () => traceJob(job)],
    ['cautions', () => cautionsOf(job)],
    ['scope', () => scopeJob(job, trace, cautions.dangers)],
    ['takeoff', () => takeoffJob(job, scope)],
    ['cut', () => cutJob(job, takeoff)],
    ['price', () => priceJob(job, scope, takeoff, cut)],
    ['the strip drawn', () => drawStrip(job, { px: 100, coverage: null, trace, chosen: [], only: null })],
    ['whole pipeline, bid included', () => ({ ...derive(job, '2026-05-04') })],
    ['whole pipeline, the price alone', () => derive(job, '2026-05-04').price],
  ]
  const times = [...work, ...grown()].map(([name, call]) => ({ name, ...time(call) }))
  const base = times[0]!.median
  return times.map(({ name, median, least, most }) => ({
    name,
    median_ms: median,
    least_ms: least,
    most_ms: most,
    to_baseline: median / base,
  }))
}
