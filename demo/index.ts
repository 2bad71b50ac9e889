import { alderHouse } from './alderHouse'
import { heronFlats } from './heronFlats'
import { kelpRow } from './kelpRow'
import { lanternCourt } from './lanternCourt'
import { permitAsked } from './permitAsked'
import { ploverQuay } from './ploverQuay'
import { quarryRoad } from './quarryRoad'
import { saltmarsh } from './saltmarsh'
import { scopedToTheEnd } from './scopedToTheEnd'
import { tallowStreet } from './tallowStreet'

/** The invented jobs of the demo firm, by the name of their file: all but the newest scoped to the end. */
export const DEMO_JOBS = {
  'alder-house': () => permitAsked(scopedToTheEnd(alderHouse())),
  'heron-flats-12': () => scopedToTheEnd(heronFlats()),
  'kelp-row-7': () => scopedToTheEnd(kelpRow()),
  'lantern-court-22': () => scopedToTheEnd(lanternCourt()),
  'plover-quay-6': () => scopedToTheEnd(ploverQuay()),
  'quarry-road-1190': () => scopedToTheEnd(quarryRoad()),
  'saltmarsh-cabin': () => scopedToTheEnd(saltmarsh()),
  'tallow-street-31': tallowStreet,
} as const
