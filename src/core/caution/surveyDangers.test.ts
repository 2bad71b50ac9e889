import { expect, test } from '@jest/globals'
import { smallHouse } from '../../../tests/support/jobs'
import type { JobDocument, Survey } from '../job'
import { feet, inches } from '../measure'
import { cautionsOf } from './cautionsOf'
import { freshDeck } from '../../../tests/support/surveys'

const base = { removed: false, day: '2026-03-04', by: 'Dov', instrument: '', note: '', finding_ids: [] }
const rows = (...surveys: Survey[]): string[] => {
  const job: JobDocument = { ...smallHouse(), surveys }
  return cautionsOf(job)
    .all.filter((each) => each.row !== 'lead')
    .map((each) => `${each.row}: ${each.what}`)
}
const bowed = (inches_: number): Extract<Survey, { kind: 'plumb' }> => ({
  ...base,
  id: 'p',
  kind: 'plumb',
  side_id: 'side-a',
  height: feet(7),
  foot_as_built: null,
  stations: [{ station: feet(4), foot: inches(0), middle: inches(inches_), top: inches(0) }],
})

test('a deck point that is wrong keeps off; one not seen, or of no danger, does not', () => {
  expect(rows(freshDeck([['ledger-nails', 'wrong']]))).toEqual(['keep-off: ledger nailed only'])
  expect(rows(freshDeck([['ledger-nails', 'not-seen']]))).toEqual([])
  expect(rows(freshDeck([['ledger-metal', 'wrong']]))).toEqual([])
  // All of one deck in one caution.
  expect(
    rows(
      freshDeck([
        ['ledger-nails', 'wrong'],
        ['guard-firm', 'wrong'],
      ]),
    ),
  ).toEqual(['keep-off: ledger nailed only, guard moves or has no structural posts'])
})

test('a wall an inch out advises an engineer, two inches put him first', () => {
  expect(rows(bowed(0.875))).toEqual([])
  expect(rows(bowed(1))).toEqual([expect.stringMatching(/^wall-off-plumb: /)])
  expect(rows(bowed(2))).toEqual([expect.stringMatching(/^wall-bowed: /)])
})

test('a check only begun, or a point not seen again, lifts nothing', () => {
  const begun = { ...freshDeck([]), id: 'later', day: '2026-09-01' }
  const unseen = { ...freshDeck([['ledger-nails', 'not-seen']]), id: 'unseen', day: '2026-10-01' }
  expect(rows(freshDeck([['ledger-nails', 'wrong']]), begun, unseen)).toHaveLength(1)
  expect(rows(bowed(2), { ...bowed(2), id: 'p2', day: '2026-09-01', stations: [] })).toHaveLength(1)
})

test('a later look stands for the earlier one', () => {
  const later = { ...freshDeck([['ledger-nails', 'right']]), id: 'later', day: '2026-09-01' }
  expect(rows(freshDeck([['ledger-nails', 'wrong']]), later)).toEqual([])
  expect(rows(bowed(2), { ...bowed(0.25), id: 'p2', day: '2026-09-01' })).toEqual([])
})
