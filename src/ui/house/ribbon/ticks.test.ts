import { expect, test } from '@jest/globals'
import { jobOf } from '../../../../tests/cases/build'
import { alderHouse, workItem } from '../../../../tests/support/jobs'
import { derive } from '../../../core/pipeline'
import { STAGES } from '../../job/stages'
import { gather, itemState, talliesOf, ticksOf, type Tick } from './ticks'

const derived = derive(alderHouse(), '2026-05-04')

test.each(STAGES)(
  'every tick of %s stands on a side of the house, and the tallies count them all',
  (stage) => {
    const ticks = ticksOf(stage, derived)
    expect(ticks.length).toBeGreaterThan(5)
    const sides = derived.job.sides.map((side) => side.id)
    for (const tick of ticks) expect(sides).toContain(tick.side_id)
    const tallies = talliesOf(stage, derived)
    expect(tallies.reduce((sum, each) => sum + each.count, 0)).toBe(ticks.length)
  },
)

test('what was found at a drawn deck counts to the side the deck stands on; at a deck nobody drew, to none', () => {
  const bare = jobOf({
    title: 'deck',
    found: ['deck-board | words deck |', 'deck-board | words deck |'],
    cause: null,
  })
  const deck = bare.features.find((each) => each.id === 'deck-c4')!
  const at = (feature_id: string | null) => ({ kind: 'deck' as const, feature_id, words: '' })
  const job = {
    ...bare,
    findings: bare.findings.map((each, index) => ({ ...each, place: at(index === 0 ? deck.id : null) })),
  }
  const ticks = ticksOf('walk', derive(job, '2026-05-04'))
  expect(ticks.map(({ side_id, station }) => ({ side_id, station }))).toEqual([
    { side_id: deck.side_id, station: deck.station + deck.width / 2 },
  ])
  // So does the work that is planned for it, over the width of the deck.
  const [board] = job.findings
  const planned = derive(
    {
      ...job,
      work_items: [
        workItem('boards', { method: 'replace-member', component: 'deck-board', finding_ids: [board!.id] }),
      ],
    },
    '2026-05-04',
  )
  expect(ticksOf('plan', planned).map(({ side_id, station }) => ({ side_id, station }))).toEqual([
    { side_id: deck.side_id, station: deck.station },
  ])
})

test('sums of the sides and what is on none come to the items of the price', () => {
  const { price } = derived
  if (price.kind !== 'priced') throw new Error('not priced')
  const onSides = talliesOf('price', derived).reduce((sum, each) => sum + (each.cents ?? 0), 0)
  const ticked = new Set(ticksOf('price', derived).map((each) => each.id))
  const elsewhere = price.lines
    .filter((line) => !ticked.has(line.item_id))
    .reduce((sum, line) => sum + line.sell_cents, 0)
  const lines = price.lines.reduce((sum, line) => sum + line.sell_cents, 0)
  expect(onSides + elsewhere).toBe(lines)
})

test('how an item stands is told from its price', () => {
  const { price, scope } = derived
  if (price.kind !== 'priced') throw new Error('not priced')
  for (const item of scope.items) {
    const line = price.lines.find((each) => each.item_id === item.id)
    const state = itemState(derived, item.id)
    if (line)
      expect(state).toBe(line.lacks.length > 0 ? 'open' : line.typed_cents === null ? 'done' : 'typed')
    else expect(['choice', 'others']).toContain(state)
  }
  // Whoever sees no money sees no price open either.
  const bare = { ...derived, price: { kind: 'withheld' as const } }
  const states = scope.items.map((item) => itemState(bare, item.id))
  expect(new Set(states)).toEqual(new Set(['done', 'others']))
})

test('ticks too near to be told apart are one, for the most pressing of them', () => {
  const tick = (id: string, station: number, state: Tick['state']): Tick => ({
    id,
    side_id: 'a',
    station: station as never,
    state,
    name: id,
    finding_ids: [id],
  })
  const ticks = [
    tick('c', 30, 'open'),
    tick('a', 0, 'done'),
    tick('b', 5, 'done'),
    tick('d', 36, 'done'),
    tick('x', 99, 'done'),
  ]
  const groups = gather(ticks, (each) => (each.id === 'x' ? null : each.station), 12)
  expect(groups.map((each) => [each.x, each.state, each.ticks.map(({ id }) => id).join('')])).toEqual([
    [0, 'done', 'ab'],
    [30, 'open', 'cd'],
  ])
  const pressing = gather(
    [tick('e', 0, 'choice'), tick('f', 3, 'open'), tick('g', 5, 'typed')],
    (each) => each.station,
    12,
  )
  expect(pressing.map((each) => each.state)).toEqual(['open'])
})
