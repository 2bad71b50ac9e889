import { expect, test } from '@jest/globals'
import type { OpenedPlace } from '../job'
import { hitRate } from './hitRate'

type Opened = Pick<OpenedPlace, 'guess' | 'found'>
const place = (backing: number | null, framing: number, ...finds: string[]): Opened => ({
  guess: { row: 'window-sill', backing_percent: backing, framing_percent: framing },
  found: finds.map((find, index) => ({ find, count: 1, item_id: `i${index}` })),
})

test('expected and found, and the score, by hand', () => {
  // Layers: .6 and hit, .4 and not, .2 and not, .1 and hit. (.16 + .16 + .04 + .81) / 4; expected .6 + .4 + .2 + .1.
  const rate = hitRate([place(60, 40, 'sheathing'), place(20, 10, 'stud')])
  expect(rate).toMatchObject({ places: 2, expected: 1.3, found: 2, of_share: 0.25 })
  expect(rate.score).toBeCloseTo(1.17 / 4, 12)
  expect(rate.rows).toEqual([{ row: 'window-sill', places: 2, expected: 1.3, found: 2 }])
})

test('where nothing was reckoned nothing is scored; a surface without backing has one layer', () => {
  expect(hitRate([{ guess: null, found: [] }])).toMatchObject({ places: 0, score: null, of_share: null })
  const joist: Opened = {
    guess: { row: 'deck-board', backing_percent: null, framing_percent: 50 },
    found: [{ find: 'deck-joist', count: 2, item_id: 'a' }],
  }
  expect(hitRate([joist])).toMatchObject({ places: 1, expected: 0.5, found: 1, score: 0.25 })
})
