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
    beforeCover: 'Before it is covered',
    allSeen: 'all seen',
    stillOpen: '{open, number} of {all, number} open',
    nothingCovered:
      'Nothing is opened and closed again in what is planned. Plan says which work has which day.',
    seenOpen: 'not seen yet',
    seenPassed: 'seen',
    seenWrong: 'wrong: put right first',
    seen: 'Seen',
    wrong: 'Wrong',
    whatWrong: 'What is wrong',
    noteIt: 'Note it',
    sameSpot: 'From the same spot',
    readMeter: 'Read the meter at finding {numbers} in Walk: its reading counts here.',
    noFinding: 'No finding to read a meter at: note one in Walk.',
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
    beforeCover: 'Antes de tapar',
    allSeen: 'todo visto',
    stillOpen: 'faltan {open, number} de {all, number}',
    nothingCovered: 'En lo planeado no se abre ni se tapa nada. El plan dice qué trabajo toca cada día.',
    seenOpen: 'sin ver',
    seenPassed: 'visto',
    seenWrong: 'mal: primero se corrige',
    seen: 'Visto',
    wrong: 'Mal',
    whatWrong: 'Qué está mal',
    noteIt: 'Anotar',
    sameSpot: 'Desde el mismo lugar',
    readMeter: 'Se mide en el hallazgo {numbers}, en Walk: esa lectura cuenta aquí.',
    noFinding: 'No hay hallazgo donde medir: se anota uno en Walk.',
    part: 'parte {at} de {of}',
    hours: '{hours, number} h, {people, plural, one {1 persona} other {# personas}}',
  },
} as const satisfies Record<Locale, Record<string, string>>

/** Sentences of the crew's sheets in one language. */
export const crewMessages = (locale: Locale) =>
  createTranslator({ locale, messages: MESSAGES[locale], timeZone: 'UTC' })
