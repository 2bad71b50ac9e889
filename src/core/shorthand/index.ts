export { chipsOf, type Chip } from './chips'
export { LearntWord, WordMeaning } from './learntWord'
export { parseLine, type Shorthand } from './parseLine'
export { factAbout, findingFrom, type SaidFact, type SaidFinding } from './toFinding'
