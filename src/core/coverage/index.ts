export { coverJob, NOT_LOOKED_WORDS, type Coverage, type ZoneCoverage } from './coverJob'
