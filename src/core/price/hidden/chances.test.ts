/** What a finding may hide: the rows by part and grade, and the odds that evidence moves; worked by hand. */
import { describe, expect, test } from '@jest/globals'
import { finding, smallHouse } from '../../../../tests/support/jobs'
import { HIDDEN, HIDDEN_ODDS } from '../../catalogue/hidden/hidden'
import { PARTS } from '../../catalogue'
import { openedAt, openedFindings, type Finding, type OpenedPlace } from '../../job'
import { hiddenChance, withOdds } from './chances'
import { sigmaOf } from './simulate'

const sill = (of: Partial<Finding> = {}): Finding => ({
  ...finding({
    n: 1,
    words: '',
    component: 'window-sill',
    at: { side: 'a', ft: 6, up_in: 36 },
    length_in: 30,
    grade: 3,
  }),
  ...of,
})
const chanceOf = (of: Finding, more: Finding[] = [], cause: string | null = null) =>
  hiddenChance(of, smallHouse({ findings: [of, ...more] }), cause)

test('every part in the rows is a part, each once, chances rise with the grade, framing is never likelier than backing', () => {
  const parts = HIDDEN.flatMap(({ serves }) => serves)
  expect(new Set(parts).size).toBe(parts.length)
  for (const part of parts) expect([part, PARTS.some(({ id }) => id === part)]).toEqual([part, true])
  for (const { id, backing, framing, extent } of HIDDEN) {
    for (const by of [backing, framing].filter((each) => each !== null))
      expect([id, by.every((each, grade) => grade === 0 || each > by[grade - 1]!)]).toEqual([id, true])
    if (backing) expect([id, framing.every((each, grade) => each < backing[grade]!)]).toEqual([id, true])
    expect([id, extent[0] < extent[1] && extent[1] < extent[2]]).toEqual([id, true])
  }
})

test('odds are multiplied, not chances', () => {
  // 0.62 is odds of 0.62 to 0.38; times 4 that is 2.48 to 0.38, or 0.867.
  expect(withOdds(0.62, 4)).toBeCloseTo(2.48 / 2.86, 12)
  expect(withOdds(0.5, 1)).toBe(0.5)
})

test('a sill soft deep in, with nothing else known, is as the row says', () => {
  const of = chanceOf(sill())
  expect(of).toMatchObject({ grade: 3, moved: [] })
  expect(of?.backing).toBeCloseTo(0.62, 12)
  expect(of?.framing).toBeCloseTo(0.45, 12)
  expect(of?.extent.typical).toBe(1.8)
  // One in ten below 1.3, one in ten above 3.5: ln(3.5 / 1.3) over 2.563.
  expect(of?.extent.sigma).toBeCloseTo(Math.log(3.5 / 1.3) / 2.5631031310892007, 9)
})

test('gone it reaches further; worn at the surface hardly past what is seen', () => {
  expect(chanceOf(sill({ stated_grade: 4 }))?.extent.typical).toBeCloseTo(2.1, 12)
  expect(chanceOf(sill({ stated_grade: 1 }))?.extent).toEqual({ typical: 1.1, sigma: sigmaOf(1, 1.4) })
})

test('what nobody touched is a mixture of what it may be', () => {
  // 60 % sound, 22 % worn, 12 % soft, 5 % deep, 1 % gone, by the row of a sill.
  const backing = 0.6 * 0.03 + 0.22 * 0.1 + 0.12 * 0.32 + 0.05 * 0.62 + 0.01 * 0.88
  expect(chanceOf(sill({ suspected: true }))?.backing).toBeCloseTo(backing, 12)
})

test('its neighbour soft, the sound share of an untouched one is halved', () => {
  const beside = { ...sill(), id: 'beside', number: 2 }
  const rest = 0.4
  const scale = 0.7 / rest
  const backing = 0.3 * 0.03 + scale * (0.22 * 0.1 + 0.12 * 0.32 + 0.05 * 0.62 + 0.01 * 0.88)
  expect(chanceOf(sill({ suspected: true }), [beside])?.backing).toBeCloseTo(backing, 12)
})

test('evidence moves the odds, and says so', () => {
  const hollow = sill({ signs: [{ sign: 'filler-hollow-awl-passes', how: 'touched', present: true }] })
  const of = chanceOf(hollow)
  expect(of?.moved.map(({ id }) => id)).toEqual(['hollow-filler'])
  expect(of?.backing).toBeCloseTo(withOdds(0.62, 2.5), 12)
  // Looked for and not there: it moves nothing.
  const absent = sill({ signs: [{ sign: 'filler-hollow-awl-passes', how: 'touched', present: false }] })
  expect(chanceOf(absent)?.backing).toBeCloseTo(0.62, 12)
})

test('a meter at the place counts, the wettest reading of it', () => {
  const of = sill()
  const reading = (n: number, percent: number) => ({
    kind: 'reading' as const,
    id: `r${n}`,
    by: 'Tess Orme',
    at: '2026-05-04T09:00:00Z',
    about: { kind: 'finding' as const, finding_id: of.id },
    moisture_percent: percent,
    reference_percent: null,
    at_height: null,
    species: '',
    species_points: null,
    wood_temperature_c: null,
    instrument: '',
  })
  const job = smallHouse({ findings: [of], facts: [reading(1, 15), reading(2, 28)] })
  expect(hiddenChance(of, job, null)?.moved.map(({ id }) => id)).toEqual(['wet'])
  const dry = smallHouse({ findings: [of], facts: [reading(1, 15)] })
  expect(hiddenChance(of, dry, null)?.backing).toBeCloseTo(withOdds(0.62, 0.35), 12)
})

test('siding below a roof end that throws its water down the wall hides more than siding in the field', () => {
  const board = sill({ component: 'lap-siding' })
  expect(chanceOf(board)?.backing).toBeCloseTo(0.55, 12)
  expect(chanceOf(board, [], 'kick-out-missing')?.backing).toBeCloseTo(0.85, 12)
})

test('never certain before it is opened, and nothing once it is; what is not known of a part is not guessed', () => {
  const much = sill({
    stated_grade: 4,
    signs: ['filler-hollow-awl-passes', 'frass-or-holes', 'barrier-seen-faulty'].map((sign) => ({
      sign,
      how: 'touched' as const,
      present: true,
    })),
  })
  expect(chanceOf(much)?.backing).toBe(0.97)
  expect(chanceOf(sill({ how_known: 'opened' }))).toBeNull()
  expect(chanceOf(sill({ component: 'gutter' }))).toBeNull()
  expect(chanceOf(sill({ component: null }))).toBeNull()
  expect(HIDDEN_ODDS.every(({ times }) => times > 0 && times !== 1)).toBe(true)
})

/** Chances of a sill beside an opened one of the same source. */
function besideOpened(found: readonly string[], guess: { backing: number; framing: number } | null): number {
  const mine = sill()
  const other = { ...sill(), id: 'other', number: 2 }
  const opened: OpenedPlace = {
    ...{ id: 'o', removed: false, finding_id: 'other', opened_on: '2026-05-04', opened_by: 'D' },
    guess: guess && {
      row: 'window-sill',
      backing_percent: guess.backing * 100,
      framing_percent: guess.framing * 100,
    },
    ...{ told: null, caused_by: null },
    found: found.map((find, index) => ({ find, count: 1, item_id: `i${index}` })),
    ...{ taped: null, said: null, words: '', tonight: '', photo_ids: [] },
  }
  const house = smallHouse({ findings: [mine, other] })
  const job = { ...house, opened_places: [opened] }
  return hiddenChance(mine, job, null, [mine.id, 'other'])!.backing!
}

test('an opened place moves the others of its source: clean halves the odds, worse than four of five triples them', () => {
  const before = besideOpened(['sheathing'], { backing: 0.6, framing: 0.3 })
  const odds = before / (1 - before)
  const times = (after: number): number => after / (1 - after) / odds
  // Nothing behind it: × 0.5. Source of both factors: our judgement, B6.4 of the rows.
  expect(times(besideOpened([], { backing: 0.6, framing: 0.3 }))).toBeCloseTo(0.5, 9)
  // Framing of which one place in ten was expected: × 3. Of three in ten, as expected.
  expect(times(besideOpened(['stud'], { backing: 0.6, framing: 0.1 }))).toBeCloseTo(3, 9)
  expect(times(besideOpened(['stud'], { backing: 0.6, framing: 0.3 }))).toBeCloseTo(1, 9)
  // Backing alone is judged by the likelier of the two.
  expect(times(besideOpened(['sheathing'], { backing: 0.15, framing: 0.1 }))).toBeCloseTo(3, 9)
  // Where nothing was reckoned, nothing can have come out worse.
  expect(times(besideOpened(['stud'], null))).toBeCloseTo(1, 9)
})

test('what was opened further at a place counts together with what was opened before', () => {
  const place = (id: string, found: OpenedPlace['found'], words: string): OpenedPlace => ({
    ...{
      id,
      removed: false,
      finding_id: 'f',
      opened_on: '2026-05-04',
      opened_by: 'D',
      guess: null,
      told: null,
      caused_by: null,
      found,
    },
    ...{ taped: null, said: null, words, tonight: '', photo_ids: [id] },
  })
  const stud = (item_id: string): OpenedPlace['found'] => [{ find: 'stud', count: 1, item_id }]
  const opened_places = [
    place('a', [], 'Dry so far.'),
    place('b', stud('one'), ''),
    { ...place('c', stud('two'), 'Gone.'), removed: true },
  ]
  expect(openedAt({ opened_places }, 'f')).toMatchObject({
    found: [{ item_id: 'one' }],
    words: 'Dry so far.',
    photo_ids: ['a', 'b'],
  })
  expect(openedAt({ opened_places }, 'other')).toBeNull()
  expect(openedFindings({ opened_places })).toHaveLength(1)
})

describe('what the cladding stands on', () => {
  const on = (behind: 'unknown' | 'sheathing' | 'drained-gap' | 'studs', component = 'window-sill') => {
    const house = smallHouse()
    const mine = sill({ component })
    const sides = house.sides.map((side) => ({ ...side, behind }))
    return hiddenChance(mine, { ...house, sides, findings: [mine] }, null)!
  }
  test('on the studs there is no sheathing to be soft', () => {
    expect([on('studs').backing, on('unknown').backing === null]).toEqual([null, false])
    expect(on('studs').framing).toBe(on('unknown').framing)
  })
  test('a drained gap makes it less likely, by its row; tight on sheathing is what is reckoned with', () => {
    const { backing, moved } = on('drained-gap')
    expect(moved.map(({ id }) => id)).toContain('drained-gap')
    expect(backing).toBeCloseTo(withOdds(on('unknown').backing!, 0.4), 10)
    expect(on('sheathing').backing).toBe(on('unknown').backing)
  })
  test('behind a fascia there is no cladding', () => {
    expect(on('drained-gap', 'fascia')).toEqual(on('unknown', 'fascia'))
    expect(on('studs', 'fascia')).toEqual(on('unknown', 'fascia'))
  })
})
