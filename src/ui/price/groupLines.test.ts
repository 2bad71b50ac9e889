import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import { derive } from '../../core/pipeline'
import { groupLines } from './groupLines'

const derived = derive(alderHouse(), '2026-05-04')
const lines = derived.price.kind === 'priced' ? derived.price.lines : []

test.each(['side', 'dearest', 'chosen'] as const)(
  '%s: every line stands once, and the sums are the lines',
  (order) => {
    const groups = groupLines(derived, order, false)
    const ids = groups.flatMap((group) => group.lines.map((line) => line.item_id))
    expect(ids.toSorted()).toEqual(lines.map((line) => line.item_id).toSorted())
    expect(groups.reduce((sum, group) => sum + group.cents, 0)).toBe(
      lines.reduce((sum, line) => sum + line.sell_cents, 0),
    )
  },
)

test('sides come in walking order, what is on none after them', () => {
  const names = groupLines(derived, 'side', false).map((group) => group.name)
  expect(names.slice(0, 4)).toEqual(['A front', 'B right', 'C back', 'D left'])
  const dearest = groupLines(derived, 'dearest', false)[0]!.lines.map((line) => line.sell_cents)
  expect(dearest).toEqual(dearest.toSorted((a, b) => b - a))
})

test('three items need no heads; only what lacks a price is shown where that is asked', () => {
  const few = { ...derived, price: { ...derived.price, lines: lines.slice(0, 3) } } as typeof derived
  expect(groupLines(few, 'side', false).map((group) => group.name)).toEqual([null])
  const lacking = { ...lines[0]!, lacks: ['no rate'] }
  const open = {
    ...derived,
    price: { ...derived.price, lines: [lacking, ...lines.slice(1)] },
  } as typeof derived
  expect(groupLines(open, 'chosen', true)[0]!.lines.map((line) => line.item_id)).toEqual([lacking.item_id])
  expect(groupLines({ ...derived, price: { kind: 'withheld' } }, 'side', false)).toEqual([])
})
