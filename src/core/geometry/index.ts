export {
  drawnLength,
  facingsOf,
  featureBox,
  findingBox,
  foundationTop,
  placeOf,
  resolveHeight,
  stripOrder,
  wallTop,
  type WallBox,
} from './walls'
