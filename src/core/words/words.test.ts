import { expect, test } from '@jest/globals'
import { feet, inches } from '../measure'
import {
  changeWords,
  closingWords,
  jobFileWords,
  lengthWords,
  moneyWords,
  sellWords,
  walkWords,
} from './words'

/** Every sentence of the catalogue, once: it ends as a sentence, shows what was wrong, and leaks no code. */
const SENTENCES: readonly (readonly [string, string])[] = [
  ['empty', lengthWords({ kind: 'empty' })],
  ['a bit', lengthWords({ kind: 'not-a-length', text: 'a bit' })],
  ['1/0', lengthWords({ kind: 'zero-denominator', text: '1/0' })],
  ['1,000 ft', lengthWords({ kind: 'too-long', text: "4000'", limit_ft: 1000 })],
  ['about', moneyWords({ kind: 'not-money', text: 'about' })],
  ['digits', moneyWords({ kind: 'too-much', text: '9999999999' })],
  ['42 L 30', walkWords({ kind: 'no-sides' })],
  ['wide', walkWords({ kind: 'bad-length', word: 'wide', because: { kind: 'not-a-length', text: 'wide' } })],
  ['turn', walkWords({ kind: 'turn-without-side', word: 'L' })],
  ['turn', walkWords({ kind: 'side-without-turn', word: '30' })],
  ['older', changeWords({ kind: 'schema-too-old', schema: 0 })],
  ['newer', changeWords({ kind: 'schema-too-new', schema: 9 })],
  ['work item', changeWords({ kind: 'unknown-entity', entity: 'work_item', id: 'x' })],
  ['already', changeWords({ kind: 'already-there', entity: 'side', id: 'x' })],
  ['Reload', changeWords({ kind: 'base-too-new', base: 9, revision: 3 })],
  ['letter', changeWords({ kind: 'fixed-field', field: 'letter' })],
  [
    'overhang',
    changeWords({ kind: 'invalid', issues: [{ path: 'overhang', message: 'a length cannot be negative.' }] }),
  ],
  ['does not fit', changeWords({ kind: 'invalid', issues: [] })],
  ['gone', changeWords({ kind: 'unknown-id', at: 'place.side_id', id: 'gone' })],
  ["50'", changeWords({ kind: 'outside-side', letter: 'A', station: "50'", length: "42'" })],
  ['already', changeWords({ kind: 'fact-already-there', id: 'x' })],
  ['reason', changeWords({ kind: 'reason-needed' })],
  ['format', jobFileWords({ kind: 'not-a-job-file' })],
  ['Update', jobFileWords({ kind: 'newer-version', version: 9, known: 1 })],
  ['too old', jobFileWords({ kind: 'older-version', version: 0, known: 1 })],
  ['twice', jobFileWords({ kind: 'repeated-id', id: 'x' })],
  ['95 %', sellWords({ kind: 'no-room', basis: 'sales', sum: 0.95 })],
  ['Lower it', sellWords({ kind: 'no-room', basis: 'cost', sum: 0.95 })],
  ['close', closingWords(inches(0))],
  ["1'", closingWords(feet(1))],
]

test.each(SENTENCES)('says %s', (shown, words) => {
  if (shown !== 'empty') expect(words).toContain(shown)
  expect(words).toMatch(/^[A-Z“0-9(a-z].*[.!]$/s)
  expect(words).not.toMatch(/undefined|\[object|NaN|null/)
})

test('a file’s faults are listed with their places', () => {
  expect(
    jobFileWords({ kind: 'invalid', issues: [{ path: 'sides.0.length', message: 'too long' }] }),
  ).toContain('sides.0.length: too long')
  expect(
    jobFileWords({ kind: 'unknown-ids', references: [{ at: 'features.0.side_id', id: 'x' }] }),
  ).toContain('features.0.side_id: x')
  expect(jobFileWords({ kind: 'not-json', detail: 'bad token' })).toContain('bad token')
})
