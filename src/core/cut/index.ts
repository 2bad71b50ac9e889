export {
  countByStock,
  cutJob,
  jointsOf,
  sectionKey,
  withBoards,
  type CutPlan,
  type GoodsPlan,
  type SectionPlan,
} from './cutJob'
export { KERF, packBoards, type Board, type CutPiece, type Packing } from './packBoards'
export { jointed, jointTakes } from './jointed'
export { bestPlan, type BestPlan, type Solver, type Told } from './bestPlan'
export { solverOf } from './highsSolver'
export { buyMyWay, type MyWay } from './myWay'
export { packSheets, SHEET, type CutSheet, type SheetPiece } from './packSheets'
export type { SheetPlan } from './cutSheets'
export { fromHere, lengthsAtHand, planKey, replan, type AtSaw, type Replanned } from './replan'
