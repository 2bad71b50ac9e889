export { productiveShare } from './productive'
export type { NoRate } from './cost'
export { priceJob, type ApartLine, type JobPrice, type Price, type PriceLine } from './priceJob'
export { priceLooks, priceOfLook, type LookLine, type Looks } from './priceLooks'
export { toldPrices, type ToldPrice } from './toldPrices'
export { buildUpOf, type Made } from './buildUp'
export { basisOf, basisWords, chargedHour, quantityOfItem, type LineBasis } from './basis'
export {
  marginOf,
  markupOf,
  overheadOnCost,
  overheadOnSales,
  sellBy,
  sellPrice,
  type SellBy,
  type SellError,
} from './sellPrice'
export * from './hidden'
