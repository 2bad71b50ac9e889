import type { Locale } from '../../core/lists/locales'
import { dayWords } from '../../core/measure'
import { spanishDay } from '../../core/reading/spanishDay'

/** A day of the calendar, in one language. */
export function ownerDay(day: string, locale: Locale): string {
  const english = dayWords(day)
  return locale === 'es' ? (spanishDay(english.replaceAll('\u00a0', ' ')) ?? english) : english
}
