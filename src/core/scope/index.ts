export { adviseMethods, type MethodAdvice } from './adviseMethods'
export { isOpeningPart, isSiding, MEMBERS, type MemberRule } from './members'
export { lifeOf, METHOD_KNOWLEDGE, WARRANTY_WORDS, type Life } from './methods'
export { gradeOfPaint, worstSide } from './paintCondition'
export {
  outsideScope,
  outsideWords,
  SCOPE_WORDS,
  scopeLineWords,
  scopeParts,
  type ScopeKind,
  type ScopePart,
} from './scopeLine'
export { scopeJob, type AreaItem, type RepairItem, type Scope } from './scopeJob'
export { repairForFix } from './sourceFix'
export { decisionOn, isFixedBy } from './sourceDecision'
