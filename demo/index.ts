import { alderHouse } from './alderHouse'
import { tallowStreet } from './tallowStreet'

/** The invented jobs of the demo firm, by the name of their file. */
export const DEMO_JOBS = { 'alder-house': alderHouse, 'tallow-street-31': tallowStreet } as const
