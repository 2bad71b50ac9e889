export { foundationTop, gableRise, groundAt, resolveHeight, wallTop } from './heights'
export {
  casingOf,
  drawnLength,
  facingsOf,
  featureBox,
  findingBox,
  isOpening,
  placeOf,
  stripOrder,
  type WallBox,
} from './walls'
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
export { sightLine, type SightLine } from './sightLine'
