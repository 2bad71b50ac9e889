export { rowsById, type Row, type Source } from './row'
export { needOf, NEEDS, needSaid, PERMIT_SAID, type NeedId, type NeedRow } from './methods/needs'
export { methodName, METHODS, methodOf, lifeOf } from './methods'
export {
  WARRANTIES,
  WARRANTY_MONTHS,
  type Advice,
  type Along,
  type Life,
  type MethodRow,
  type Per,
  type PieceUse,
  type Recipe,
  type TaskUse,
  type When,
} from './methods/method'
export { CURRENCIES, CURRENCY_BY_ID, type CurrencyRow } from './money/currencies'
export { DECAYED_WOOD_SCHOOL_BY_ID, DECAYED_WOOD_SCHOOLS, type SchoolRow } from './schools/schools'
export { damagedAs, partName, partOf, PARTS, plainPart } from './parts'
export type { AssemblyId, GoodUse, Grain, MemberSpan, PartRow, PieceRule, SectionRule } from './parts/part'
export { GOODS, goodName, goodOf, packagesFor, type GoodRow, type Packages } from './materials/goods'
export {
  claddingOf,
  CLADDINGS,
  materialName,
  materialOf,
  MATERIALS,
  type CladdingRow,
  type MaterialRow,
} from './materials/materials'
export { ANY_STOCK_FT, SECTION_USD, startingSectionRates, STOCK_FT, stockLengths_ft } from './materials/stock'
export {
  CLEARANCES,
  conditionOf,
  CONDITIONS,
  SLOPES,
  WORK_ZONES,
  type BandRow,
  type ConditionRow,
  type WorkZone,
} from './conditions/conditions'
export { DEBRIS, debrisOf, LOAD, type DebrisId, type DebrisRow } from './tasks/debris'
export {
  DAYS,
  GEAR,
  LADDER_SERVES_FT,
  LEAD_SAFE_TIMES,
  LIVED_IN_INSIDE_TIMES,
  LIVED_IN_TIMES,
  REACH,
  isTask,
  taskName,
  taskOf,
  TASKS,
  type GearRow,
  type ReachRow,
  type SetUp,
  type TaskRow,
} from './tasks/tasks'
/** Edition of the shipped rows: raised whenever a row changes what a job comes to. A job pins the one it was begun with. */
export const CATALOGUE_EDITION = '2026-11d'
export {
  cautionOf,
  CAUTIONS,
  KEEP_OFF_BY_SIGN,
  KEEP_OFF_LIST,
  NO_PRESSURE_ON,
  PEST_SIGNS,
  type CautionKind,
  type CautionRow,
} from './cautions/cautions'
export { CAUTIONS_BY_SIGN, type CautionBySign } from './cautions/bySign'
export { CLAUSES, type ClauseRow, type ClauseWords } from './clauses/clauses'
