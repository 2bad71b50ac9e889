import { expect, test } from '@jest/globals'
import { jobOf, type Case } from '../../../tests/cases/build'
import { chainsOf } from './chains'
import { decayClimate } from './decayClimate'
import { GUARDS } from '../catalogue/guards/guards'
import { GUARD_TESTS, guardsOf, type Guard } from './guards'
import { CAUSE_IDS, causeOf, isCause } from '../catalogue/causes'
import { CHECKS } from '../catalogue/checks/checks'
import { LOOK_ALIKE_PAIRS } from '../catalogue/pairs/pairs'
import { isSign, SIGN_IDS } from '../catalogue/signs'
import { traceJob } from './traceJob'
import { unprobedLike } from './unprobed'

const traced = (found: readonly string[], house?: Case['house']) => {
  const job = jobOf({ title: 'test', found, cause: null, ...(house ? { house } : {}) })
  return { job, trace: traceJob(job) }
}
const guards = (found: readonly string[]): readonly Guard['id'][] => {
  const { job, trace } = traced(found)
  return guardsOf(job, trace).map((each) => each.id)
}

test('the knowledge is whole: a hundred causes, signs and checks that are all there, chains that lead somewhere', () => {
  expect(CAUSE_IDS.length).toBeGreaterThanOrEqual(80)
  expect(SIGN_IDS.length).toBeGreaterThanOrEqual(90)
  expect(Object.values(CHECKS).filter((check) => check.shows.length > 0).length).toBeGreaterThanOrEqual(24)
  expect(LOOK_ALIKE_PAIRS).toHaveLength(58)
  for (const id of CAUSE_IDS) {
    const cause = causeOf(id)
    expect(cause.leadsTo.filter((next) => !isCause(next))).toEqual([])
    expect(cause.damages.length).toBeGreaterThan(0)
    expect(cause.supports.length).toBeGreaterThan(0)
    expect(cause.mechanism).toMatch(/\.$/)
    for (const { sign } of [...cause.supports, ...cause.refutes]) expect(isSign(sign)).toBe(true)
  }
})

test('what runs down does not reach under a roof of its own', () => {
  const above = 'fascia | A 18 128 | wash-marks-behind-gutter splash-trench-below debris-at-gutter-lip'
  const under = 'base-course | A 21.5 14 | '
  const open = 'base-course | A 14 14 | '
  const causes = (found: readonly string[]) => traced(found).trace.findings.map((each) => each.cause)
  expect(causes([above, open])).toEqual(['gutter-overflow', 'gutter-overflow'])
  expect(causes([above, under])[1]).not.toBe('gutter-overflow')
})

test('a finding that a second source reaches, with signs of its own, says so', () => {
  const { trace } = traced([
    'window-sill | B 20 57 b2 | corner-key-open sill-and-lower-jamb-only framing-below-soft-head-dry',
    'subfloor | in B 20.5 10 | wet-below-fixture meter-dial-moves along-one-wall',
  ])
  const floor = trace.findings[1]!
  expect(new Set([floor.cause, ...floor.also])).toEqual(new Set(['plumbing-leak', 'pan-or-unit-corner']))
})

test('two faults seen at one place are two sources, the second beside the first', () => {
  const sources = (signs: string) => {
    const { trace } = traced([`ledger | C 14 26 c4 | ${signs}`])
    return { of: trace.findings[0]!, named: trace.sources.map((each) => [each.cause, each.second]) }
  }
  const bare = 'no-metal-at-ledger rim-wet-along-length stain-below-ledger'
  expect(sources(bare).named).toEqual([['ledger-unflashed', false]])
  const both = sources(`${bare} ledger-nails-only ledger-gap-over-eighth`)
  expect(both.of.cause).toBe('ledger-unflashed')
  expect(both.of.also).toEqual(['ledger-attachment'])
  expect(both.named).toEqual(
    expect.arrayContaining([
      ['ledger-unflashed', false],
      ['ledger-attachment', true],
    ]),
  )
})

test('a fault that somebody saw is named where paint would explain the damage as well', () => {
  const sourcesOf = (signs: string, at = 'window-sill | B 20 57 b2', grade = 2) => {
    const { trace } = traced([`${at} | ${signs} ${grade}`])
    return trace.sources.flatMap(({ letter, cause }) => (letter === null ? [] : [cause]))
  }
  expect(sourcesOf('corner-key-open')).toEqual(['pan-or-unit-corner'])
  expect(sourcesOf('@told corner-key-open')).toEqual([])
  const fascia = 'fascia | A 6 128'
  expect(sourcesOf('no-metal-under-first-shingle', fascia)).toEqual(['no-drip-edge'])
  expect(sourcesOf('@read no-metal-under-first-shingle', fascia)).toEqual([])
  // Two that are not so strong by themselves are strong enough together.
  const below = 'lap-siding | B 15 28 b3'
  expect(sourcesOf('no-block-or-hood plate-loose-at-hole', below, 1)).toEqual(['penetration-unflashed'])
  expect(sourcesOf('no-block-or-hood', below, 1)).toEqual([])
  // The shape of the damage alone, of a larger ratio, is not the fault.
  expect(sourcesOf('sill-and-lower-jamb-only')).toEqual([])
})

test('a window where the metal is seen right is no part of a habit of leaving it short', () => {
  const head = (at: string, metal: string): string =>
    `head-casing | ${at} | rot-at-head-corner-only ${metal} 2`
  const { trace } = traced([
    ...['A 4 105 a1', 'A 12 105 a2'].map((at) => head(at, 'metal-stops-short')),
    head('B 8 105 b1', 'metal-past-casing-with-dams'),
  ])
  expect(trace.sources.flatMap((each) => each.finding_ids)).toEqual(['finding-1', 'finding-2'])
})

test('three windows with the same fault are one habit, two are two', () => {
  const head = (at: string): string => `head-casing | ${at} | metal-stops-short rot-at-head-corner-only`
  const at = ['A 4 105 a1', 'A 12 105 a2', 'B 8 105 b1'].map(head)
  expect(traced(at).trace.sources).toMatchObject([{ repeated: true }])
  expect(traced(at.slice(0, 2)).trace.sources).toHaveLength(2)
})

test('a habit raises suspicion at its like that nobody probed', () => {
  const at = ['A 4 105 a1', 'A 12 105 a2', 'B 8 105 b1']
  const { job, trace } = traced(
    at.map((each) => `head-casing | ${each} | metal-stops-short rot-at-head-corner-only`),
  )
  const like = unprobedLike(trace.sources[0]!, job).map((each) => each.id)
  expect(like).toEqual(expect.arrayContaining(['window-a3', 'window-c1']))
  expect(like).not.toContain('window-a1')
})

test('the second best is named, with what stands between', () => {
  const { trace } = traced(['fascia | A 0 128 | deck-edge-soft-along-run gutter-dry-behind-rot'])
  expect(trace.sources[0]?.runnerUp?.odds).toBeGreaterThan(1)
  expect(trace.sources[0]?.runnerUp?.causes).not.toContain('no-drip-edge')
})

test('a chain names its first link: the downspout before the pier', () => {
  const { job, trace } = traced([
    'base-course | A 38 14 | erosion-at-outlet short-or-missing-elbow base-rot-within-4-ft-of-outlet',
    'girder | in A 38 20 | washout-at-pier silt-at-wall 0',
    'pier | in A 38 20 | washout-at-pier silt-at-wall erosion-at-outlet',
  ])
  const washed = trace.sources.find((each) => each.cause === 'support-washed-out')
  expect(washed).toBeDefined()
  expect(chainsOf(washed!, trace.sources, job)).toContainEqual(
    expect.objectContaining({ first: 'leader-at-wall' }),
  )
})

test.each<[string, readonly string[], Guard['id']]>([
  [
    'a pushed wall',
    [
      'foundation-wall | words left | horizontal-crack-inside ?',
      'brick-veneer | words corner | courses-low-and-cracks ?',
    ],
    'pushed-or-sinking',
  ],
  ['a hairline', ['interior-wall | words hall | hairline-only ?'], 'hairlines-only'],
  [
    'vapour where a tub stands',
    ['joist | in A 10 40 | every-bay-alike ground-bare', 'joist | in C 10 40 | every-bay-alike'],
    'vapour-or-leak',
  ],
  ['fresh paint', ['corner-board | A 0 40 | freshly-painted'], 'fresh-paint'],
  [
    'a patch over soft wood',
    ['window-sill | C 6 57 c1 | filler-hollow-awl-passes cracks-around-patch'],
    'paint-over-decay',
  ],
  [
    'a sealed weep',
    ['head-casing | A 12 105 a2 | bead-at-flashing-or-weep wet-above-bead'],
    'drainage-joint',
  ],
  ['mud tubes', ['mudsill | in D 10 2 | mud-tubes'], 'pests'],
  [
    'an old guard',
    ['guard | C 13 60 c4 | age-past-usual-life horizontal-in-rain decay-same-on-all-alike 2'],
    'old-but-bearing',
  ],
])('a guard for %s', (_, found, kind) => {
  expect(guards(found)).toContain(kind)
})

test('no guard without its trigger', () => {
  expect(guards(['fascia | A 0 128 | deck-edge-soft-along-run gutter-dry-behind-rot'])).toEqual([])
})

test('a look against glare or at fresh paint weighs less', () => {
  const plain = traced(['corner-board | D 29.5 40 | @seen-close open-joint dark-both-sides-of-joint']).trace
    .findings[0]!
  const poor = traced([
    'corner-board | D 29.5 40 | @seen-close open-joint dark-both-sides-of-joint looked-against-glare',
  ]).trace.findings[0]!
  const of = (each: typeof plain): number =>
    each.ranked.find((one) => one.cause === 'joint-open')?.probability ?? 0
  expect(of(poor)).toBeLessThan(of(plain))
})

// By hand: 20 °C is 68 °F; (68 − 35) × (13 − 3) / 30 = 11. A month with three rain days or fewer counts nothing.
test('the decay climate index', () => {
  expect(decayClimate([{ mean_temperature_c: 20, rain_days: 13 }])).toBeCloseTo(11, 9)
  expect(
    decayClimate([
      { mean_temperature_c: -6.7, rain_days: 2 },
      { mean_temperature_c: 20, rain_days: 3 },
    ]),
  ).toBe(0)
})

test('every guard of the catalogue is raised by something the engine has', () => {
  for (const { when } of GUARDS) {
    if (when.kind === 'house') expect(GUARD_TESTS).toContain(when.test)
    else expect(when.signs.length + when.causes.length).toBeGreaterThan(0)
  }
})

test('a joist that lies hollow is laid to its support, unless it is soft: then it has been wet', () => {
  const causeAt = (grade: string): string | null =>
    traced(
      [
        `joist | words hall | daylight-in-bearing ${grade}`,
        'crawl-floor | words crawl space | ground-bare ?',
      ],
      { foundation: 'crawl' },
    ).trace.findings[0]!.cause
  expect(['?', '1', '2', '3'].map(causeAt)).toEqual([
    'pier-displaced',
    'pier-displaced',
    'crawl-vapour',
    'crawl-vapour',
  ])
})
