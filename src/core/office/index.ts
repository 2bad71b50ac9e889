export {
  ASK_AGAIN,
  byDay,
  daysBetween,
  daysOn,
  JOB_STATES,
  jobDay,
  STATE_WORDS,
  type Group,
  type JobDay,
  type JobFacts,
  type JobState,
  type NextStep,
  type Standing,
} from './jobDay'
export { fitRates, MET_WITHIN, type Fit, type Remembered } from './fitRates'
export { outcomeOf, tellMonths, type Month, type MonthsTold, type Outcome, type SentJob } from './months'
