import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { live } from '../job'
import { traceJob } from '.'

/** What brings a cause into play where the part says little (common practice); each sight by itself. */
const chancesOf = (found: string): Readonly<Record<string, number>> =>
  Object.fromEntries(
    traceJob(live(jobOf({ title: 'case', found: [found] }))).findings[0]!.ranked.map(
      ({ cause, probability }) => [cause, probability],
    ),
  )

test('no lath rusts in a slab: rust there is of the steel in the concrete', () => {
  const slab = chancesOf('slab-edge | A 12 4 | rust-stain-through ?')
  expect(slab['lath-rusting']).toBeUndefined()
  expect(slab['embedded-steel']).toBeGreaterThan(0.2)
  expect(chancesOf('stucco | A 12 40 | rust-stain-through ?')['lath-rusting']).toBeGreaterThan(0.8)
})

test('a door that drags may be of a house that moves, where nobody said that it is soft', () => {
  expect(chancesOf('door | A 4 12 a1 | door-drags ?').settlement).toBeGreaterThan(0.1)
  expect(chancesOf('door | A 4 12 a1 | door-drags 3').settlement).toBeUndefined()
})

test('where the part is not known, a sign that speaks twice as loud is enough', () => {
  const job = live(jobOf({ title: 'case', found: ['lap-siding | A 10 60 | crack-diagonal-at-opening ?'] }))
  const unnamed = { ...job, findings: job.findings.map((each) => ({ ...each, component: null })) }
  const causes = traceJob(unnamed).findings[0]!.ranked.map(({ cause }) => cause)
  expect(causes).toEqual(expect.arrayContaining(['drying-hairline', 'settlement']))
})

test('worn deck boards are the weather’s, whatever the ledger beside them', () => {
  const { findings } = traceJob(
    live(
      jobOf({
        title: 'case',
        found: ['ledger | C 5 20 c7 | no-metal-at-ledger 2', 'deck-board | C 5 20 c7 | 1'],
      }),
    ),
  )
  expect(findings.map(({ cause }) => cause)).toEqual(['ledger-unflashed', null])
})

test.each([
  ['a guard that moves', 'guard | C 5 60 c7 | guard-moves ?', 'guard-unsupported'],
  ['a post on a stone', 'deck-post | C 5 10 c7 | post-on-loose-pad ?', 'home-made-support'],
  ['a beam beside its posts', 'deck-beam | C 5 10 c7 | beam-beside-posts ?', 'beam-not-on-posts'],
  ['a slack strap', 'tie-strap | A 5 10 | strap-slack ?', 'ties-slack'],
])('%s', (_, found, cause) => {
  const [[first]] = [Object.entries(chancesOf(found)).toSorted(([, a], [, b]) => b - a)]
  expect(first![0]).toBe(cause)
})

test('worn treads do not follow a beam of the same deck whose joint lacks its metal; its own part does', () => {
  const onDeck = { kind: 'deck', feature_id: 'deck-c4', words: '' } as const
  const job = live(
    jobOf({
      title: 'one deck',
      found: ['deck-beam | C 16 90 c4 | connector-absent ?', 'stair-tread | C 22 20 c4 | ?'],
    }),
  )
  const deck = { ...job, findings: job.findings.map((each) => ({ ...each, place: onDeck })) }
  const causes = traceJob(deck).findings.map(({ cause }) => cause)
  expect(causes).toEqual(['connector-missing', null])
})

test('a ledger hung on nails lets a deck down and wears no boards', () => {
  const [ledger, boards] = traceJob(
    live(
      jobOf({
        title: 'one deck',
        found: ['ledger | C 13 20 c4 | ledger-nails-only ?', 'deck-board | C 14 28 c4 | ?'],
      }),
    ),
  ).findings
  expect(ledger!.cause).toBe('ledger-attachment')
  expect(boards!.ranked.map(({ cause }) => cause)).not.toContain('ledger-attachment')
})
