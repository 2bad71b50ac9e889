import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { placeWords, whereForOwner } from './whereOf'

const job = jobOf({ title: 'places', found: [], cause: null })

test('a deck that is drawn is called by its letter and number, one that is not by its words', () => {
  expect(placeWords({ kind: 'deck', feature_id: 'deck-c4', words: '' }, job)).toBe('deck C4')
  expect(placeWords({ kind: 'deck', feature_id: null, words: 'the upper one' }, job)).toBe(
    'deck, the upper one',
  )
  expect(placeWords({ kind: 'deck', feature_id: 'gone', words: '' }, job)).toBe('deck')
})

test('an owner is not told that nobody said where along', () => {
  expect(whereForOwner('back C, where along not said')).toBe('back C')
})
