import { handoverModel, recordOf, tallyOf } from '../core/close'
import { ordersOf } from '../core/open'
import { derive } from '../core/pipeline'
import { acceptedWork, isOurWork } from '../core/plan/accepted'
import type { HeavyTasks } from './tasks'

export const recordJob: HeavyTasks['recordJob'] = ({ job, today, now, accepted, baseline, faces }) => {
  const derived = derive(job, today)
  return recordOf({
    job: derived.job,
    tally: tallyOf(derived, accepted, now),
    price: derived.price,
    baseline,
    orders: ordersOf(job, faces, baseline),
  })
}

export const handoverOf: HeavyTasks['handoverOf'] = ({ job, today, accepted }) => {
  const derived = derive(job, today)
  const { handover } = derived.job
  if (handover === null) return null
  const { scope } = acceptedWork(derived, accepted)
  return handoverModel({ job: derived.job, handover, items: scope.items.filter(isOurWork) })
}
