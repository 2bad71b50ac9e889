/**
 * A moment as it is said where the job is: `Dec 27, 9:05 AM`.
 *
 * @param timeZone an IANA name; one that is none is taken for UTC
 *
 * @example
 * momentWords('2026-12-27T17:05:00Z', 'America/Los_Angeles').replaceAll('\u202f', ' ') // => 'Dec 27, 9:05 AM'
 */
export function momentWords(moment: string, timeZone: string): string {
  const at = new Date(moment)
  if (Number.isNaN(at.getTime())) return moment
  const format = (zone: string): string =>
    new Intl.DateTimeFormat('en-US', {
      month: 'short',
      day: 'numeric',
      hour: 'numeric',
      minute: '2-digit',
      timeZone: zone,
    }).format(at)
  try {
    return format(timeZone)
  } catch (error) {
    if (error instanceof RangeError) return format('UTC')
    throw error
  }
}
