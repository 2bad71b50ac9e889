export { itemName } from './itemName'
export { openDangers } from './openDangers'
export { adviseMethods, type MethodAdvice } from './adviseMethods'
export { callOut, TRADES } from './callOut'
export { changesOf, placesOfItem, withSize } from './changedItem'
export { gradeOfPaint, worstSide } from './paintCondition'
export {
  outsideAt,
  outsideScope,
  limitWords,
  outsideWords,
  SCOPE_WORDS,
  scopeLineWords,
  scopeParts,
  type Outside,
  type ScopeKind,
  type ScopePart,
} from './scopeLine'
export { FirmKit, itemFromKit, kitOf, withoutPrice } from './firmKit'
export { scopeJob, type Scope, type ScopeItem } from './scopeJob'
export { itemForFindings, itemForFix } from './sourceFix'
export { decisionOn, fixStanding, type FixStanding } from './sourceDecision'
export { PRICED_APART, STANDING_WORDS, type ItemSpot, type Standing } from './spots'
export { rainAhead, stopGapsFor, type RainAhead } from './rainAhead'
export {
  doubledOnSides,
  newSideWork,
  newWithSide,
  renewedWithSide,
  sideMethodsFor,
  sideWorkOn,
  takenInstead,
  wantsAfter,
  type Doubled,
} from './sideWork'
export { takeAdvised } from './takeAdvised'
