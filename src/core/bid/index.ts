export { beforeSending, bidJob } from './bidJob'
export { BidModel, type BidBesideLine, type BidHazardLine } from './bidModel'
export {
  chosenTotal,
  WHOLE_BID,
  type Choice,
  type ChoiceError,
  type Choosable,
  type ChosenTotal,
} from './choose'
export { compareBids, isSameBid, type BidDifference, type Difference } from './compareBids'
export { sectionsOf, type BidBlock, type BidPicture, type BidSection } from './blocks'
export { readBid, type BidReadError } from './raiseBid'
export type { Stages } from './stages'
export { tellSource } from './tellSource'
