import { derive } from '../core/pipeline'
import type { HeavyTasks } from './tasks'

/** What the list of jobs shows of a job, reckoned from it. */
export const reckonJob: HeavyTasks['reckonJob'] = ({ job, today }) => {
  const { price, scope, lacks, cautions } = derive(job, today)
  return {
    total_cents: price.kind === 'priced' && price.lines.length > 0 ? price.total_cents : null,
    open: scope.open.length,
    lacks: lacks.length,
    keepOff: cautions.all.some((each) => each.kind === 'keep-off'),
  }
}
