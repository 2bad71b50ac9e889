const MINUTE_MS = 60_000

/** Clock and calendar of a moment in a zone; one that nobody knows is taken for UTC. */
function partsAt(moment: number, timeZone: string): string {
  const format = (zone: string): string =>
    new Intl.DateTimeFormat('sv-SE', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    }).format(new Date(moment))
  try {
    return format(timeZone)
  } catch (error) {
    if (error instanceof RangeError) return format('UTC')
    throw error
  }
}

/**
 * The clock on the wall where the job is: `2026-06-01T08:00`.
 *
 * @example
 * clockAt('2026-06-01T15:00:00Z', 'America/Los_Angeles') // => '2026-06-01T08:00'
 */
export function clockAt(moment: string, timeZone: string): string {
  return partsAt(Date.parse(moment), timeZone).replace(' ', 'T')
}

/**
 * The moment at which the clock on the wall of a place says so; null: that is no day and hour. In the hour that is skipped in spring the
 * moment after it, in the one that comes twice in autumn the first.
 *
 * @example
 * momentAt('2026-06-01T08:00', 'America/Los_Angeles') // => '2026-06-01T15:00:00Z'
 * momentAt('yesterday', 'UTC') // => null
 */
export function momentAt(clock: string, timeZone: string): string | null {
  if (!/^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(clock)) return null
  const said = Date.parse(`${clock}Z`)
  if (Number.isNaN(said)) return null
  const offsetAt = (moment: number): number =>
    Date.parse(`${partsAt(moment, timeZone).replace(' ', 'T')}Z`) - Math.floor(moment / MINUTE_MS) * MINUTE_MS
  // The offset of a day before and of a day after: of two that fit, the earlier moment; of none, the offset from before.
  const day = 86_400_000
  const tries = [said - offsetAt(said - day), said - offsetAt(said + day)].toSorted((a, b) => a - b)
  const fits = tries.find((moment) => partsAt(moment, timeZone).replace(' ', 'T') === clock)
  const moment = fits ?? said - offsetAt(said - day)
  return `${new Date(moment).toISOString().slice(0, 19)}Z`
}
