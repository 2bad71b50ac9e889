import 'server-only'
import { dayIn } from '../core/measure'

/** Today in a time zone. */
export const todayIn = (timeZone: string, now: Date): string => dayIn(timeZone, now)
