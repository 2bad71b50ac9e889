import { expect, test } from '@jest/globals'
import { CAUTIONS, CLAUSES, METHODS, PARTS } from '../catalogue'
import { handbookText } from './handbookText'
import {
  cautionEntries,
  clauseEntries,
  conditionEntries,
  guardEntries,
  methodEntries,
  partEntries,
} from './rowsInWords'

const row = (
  entry: { rows: readonly { name: string; words: string }[] } | undefined,
  name: string,
): string | undefined => entry?.rows.find((each) => each.name === name)?.words

test('every row is in the handbook, with where it comes from', () => {
  const text = handbookText()
  const headings = text.split('\n').map((line) => line.toLowerCase())
  for (const { name } of [...METHODS, ...PARTS, ...CAUTIONS])
    expect(headings).toContain(`### ${name.toLowerCase()}`)
  for (const { number, name } of CLAUSES) expect(text).toContain(`### ${number}. ${name}`)
  const all = [
    ...methodEntries(),
    ...partEntries(),
    ...conditionEntries(),
    ...cautionEntries(),
    ...clauseEntries(),
    ...guardEntries(),
  ]
  for (const entry of all) expect(row(entry, 'Basis')).toBeTruthy()
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
  expect(row(ledger, 'Hours')).toMatch(/^by its repair: renew the ledger, shored, /)
  const off = cautionEntries()[0]
  expect([off?.name, row(off, 'Holds for')]).toEqual(['Keep off', 'the whole assembly, and what hangs on it'])
  expect(row(off, 'On work')).toMatch(/^nothing is sold there: /)
  const start = clauseEntries().find(({ id }) => id === 'start-window')
  expect([start?.name, row(start, 'Words')]).toEqual([
    '24. When we start',
    'the words of the firm, in its settings; empty there, it does not print',
  ])
  const seal = methodEntries().find(({ id }) => id === 're-seal')
  expect(row(seal, 'Blocked')).toContain('local soft to gone: “Sealant over soft wood only hides it.”')
  expect(
    row(
      methodEntries().find(({ id }) => id === 'own-work'),
      'Without a recipe',
    ),
  ).toBe('priced only when a price is typed')
})
