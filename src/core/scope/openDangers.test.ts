import { expect, test } from '@jest/globals'
import { at, house, mend, priced, total } from '../../../tests/support/priced'
import type { Finding, JobDocument } from '../job'

const deck = {
  id: 'deck-a',
  removed: false,
  kind: 'deck',
  side_id: 'side-a',
} as unknown as JobDocument['features'][number]
const onDeck = { side: 'a', ft: 10, up_in: 18, feature: 'deck-a' } as const
const ledger = at(1, 'ledger', { at: onDeck, length_in: 144 })
const board = at(2, 'deck-board', { at: onDeck, length_in: 60 })
const joist = at(3, 'deck-joist', { at: onDeck, length_in: 144 })
const on = (findings: readonly Finding[], ...items: ReturnType<typeof mend>[]) =>
  house({ features: [deck], findings: [...findings], work_items: items })
const standings = (of: ReturnType<typeof house>): string[] => of.scope.items.map((item) => item.standing)

test('what hangs on a soft ledger is stopped until the ledger is renewed in the same bid', () => {
  const boards = mend('b', [board], 'piece-in')
  expect(standings(on([ledger, board], boards))).toEqual(['stopped'])
  const both = on([ledger, board], boards, mend('l', [ledger], 'ledger-renew'))
  expect(standings(both)).toEqual(['ours', 'ours'])
  expect(priced(both).lines).toHaveLength(2)
})

test('people are kept off until it is done: the caution stays', () => {
  const made = on([ledger], mend('l', [ledger], 'ledger-renew'))
  expect(made.cautions.all.map(({ kind }) => kind)).toContain('keep-off')
})

test('a ledger that is renewed as an option, or by others, answers nothing', () => {
  for (const state of ['optional', 'by-others', 'declined'] as const) {
    const made = on(
      [ledger, board],
      mend('b', [board], 'piece-in'),
      mend('l', [ledger], 'ledger-renew', { state }),
    )
    expect(standings(made)[0]).toBe('stopped')
  }
})

test('what is blocked for its grade answers nothing: a soft ledger is not mended by bolts', () => {
  expect(
    standings(on([ledger, board], mend('b', [board], 'piece-in'), mend('l', [ledger], 'ledger-flash')))[0],
  ).toBe('stopped')
})

test('a member renewed ends its own danger, not that of what holds it', () => {
  const joists = mend('j', [joist], 'deck-joist-new')
  expect(standings(on([joist], joists))).toEqual(['ours'])
  expect(standings(on([ledger, joist], joists))).toEqual(['stopped'])
})

test('a deck rebuilt as a whole ends all that was unsafe of it', () => {
  const size = { kind: 'area', area: 240 * 768 * 768, low: null, high: null, how: 'taped' } as const
  const place = { at: { kind: 'deck', feature_id: 'deck-a', words: '' } as never, size, height: null }
  const made = on([ledger, joist], mend('d', [ledger, joist], 'deck-rebuild', { places: [place] }))
  expect(standings(made)).toEqual(['ours'])
  expect(total(made)).toBeGreaterThan(0)
})

test('an engineer who was asked for goes first all the same', () => {
  const doubt = {
    kind: 'hazard',
    id: 'h',
    by: 'Tove',
    at: '2026-05-04T08:00:00Z',
    hazard: 'structure',
    about: { kind: 'finding', finding_id: 'finding-3' },
    what: '',
    signs: [],
    state: 'seen',
    do_now: '',
    who: '',
  } as unknown as JobDocument['facts'][number]
  const made = house({
    features: [deck],
    findings: [joist],
    facts: [doubt],
    work_items: [mend('j', [joist], 'deck-joist-new')],
  })
  expect(standings(made)).toEqual(['waits'])
})
