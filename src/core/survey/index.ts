export { BEYOND, GOVERNS, type Computed, type Input } from './computed'
export {
  downspoutByTrade,
  gallonsAMinute,
  gutterByCode,
  GUTTER_SLOPES,
  halfRound_ft2,
  pitchFactor,
  type Drained,
  type GutterSlope,
} from './runOff'
export { atticVents, crawlVents, groundCover_ft2 } from './vents'
export {
  bestPlane,
  BUILT_SO,
  courseDrops,
  oneIn,
  reduceLevels,
  RESHOOT_FROM_IN,
  type CourseDrop,
  type CourseReading,
  type FloorPoint,
  type LevelError,
  type LevelRun,
  type Plane,
  type PlaneError,
  type RodReading,
  type SetUp,
} from './levels'
export { wallGate, wallShapes, WALL_GATES, type PlumbStation, type WallGate, type WallShape } from './plumb'
export {
  crackClass,
  crackShape,
  CRACK_CLASSES,
  type Crack,
  type CrackClass,
  type CrackReading,
  type CrackRun,
  type CrackShape,
} from './cracks'
export { movementVerdict, VERDICTS, type Measured, type Verdict, type VerdictId } from './verdict'
