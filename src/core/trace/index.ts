export { CERTAINTY_FROM, CERTAINTY_WORDS, certaintyOf, type Certainty } from './certainty'
export {
  CAUSES,
  CAUSE_IDS,
  FAMILIES,
  causeNamed,
  causeOf,
  isCause,
  isNull,
  type Cause,
  type CauseId,
} from './knowledge/causes'
export { SIGNS, SIGN_GROUPS, SIGN_IDS, isSign, signOf, type SignId } from './knowledge/signs'
export { PRIORS, SHARES } from './knowledge/priors'
export { rankCauses, type Evidence, type RankedCause, type Reason } from './rankCauses'
export { isWithinReach, traceJob, type Source, type Trace, type TracedFinding } from './traceJob'
