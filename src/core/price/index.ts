export { priceJob, type JobPrice, type Price, type PriceLine } from './priceJob'
export { marginOf, markupOf, overheadOnCost, overheadOnSales, sellPrice, type SellError } from './sellPrice'
