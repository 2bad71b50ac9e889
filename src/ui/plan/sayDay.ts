import type { JobStore } from '../../client/jobStore'
import { newId } from '../../client/newId'
import type { PlanDay } from '../../core/job'

/** What a person says of one day of the calendar: what was said of it before is changed, never said twice. */
export function sayDay(
  store: JobStore,
  day: string,
  fields: Partial<Pick<PlanDay, 'sky' | 'off' | 'said'>>,
): string | null {
  const held = store.read().job.plan_days.findLast((each) => each.day === day)
  if (held) return store.set('plan_day', held.id, { said: 'person', ...fields })
  return store.create('plan_day', {
    id: newId(),
    removed: false,
    day,
    sky: null,
    off: '',
    said: 'person',
    ...fields,
  })
}
