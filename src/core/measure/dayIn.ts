/** The day of a moment where the job is; a zone nobody knows is a slip in a typed job file, and the day in UTC is at most one off. */
export function dayIn(timeZone: string, moment: Date): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(moment)
  } catch (error) {
    if (error instanceof RangeError) return moment.toISOString().slice(0, 10)
    throw error
  }
}
