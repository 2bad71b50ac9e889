export { combineFactors, reachFactor, type Factor } from './factors'
export { newLength, recipeOf, type Consumable, type Piece, type Recipe, type TaskUse } from './recipe'
export {
  takeoffJob,
  type ItemTakeoff,
  type Pace,
  type SharedTakeoff,
  type Takeoff,
  type TaskHours,
} from './takeoffJob'
export { TASKS, taskOf, type Task, type TaskId } from './tasks'
