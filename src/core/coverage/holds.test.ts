import { expect, test } from '@jest/globals'
import { looked, notLooked } from '../../../demo/build'
import { finding, sillNose, smallHouse, window } from '../../../tests/support/jobs'
import type { Fact, JobDocument } from '../job'
import { coverJob } from './coverJob'
import { lookAlikes } from './lookAlikes'
import { routeOf } from './route'

const AT = '2026-05-04T17:30:00Z'
const by = { by: 'Imke Solvane', at: AT }

/** Three equal windows on side A; a number of them with a rotten sill nose that was touched. */
function threeWindows(rotten: readonly number[], more: Partial<JobDocument> = {}): JobDocument {
  return smallHouse({
    features: [window('A', 1, 4, 1), window('A', 2, 14, 1), window('A', 3, 24, 1)],
    findings: rotten.map((n) =>
      finding({
        n,
        words: 'soft',
        component: 'sill-nose',
        at: { side: 'a', ft: 4 + (n - 1) * 10, up_in: 60, feature: `window-a${n}` },
        length_in: 20,
        grade: 3,
      }),
    ),
    ...more,
  })
}

test('two of three equal windows rotten: the third is suspected, not sound', () => {
  const [alike, ...others] = lookAlikes(threeWindows([1, 2]))
  expect(others).toEqual([])
  expect(alike).toMatchObject({
    feature_id: 'window-a3',
    component: 'sill-nose',
    like: ['finding-1', 'finding-2'],
    touched: 2,
  })
})

test('a look-alike that was touched and noted sound is not suspected', () => {
  const job = threeWindows([1, 2])
  const sound = finding({
    n: 3,
    words: '',
    component: 'sill-nose',
    at: { side: 'a', ft: 24, up_in: 60, feature: 'window-a3' },
    grade: 0,
  })
  expect(lookAlikes({ ...job, findings: [...job.findings, sound] })).toEqual([])
})

test('where the openings of a side were touched, what has no finding was sound', () => {
  expect(lookAlikes(threeWindows([1], { facts: [looked('1', 'a', 'openings', 'touched')] }))).toEqual([])
  expect(
    lookAlikes(threeWindows([1], { facts: [looked('1', 'a', 'openings', 'from-ground')] })),
  ).toHaveLength(2)
})

test('a surface fault, an untouched one or one of another size puts nothing under suspicion', () => {
  const job = threeWindows([1])
  const only = (change: Partial<JobDocument['findings'][number]>): JobDocument => ({
    ...job,
    findings: job.findings.map((each) => ({ ...each, ...change })),
  })
  expect(lookAlikes(only({ stated_grade: 1 }))).toEqual([])
  expect(lookAlikes(only({ how_known: 'from-ground' }))).toEqual([])
  const wide = { ...job, features: [job.features[0]!, window('A', 2, 14, 1, { w: 72, h: 60 })] }
  expect(lookAlikes(wide)).toEqual([])
})

test('what is suspected becomes a hold with a way, once', () => {
  const holds = coverJob(threeWindows([1, 2])).holds
  expect(holds).toEqual([
    expect.objectContaining({ from: 'suspected', why: 'sill nose of window A3', way: 'other' }),
  ])
  const job = threeWindows([1])
  const suspected = { ...job.findings[0]!, suspected: true, stated_grade: null }
  const hold: Fact = {
    ...by,
    kind: 'hold',
    id: 'hold-1',
    about: { kind: 'finding', finding_id: 'finding-1' },
    why: 'nobody reached it',
    way: 'lift',
    way_to_look: '',
  }
  const both = coverJob({ ...job, findings: [suspected], facts: [hold] }).holds
  expect(both.map((each) => [each.from, each.way])).toEqual([['noted', 'lift']])
})

test.each([
  ['height', 'ladder'],
  ['locked', 'appointment'],
  ['occupied', 'appointment'],
  ['too-wet', 'dry-day'],
  ['sun', 'dry-day'],
  ['paint-too-fresh', 'dry-day'],
  ['covered', 'open'],
  ['not-asked', null],
] as const)('a zone not looked at, %s: %s', (reason, way) => {
  const { holds } = coverJob(smallHouse({ facts: [notLooked('1', 'b', 'roof-edge', reason)] }))
  expect(holds.map((hold) => hold.way)).toEqual(way === null ? [] : [way])
})

test('a wall too high for a ladder is looked at from a lift', () => {
  const job = smallHouse({ facts: [notLooked('1', 'b', 'roof-edge', 'height')] })
  const tall = { ...job, house: { ...job.house!, storeys: 3 } }
  expect(coverJob(tall).holds[0]?.way).toBe('lift')
})

test('opening without a permission to open is not recorded as done', () => {
  const facts: Fact[] = [looked('1', 'a', 'field', 'opened')]
  const without = coverJob(smallHouse({ facts }))
  expect(without.looked).toBe(0)
  expect(without.notPermitted).toEqual(['field of side A'])
  const permission: Fact = { ...by, kind: 'permission', id: 'p', level: 'open', given_by: 'Orla Fennimore' }
  const permitted = coverJob(smallHouse({ facts: [...facts, permission] }))
  expect(permitted.looked).toBe(1)
  expect(permitted.permission?.given_by).toBe('Orla Fennimore')
})

test('areas that are no walls are covered too, and the paragraph names them', () => {
  const attic: Fact = {
    ...by,
    kind: 'area-look',
    id: 'l1',
    area: 'attic',
    name: '',
    looked: { yes: false, reason: 'occupied' },
    from_below_first: null,
  }
  const coverage = coverJob(smallHouse({ facts: [attic] }))
  expect(coverage.areas.map((each) => each.area)).toEqual(['crawl', 'rooms', 'attic', 'roof'])
  expect(coverage.paragraph).toContain('attic: occupied, needs an appointment')
  expect(coverage.paragraph).toContain('Nor was a look recorded at: crawl space, rooms, roof.')
  expect(coverage.holds[0]).toMatchObject({ way: 'appointment', why: 'attic' })
})

test('where something was found somebody was, which says nothing of the rest of it', () => {
  const below = sillNose({ component: 'joist', place: { kind: 'crawl', words: '' }, how_known: 'touched' })
  const paragraph = (how_known: typeof below.how_known) =>
    coverJob(smallHouse({ findings: [{ ...below, how_known }] })).paragraph
  expect(paragraph('touched')).toContain('Looked at only where something was found: crawl space.')
  expect(paragraph('touched')).toContain('Nor was a look recorded at: rooms, attic, roof.')
  expect(paragraph('told')).toContain('Nor was a look recorded at: crawl space, rooms, attic, roof.')
})

test('the walk goes round the house, then decks from below first', () => {
  const job = smallHouse()
  const deck = {
    id: 'deck-c1',
    size_how: 'taped' as const,
    removed: false,
    kind: 'deck' as const,
    side_id: 'side-c',
    number: 1,
    station: 0 as never,
    width: (10 * 768) as never,
    depth: (8 * 768) as never,
    deck_height: (2 * 768) as never,
  }
  const with_deck = { ...job, features: [deck] }
  const route = routeOf(with_deck, coverJob(with_deck))
  expect(route.map((stop) => stop.name)).toEqual([
    'from the street',
    'A front',
    'B right',
    'C back',
    'D left',
    'deck C1',
    'crawl space',
    'rooms',
    'attic',
    'roof',
  ])
  expect(route.find((stop) => stop.name === 'deck C1')?.first).toContain('from below')
})
