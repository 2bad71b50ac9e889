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
export { drawStrip, drawTape, stripSpans, TAPE_PX, type StripView } from './drawStrip'
export { findingNumber } from './drawFindings'
