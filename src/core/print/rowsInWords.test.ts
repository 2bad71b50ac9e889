import { expect, test } from '@jest/globals'
import { METHODS, PARTS } from '../catalogue'
import { handbookText } from './handbookText'
import { methodEntries, partEntries } from './rowsInWords'

const row = (
  entry: { rows: readonly { name: string; words: string }[] } | undefined,
  name: string,
): string | undefined => entry?.rows.find((each) => each.name === name)?.words

test('every method and every part is in the handbook, with where it comes from', () => {
  const text = handbookText()
  for (const { name } of [...METHODS, ...PARTS]) expect(text).toContain(`### ${name}`)
  for (const entry of [...methodEntries(), ...partEntries()]) expect(row(entry, 'Basis')).toBeTruthy()
  expect(text).not.toMatch(/undefined|null|NaN|\{[a-z]+\}/)
})

test('a row as a carpenter reads it', () => {
  const fascia = partEntries().find(({ id }) => id === 'fascia')
  expect(row(fascia, 'New wood')).toBe(
    'cut back 12 in past the soft, at least 48 in, scarfed; cut to rafter tails, 45° scarf over a tail',
  )
  expect(row(fascia, 'Section')).toBe('1x8, or by the measured width')
  expect(row(fascia, 'Hours')).toBe('Fascia 1x replaced: 0.75 h a side and 0.14 / 0.22 / 0.4 h a ft')
  const ledger = partEntries().find(({ id }) => id === 'ledger')
  expect([row(ledger, 'Held by'), row(ledger, 'Keep off')]).toEqual([
    'rim joist',
    'from local soft on: ledger or rim soft',
  ])
  expect(row(ledger, 'Hours')).toBe('no recipe yet: a price is typed, or it is referred')
  const seal = methodEntries().find(({ id }) => id === 're-seal')
  expect(row(seal, 'Blocked')).toContain('local soft to gone: “Sealant over soft wood only hides it.”')
  expect(
    row(
      methodEntries().find(({ id }) => id === 'own-work'),
      'Without a recipe',
    ),
  ).toBe('priced only when a price is typed')
})
