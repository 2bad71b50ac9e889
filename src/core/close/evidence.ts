import { rowsOf, TASK_FIELDS } from '../firmValues/rows'
import { isTask, taskName } from '../catalogue'
import type { EntityOf } from '../job'
import type { JobRecord } from './jobRecord'

/**
 * One-sided 10 % points of Student's t, by degrees of freedom: half of an 80 % range. Source: published tables (Student, 1908; any book
 * of statistics); between two rows by the inverse of the degrees.
 */
const STUDENT: readonly (readonly [degrees: number, t: number])[] = [
  [3, 1.638],
  [4, 1.533],
  [5, 1.476],
  [6, 1.44],
  [7, 1.415],
  [8, 1.397],
  [9, 1.383],
  [10, 1.372],
  [12, 1.356],
  [15, 1.341],
  [20, 1.325],
  [30, 1.31],
  [60, 1.296],
  [120, 1.289],
]
const NORMAL_10 = 1.282

/** Half an 80 % range, in standard errors; below three degrees nothing is told apart from three. */
export function studentHalf(degrees: number): number {
  const above = STUDENT.findIndex(([each]) => each >= degrees)
  if (above === 0) return STUDENT[0]![1]
  const low = above < 0 ? STUDENT.at(-1)! : STUDENT[above - 1]!
  const high: readonly [number, number] = above < 0 ? [Number.POSITIVE_INFINITY, NORMAL_10] : STUDENT[above]!
  const along = (1 / low[0] - 1 / degrees) / (1 / low[0] - 1 / high[0])
  return low[1] + (high[1] - low[1]) * along
}

/**
 * How far the same task differs from job to job where nobody has counted yet: as much as low and high of the shipped hours lie from the
 * typical, in logarithms, and believed as if three jobs had shown it. Our judgement.
 */
const PRIOR = { spread: 0.35, degrees: 3 } as const
/** Hours of which only the item was said tell half as much of a task. Our judgement. */
const UNSAID_COUNTS = 0.5
/** Under so many hours a job says nothing of a task. */
const LEAST_H = 0.25

/**
 * How much a firm's own record weighs against its present row, by jobs: half at two, all of it from five. Common practice.
 *
 * @example
 * weightOf(2) // => 0.5
 * weightOf(1) // => 0.25
 * weightOf(7) // => 1
 */
export function weightOf(jobs: number): number {
  if (jobs <= 2) return (Math.max(0, jobs) / 2) * 0.5
  return Math.min(1, 0.5 + ((jobs - 2) / 3) * 0.5)
}

/** What closed jobs say of the hours of a task. */
export type TaskEvidence = {
  readonly task: string
  readonly name: string
  /** Jobs it was spent on, and how many of them said the task itself. */
  readonly jobs: readonly {
    readonly job_id: string
    readonly title: string
    readonly ratio: number
    readonly said: boolean
  }[]
  readonly estimate_h: number
  readonly spent_h: number
  /** Hours spent over hours reckoned at the hours it is weighed against, and its 80 % range. */
  readonly ratio: number
  readonly low: number
  readonly high: number
  readonly weight: number
  /** What the hours it is weighed against would be multiplied by: the ratio as far as it weighs. */
  readonly times: number
  /** The range holds the hours it is weighed against: nothing has been shown yet. */
  readonly unshown: boolean
  /** Its hours were taken from such evidence before. */
  readonly taken: boolean
  /**
   * The task's numbers that a firm may set, as they are, as they would be, and as they were before anything was taken from jobs: the same
   * jobs, taken once or twice, offer the same.
   */
  readonly values: readonly {
    readonly key: string
    readonly from: number
    readonly now: number
    readonly offered: number
  }[]
}

type Values = EntityOf['settings']['values']

/** The firm's values as they were before anything was taken from its jobs. */
const beforeTaken = (values: Values): Values =>
  Object.fromEntries(
    Object.entries(values).map(([key, { value, reason, from }]) => [key, { value: from ?? value, reason }]),
  )

const digits = (value: number): number => Math.round(value * 10_000) / 10_000

/**
 * What closed jobs say of each task, most jobs first. Nothing is changed by it: it is offered.
 *
 * The ratio is the geometric mean over jobs, since twice as long and half as long are equally far off; each job counts once, whatever its
 * size. Its range is Student's, about the spread that these jobs and the prior show together: with few jobs it is wide. Set-ups and rates
 * are moved alike, so that the same work reckoned again at the full ratio comes to what was spent.
 *
 * @param values the firm's values of today. Jobs are weighed against its hours as they were before any were taken from jobs, so that no job
 * weighs twice; what the firm has set by hand is such an hour. Estimates are those of each job's own rows, brought to those hours.
 */
export function taskEvidence(records: readonly JobRecord[], values: Values): TaskEvidence[] {
  const rows = rowsOf({ values })
  const before = rowsOf({ values: beforeTaken(values) })
  type Seen = { job: JobRecord; estimate: number; spent: number; unsaid: number }
  const byTask = new Map<string, Seen[]>()
  for (const job of records) {
    for (const { task, estimate_h, spent_h, unsaid_h, typical_then } of job.tasks) {
      if (estimate_h < LEAST_H || spent_h <= 0) continue
      if (!isTask(task)) continue
      // At the hours that jobs are weighed against, the same work would have been reckoned at so much.
      const moved = typical_then > 0 ? before.task(task).typical / typical_then : 1
      const seen = { job, estimate: estimate_h * moved, spent: spent_h, unsaid: unsaid_h }
      byTask.set(task, [...(byTask.get(task) ?? []), seen])
    }
  }
  return [...byTask]
    .map(([task, seen]) => evidenceOf(task, seen))
    .toSorted((a, b) => b.jobs.length - a.jobs.length || b.spent_h - a.spent_h)

  function evidenceOf(task: string, seen: readonly Seen[]): TaskEvidence {
    const logs = seen.map(({ estimate, spent }) => Math.log(spent / estimate))
    const counts = seen.map(({ spent, unsaid }) => 1 - (1 - UNSAID_COUNTS) * (unsaid / spent))
    const n = counts.reduce((sum, each) => sum + each, 0)
    const mean = logs.reduce((sum, each, index) => sum + each * counts[index]!, 0) / n
    const squares = logs.reduce((sum, each, index) => sum + counts[index]! * (each - mean) ** 2, 0)
    const degrees = PRIOR.degrees + Math.max(0, n - 1)
    const spread = Math.sqrt((PRIOR.degrees * PRIOR.spread ** 2 + squares) / degrees)
    const half = (studentHalf(degrees) * spread) / Math.sqrt(n)
    const weight = weightOf(n)
    const times = Math.exp(weight * mean)
    const [row, from] = [rows.task(task), before.task(task)]
    return {
      task,
      name: taskName(task),
      jobs: seen.map(({ job, estimate, spent, unsaid }) => ({
        job_id: job.job_id,
        title: job.title,
        ratio: spent / estimate,
        said: unsaid === 0,
      })),
      estimate_h: seen.reduce((sum, each) => sum + each.estimate, 0),
      spent_h: seen.reduce((sum, each) => sum + each.spent, 0),
      ratio: Math.exp(mean),
      low: Math.exp(mean - half),
      high: Math.exp(mean + half),
      weight,
      times,
      unshown: mean - half <= 0 && mean + half >= 0,
      taken: TASK_FIELDS.some((field) => values[`task.${task}.${field}`]?.from !== undefined),
      values: TASK_FIELDS.filter((field) => row[field] > 0).map((field) => ({
        key: `task.${task}.${field}`,
        from: from[field],
        now: row[field],
        offered: digits(from[field] * times),
      })),
    }
  }
}

/** What closed jobs say of the share of paid hours that is work; null: none said anything. */
export function productiveEvidence(
  records: readonly JobRecord[],
): { readonly jobs: number; readonly share: number; readonly estimate: number } | null {
  const said = records.filter(({ paid_h, along_h }) => paid_h > 0 && along_h > 0)
  if (said.length === 0) return null
  const paid = said.reduce((sum, each) => sum + each.paid_h, 0)
  const work = said.reduce((sum, each) => sum + each.paid_h - each.along_h, 0)
  const estimate = said.reduce((sum, each) => sum + each.productive_estimate * each.paid_h, 0) / paid
  return { jobs: said.length, share: work / paid, estimate }
}
