export { dayWords } from './dayWords'
export { dayIn } from './dayIn'
export { momentWords } from './momentWords'
export { afterOfficeDays, dayAfter, daysBetween, weekday } from './days'
export {
  addLengths,
  feet,
  inches,
  longest,
  rectangle,
  scaleLength,
  shortest,
  toFeet,
  toInches,
  toSquareFeet,
  type Area,
  type Length,
} from './length'
export { parseLength, LONGEST_FT, type LengthError } from './parseLength'
export { formatLength } from './formatLength'
export { addCents, dollars, formatCents, shareCents, wholeDollars, type Cents } from './money'
export { parseMoney, type MoneyError } from './parseMoney'
export { parseWalk, type Leg, type WalkError } from './walkOrder'
export { closing, type Closing } from './closing'
export { spreadClosing } from './spreadClosing'
export { walkOfShape, type HouseShape, type ShapeSizes } from './shapes'
export {
  diagonalCheck,
  exposureOf,
  gableArea,
  heightFromCourses,
  rakeLength,
  type SquareError,
} from './steelSquare'
export { dressedSize, type DressedSize } from './lumber'
export { gradeFall, isSoilFallEnough, PAVING_SLOPE, SOIL_FALL, type GradeError } from './gradeFall'
export { NUMBER_WORDS } from './numberWords'
export {
  parseDay,
  parseMonth,
  parseHours,
  parseNumber,
  parsePercent,
  parsePitch,
  parseTemperature_c,
  toFahrenheit,
  type SaidError,
  type SaidRange,
} from './parseSaid'
export { monthsBetween, monthWords, type Month } from './months'
