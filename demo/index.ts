import { alderHouse } from './alderHouse'
import { kelpRow } from './kelpRow'
import { lanternCourt } from './lanternCourt'
import { quarryRoad } from './quarryRoad'
import { saltmarsh } from './saltmarsh'
import { tallowStreet } from './tallowStreet'

/** The invented jobs of the demo firm, by the name of their file. */
export const DEMO_JOBS = {
  'alder-house': alderHouse,
  'kelp-row-7': kelpRow,
  'lantern-court-22': lanternCourt,
  'quarry-road-1190': quarryRoad,
  'saltmarsh-cabin': saltmarsh,
  'tallow-street-31': tallowStreet,
} as const
