export { AT_MOST, cautionsOf, type Caution, type Cautions } from './cautionsOf'
export { dangersAt, dangersOf, hangsOn, type Danger, type WorkSpot } from './dangers'
export { isLeadPresumed, LEAD_RULE, leadRule, type LeadVerdict } from './leadRule'
export { placeWords, whereForOwner, whereOf } from '../geometry/whereOf'
