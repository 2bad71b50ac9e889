export { byId } from './byId'
export * from './values'
export { KnowledgeId, type ComponentId, type MaterialId, type MethodId } from './components'
export {
  Facing,
  HOUSE_KINDS,
  PersonRole,
  Spot,
  Surroundings,
  WORK_STATES,
  WorkPlace,
  type WorkState,
} from './entities'
export { AT_GROUND, BELOW_OPENINGS, FEATURE_WORDS, FIXTURES, ON_ROOF } from './features'
export { PAPERS, Payments, Rates, Settings, SHOWN_PRICES, TAX_RULES, TAX_WORDS } from './settings'
export { PRICE_BASES, type PriceBasis } from './entities'
export {
  AREAS,
  AREA_IDS,
  CHECK_IDS,
  Fact,
  KEEP_OFF_SIGNS,
  type NoteAbout,
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
export { GUTTER_FALLS, SURVEY_KINDS, type SurveyKind } from './surveys'
export { BOOKING_KINDS } from './plans'
export { finishedOf } from './finishedOf'
export { PAID_BY, RECEIPT_KINDS, SPELL_ALONG } from './closed'
export { ChangeOrder as ChangeOrderShape, ORDER_LINE_KINDS } from './opened'
export {
  countedFind,
  findName,
  openedAt,
  openedFindings,
  openingsAt,
  showedOf,
  type Showed,
} from './openedAt'
export { PictureMark, type PictureCanvas, type PicturePoint } from './pictures'
export type { MonthOrYear } from './values'
export { COMPASS, RESPONSE_ANSWERS, type ResponseAnswer } from './walkEntities'
export { BECAME, raiseBody, raiseChange, raiseFact, raiseStamps, UNNAMED_EDITION } from './raise'
export * from './document'
export { issuesOf, parseJobFile, printJobFile, readJob, type JobFileError } from './jobFile'
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
export { copiedJob, newJob, newWorkItem, withoutMoney } from './newJob'
export { isStorable } from './storable'
export { computedGrade, gradeOf, isDamage, isStructuralDecay, SOFT_GRADE, type ComputedGrade } from './grade'
export { areaOf_ft2, oneOfSize, quantityWords, sizeOfFinding } from './quantity'
export { startingRates, startingSettings } from './startingSettings'
