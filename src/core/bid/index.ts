export { addDays, beforeSending, bidJob, type Stages } from './bidJob'
export { BidModel, type BidHazardLine } from './bidModel'
export { tellSource } from './tellSource'
