import { isDamage, type JobDocument } from '../src/core/job'
import { likelihoodOf, nextChecks } from '../src/core/nextCheck'
import { traceJob } from '../src/core/trace'
import { chanceFrom, type Chance } from '../tests/simulator/chance'
import { COUNTED_FROM, countedOn, engineWith, namedFrom } from '../tests/simulator/counted'
import { learnedOn } from '../tests/simulator/learned'
import { BY_MEMBER, ENGINE, NAIVE, score, type Score, type Tracer } from '../tests/simulator/score'
import { simulateFurther } from '../tests/simulator/further'
import { simulateHouse, type Looks, type Truth } from '../tests/simulator/simulate'

/** One tracer on one set of houses. */
export type TraceRow = { readonly looks: Looks; readonly tracer: string; readonly score: Score }
export type TraceBench = {
  readonly houses: number
  readonly rows: readonly TraceRow[]
  /** The same houses with insects, animals, movement and what was measured of it. */
  readonly further: readonly TraceRow[]
  /** Checks carried out, as the tracer asks for them, until its sources are right; null: not within the limit. */
  readonly checks: {
    readonly houses: number
    readonly right_at_once: number
    readonly right_after: number
    readonly median: number | null
    /** Sources after so many checks, over the same houses. */
    readonly curve: readonly {
      readonly checks: number
      readonly precision: number
      readonly recall: number
    }[]
  }
  readonly speed: {
    readonly findings: number
    readonly median_ms: number
    readonly most_ms: number
    readonly baseline_ms: number
  }
}

const HOUSES = 1000
const COUNTED_HOUSES = 3000
/** From how likely a source is named, by the tracer that knows the rates: its whole line between finding more and inventing less. */
const NAMED_FROM = [0.6, 0.7, 0.8] as const
/** The same for the reader that has learned these houses. */
const LEARNED_FROM = [0.5, 0.7] as const
const CHECKED_HOUSES = 60
const CHECKS_AT_MOST = 10
const CURVE_AT = [0, 2, 5, CHECKS_AT_MOST] as const
const TRACERS: readonly Tracer[] = [ENGINE, NAIVE, BY_MEMBER]

function isRight(job: JobDocument, truth: Truth): boolean {
  const { topOne, precision, recall } = score(ENGINE, [{ job, truth }])
  return precision === 1 && recall === 1 && topOne > 0.5
}

/**
 * Answers what the tracer asks from the truth of the simulated house, as often wrongly as such a check is: the checks’ own rates decide
 * by lot, so that a truth is not handed over.
 */
function answered(job: JobDocument, truth: Truth, count: number, chance: Chance): JobDocument | null {
  const [next] = nextChecks(job, traceJob(job))
  if (!next) return null
  const causes = truth.causes.get(next.finding_id) ?? ['other']
  const speaks = chance.yes(Math.max(...causes.map((cause) => likelihoodOf(next.sign, cause, next.check))))
  return {
    ...job,
    facts: [
      ...job.facts,
      {
        kind: 'test',
        id: `check-${count}`,
        by: 'bench',
        at: '2026-01-01T00:00:00Z',
        about: { kind: 'finding', finding_id: next.finding_id },
        check: next.check,
        result: '',
        sign: next.sign,
        present: speaks,
      },
    ],
  }
}

function checksUntilRight(): TraceBench['checks'] {
  const needed: number[] = []
  const walked: { job: JobDocument; truth: Truth }[][] = CURVE_AT.map(() => [])
  for (let start = 0; start < CHECKED_HOUSES; start += 1) {
    const chance = chanceFrom(start)
    const { job, truth } = simulateHouse(20_000 + start, 'full')
    let at = job
    let isDone = false
    for (let done = 0; done <= CHECKS_AT_MOST; done += 1) {
      // A house with nothing left to ask stays as it is.
      if (done > 0) at = answered(at, truth, done, chance) ?? at
      const mark = CURVE_AT.findIndex((many) => many === done)
      walked[mark]?.push({ job: at, truth })
      if (!isDone && isRight(at, truth)) {
        isDone = true
        needed.push(done)
      }
    }
  }
  const after = needed.filter((done) => done > 0).sort((a, b) => a - b)
  return {
    houses: CHECKED_HOUSES,
    right_at_once: needed.length - after.length,
    right_after: after.length,
    median: after[Math.floor(after.length / 2)] ?? null,
    curve: CURVE_AT.map((checks, index) => {
      const { precision, recall } = score(ENGINE, walked[index]!)
      return { checks, precision, recall }
    }),
  }
}

/** The largest simulated houses put together to 200 findings. */
export function bigJob(): JobDocument {
  const parts: JobDocument[] = []
  let findings = 0
  for (let start = 0; findings < 200; start += 1) {
    const { job } = simulateHouse(start, 'full')
    const many = job.findings.filter(isDamage).length
    if (many < 30) continue
    parts.push(job)
    findings += many
  }
  return {
    ...parts[0]!,
    sides: parts.flatMap((part, k) =>
      part.sides.map((each) => ({ ...each, id: `${each.id}-${k}`, order: each.order + 4 * k })),
    ),
    features: parts.flatMap((part, k) =>
      part.features.map((each) => ({ ...each, id: `${each.id}-${k}`, side_id: `${each.side_id}-${k}` })),
    ),
    findings: parts
      .flatMap((part, k) =>
        part.findings.filter(isDamage).map((each) => ({
          ...each,
          id: `${each.id}-${k}`,
          spot: each.spot && { ...each.spot, side_id: `${each.spot.side_id}-${k}` },
          place:
            each.place.kind === 'side'
              ? {
                  ...each.place,
                  side_id: `${each.place.side_id}-${k}`,
                  feature_id: each.place.feature_id && `${each.place.feature_id}-${k}`,
                }
              : each.place,
        })),
      )
      .slice(0, 200),
  }
}

/** What the worker does at each edit. */
function speed(): TraceBench['speed'] {
  const job = bigJob()
  const time = (work: () => unknown): number[] =>
    Array.from({ length: 15 }, () => {
      const start = performance.now()
      work()
      return performance.now() - start
    }).sort((a, b) => a - b)
  traceJob(job)
  const runs = time(() => traceJob(job))
  const base = time(() => JSON.parse(JSON.stringify(job)) as unknown)
  return { findings: job.findings.length, median_ms: runs[7]!, most_ms: runs[14]!, baseline_ms: base[7]! }
}

type Simulator = (start: number, looks: Looks) => { job: JobDocument; truth: Truth }

function rowsOf(simulate: Simulator): TraceRow[] {
  return (['full', 'two-thirds'] as const).flatMap((looks) => {
    const houses = Array.from({ length: HOUSES }, (_, start) => simulate(start, looks))
    const others = Array.from({ length: COUNTED_HOUSES }, (_, at) => simulate(COUNTED_FROM + at, looks))
    const counted = countedOn(others)
    const surer = NAMED_FROM.map((least) => namedFrom(counted, least))
    const learned = LEARNED_FROM.map(learnedOn(others))
    return [...TRACERS, engineWith(others), counted, ...surer, ...learned].map((tracer) => ({
      looks,
      tracer: tracer.name,
      score: score(tracer, houses),
    }))
  })
}

/** Sources and causes on simulated houses that no weight was tuned on, beside two baselines and what counted weights could do. */
export function benchTrace(): TraceBench {
  return {
    houses: HOUSES,
    rows: rowsOf(simulateHouse),
    further: rowsOf(simulateFurther),
    checks: checksUntilRight(),
    speed: speed(),
  }
}
