import { expect, test } from '@jest/globals'
import { partOf } from '../catalogue'
import { inches, toInches, type Length } from '../measure'
import { cutOut } from './cutOut'

/** A rule to reckon by hand: 12 in past the soft, no piece and no remnant under 24 in. */
const RULE = { ...partOf('fascia')!.piece!, cut_back_in: 12, least_in: 24 }
const cut = (seen_in: number, of: { long_in: number; start_in: number | null } | null): [number, number] => {
  const made = cutOut(
    inches(seen_in),
    RULE,
    of && { length: inches(of.long_in), start: of.start_in === null ? null : inches(of.start_in) },
  )
  return [toInches(made.from as Length), toInches(made.to as Length)]
}

test.each([
  // In the middle of 10 ft: 12 in past at both ends.
  ['in the middle', 12, 120, 54, [42, 78]],
  // The soft starts at 36: cut at 24, and the remnant of just 24 in stays.
  ['a remnant of the least length stays', 12, 120, 36, [24, 60]],
  // An inch nearer, the remnant of 23 in would be too short: to the end.
  ['a shorter remnant goes', 12, 120, 35, [0, 59]],
  ['the same at the far end', 12, 120, 72, [60, 96]],
  ['and a shorter one there', 12, 120, 73, [61, 120]],
  // Soft at the free end: nothing is cut back there, and no piece is shorter than 24 in.
  ['at a free end', 6, 120, 0, [0, 24]],
  ['longer than its member', 200, 120, 0, [0, 120]],
] as const)('%s', (_, seen, long_in, start_in, between) => {
  expect(cut(seen, { long_in, start_in })).toEqual(between)
})

test('of a member nobody knows both ends are cut; of one whose start is not known, at most the member', () => {
  expect(cut(12, null)).toEqual([0, 36])
  expect(cut(40, { long_in: 50, start_in: null })).toEqual([0, 50])
  expect(cut(3, null)).toEqual([0, 27])
})
