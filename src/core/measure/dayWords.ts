const WORDS = new Intl.DateTimeFormat('en-US', { dateStyle: 'long', timeZone: 'UTC' })

/**
 * A day, `YYYY-MM-DD`, as it is said; its parts do not part at the end of a line. What is no day is given back as it came.
 *
 * @example
 * dayWords('2026-12-27').replaceAll('\u00a0', ' ') // => 'December 27, 2026'
 */
export function dayWords(day: string): string {
  const at = new Date(`${day}T00:00:00Z`)
  return Number.isNaN(at.getTime()) ? day : WORDS.format(at).replaceAll(' ', '\u00a0')
}
