import { expect, test } from '@jest/globals'
import { KEEP_OFF_LIST, partOf } from '..'
import { DECK_POINTS } from './deckPoints'
import { MEASURES, SHOWS } from './shows'

test('every measure shows something, and every row has one bound', () => {
  const used = new Set(SHOWS.map(({ measure }) => measure))
  expect(Object.keys(MEASURES).filter((id) => !used.has(id as keyof typeof MEASURES))).toEqual([])
  expect(SHOWS.filter(({ from, below }) => (from === undefined) === (below === undefined))).toEqual([])
})

test('no figure shows a sign both there and not there', () => {
  for (const measure of Object.keys(MEASURES) as (keyof typeof MEASURES)[])
    for (let value = -5; value <= 60; value += 1 / 16) {
      const shown = SHOWS.filter(
        (row) =>
          row.measure === measure && value >= (row.from ?? -Infinity) && value < (row.below ?? Infinity),
      )
      const there = new Set(shown.filter(({ present }) => present).map(({ sign }) => sign))
      expect(shown.filter(({ present, sign }) => !present && there.has(sign))).toEqual([])
    }
})

test('points of a deck check name parts and rows of the keep-off list that are there, eleven that keep off first', () => {
  expect(DECK_POINTS.filter(({ part }) => partOf(part) === null)).toEqual([])
  expect(DECK_POINTS.filter(({ keepsOff }) => keepsOff !== null && !(keepsOff in KEEP_OFF_LIST))).toEqual([])
  const first = DECK_POINTS.slice(0, 11)
  expect(first.every(({ keepsOff, group }) => keepsOff !== null && group === 'keep off first')).toBe(true)
  expect(DECK_POINTS.slice(11).every(({ keepsOff }) => keepsOff === null)).toBe(true)
  expect(new Set(DECK_POINTS.map(({ id }) => id)).size).toBe(DECK_POINTS.length)
})
