export { CERTAINTY_FROM, CERTAINTY_WORDS, certaintyOf, isSureEnough, type Certainty } from './certainty'
export {
  CAUSES,
  CAUSE_IDS,
  FAMILIES,
  causeNamed,
  causeOf,
  isCause,
  isNull,
  isShownAt,
  type Cause,
  type CauseId,
} from '../catalogue/causes'
export { SIGNS, SIGN_GROUPS, SIGN_IDS, isSign, signOf, type SignId } from '../catalogue/signs'
export { DEPTH_SIGNS, signFits, signFitsSeen } from '../catalogue/signs/fits'
export { PRIORS, SHARES } from '../catalogue/causes/priors'
export { rankCauses, type RankedCause } from './rankCauses'
export { KNOWN_WEIGHT, weigh, type Evidence, type Reason } from './weigh'
export { CHECKS, type Check, type Permit } from '../catalogue/checks/checks'
export { chainsOf, type Chain } from './chains'
export { unprobedLike } from './unprobed'
export { guardsOf, type Guard } from './guards'
export { firstLooks, type FirstLook } from './firstLooks'
export { NO_TRACE, traceJob, type RunnerUp, type Source, type Trace, type TracedFinding } from './traceJob'
