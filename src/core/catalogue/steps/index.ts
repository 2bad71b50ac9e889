export { stepOf, STEPS, type StepId, type StepRow } from './steps'
export { OPENS_WALL, TAKES_SUPPORT, TASK_STEPS, type TaskSteps } from './taskSteps'
export { DRY_TO, LEAD_IDS, LEADS, ON_THE_DAY, WAITS, type LeadId, type LeadRow, type WaitRow } from './waits'
export { SKIES, SKY_IDS, skyOf, type SkyId, type SkyRow } from './skies'
