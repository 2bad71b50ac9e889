import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { freshDeck } from '../../../tests/support/surveys'
import { deckPoint } from '../catalogue/measures/deckPoints'
import { writtenAs } from './deckFindings'

const survey = { ...freshDeck([]), feature_id: 'deck-c4' }
const as = (id: string, ...found: string[]) =>
  writtenAs(deckPoint(id)!, survey, jobOf({ title: 'deck', found, cause: null }))

test('what a finding of this deck says already is not written again', () => {
  const guard = 'guard | C 18 40 c4 | guard-moves'
  expect(as('guard-firm', guard)).toEqual({ as: 'noted', finding_id: 'finding-1' })
  // Of another side, or looked for and not there, it is another thing.
  expect(as('guard-firm', 'guard | A 18 40 | guard-moves').as).toBe('finding')
  expect(as('guard-firm', 'guard | C 18 40 c4 | -guard-moves').as).toBe('sign')
})

test('a part that was named without a sign gets the sign; one with another sign is another thing', () => {
  expect(as('beam-on-posts', 'deck-beam | C 18 40 |')).toEqual({ as: 'sign', finding_id: 'finding-1' })
  expect(as('ledger-nails', 'ledger | C 18 40 c4 | no-metal-at-ledger').as).toBe('finding')
  expect(as('ledger-metal', 'ledger | C 18 40 c4 | no-metal-at-ledger').as).toBe('noted')
})

test('a point without a sign of its own is known again by its words only', () => {
  expect(as('plumb-braced', 'deck-post | C 18 10 c4 |').as).toBe('finding')
})
