import { expect, test } from '@jest/globals'
import { LOCALES, type Locale } from '../../core/lists/locales'
import { ownerWords } from './owner'
import { ownerDay } from './ownerDay'
import { OWNER_ENGLISH } from './ownerEnglish'
import { ownerLocale } from './ownerLocale'
import type { OwnerMessage } from './ownerMessages'
import { OWNER_SPANISH } from './ownerSpanish'

const VALUES = {
  by: 'Orla Fennimore',
  day: '4 de mayo de 2026',
  sum: '$1,234.50',
  number: 3,
  count: 2,
  open: 1,
  all: 4,
  title: 'T',
  titles: 'T; U',
  rows: 'R',
  follows: 'F',
  name: 'N',
  about: 'A',
  detail: 'D',
}

test('a message is filled with the same in both languages', () => {
  const english = ownerWords('en')
  const spanish = ownerWords('es')
  expect(english('accepted', VALUES)).toBe('Accepted by Orla Fennimore on 4 de mayo de 2026: $1,234.50.')
  expect(spanish('accepted', VALUES)).toBe('Aceptada por Orla Fennimore el 4 de mayo de 2026: $1,234.50.')
  expect(english('items', { count: 1 })).toBe('one item')
  expect(spanish('items', { count: 3 })).toBe('3 trabajos')
})

test('a day is said in the language of the page', () => {
  expect(ownerDay('2026-05-04', 'es').replaceAll('\u00a0', ' ')).toBe('4 de mayo de 2026')
  expect(ownerDay('soon', 'es')).toBe('soon')
  expect(ownerDay('2026-05-04', 'en').replaceAll('\u00a0', ' ')).toBe('May 4, 2026')
})

test.each([
  ['es', 'en-US', 'es'],
  [undefined, 'en-US,en;q=0.9,es;q=0.8', 'en'],
  [undefined, 'fr,es;q=0.5', 'es'],
  [undefined, 'es;q=0,fr', 'en'],
  [undefined, null, 'en'],
  ['constructor', 'es', 'es'],
])('asked %s of a browser that reads %s, the page is in %s', (asked, accepts, locale) => {
  expect(ownerLocale(asked, accepts)).toBe(locale)
})

test('no message of a language is left empty but what that language need not say', () => {
  const keys: OwnerMessage[] = ['sayYes', 'hazard', 'signName', 'questionArrived', 'notInSum', 'other']
  for (const locale of Object.keys(LOCALES) as Locale[])
    for (const key of keys) expect(ownerWords(locale)(key, VALUES)).not.toBe('')
})

test('what is filled into a message has a place in it in both languages', () => {
  const slots = (text: string): string[] =>
    [...text.matchAll(/\{(\w+)[,}]/g)].map((found) => found[1]!).toSorted()
  const differ = (Object.keys(OWNER_ENGLISH) as OwnerMessage[]).filter(
    (key) => slots(OWNER_ENGLISH[key]).join() !== slots(OWNER_SPANISH[key]).join(),
  )
  expect(differ).toEqual([])
})
