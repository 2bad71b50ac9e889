/**
 * Scenes of the trade with practitioners' answers, by another hand than the engine's, and sixty of our own written before any weight was
 * touched. The floors are what stood when they were written down: an answer lost is a failure. `npm run bench -- judge` prints each.
 */
import { describe, expect, test } from '@jest/globals'
import { CAUTIONS_BY_SIGN, PARTS } from '../../src/core/catalogue'
import { KEEP_OFF_BY_SIGN, PEST_SIGNS } from '../../src/core/catalogue/cautions/cautions'
import { CONDITION_SIGNS } from '../../src/core/catalogue/signs'
import { FIRST_LOOKS } from '../../src/core/catalogue/checks/firstLooks'
import { CAUSE_IDS, causeOf, isSign, SIGN_IDS, SIGNS, traceJob } from '../../src/core/trace'
import { live } from '../../src/core/job'
import { jobOf } from '../cases/build'
import { judge, type Answer, type Judged } from '../cases/judge'
import { FRESH, FRESH_AGAIN } from '../cases/fresh'
import { OURS } from '../cases/ours'
import { SCENES } from '../cases/scenes'

const theirs = SCENES.map(judge)
const ours = OURS.map(judge)
const fresh = [...FRESH, ...FRESH_AGAIN].map(judge)

const of = (judged: readonly Judged[], kind: Answer['kind'], letters: string): Answer[] =>
  judged.flatMap((each) => each.answers.filter((one) => one.kind === kind && letters.includes(one.letter)))
const share = (answers: readonly Answer[], got: readonly Answer['got'][]): number =>
  answers.filter((each) => got.includes(each.got)).length / answers.length

describe.each([
  ['theirs', theirs, { first: 0.85, told: 0.94 }],
  ['ours', ours, { first: 0.87, told: 0.95 }],
  ['fresh', fresh, { first: 0.94, told: 0.97 }],
] as const)('%s', (_, judged, floor) => {
  test('every sight, part and cause has its word', () => {
    expect(judged.flatMap(({ wordless }) => wordless)).toEqual([])
  })

  test('what practitioners say or lean to heads the list, or is named', () => {
    const answers = of(judged, 'cause', 'SL')
    expect(answers.length).toBeGreaterThan(70)
    expect(share(answers, ['first'])).toBeGreaterThanOrEqual(floor.first)
    expect(share(answers, ['first', 'named'])).toBeGreaterThanOrEqual(floor.told)
  })

  test('nothing that must not be concluded is', () => {
    const answers = of(judged, 'not', 'SLT')
    expect(answers.length).toBeGreaterThan(30)
    expect(answers.filter((each) => each.got === 'no')).toEqual([])
  })
})

test('cautions are raised by themselves, and the first look fits the part', () => {
  const cautions = [theirs, ours, fresh].flatMap((judged) => of(judged, 'caution', 'SLT'))
  // One of 55 is missing: that a deck is looked at from below before anybody stands on it, where nothing of it is soft.
  expect(cautions.filter((each) => each.got === 'no').length).toBeLessThanOrEqual(1)
  expect(of(theirs, 'look', 'SLT').filter((each) => each.got === 'no')).toEqual([])
  expect(share(of(theirs, 'method', 'SLT'), ['first', 'named'])).toBeGreaterThan(0.91)
  expect(of(theirs, 'blocked', 'ST').filter((each) => each.got === 'no')).toEqual([])
})

test('no sign without a cause, no two wordings of one sight, no row that names a sign there is not', () => {
  const used = new Set(
    CAUSE_IDS.flatMap((id) => [...causeOf(id).supports, ...causeOf(id).refutes].map(({ sign }) => sign)),
  )
  const idle = SIGN_IDS.filter((id) => !used.has(id) && !Object.hasOwn(CONDITION_SIGNS, id))
  expect(idle).toEqual([])
  const says = SIGN_IDS.map((id) => SIGNS[id].says.toLowerCase())
  expect(says.filter((each, index) => says.indexOf(each) !== index)).toEqual([])
  const named = [
    ...CAUTIONS_BY_SIGN.flatMap(({ signs }) => signs),
    ...KEEP_OFF_BY_SIGN.map(({ sign }) => sign),
    ...PEST_SIGNS,
    ...FIRST_LOOKS.flatMap(({ signs }) => signs),
  ]
  expect(named.filter((sign) => !isSign(sign))).toEqual([])
  const parts = new Set(PARTS.map(({ id }) => id))
  const meant = [
    ...FIRST_LOOKS.flatMap((row) => row.parts),
    ...CAUTIONS_BY_SIGN.flatMap((row) => row.parts ?? []),
  ]
  expect(meant.filter((part) => !parts.has(part))).toEqual([])
})

const traceOf = (...found: string[]) => traceJob(live(jobOf({ title: '', found }))).findings

describe('how evidence goes wrong', () => {
  test('a measured fact is at least as strong as a glance', () => {
    const of_ = (how: string): number =>
      traceOf(`foundation-wall | words back corner | @${how} course-line-drops ?`)[0]!.ranked.find(
        ({ cause }) => cause === 'settlement',
      )!.probability
    expect(of_('instrument')).toBeGreaterThanOrEqual(of_('seen-close'))
  })

  test('not wet today says nothing of insects', () => {
    const [dry] = traceOf('joist | words below | galleries-kind-unknown -wet-over-22 3')
    const [silent] = traceOf('joist | words below | galleries-kind-unknown 3')
    const insects = (each: typeof dry): number =>
      each!.ranked
        .filter(({ cause }) => cause !== 'other' && causeOf(cause).family === 'life')
        .reduce((sum, { probability }) => sum + probability, 0)
    expect(insects(dry)).toBeGreaterThan(0.9 * insects(silent))
    expect(dry!.cause).not.toBe('old-inactive')
  })

  test.each(['fascia', 'lap-siding', 'joist', 'window-sill', 'deck-board'])(
    'a grade alone is no cause: %s',
    (part) => {
      for (const grade of [1, 2, 3]) expect(traceOf(`${part} | A 20 60 | ${grade}`)[0]!.cause).toBeNull()
    },
  )

  test('a place without a sign lifts no neighbour', () => {
    const chance = (...more: string[]): number =>
      traceJob(
        live(jobOf({ title: '', found: ['fascia | A 10 128 | wash-marks-behind-gutter 2', ...more] })),
      ).sources.find(({ cause }) => cause === 'gutter-overflow')?.probability ?? 0
    const alone = chance()
    expect(chance('base-course | A 10 14 | 3', 'lap-siding | A 10 60 | 3')).toBeLessThan(alone + 0.05)
  })

  test('a contrast makes no source that nobody saw', () => {
    expect(traceOf('lap-siding | A 20 60 | dry-elsewhere one-of-many-alike 3')[0]!.cause).toBeNull()
  })

  test('two causes at one finding: a certain hazard starves nothing', () => {
    const [found] = traceOf('ledger | C 13 20 c4 | ledger-on-veneer no-metal-at-ledger 2')
    expect([found!.cause, ...found!.also].toSorted()).toEqual(['ledger-attachment', 'ledger-unflashed'])
  })

  test('sound wood shows its streaks, mildew and holes', () => {
    expect(traceOf('lap-siding | B 10 60 | mildew 0')[0]?.cause).toBe('mildew-growth')
    expect(traceOf('fascia | A 10 128 | round-half-inch-holes 0')[0]?.cause).toBe('carpenter-bees')
    expect(traceOf('lap-siding | B 10 60 | 0')).toEqual([])
  })

  test('a blank or other part competes by what its signs allow', () => {
    const [other] = traceOf('other | A 10 120 | dent ?')
    expect(other!.cause).toBe('struck')
  })

  test('what only its owner can know weighs when told; what he could only have heard does not', () => {
    const washing = (how: string): number =>
      traceOf(
        `lap-siding | A 30 60 | @${how} began-within-year-of-washing blistered-round-laps 2`,
      )[0]!.ranked.find(({ cause }) => cause === 'washing-injection')!.probability
    expect(washing('told')).toBeGreaterThan(0.15)
    expect(traceOf('fascia | A 20 128 | @told wash-marks-behind-gutter 2')[0]!.cause).toBeNull()
  })
})

test('every cause that has a source can win by its own two strongest signs, on the parts it damages', () => {
  const INSIDE = [
    'joist',
    'subfloor',
    'girder',
    'floor',
    'floor-insulation',
    'pier',
    'mudsill',
    'ceiling',
    'rim-joist',
  ]
  const UNDER = ['interior-wall', 'slab', 'foundation-wall', 'roof-deck', 'rafter', 'prop', 'finish-floor']
  const OPENING = ['window-sill', 'sill-nose', 'head-casing', 'side-casing', 'jamb-foot', 'threshold']
  const EDGE = ['fascia', 'rake-board', 'soffit', 'crown-moulding', 'frieze-board', 'gutter']
  const placeOf = (part: string, isGround: boolean): string => {
    if (INSIDE.includes(part) || UNDER.includes(part)) return 'words spot'
    if (/^deck|^ledger|^guard|^stair/.test(part)) return 'C 14 26 c4'
    if (OPENING.includes(part)) return 'A 12 60 a2'
    if (EDGE.includes(part)) return 'A 20 126'
    // What comes from the ground is looked for at the foot of the wall.
    return isGround ? 'A 30 20' : 'A 30 40'
  }
  const tried = CAUSE_IDS.flatMap((id) => {
    const cause = causeOf(id)
    const signs = [...cause.supports]
      .filter(({ sign }) => sign !== 'grade-1-or-less' && sign !== 'deep-or-gone')
      .sort((a, b) => b.ratio - a.ratio)
      .slice(0, 2)
      .map(({ sign }) => sign)
    return cause.damages.slice(0, 3).map((part) => {
      const grade = cause.family === 'null' ? 1 : 2
      const [found] = traceOf(
        `${part} | ${placeOf(part, cause.seat === 'ground')} | ${signs.join(' ')} ${grade}`,
      )
      return { id, part, wins: found?.cause === id || found?.also.includes(id) === true }
    })
  })
  expect(tried.length).toBeGreaterThan(300)
  // What does not: causes that a drawn seat of the house explains as well, and two that share all their signs.
  expect(tried.filter(({ wins }) => !wins).length).toBeLessThanOrEqual(13)
})
