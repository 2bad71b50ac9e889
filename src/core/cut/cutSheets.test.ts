import { expect, test } from '@jest/globals'
import { at, house, mend } from '../../../tests/support/priced'
import { feet, inches } from '../measure'

const patches = (many: number, seen_in: number, wide_in: number | null) => {
  const findings = Array.from({ length: many }, (_, index) =>
    at(index + 1, 'subfloor', {
      at: { side: 'a', ft: 2 + 9 * index, up_in: 0 },
      length_in: seen_in,
      face_width: wide_in === null ? null : inches(wide_in),
    } as never),
  )
  return house({
    findings,
    work_items: findings.map((each, index) => mend(`r${index}`, [each], 'subfloor-new')),
  }).cut.sheets
}

test('patches of a floor are cut from sheets over the whole job', () => {
  // By hand: 24 in seen and 3 in past either end are 30 in, to the next joists 32; 24 in deep at least. Three of them: one sheet.
  const [plan] = patches(3, 24, null)
  expect(plan).toMatchObject({ good: 'subfloor-sheet', least: 1, bought: 1 })
  expect(plan!.sheets).toHaveLength(1)
  expect(plan!.sheets[0]!.laid.map(({ piece }) => [piece.along, piece.up])).toEqual(
    Array.from({ length: 3 }, () => [inches(32), feet(2)]),
  )
})

test('where the cuts need more than the area, it says so, and the price stays by area', () => {
  // By hand: 54 + 6 in, to the joists 64; 30 + 6 = 36 in deep. 48 ft² with 10 % are 1.65 sheets, so 2; no sheet holds two of them, so 3.
  const [plan] = patches(3, 54, 30)
  expect([plan!.sheets.length, plan!.bought]).toEqual([3, 2])
})

test('no sheets where nothing is cut from one', () => {
  expect(
    house({ findings: [at(1, 'fascia')], work_items: [mend('r', [at(1, 'fascia')], 'piece-in')] }).cut.sheets,
  ).toEqual([])
})

test('a finding of three patches is three pieces', () => {
  const soft = { ...at(1, 'subfloor', { length_in: 24 }), count: 3 }
  const [plan] = house({ findings: [soft], work_items: [mend('r', [soft], 'subfloor-new')] }).cut.sheets
  expect(plan!.sheets.flatMap(({ laid }) => laid)).toHaveLength(3)
})
