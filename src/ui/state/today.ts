import { dayIn } from '../../core/measure/dayIn'

/** Today in a time zone, for the date on a bid's preview. */
export const today = (timeZone: string): string => dayIn(timeZone, new Date())
