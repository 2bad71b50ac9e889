export { cutJob, sectionKey, type CutPlan, type GoodsPlan, type SectionPlan } from './cutJob'
export { KERF, packBoards, type Board, type CutPiece, type Packing } from './packBoards'
export { jointed, jointTakes } from './jointed'
