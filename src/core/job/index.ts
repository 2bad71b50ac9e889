export * from './values'
export {
  COMPONENTS,
  COMPONENT_IDS,
  MATERIALS,
  isStructural,
  type ComponentId,
  type MaterialId,
} from './components'
export { METHODS, PersonRole, type MethodId } from './entities'
export { Rates, Settings } from './settings'
export { Fact, KEEP_OFF_SIGNS, ZONES, ZONE_IDS, type FactKind, type ZoneId } from './facts'
export * from './document'
export {
  JOB_MIGRATIONS,
  issuesOf,
  jobFileSchema,
  parseJobFile,
  printJobFile,
  readJob,
  type JobFileError,
} from './jobFile'
export { brokenReferences, type BrokenReference } from './references'
export { factsOf, live, liveFacts } from './live'
export {
  Change,
  applyChange,
  findEntity,
  initialState,
  inverseOf,
  stampKey,
  type Applied,
  type ChangeError,
  type EntityStamp,
  type JobState,
  type Overruled,
} from './change'
export { newJob, withoutMoney } from './newJob'
export { isStorable } from './storable'
export { computedGrade, gradeOf, isStructuralDecay, type ComputedGrade } from './grade'
export { startingRates, startingSettings } from './startingSettings'
