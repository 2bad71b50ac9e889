import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { newWorkItem, type JobDocument } from '../job'
import { derive } from '../pipeline'
import type { BidModel } from './bidModel'
import { sectionsOf } from './blocks'

const DAY = '2026-05-04'
const kelp = DEMO_JOBS['kelp-row-7']()
const under = (heads: JobDocument['settings']['bid']['heads']): BidModel =>
  derive({ ...kelp, settings: { ...kelp.settings, bid: { ...kelp.settings.bid, heads } } }, DAY).bid

test('under places, under causes and under no heads it is the same work for the same money', () => {
  const bids = [under('place'), under('cause'), under('none')]
  const ids = bids.map(({ items }) => items.map(({ id }) => id).toSorted())
  expect(ids[1]).toEqual(ids[0])
  expect(ids[2]).toEqual(ids[0])
  expect(new Set(bids.map(({ total_cents }) => total_cents)).size).toBe(1)
})

test('a cause stands with its fix and with the damage it is said to have done; the rest stands last', () => {
  const bid = under('cause')
  const named = new Map(bid.groups.map(({ id, name }) => [id, name]))
  expect(bid.items.every(({ group }) => named.has(group))).toBe(true)
  const soil = bid.items.find(({ title }) => title.startsWith('Soil cleared'))!
  const foot = bid.items.find(({ title }) => title.startsWith('Foot of the siding'))!
  expect(foot.group).toBe(soil.group)
  expect(named.get(soil.group)).toMatch(/soil/i)
  expect(bid.groups.at(-1)!.name).toBe('Everything else')
  const sums = sectionsOf(bid, { prices: true })
    .find(({ name }) => name === 'What we propose')!
    .blocks.filter(({ kind }) => kind === 'place')
  expect(sums.length).toBe(new Set(bid.items.map(({ group }) => group)).size)
})

test('work that is alike is told where it is read first, whatever was chosen first', () => {
  const [first, second] = kelp.sides.toSorted((a, b) => a.order - b.order)
  const washed = (id: string, side_id: string) =>
    newWorkItem({
      id,
      method: 'wash-side',
      places: [{ at: { kind: 'whole-side', side_id }, size: null, height: null }],
    })
  const work_items = [washed('later', second!.id), washed('sooner', first!.id)]
  const { items } = derive({ ...kelp, work_items }, DAY).bid
  expect(items.map(({ id }) => id)).toEqual(['sooner', 'later'])
  expect(items[0]?.done).toMatch(/^We wash/)
  expect(items[1]?.done).toBe('The same is done here.')
})

test('one list is read from its dearest down, under no head', () => {
  const bid = under('none')
  const prices = bid.items.map(({ price_cents }) => price_cents)
  expect(prices).toEqual(prices.toSorted((a, b) => b - a))
  const { blocks } = sectionsOf(bid, { prices: true }).find(({ name }) => name === 'What we propose')!
  expect(blocks.filter(({ kind }) => kind === 'place')).toEqual([])
  expect(blocks.filter(({ kind }) => kind === 'work')).toHaveLength(bid.items.length)
})
