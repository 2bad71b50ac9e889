import { describe, expect, test } from '@jest/globals'
import { saidOfJob, withSaid } from './saidOfJob'

const MONDAY = '2026-05-04'

describe('a line about the weather', () => {
  test.each([
    ['it will rain tonight', '2026-05-04'],
    ['It’s going to rain tonight.', '2026-05-04'],
    ['heavy rain expected tomorrow', '2026-05-05'],
    ['rain tonight', '2026-05-04'],
    ['storm coming in tonight', '2026-05-04'],
    ['Tomorrow rain', '2026-05-05'],
  ])('%s: rain on %s', (line, day) => {
    expect(saidOfJob(line, MONDAY)).toEqual({ kind: 'rain', day })
  })

  test.each([
    ['leaks when it rains'],
    ['gutter runs over in rain'],
    ['sill wet after rain today'],
    ['rain'],
    ['it will rain'],
    [''],
  ])('%s: no day is said, or something was found', (line) => {
    expect(saidOfJob(line, MONDAY)).toBeNull()
  })
})

const SIDES = [
  { letter: 'A', facing: 'front' },
  { letter: 'D', facing: 'left' },
] as const

test.each([
  ['electric meter on D', 'must_stay', 'electric meter on left D'],
  ['Oil tank by the wall.', 'must_stay', 'Oil tank by the wall'],
  ['there is a heat pump on D', 'must_stay', 'there is a heat pump on left D'],
  ['A/C unit beside the porch', 'must_stay', 'A/C unit beside the porch'],
  ['D gas meter', 'must_stay', 'left D: gas meter'],
  ['A shutters come off for good', 'asked', 'front A: shutters come off for good'],
  ['A price for the porch alone', 'asked', 'A price for the porch alone'],
  ['D gutter goes off and on', 'asked', 'left D: gutter goes off and on'],
])('%s: kept with the job, as %s, by the name of its side', (line, kind, words) => {
  expect(saidOfJob(line, MONDAY, SIDES)).toEqual({ kind, words })
})

test.each([
  ['D siding soft at the gas meter'],
  ['electric meter on D loose'],
  ['oil tank leaks'],
  ['D 4 ft from the corner to the meter siding soft'],
  ['B panel soft'],
  ['water main leaks under the floor'],
  ['A panel on B'],
])('%s: is seen, not only there', (line) => {
  expect(saidOfJob(line, MONDAY, SIDES)).toBeNull()
})

test.each([
  [
    'owner wants all four sides in something that will not swell',
    'asked',
    'all four sides in something that will not swell',
  ],
  ['She would like the windows kept.', 'asked', 'the windows kept'],
  ['fix only what is leaking, he says', 'asked', 'fix only what is leaking'],
  ['paint the front only, the owner said', 'asked', 'paint the front only'],
  ['the patio of heavy pavers must stay', 'must_stay', 'patio of heavy pavers'],
  ['gutters and porch lights go off and on', 'asked', 'gutters and porch lights go off and on'],
  ['shutters come off for good', 'asked', 'shutters come off for good'],
  ['her brother says sister the joists', 'told', 'her brother says sister the joists'],
  ['price for only the bad sides beside it', 'asked', 'price for only the bad sides beside it'],
  [
    'price it three ways: all round, front only, patch and paint',
    'asked',
    'price it three ways: all round, front only, patch and paint',
  ],
  ['Sale in five weeks.', 'asked', 'Sale in five weeks'],
  ['leave the awning as it is', 'must_stay', 'awning'],
  ['two firms before have said piers all round', 'told', 'two firms before have said piers all round'],
  ['Another contractor quoted new siding.', 'told', 'Another contractor quoted new siding'],
])('%s: %s', (line, kind, words) => {
  expect(saidOfJob(line, MONDAY)).toEqual({ kind, words })
})

test('what is seen, and a load nobody reckoned, stays a finding', () => {
  for (const line of [
    'inspector says sill soft',
    'owner says it leaks',
    'owner wants a hot tub on the deck',
    'owner wants a pool on the deck',
    'shutter will not stay up',
  ])
    expect(saidOfJob(line, MONDAY)).toBeNull()
})

test('one more is added behind what stands there, and nothing twice', () => {
  expect(withSaid('', 'the patio')).toBe('the patio')
  expect(withSaid('the awning.', 'the patio')).toBe('the awning; the patio')
  expect(withSaid('the awning; the patio', 'The patio')).toBe('the awning; the patio')
})
