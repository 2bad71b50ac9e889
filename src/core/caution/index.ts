export { AT_MOST, cautionsOf, whereOf, type Caution, type Cautions } from './cautionsOf'
export { isLeadPresumed, LEAD_RULE, leadRule, type LeadVerdict } from './leadRule'
