export { foundationTop, gableRise, groundAt, resolveHeight, wallTop } from './heights'
export {
  casingOf,
  deckBox,
  drawnLength,
  facingsOf,
  featureBox,
  findingBox,
  isOpening,
  isVertical,
  placeOf,
  shownBox,
  stripOrder,
  type WallBox,
} from './walls'
export { cornersOf, eaveRun, type Corner } from './roofEdge'
export { overGround, paintedArea, type PaintedArea } from './paintedArea'
export { sideMeasures, type SideMeasures } from './sideMeasures'
export {
  planArea_ft2,
  planAt,
  planLength,
  planMiddle,
  planWalls,
  type PlanPoint,
  type PlanWall,
} from './plan'
export {
  onPicture,
  onWall,
  picturePerPixel,
  placeOnPicture,
  scaledLength,
  type PictureSize,
} from './pictureCanvas'
export {
  gripsOf,
  movedFeature,
  movedFinding,
  placeForAnother,
  type Drag,
  type Grip,
  type Moved,
} from './moveMark'
export { findingsOnPart, openingParts, placeOnPart, type OpeningPart } from './openingParts'
export { gapInside, insideViews, type InsideView } from './insideView'
export { contours, type Contour } from './contours'
export { sightLine, type SightLine } from './sightLine'
export { snapHeight, snapStation, type Caught, type Snap } from './snap'
