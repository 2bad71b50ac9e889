import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { finding, smallHouse } from '../../../tests/support/jobs'
import type { JobDocument, ScopeStretch } from '../job'
import { feet } from '../measure'
import { outsideScope, outsideWords, scopeLineWords, scopeParts } from './scopeLine'

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
    { side_id: 'side-a', from: 0, to: feet(40), kind: 'ours', stretch_id: null },
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
