import { createTranslator } from 'use-intl/core'
import type { Locale } from '../../core/lists'

/** What a crew's sheet says around its items, in ICU message form. */
const MESSAGES = {
  en: {
    findings: '{count, plural, one {finding} other {findings}} {numbers}',
    picture: 'Picture of {name}',
    printed: 'Printed {day, date, long}',
    noWork: 'No work of ours is chosen yet.',
    gear: 'Gear',
    comes: 'Comes today',
    lying: 'Needed from today',
    dryIn: 'Opened and dried in before the evening.',
    cover: 'Covered with a tarp before the evening.',
    meter: 'Begun when a meter reads {percent} % or less.',
    seenBefore: 'Before it is covered: {what}.',
    part: 'part {at} of {of}',
    hours: '{hours, number} h, {people, plural, one {1 person} other {# people}}',
  },
  es: {
    findings: '{count, plural, one {hallazgo} other {hallazgos}} {numbers}',
    picture: 'Foto de {name}',
    printed: 'Impreso el {day, date, long}',
    noWork: 'Todavía no se eligió trabajo nuestro.',
    gear: 'Equipo',
    comes: 'Llega hoy',
    lying: 'Hace falta desde hoy',
    dryIn: 'Se abre y se cierra al agua antes de la tarde.',
    cover: 'Se cubre con lona antes de la tarde.',
    meter: 'Se empieza cuando el medidor marca {percent} % o menos.',
    seenBefore: 'Antes de tapar: {what}.',
    part: 'parte {at} de {of}',
    hours: '{hours, number} h, {people, plural, one {1 persona} other {# personas}}',
  },
} as const satisfies Record<Locale, Record<string, string>>

/** Sentences of the crew's sheets in one language. */
export const crewMessages = (locale: Locale) =>
  createTranslator({ locale, messages: MESSAGES[locale], timeZone: 'UTC' })
