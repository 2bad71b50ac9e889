import { createTranslator } from 'use-intl/core'
import type { Locale } from '../../core/lists'

/** What a crew's sheet says around its items, in ICU message form. */
const MESSAGES = {
  en: {
    findings: '{count, plural, one {finding} other {findings}} {numbers}',
    picture: 'Picture of {name}',
    printed: 'Printed {day, date, long}',
    noWork: 'No work of ours is chosen yet.',
  },
  es: {
    findings: '{count, plural, one {hallazgo} other {hallazgos}} {numbers}',
    picture: 'Foto de {name}',
    printed: 'Impreso el {day, date, long}',
    noWork: 'Todavía no se eligió trabajo nuestro.',
  },
} as const satisfies Record<Locale, Record<string, string>>

/** Sentences of the crew's sheets in one language. */
export const crewMessages = (locale: Locale) =>
  createTranslator({ locale, messages: MESSAGES[locale], timeZone: 'UTC' })
