import 'server-only'

/** Today in a time zone. */
export function todayIn(timeZone: string, now: Date): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(now)
  } catch {
    // A zone nobody knows is a slip in a typed job file; the day in UTC is at most one off.
    return now.toISOString().slice(0, 10)
  }
}
