import { describe, expect, test } from '@jest/globals'
import type { OrderFace } from '../../core/open/orders'
import { causeChoices, causedWords, takingBack } from './openWords'

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

describe('what had done it', () => {
  const told = {
    ...{ cause: 'gutter-overflow', stated: false, signs: [] },
    shares: [
      { cause: 'gutter-overflow', percent: 60 },
      { cause: 'ice-or-blown-rain', percent: 20 },
    ],
  }
  test('stands beside what had been said', () => {
    expect(causedWords({ caused_by: 'gutter-overflow', told })).toMatch(/as had been said/)
    expect(causedWords({ caused_by: 'ice-or-blown-rain', told })).toMatch(/; .+ had been said\.$/)
    expect(causedWords({ caused_by: 'ice-or-blown-rain', told: null })).toMatch(/not been explained/)
    expect(causedWords({ caused_by: null, told })).toBe('')
  })
  test('what was likely is at hand first; every cause is there once', () => {
    const choices = causeChoices(told, null).map(({ value }) => value)
    expect(choices.slice(0, 3)).toEqual(['', 'gutter-overflow', 'ice-or-blown-rain'])
    expect(new Set(choices).size).toBe(choices.length)
    expect(choices).toContain('back-never-primed')
  })
})
