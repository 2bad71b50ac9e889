export { answers, expectedGain_bits, type Prospect } from './gain'
export { nextChecks, type NextCheck } from './nextChecks'
