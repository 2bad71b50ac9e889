import type { JobRowAnswer } from '../../core/contract'
import {
  byDay,
  daysBetween,
  jobDay,
  JOB_STATES,
  type Group,
  type JobDay,
  type JobState,
} from '../../core/office'
import { dayWords } from '../../core/measure'

export type DayRow = { readonly job: JobRowAnswer; readonly day: JobDay }
export const GROUP_NAMES: Readonly<Record<Group, string>> = {
  next: 'Do next',
  waiting: 'On the way',
  done: 'Done',
}
export const JOB_ORDERS = {
  day: 'by what to do',
  newest: 'last touched first',
  sum: 'dearest first',
} as const
export type JobOrder = keyof typeof JOB_ORDERS

/** The jobs with where each stands today, in the order asked for. */
export function dayRows(
  jobs: readonly JobRowAnswer[],
  of: { readonly today: string; readonly state: JobState | null; readonly order: JobOrder },
): DayRow[] {
  const rows = jobs
    .map((job) => ({ job, day: jobDay(job, of.today) }))
    .filter(({ day }) => of.state === null || day.state === of.state)
  switch (of.order) {
    case 'day':
      return rows.toSorted((a, b) => byDay(a.day, b.day))
    case 'newest':
      return rows
    case 'sum':
      return rows.toSorted((a, b) => (b.job.total_cents ?? -1) - (a.job.total_cents ?? -1))
  }
}

/** How many jobs are in each state, and what they come to; states that no job is in are left out, but for the one that is shown alone. */
export function stateTallies(
  jobs: readonly JobRowAnswer[],
  today: string,
  shown: JobState | null = null,
): { readonly state: JobState; readonly count: number; readonly cents: number }[] {
  return JOB_STATES.flatMap((state) => {
    const mine = jobs.filter((job) => jobDay(job, today).state === state)
    const cents = mine.reduce((sum, job) => sum + (job.total_cents ?? 0), 0)
    return mine.length === 0 && state !== shown ? [] : [{ state, count: mine.length, cents }]
  })
}

/** When a step is due, as one says it; empty where there is no day. */
export function dueWords(due: string | null, today: string): string {
  if (due === null) return ''
  const days = daysBetween(today, due)
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days === -1) return 'since yesterday'
  if (days < 0) return `${-days} days late`
  return days < 7 ? `in ${days} days` : dayWords(due)
}

/** How long ago a job was touched. */
export function agoWords(moment: string, today: string): string {
  const days = daysBetween(moment, today)
  return days <= 0
    ? 'today'
    : days === 1
      ? 'yesterday'
      : days < 60
        ? `${days} days ago`
        : dayWords(moment.slice(0, 10))
}
