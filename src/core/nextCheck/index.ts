export { answers, expectedGain_bits, type Prospect } from './gain'
export { likelihoodOf, nextChecks, nextChecksInSteps, type NextCheck } from './nextChecks'
export { proposedBid, type ProposedBid } from './proposedBid'
