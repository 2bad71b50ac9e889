import type { ChangeOrder, JobDocument } from '../../core/job'
import { modelOfOrder, type OrderModel } from '../../core/open/orderModel'
import type { JobOrders } from './useOrders'

/** A change order as the owner would read it, made on this device: the server numbers and seals it once it gets there. */
export function modelHere(
  order: ChangeOrder,
  of: {
    readonly orders: JobOrders
    readonly job: JobDocument
    readonly number: number
    readonly made_on: string
  },
): OrderModel {
  const { job, number, made_on } = of
  const { baseline, orders } = of.orders
  const shown = order.photo_ids.flatMap((id) => job.photos.find((photo) => photo.id === id) ?? [])
  return modelOfOrder({
    ...{ order, number, baseline, job, made_on },
    others: orders.filter((each) => each.order.id !== order.id),
    pictures: shown.map(({ sha256, caption }) => ({ sha256, caption })),
  })
}
