export { alone, lowerBound } from './bound'
export { placeAll, readyAfter, workedSlots } from './place'
export {
  cannotPlan,
  inOrder,
  LAST_DAY,
  type Activity,
  type After,
  type CannotPlan,
  type Demand,
  type Mode,
  type Placed,
  type Project,
  type Schedule,
} from './project'
export { improve, placeByRules, type Found } from './search'
