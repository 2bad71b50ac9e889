export { compareMethods, type Alternative, type Comparison } from './compareMethods'
export { priceOfFixes, type FixPrice } from './priceOfFixes'
export { sideAgainstSpots, type SideChoice } from './sideAgainstSpots'
export { withLeaves } from './withLeaves'
