import type { AroundAnswer } from '../../core/contract/plan'
import type { JobDocument } from '../../core/job'
import { ordersOf, withOrders } from '../../core/open/orders'

/** What a job stands on, with what its owner said on this phone since: the plan follows his yes before the server has it. */
export function withWordHere(around: AroundAnswer, job: JobDocument): AroundAnswer {
  const { accepted, baseline = null } = around
  if (accepted === null || baseline === null || job.change_orders.length === 0) return around
  const faces = ordersOf(job, around.orders, baseline).map(({ face }) => face)
  return { ...around, accepted: withOrders(accepted, faces) }
}
