/** The state of an owner's page, without a page. */
import { expect, test } from '@jest/globals'
import type { Choosable } from '../../core/bid/choose'
import { drawnOn, leave, look, NOTHING_CHANGED, take, type Stroke } from './ownerChoice'

const item = (
  id: string,
  of: { hazard?: boolean; requires?: string[] } = {},
): Choosable['items'][number] => ({
  id,
  price_cents: 100 as never,
  leave: { saves_cents: 90 as never, hazard: of.hazard ?? false },
  requires: of.requires ?? [],
})
const option = (
  id: string,
  instead_of: string[] = [],
  requires: string[] = [],
): Choosable['beside'][number] => ({
  id,
  price_cents: 50 as never,
  takeable: true,
  instead_of,
  saves_cents: instead_of.length > 0 ? (90 as never) : null,
  requires,
})
const bid: Choosable = {
  items: [item('sill'), item('ledger', { hazard: true }), item('paint', { requires: ['sill'] })],
  beside: [
    option('rebuilt', ['sill', 'ledger']),
    option('wrapped', ['sill']),
    option('gutter'),
    option('guard', [], ['gutter']),
  ],
  looks: [{ id: 'look-ladder', price_cents: 85 as never }],
  adjustment: null,
  together: [],
  discount: null,
  choosing: { least_cents: 0 as never, tax_rate: 0 },
}

test('left out, and taken in again', () => {
  const out = leave(NOTHING_CHANGED, 'paint', bid)
  expect(out).toEqual({ left: ['paint'], taken: [], looks: [], declined: [] })
  expect(leave(out, 'paint', bid)).toEqual(NOTHING_CHANGED)
})

test('what keeps people from being hurt is declined while it is out, and not after', () => {
  const out = leave(NOTHING_CHANGED, 'ledger', bid)
  expect(out.declined).toEqual(['ledger'])
  expect(leave(out, 'ledger', bid)).toEqual(NOTHING_CHANGED)
})

test('one option in place of an item at a time; the item is then neither left out nor declined', () => {
  const out = leave(NOTHING_CHANGED, 'ledger', bid)
  const first = take(out, 'rebuilt', bid)
  // Paint on the sill goes with the sill.
  expect(first).toEqual({ left: ['paint'], taken: ['rebuilt'], looks: [], declined: [] })
  expect(take(first, 'wrapped', bid).taken).toEqual(['wrapped'])
  expect(take(first, 'rebuilt', bid).taken).toEqual([])
})

test('what needs another comes with it and goes with it', () => {
  const guarded = take(NOTHING_CHANGED, 'guard', bid)
  expect([...guarded.taken].toSorted()).toEqual(['guard', 'gutter'])
  expect(take(guarded, 'gutter', bid).taken).toEqual([])
  const out = leave(NOTHING_CHANGED, 'sill', bid)
  expect(out.left).toEqual(['sill', 'paint'])
  expect(leave(out, 'paint', bid)).toEqual(NOTHING_CHANGED)
})

test('an option that stands in for nothing is added to the others', () => {
  expect(take(take(NOTHING_CHANGED, 'rebuilt', bid), 'gutter', bid).taken).toEqual(['rebuilt', 'gutter'])
  expect(look(look(NOTHING_CHANGED, 'look-ladder'), 'look-ladder')).toEqual(NOTHING_CHANGED)
})

test('a signature keeps its strokes within the field, and takes no more than a hand makes', () => {
  const begun = drawnOn([], { across: 0.5, down: 0.25 }, true)
  expect(drawnOn(begun, { across: 1.4, down: -0.2 }, false)).toEqual([
    [
      [5000, 2500],
      [10_000, 0],
    ],
  ])
  let strokes: readonly Stroke[] = []
  for (let n = 0; n < 60; n += 1) strokes = drawnOn(strokes, { across: 0.1, down: 0.1 }, true)
  expect(strokes).toHaveLength(40)
  for (let n = 0; n < 700; n += 1) strokes = drawnOn(strokes, { across: 0.1, down: 0.1 }, false)
  expect(strokes.at(-1)).toHaveLength(600)
  expect(drawnOn([], { across: 0, down: 0 }, false)).toEqual([])
})
