export { cutJob, sectionKey, type CutPlan, type SectionPlan } from './cutJob'
export { KERF, packBoards, type Board, type CutPiece, type Packing } from './packBoards'
