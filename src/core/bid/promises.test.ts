import { expect, test } from '@jest/globals'
import { smallHouse, workItem } from '../../../tests/support/jobs'
import { promisesIn } from './promises'

const saying = (owner_says: string): string[] =>
  promisesIn(
    smallHouse({
      work_items: [workItem('r', { method: 'own-work', component: null, name: 'Sill', owner_says })],
    }),
  )
    .filter(({ where }) => where === 'what Sill says to the owner')
    .map(({ words }) => words)

test.each([
  ['This sill will last for ever.', ['for ever']],
  ['A maintenance-free board, as good as new.', ['maintenance-free', 'as good as new']],
  ['The deck is safe again.', ['safe']],
  ['Rot caused by the gutter.', ['caused by']],
  ['It will not rot, we guarantee it.', ['will not rot', 'guarantee']],
  ['We remove all the rot.', ['all the rot']],
  ['Brought up to code.', ['up to code']],
  [
    'We cut the soft end out and let new primed wood in, sealed at the joint. Expected to last ten to fifteen years.',
    [],
  ],
  ['The safety rail stays where it is.', []],
])('%s', (text, words) => {
  expect(saying(text)).toEqual(words)
})

test('every text a person types and an owner reads is looked at; what was taken back is not', () => {
  const job = smallHouse({
    work_items: [workItem('r', { method: 'own-work', component: null, name: 'Safe step', removed: true })],
  })
  const { settings } = job
  const typed = {
    ...job,
    settings: {
      ...settings,
      bid: { ...settings.bid, opening: 'Permanent repairs since 1990.' },
      clauses: { ...settings.clauses, warranty: 'Guaranteed for ten years.' },
    },
    typed_prices: [
      {
        id: 'd',
        removed: false,
        on: { kind: 'discount' as const },
        cents: 100 as never,
        reason: 'safe customer',
      },
    ],
  }
  expect(promisesIn(typed).map(({ where, words }) => `${words} / ${where}`)).toEqual([
    'Permanent / the words at the beginning of the bid',
    'Guaranteed / the clause on warranty',
    'safe / the reason of a price',
  ])
})
