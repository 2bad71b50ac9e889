/** What a cladding stands on, told once for a wall, speaks at every finding on it. */
import { expect, test } from '@jest/globals'
import { finding, smallHouse } from '../../../tests/support/jobs'
import { traceJob } from './traceJob'

const wet = finding({
  ...{ n: 1, words: '', component: 'sheathing', at: { side: 'a', ft: 6, up_in: 36 }, grade: 2 },
  signs: ['reservoir-cladding', 'peels-one-side'],
})
function chance(behind: 'unknown' | 'sheathing' | 'drained-gap', cause: string, of = wet): number {
  const house = smallHouse({ findings: [of] })
  const sides = house.sides.map((side) => ({ ...side, behind }))
  const { findings } = traceJob({ ...house, sides })
  return findings[0]!.ranked.find((each) => each.cause === cause)?.probability ?? 0
}

test('sun that drives vapour in is far less likely over a drained gap, a little likelier without', () => {
  const [gap, unknown, tight] = (['drained-gap', 'unknown', 'sheathing'] as const).map((behind) =>
    chance(behind, 'sun-driven-vapour'),
  ) as [number, number, number]
  const odds = (of: number): number => of / (1 - of)
  expect(odds(gap)).toBeLessThan(odds(unknown) / 2)
  expect(tight).toBeGreaterThanOrEqual(unknown)
})

test('what somebody looked for at the finding itself goes before what is said of the wall', () => {
  const seen = {
    ...wet,
    signs: [...wet.signs, { sign: 'drained-gap-behind', how: 'opened' as const, present: true }],
  }
  expect(chance('sheathing', 'sun-driven-vapour', seen)).toBe(chance('unknown', 'sun-driven-vapour', seen))
})
