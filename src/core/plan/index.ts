export { NOTHING_AROUND, type Around, type Taken } from './calendar'
export type { Coming } from './comes'
export { improve, type Found } from './engine'
export type { Link } from './links'
export {
  ALONE,
  type DryGate,
  type JobPlan,
  type PlanAround,
  type PlanDayView,
  type PlannedUnit,
  type Trouble,
} from './jobPlan'
export { draftPlan, planJob, type Draft } from './planJob'
export type { AcceptedChoice } from './accepted'
export type { PlanUnit, Refused } from './units'
export type { Why } from './why'
export {
  boundWords,
  nameOfUnit,
  stepsOfUnit,
  troubleWords,
  whereOfUnit,
  whyWords,
  type PlanTold,
} from './say'
export { crewDays } from './crewDays'
export { neededBy, type NeededBy } from './neededBy'
export { planEntries } from './entries'
export { dayNumbers, onTheWalls, pieceKey } from './onTheWalls'
export { drySeason, visitUnit, type DrySeason } from './drySeason'
