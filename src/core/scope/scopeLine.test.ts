import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { finding, smallHouse, workItem } from '../../../tests/support/jobs'
import type { Feature, JobDocument, ScopeStretch } from '../job'
import { feet, inches } from '../measure'
import { derive } from '../pipeline'
import { outsideAt, outsideScope, outsideWords, scopeLineWords, scopeParts } from './scopeLine'

function stretch(
  id: string,
  from_ft: number,
  to_ft: number,
  kind: ScopeStretch['kind'],
  more: Partial<ScopeStretch> = {},
): ScopeStretch {
  return {
    id,
    removed: false,
    side_id: 'side-a',
    from: feet(from_ft),
    to: feet(to_ft),
    kind,
    below: null,
    above: null,
    parts: [],
    reason: '',
    who: '',
    hand_over: '',
    ...more,
  }
}
const sideA = { id: 'side-a', length: feet(40) }
const at = (ft: number): JobDocument['findings'][number] =>
  finding({
    n: 1,
    words: '',
    component: 'fascia',
    at: { side: 'a', ft, up_in: 100 },
    length_in: 12,
    grade: 2,
  })

test('without a stretch every wall is ours', () => {
  expect(scopeParts(smallHouse(), sideA)).toEqual([
    { side_id: 'side-a', from: 0, to: feet(40), low: null, high: null, kind: 'ours', stretch_id: null },
  ])
  expect(outsideScope(at(5), smallHouse())).toBeNull()
})

test('with one of ours, the rest is left out, on other sides too', () => {
  const job = smallHouse({ scope_stretches: [stretch('s1', 0, 20, 'ours')] })
  expect(scopeParts(job, sideA).map(({ from, to, kind }) => [from, to, kind])).toEqual([
    [0, feet(20), 'ours'],
    [feet(20), feet(40), 'left-out'],
  ])
  expect(scopeParts(job, { id: 'side-b', length: feet(30) })[0]?.kind).toBe('left-out')
  expect(outsideScope(at(5), job)).toBeNull()
  expect(outsideScope(at(25), job)?.kind).toBe('left-out')
})

test('a later stretch is drawn over an earlier one', () => {
  const job = smallHouse({
    scope_stretches: [stretch('s1', 0, 40, 'left-out'), stretch('s2', 10, 20, 'priced-apart')],
  })
  expect(scopeParts(job, sideA).map((part) => part.kind)).toEqual(['left-out', 'priced-apart', 'left-out'])
})

test('the line is told with reasons, who and hand-over', () => {
  const job = smallHouse({
    scope_stretches: [
      stretch('s1', 0, 40, 'left-out', { side_id: 'side-c', reason: 'an extension is planned' }),
      stretch('s2', 0, 12, 'by-owner', { who: 'the owner', hand_over: 'stripped and dry' }),
    ],
  })
  expect(scopeLineWords(job)).toBe(
    'Left out: back C (an extension is planned). Done by the owner: front A from 0" to 12\', by the owner, handed over stripped and dry.',
  )
})

test('a finding outside says whose it is and why', () => {
  const job = smallHouse({
    scope_stretches: [stretch('s1', 0, 20, 'by-others', { who: 'the roofer', reason: 'under contract' })],
  })
  expect(outsideWords(outsideScope(at(2), job)!)).toBe(
    'outside the scope line, others do it, the roofer: under contract',
  )
})

test('what was found at a deck goes with the part of the wall its deck stands on', () => {
  const deck = {
    ...{ id: 'deck', removed: false, side_id: 'side-a', number: 1, kind: 'deck', size_how: 'taped' },
    ...{ station: feet(4), width: feet(12), depth: feet(8), deck_height: feet(3) },
  } as Feature
  const job = smallHouse({ features: [deck], scope_stretches: [stretch('s1', 0, 20, 'by-others')] })
  const board = { ...at(30), component: 'deck-board' as const }
  expect(outsideScope({ ...board, place: { kind: 'deck', feature_id: 'deck', words: '' } }, job)?.kind).toBe(
    'by-others',
  )
  expect(outsideScope({ ...board, place: { kind: 'deck', feature_id: null, words: '' } }, job)).toBeNull()
  // So does work that is put there without a finding.
  const stain = workItem('stain', { method: 'own-work', component: 'deck-board' })
  const spotAt = { kind: 'deck' as const, feature_id: 'deck', words: '' }
  const items = [{ ...stain, places: [{ at: spotAt, size: null, height: null }] }]
  const { scope } = derive({ ...job, work_items: items }, '2026-05-04')
  expect(scope.items[0]!.spots.map(({ standing }) => standing)).toEqual(['by-others'])
})

test('however stretches lie, the parts cover the side once, without gaps', () => {
  const kinds = ['ours', 'priced-apart', 'left-out', 'by-owner', 'by-others'] as const
  const any = fc.array(
    fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), fc.constantFrom(...kinds)),
    { maxLength: 8 },
  )
  fc.assert(
    fc.property(any, (rows) => {
      const job = smallHouse({
        scope_stretches: rows.map(([a, b, kind], index) =>
          stretch(`s${index}`, Math.min(a, b), Math.max(a, b), kind),
        ),
      })
      const parts = scopeParts(job, sideA)
      let reached: number = 0
      for (const part of parts) {
        expect(part.from).toBe(reached)
        expect(part.to).toBeGreaterThan(part.from)
        reached = part.to
      }
      expect(reached).toBe(feet(40))
    }),
  )
})

test('low courses only: what lies higher is outside, on the same stretch', () => {
  const job = smallHouse({ scope_stretches: [stretch('low', 0, 40, 'ours', { below: feet(4) })] })
  expect(scopeParts(job, sideA).map(({ low, high, kind }) => [low, high, kind])).toEqual([
    [null, feet(4), 'ours'],
    [feet(4), null, 'left-out'],
  ])
  const low = {
    ...at(5),
    place: { ...at(5).place, height: { value: inches(12), from: 'grade' } },
  } as ReturnType<typeof at>
  expect(outsideScope(low, job)).toBeNull()
  expect(outsideScope(at(5), job)?.kind).toBe('left-out')
  expect(scopeLineWords(job)).toBe("We work on: front A up to 4' high.")
})

test('frame in, sash out: what holds for some parts divides no wall, and holds for those parts', () => {
  const job = smallHouse({
    scope_stretches: [
      stretch('sash', 0, 40, 'left-out', { parts: ['sash', 'pane'], reason: 'the window firm comes in May' }),
    ],
  })
  expect(scopeParts(job, sideA).map(({ kind }) => kind)).toEqual(['ours'])
  expect(outsideScope({ ...at(5), component: 'sash' }, job)?.stretch?.id).toBe('sash')
  expect(outsideScope({ ...at(5), component: 'side-casing' }, job)).toBeNull()
  // A part nobody named is not one of them.
  expect(outsideScope({ ...at(5), component: null }, job)).toBeNull()
  expect(scopeLineWords(job)).toBe('Left out: front A, only sash, pane (the window firm comes in May).')
})

test('bands of one stretch beside those of another go on where they are of one height', () => {
  const job = smallHouse({
    scope_stretches: [
      stretch('high', 0, 40, 'left-out', { above: feet(8) }),
      stretch('porch', 10, 20, 'by-owner', { below: feet(3) }),
    ],
  })
  const parts = scopeParts(job, sideA)
  expect(
    parts.map(({ from, to, low, high, kind }) => [
      from / 768,
      to / 768,
      low && low / 768,
      high && high / 768,
      kind,
    ]),
  ).toEqual([
    [0, 10, null, 8, 'ours'],
    [0, 40, 8, null, 'left-out'],
    [10, 20, null, 3, 'by-owner'],
    [10, 20, 3, 8, 'ours'],
    [20, 40, null, 8, 'ours'],
  ])
})

test('whatever stretches stand, the parts of a side cover it once', () => {
  const any = fc.record({
    from: fc.integer({ min: 0, max: 39 }),
    long: fc.integer({ min: 1, max: 40 }),
    kind: fc.constantFrom('ours', 'left-out', 'priced-apart', 'by-owner', 'by-others'),
    above: fc.option(fc.integer({ min: 1, max: 9 })),
    tall: fc.option(fc.integer({ min: 1, max: 9 })),
  })
  fc.assert(
    fc.property(fc.array(any, { maxLength: 5 }), (drawn) => {
      const job = smallHouse({
        scope_stretches: drawn.map(({ from, long, kind, above, tall }, index) =>
          stretch(`s${index}`, from, Math.min(40, from + long), kind, {
            above: above === null ? null : feet(above),
            below: tall === null ? null : feet((above ?? 0) + tall),
          }),
        ),
      })
      const parts = scopeParts(job, sideA)
      // Feet of wall, taken to be 20 ft high.
      const covered = parts.reduce(
        (sum, { from, to, low, high }) => sum + (to - from) * ((high ?? feet(20)) - (low ?? 0)),
        0,
      )
      expect(covered).toBe(feet(40) * feet(20))
      for (const { from, to, low, high, kind } of parts) {
        const height = ((low ?? 0) + (high ?? feet(20))) / 2
        const found = outsideAt('side-a', { station: (from + to) / 2, height, part: null }, job)
        expect(found?.kind ?? 'ours').toBe(kind)
      }
    }),
  )
})
