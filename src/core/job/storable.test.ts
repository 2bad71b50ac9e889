import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { isStorable } from './storable'

test.each([
  ['plain words', 'soft sill, 18\' 6-1/2"', true],
  ['fractions and accents', '½ façade → 🪵', true],
  ['a NUL', 'a\u0000b', false],
  ['a lone high surrogate', 'a\ud83e', false],
  ['a lone low surrogate', '\udeb5b', false],
  ['the six letters of an escape, typed', 'a\\u0000b', true],
  ['a backslash before a NUL', 'a\\\u0000', false],
])('%s', (_, words, fine) => {
  expect(isStorable({ deep: [{ words }] })).toBe(fine)
  expect(isStorable({ [words]: 1 })).toBe(fine)
})

test('it agrees with the meaning of the words', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (words) => {
      expect(isStorable([words])).toBe(words.isWellFormed() && !words.includes('\u0000'))
    }),
  )
})
