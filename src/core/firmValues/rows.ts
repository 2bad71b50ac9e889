import {
  DAYS,
  LADDER_SERVES_FT,
  LEAD_SAFE_TIMES,
  LIVED_IN_TIMES,
  REACH,
  taskOf,
  type ReachRow,
  type TaskRow,
} from '../catalogue'
import type { EntityOf } from '../job'

/** The rows that hours are reckoned with: the shipped ones, with what the firm put in their place. */
export type ReckonedRows = {
  readonly task: (id: string) => TaskRow
  readonly reach: readonly ReachRow[]
  readonly lead_safe_times: number
  readonly lived_in_times: number
  readonly ladder_serves_ft: number
  readonly days: { readonly [K in keyof typeof DAYS]: number }
}

/** Numbers of a task that a firm may change. */
export const TASK_FIELDS = ['set_up_h', 'low', 'typical', 'high'] as const

/** The rows of one settings edition. */
export function rowsOf(settings: Pick<EntityOf['settings'], 'values'>): ReckonedRows {
  const own = (key: string, shipped: number): number => settings.values[key]?.value ?? shipped
  const tasks = new Map<string, TaskRow>()
  const task = (id: string): TaskRow => {
    const held = tasks.get(id)
    if (held) return held
    const row = taskOf(id)
    const changed = Object.fromEntries(
      TASK_FIELDS.map((field) => [field, own(`task.${id}.${field}`, row[field])]),
    )
    const made = { ...row, ...changed }
    tasks.set(id, made)
    return made
  }
  return {
    task,
    reach: REACH.map((row) => ({ ...row, times: own(`reach.${row.id}`, row.times) })),
    lead_safe_times: own('factor.lead-safe', LEAD_SAFE_TIMES),
    lived_in_times: own('factor.lived-in', LIVED_IN_TIMES),
    ladder_serves_ft: own('reach.ladder-serves', LADDER_SERVES_FT),
    days: {
      day_h: own('days.day_h', DAYS.day_h),
      short_crew_days: own('days.short_crew_days', DAYS.short_crew_days),
      full_crew_days: own('days.full_crew_days', DAYS.full_crew_days),
      days_a_visit: own('days.days_a_visit', DAYS.days_a_visit),
      along_yd3: own('days.along_yd3', DAYS.along_yd3),
    },
  }
}
