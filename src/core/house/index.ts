export {
  hatch,
  type Drawing,
  type Ink,
  type LabelInk,
  type Mark,
  type Point,
  type Shape,
  type SideSpan,
} from './drawing'
export { drawRibbon } from './drawRibbon'
export { drawStrip, drawTape, stripSpans, TAPE_PX, type StripView } from './drawStrip'
export { INVENTED_CLIMATES } from './climates'
export type { DayPiece } from './drawDays'
export { drawFeature } from './drawFeature'
export { findingNumber } from './drawFindings'
export { drawPlan, type PlanDrawing, type PlanView } from './drawPlan'
