export * from './values'
export {
  COMPONENTS,
  COMPONENT_IDS,
  MATERIALS,
  isStructural,
  type ComponentId,
  type MaterialId,
} from './components'
export { Facing, METHODS, PersonRole, Spot, Surroundings, type MethodId } from './entities'
export { FEATURE_WORDS, FIXTURES, ON_ROOF } from './features'
export { Rates, Settings } from './settings'
export {
  AREAS,
  AREA_IDS,
  CHECK_IDS,
  Fact,
  KEEP_OFF_SIGNS,
  WAYS_TO_LOOK,
  ZONES,
  ZONE_IDS,
  type AreaId,
  type CheckId,
  type FactKind,
  type NewFact,
  type WayToLook,
  type ZoneId,
} from './facts'
export { PictureMark, type PictureCanvas, type PicturePoint } from './pictures'
export { COMPASS, RESPONSE_ANSWERS, type ResponseAnswer } from './walkEntities'
export { raiseBody, raiseChange, raiseFact } from './raise'
export * from './document'
export { issuesOf, jobFileSchema, parseJobFile, printJobFile, readJob, type JobFileError } from './jobFile'
export { brokenReferences, type BrokenReference } from './references'
export { factsOf, live, liveFacts } from './live'
export {
  Change,
  applyChange,
  findEntity,
  fixedFields,
  initialState,
  PHOTO_LIMIT_PER_JOB,
  nextLetter,
  inverseOf,
  stampKey,
  type Applied,
  type ChangeError,
  type EntityStamp,
  type JobState,
  type Overruled,
} from './change'
export { lacking, type Lacking } from './lacking'
export { newJob, withoutMoney } from './newJob'
export { isStorable } from './storable'
export { computedGrade, gradeOf, isDamage, isStructuralDecay, type ComputedGrade } from './grade'
export { startingRates, startingSettings } from './startingSettings'
