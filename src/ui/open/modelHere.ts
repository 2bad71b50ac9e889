import type { ChangeOrder, JobDocument } from '../../core/job'
import { orderModel, type OrderModel } from '../../core/open/orderModel'
import { withinAgreed } from '../../core/open/orders'
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
  const { job } = of
  const { baseline, orders, total } = of.orders
  const others = orders.filter((each) => each.order.id !== order.id)
  const within = withinAgreed([...others, { order, face: { standing: 'waits' } }], baseline)
  const shown = order.photo_ids.flatMap((id) => job.photos.find((photo) => photo.id === id) ?? [])
  return orderModel({
    order,
    number: of.number,
    bid: { number: baseline.number, accepted_by: baseline.accepted_by, accepted_on: baseline.accepted_on },
    front: { title: job.job.title, address: job.job.address },
    firm: {
      name: job.settings.firm_name,
      place: job.settings.firm_place,
      licence: job.settings.licence_line,
    },
    made_on: of.made_on,
    time_zone: job.job.time_zone,
    bid_cents: baseline.total_cents,
    changes_cents: total.agreed_cents,
    goes_on_cents: within.has(order.id) ? baseline.go_on!.most_cents : null,
    pictures: shown.map(({ sha256, caption }) => ({ sha256, caption })),
  })
}
