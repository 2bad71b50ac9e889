export { agreedPrice, Baseline, baselineOf } from './baseline'
export { draftOrder, type NotReckoned, type OrderDraft } from './draftOrder'
export { findsBehind, foundWork, guessOf, toldOf } from './foundWork'
export { hitRate, type HitRate } from './hitRate'
export { checksOf, type CoverCheck } from './coverChecks'
export {
  modelOfOrder,
  orderDays,
  orderModel,
  OrderModel,
  orderPaper,
  orderSections,
  type OrderSigned,
} from './orderModel'
export { placesToOpen, type PlaceToOpen } from './places'
export {
  addsOf,
  askedFor,
  leavesOf,
  ordersOf,
  OrderFace,
  runningTotal,
  withinAgreed,
  withOrders,
  type Order,
  type RunningTotal,
} from './orders'
