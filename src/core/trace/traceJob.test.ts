import { expect, test } from '@jest/globals'
import { alderHouse, finding, sillNose, smallHouse } from '../../../tests/support/jobs'
import { traceJob } from './traceJob'

const short = ['metal-stops-short', 'rot-at-head-corner-only']
const head = finding({
  n: 2,
  words: '',
  component: 'head-casing',
  at: { side: 'a', ft: 10, up_in: 122, feature: 'window-a1' },
  length_in: 12,
  grade: 3,
  signs: short,
})
const leg = finding({
  n: 3,
  words: '',
  component: 'side-casing',
  at: { side: 'a', ft: 13, up_in: 80, feature: 'window-a1' },
  length_in: 24,
  grade: 3,
  signs: ['metal-stops-short', 'legs-soft-from-top'],
})

test('findings under one short flashing share one source, seated over the opening', () => {
  const { sources } = traceJob(smallHouse({ findings: [head, leg] }))
  expect(sources).toHaveLength(1)
  expect(sources[0]).toMatchObject({ letter: 'a', cause: 'head-flashing-short', seat_words: 'window A1' })
  expect(sources[0]?.finding_ids).toEqual(['finding-2', 'finding-3'])
})

test('the same fault at another window is another source', () => {
  const job = smallHouse({
    findings: [
      head,
      { ...leg, id: 'far', place: { ...leg.place, side_id: 'side-c', feature_id: null } as never },
    ],
  })
  expect(traceJob(job).sources).toHaveLength(2)
})

test('a null cause draws no source', () => {
  const signs = ['decay-same-on-all-alike', 'age-past-usual-life', 'detail-right']
  const nose = sillNose({ signs: signs.map((sign) => ({ sign, how: 'touched', present: true })) })
  const [source] = traceJob(smallHouse({ findings: [nose] })).sources
  expect(source).toMatchObject({ letter: null, cause: 'ordinary-exposure', seat: null })
})

test('no sign, no verdict: the prior of houses is no word about this one', () => {
  const trace = traceJob(smallHouse({ findings: [sillNose()] }))
  expect(trace.sources).toEqual([])
  expect(trace.unexplained).toEqual(['finding-1'])
})

test('a person who knows overrules the ranking, with his name', () => {
  const job = smallHouse({
    findings: [head],
    judgements: [
      {
        id: 'j',
        removed: false,
        finding_ids: ['finding-2'],
        cause: 'joint-open',
        by: 'Dov Harrow',
        reason: '',
      },
    ],
  })
  expect(traceJob(job).sources[0]).toMatchObject({
    cause: 'joint-open',
    certainty: 'stated',
    by: 'Dov Harrow',
  })
})

test('a hose test that wets it shows the cause', () => {
  const job = smallHouse({
    findings: [sillNose({ signs: [{ sign: 'sill-and-lower-jamb-only', how: 'touched', present: true }] })],
    facts: [
      {
        kind: 'test',
        id: 't',
        by: 'x',
        at: '2026-05-04T09:00:00Z',
        about: { kind: 'finding', finding_id: 'finding-1' },
        check: 'hose',
        result: 'wet at the corner after six minutes',
        sign: 'corner-key-open',
        present: true,
      },
    ],
  })
  expect(traceJob(job).findings[0]).toMatchObject({ cause: 'pan-or-unit-corner', certainty: 'shown' })
})

test('one detail repeated is one source, wherever it sits', () => {
  const trace = traceJob(alderHouse())
  const head = trace.sources.filter((each) => each.cause === 'head-flashing-short')
  expect(head).toHaveLength(1)
  expect(head[0]?.finding_ids.toSorted()).toEqual(
    ['finding-15', 'finding-16', 'finding-17', 'finding-2', 'finding-3', 'finding-5'].toSorted(),
  )
  expect(head[0]?.seat_words).toContain('window A1, window A2, window A4')
})

test('the main demo: what no sign speaks for stays honestly unexplained', () => {
  const trace = traceJob(alderHouse())
  expect(trace.unexplained).toContain('finding-8')
  expect(trace.sources.filter((each) => each.letter !== null).length).toBeLessThan(16)
  expect(trace.sources.find((each) => each.cause === 'ledger-unflashed')?.certainty).toBe('shown')
})
