import { derive } from '../core/pipeline'
import { crewDays } from '../core/plan'
import type { HeavyTasks } from './tasks'

/** The days a job takes of its crews, beside the jobs before it and as if it were alone. */
export const planDays: HeavyTasks['planDays'] = ({ job, today, around }) => {
  const { plan } = derive(job, today, {}, around)
  const alone = around.taken.length === 0 ? plan : derive(job, today, {}, { ...around, taken: [] }).plan
  return {
    first: plan.first,
    last: plan.last,
    finish_by: job.plan?.finish_by ?? null,
    days: crewDays(plan),
    last_alone: alone.last,
  }
}
