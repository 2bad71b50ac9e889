import { expect, test } from '@jest/globals'
import { newWorkItem } from '../job'
import { feet } from '../measure'
import { FirmKit, itemFromKit, kitOf, withoutPrice } from './firmKit'

const item = newWorkItem({
  id: 'i1',
  method: 'own-work',
  name: ' Move the oil tank ',
  note: 'with the supplier',
  lines: [
    { kind: 'hours', what: 'carry', hours: 1.5 },
    { kind: 'piece', section: '2x4', material: 'treated-pine', length: feet(8), count: 2 },
    { kind: 'good', good: 'sealant', quantity: 0.5 },
  ],
})
const price = {
  id: 'p1',
  removed: false,
  on: { kind: 'item', item_id: 'i1' },
  cents: 42_000 as never,
  reason: 'agreed',
} as const

test('what is kept of an item comes back as one, as many times as it is taken', () => {
  const kit = FirmKit.parse(kitOf(item, price))
  expect(kit).toMatchObject({ name: 'Move the oil tank', price_cents: 42_000 })
  // By hand: three of 1.5 h, 2 boards, half a cartridge and 420 are 4.5 h, 6 boards, one and a half, and 1,260.
  const three = itemFromKit(kit, { id: 'n', times: 3, finding_ids: ['f1'] })
  expect(three.price_cents).toBe(126_000)
  expect(three.item).toMatchObject({
    name: 'Move the oil tank, 3 times',
    method: 'own-work',
    finding_ids: ['f1'],
    lines: [{ hours: 4.5 }, { count: 6 }, { quantity: 1.5 }],
  })
  const one = itemFromKit(kit, { id: 'n', times: 1, finding_ids: [] })
  expect(one.item.lines).toEqual(item.lines)
  expect(one.item.name).toBe('Move the oil tank')
})

test('a price that was taken back is not kept, nor shown to whoever sees no money', () => {
  expect(kitOf(item, { ...price, removed: true }).price_cents).toBeNull()
  expect(kitOf(item, undefined).price_cents).toBeNull()
  expect(withoutPrice(kitOf(item, price)).price_cents).toBeNull()
})

test('a kit without a name is none', () => {
  expect(FirmKit.safeParse({ ...kitOf(item, price), name: '  ' }).success).toBe(false)
})

test('taken an odd number of times, it is the nearest that makes sense', () => {
  const kit = kitOf(item, price)
  expect(itemFromKit(kit, { id: 'n', times: 0, finding_ids: [] }).item.lines[0]).toMatchObject({ hours: 1.5 })
  expect(itemFromKit(kit, { id: 'n', times: 1e6, finding_ids: [] }).item.lines[1]).toMatchObject({
    count: 999,
  })
})
