export {
  accountOf,
  firstUnpaid,
  nextInvoice,
  soldOf,
  type Account,
  type InvoiceDraft,
  type InvoiceFace,
} from './account'
export { productiveEvidence, taskEvidence, weightOf, type TaskEvidence } from './evidence'
export { handoverDays, handoverModel, handoverPaper, HandoverModel } from './handover'
export { BOOK_COLUMNS, bookRows, invoicePaper, type BookRow } from './invoicePaper'
export { causeRecord, weightOffers, type CauseRecord, type WeightOffer } from './causeRecord'
export { earnedByJob, earnedByKind, type JobEarned, type KindEarned } from './lookBack'
export { JobRecord } from './jobRecord'
export { recordOf } from './record'
export { hoursOfSpell, spentOn, type Doubt, type Spent } from './spent'
export { reckonedWork, tallyFrom, tallyOf, type ItemTally, type Tally, type Verdict } from './tally'
export {
  claimFits,
  monthsAfter,
  offeredLooks,
  upkeepOf,
  warrantyOf,
  type ItemWarranty,
  type Upkeep,
} from './warranty'
