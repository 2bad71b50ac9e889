/** Today in a time zone, for the date on a bid's preview. */
export function today(timeZone: string): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(new Date())
  } catch {
    return new Date().toISOString().slice(0, 10)
  }
}
