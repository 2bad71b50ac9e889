export { productiveShare } from './productive'
export { priceJob, type ApartLine, type JobPrice, type Price, type PriceLine } from './priceJob'
export { priceLooks, type LookLine, type Looks } from './priceLooks'
export { marginOf, markupOf, overheadOnCost, overheadOnSales, sellPrice, type SellError } from './sellPrice'
