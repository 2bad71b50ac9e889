/** What people say as they walk, against lines written before the parser could read them (see `talk.ts`). */
import { expect, test } from '@jest/globals'
import { door, GUTTER, side, window } from '../../../demo/build'
import { partName, PARTS } from '../../../src/core/catalogue'
import type { Feature, JobDocument, Place } from '../../../src/core/job'
import { feet, inches, toInches } from '../../../src/core/measure'
import { parseLine, placeLine, type Near, type PlacedLine } from '../../../src/core/shorthand'
import { smallHouse } from '../../support/jobs'
import { COLD_SIGHTS, COLD_WALK } from './coldWalk'
import { COLD, LAST, LATER } from './later'
import { PARTS_SAID } from './partsSaid'
import { TALK } from './talk'
import { TOLD } from './told'
import { WALKED } from './walked'
import type { Spot, Talk } from './talkKinds'

const base = (letter: string, number: number, at_ft: number, width_in: number) => ({
  id: `${letter}${number}`,
  removed: false,
  side_id: `side-${letter.toLowerCase()}`,
  number,
  station: feet(at_ft),
  width: inches(width_in),
  size_how: 'taped' as const,
})
const named = (feature: Feature, letter: string): Feature => ({
  ...feature,
  id: `${letter}${feature.number}`,
})
const sill = { value: inches(0), from: 'floor-1' } as const

const FEATURES: Feature[] = [
  named(window('A', 1, 4, 1), 'A'),
  named(window('A', 2, 10, 1), 'A'),
  named(door('A', 3, 19), 'A'),
  named(window('A', 5, 27, 1), 'A'),
  named(window('A', 6, 34, 1), 'A'),
  { ...base('A', 7, 0, 480), kind: 'gutter', outlets: 'right', ...GUTTER },
  { ...base('A', 8, 39, 4), kind: 'leader', discharge: 'at-wall' },
  named(window('B', 1, 4, 1), 'B'),
  { ...base('B', 2, 12, 60), kind: 'chimney-chase', depth: feet(2), top: feet(20) },
  named(window('B', 3, 21, 1), 'B'),
  named(window('C', 1, 4, 1), 'C'),
  { ...base('C', 2, 10, 192), kind: 'deck', depth: feet(12), deck_height: inches(20) },
  named(door('C', 3, 15, 72), 'C'),
  named(window('C', 4, 30, 1), 'C'),
  { ...base('C', 5, 0, 4), kind: 'leader', discharge: 'at-wall' },
  named(window('D', 1, 5, 1), 'D'),
  named(door('D', 2, 13, 108), 'D'),
  { ...base('D', 3, 25, 12), kind: 'penetration', what: 'meter', height: inches(14), sill },
]
const HOUSE: JobDocument = smallHouse({
  sides: [
    side('A', 0, 'front', 40),
    side('B', 1, 'right', 28),
    side('C', 2, 'back', 40),
    side('D', 3, 'left', 28),
  ],
  features: FEATURES,
})

/** A spot of the lines as a place, to stand for the finding before. */
function placeAt(at: string): Place {
  if (at === 'deck') return { kind: 'deck', feature_id: 'C2', words: '' }
  if (at === 'crawl') return { kind: 'crawl', words: '' }
  const [, letter, station] = /^([A-D])(?:@(\d+))?/.exec(at)!
  const feature = FEATURES.find((each) => each.id === at) ?? null
  return {
    kind: 'side',
    side_id: `side-${letter!.toLowerCase()}`,
    station: feature?.station ?? feet(Number(station)),
    height: { value: inches(30), from: 'grade' },
    feature_id: feature?.id ?? null,
  }
}

function nearOf({ view, last }: Talk): Near {
  const letter = view ?? last?.match(/^[A-D](?=\d|@)/)?.[0] ?? 'A'
  return {
    side: HOUSE.sides.find((each) => each.letter === letter)!,
    last:
      last === undefined
        ? null
        : {
            place: placeAt(last),
            component: last === 'deck' ? 'deck-board' : last.includes('@') ? 'fascia' : 'sill-nose',
            stated_grade: last.includes('@') ? 3 : 2,
          },
  }
}

/** Whether a place is the one that was meant; stations to the nearest foot. */
function isAt(place: Place, at: string): boolean {
  const [room, name] = at.split(':')
  switch (place.kind) {
    case 'crawl':
    case 'roof':
      return place.kind === at
    case 'deck':
      // A drawn deck is where it is: what else the line said stays with the finding.
      return place.kind === at && (place.feature_id === null || place.words === '')
    case 'room':
      return room === 'room' && place.room === name
    case 'side': {
      if (place.feature_id !== null) return place.feature_id === at
      const [, letter, station, up] = /^([A-D])(?:@([\d.]+))?(?:\^([\d.]+))?$/.exec(at) ?? []
      if (place.side_id !== `side-${letter?.toLowerCase()}`) return false
      const height = toInches(place.height.value) / 12
      const isUp = up === undefined || Math.abs(height - Number(up)) < 0.1
      return isUp && (station === undefined || Math.abs(toInches(place.station) / 12 - Number(station)) < 0.6)
    }
    default:
      return false
  }
}

function says({ said, place }: Pick<PlacedLine, 'said' | 'place'>, spot: Spot): boolean {
  const length = said.length === null ? null : toInches(said.length)
  return (
    isAt(place, spot.at) &&
    (spot.part === undefined || said.part === spot.part) &&
    (spot.length === undefined || length === spot.length) &&
    (spot.count === undefined || said.count === spot.count) &&
    (spot.grade === undefined || said.grade === spot.grade) &&
    (spot.guessed === undefined || said.how === 'guessed' || said.roughCount)
  )
}

type Score = 'right' | 'asked' | 'wrong' | 'open'

/** Right; asked with the right answer among the choices; left open; or placed wrongly in silence. */
function score(of: Talk): Score {
  const found = parseLine(of.say).flatMap((each) => placeLine(each, HOUSE, nearOf(of)))
  if (
    found.length === of.means.length &&
    found.every((each, at) => each.ask === null && says(each, of.means[at]!))
  )
    return of.ask && of.means.length === 1 ? 'wrong' : 'right'
  const asks = found.filter((each) => each.ask !== null)
  if (asks.length > 0)
    return asks.every((each) =>
      each.ask!.choices.some((choice) => of.means.some((spot) => says(choice, spot))),
    )
      ? of.ask
        ? 'right'
        : 'asked'
      : 'wrong'
  return found.every(({ place }) => place.kind === 'words' || place.kind === 'none') ? 'open' : 'wrong'
}

test('there are 150 lines or more, none twice', () => {
  expect(TALK.length).toBeGreaterThanOrEqual(150)
  expect(new Set(TALK.map(({ say, view, last }) => `${say} ${view} ${last}`)).size).toBe(TALK.length)
})

test.each([
  ['before', TALK],
  ['after', LATER],
  ['well after', LAST],
  ['from using', COLD],
  ['on a walk after', WALKED],
  ['in whole sentences after', TOLD],
  ['on cold houses after', COLD_WALK],
])(
  'of the lines written %s the parser at least nine in ten are placed rightly, the rest asked about, none wrongly in silence',
  (_, lines) => {
    const scored = lines.map((of) => ({ say: of.say, score: score(of) }))
    const rest = scored.filter((each) => each.score !== 'right')
    expect(rest.filter((each) => each.score === 'wrong')).toEqual([])
    expect(lines.length - rest.length).toBeGreaterThanOrEqual(0.9 * lines.length)
  },
)

test('of lines about parts and sights the parser had no words for, nine in ten are read, and no part is named that was not said', () => {
  const read = PARTS_SAID.map(([say, part, signs = []]) => {
    const [first] = parseLine(say)
    const shows = signs.every((sign) => (first!.signs as readonly string[]).includes(sign))
    return { say, part: first!.part, right: first!.part === part && shows, wanted: part }
  })
  expect(read.filter(({ right }) => right).length).toBeGreaterThanOrEqual(0.9 * read.length)
  expect(read.filter(({ part, wanted }) => wanted === null && part !== null)).toEqual([])
})

test.each(COLD_SIGHTS)('“%s” says no more than that', (say, part, signs, length, count) => {
  const [first] = parseLine(say)
  expect(first).toMatchObject({ part, signs, length, count })
})

/** Names that are a place as well, or of no part that can be told by its name alone. */
const NO_NAME_TO_SAY = new Set(['window-unit', 'floor', 'other'])
test('every part is read by the name the app gives it', () => {
  const said = PARTS.filter(({ id }) => !NO_NAME_TO_SAY.has(id)).map(({ id }) => id)
  expect(said.map((id) => parseLine(`${partName(id)} soft`)[0]!.part)).toEqual(said)
})
