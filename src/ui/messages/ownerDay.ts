import type { Locale } from '../../core/lists/locales'

/** A day of the calendar, in one language; what is no day stands as it is. */
export function ownerDay(day: string, locale: Locale): string {
  const at = new Date(`${day}T00:00:00Z`)
  if (Number.isNaN(at.getTime())) return day
  const words = new Intl.DateTimeFormat(locale === 'es' ? 'es-MX' : 'en-US', {
    dateStyle: 'long',
    timeZone: 'UTC',
  })
  return words.format(at).replaceAll(' ', '\u00a0')
}
