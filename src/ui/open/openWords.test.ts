import { describe, expect, test } from '@jest/globals'
import type { OrderFace } from '../../core/open/orders'
import { takingBack } from './openWords'

const face = (id: string, adds: string[], standing: OrderFace['standing']): OrderFace => ({
  ...{ id, number: 1, bid_id: 'b', standing, said_by: null, said_at: null, on_glass: false },
  ...{ sent_at: null, seen_at: null, adds, leaves: [], goes_on: false, why: '' },
})
const place = { found: [{ find: 'stud', count: 2, item_id: 'work' }] }

describe('taking back what was found', () => {
  test('nobody was asked: nothing is said', () => {
    expect(takingBack(place, [face('o', ['other'], 'waits')])).toEqual({
      asked: false,
      waiting: [],
      words: '',
    })
    expect(takingBack(place, [face('o', ['work'], 'withdrawn')]).asked).toBe(false)
  })
  test('a question that waits is withdrawn with it', () => {
    const told = takingBack(place, [face('o', ['work', 'other'], 'waits')])
    expect([told.asked, told.waiting]).toEqual([true, ['o']])
    expect(told.words).toMatch(/withdrawn/)
  })
  test('an order with a yes stands; what was agreed comes off in the next', () => {
    const told = takingBack(place, [face('o', ['work'], 'yes')])
    expect([told.asked, told.waiting]).toEqual([true, []])
    expect(told.words).toMatch(/comes off in the next/)
  })
})
