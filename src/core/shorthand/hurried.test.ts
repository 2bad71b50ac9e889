/** Lines as people in a hurry write them, and what once was made of them. */
import { expect, test } from '@jest/globals'
import { freshIntake, smallHouse } from '../../../tests/support/jobs'
import type { Feature, JobDocument } from '../job'
import { feet, inches } from '../measure'
import { parseLine } from './parseLine'
import { readLine } from './readLine'

const job = smallHouse()
const DECK: Feature = {
  ...{ id: 'deck-c', removed: false, side_id: 'side-c', number: 1, station: feet(10), width: feet(16) },
  ...{ size_how: 'taped', kind: 'deck', depth: feet(12), deck_height: inches(30) },
}

test('water on it stands on what was said, and is on paving only where paving was', () => {
  const read = parseLine('A1 sill nose soft, the sill leans in and water sits on it, paint gone')
  expect(read).toHaveLength(1)
  expect(read[0]).toMatchObject({ part: 'sill-nose', grade: 2, signs: ['chalk-cracks-bare-spots'] })
  expect(parseLine('A patio slopes to the wall and water sits on it')[0]).toMatchObject({
    part: 'paving',
    signs: ['infall-within-6-ft', 'ponds-on-paving'],
  })
  expect(parseLine('A1 sill paint gone along the bottom')[0]).toMatchObject({
    grade: null,
    signs: ['paint-lost-bottom-inch'],
  })
  expect(parseLine('A1 sill gone')[0]).toMatchObject({ grade: 4 })
})

const first = (line: string) => parseLine(line)[0]!

test.each([
  ['stucco cracked off below the porch, B, small spot', 'B'],
  ['nails popping all along the B wall', 'B'],
  ['gable vent louvers rotted C', 'C'],
  ['slab edge D spalled, rebar showing', 'D'],
  ['frieze soft behind the gutter, C', 'C'],
  ['AC pad tilts, water runs back', null],
  ['back of the boards never primed', null],
  ['SOFFIT A STAINED', null],
])('%s: side %s', (line, side) => {
  expect(first(line).side).toBe(side)
})

test.each([
  ['storm window has no weep holes', null],
  ['brick: weep holes buried under mulch', null],
  ["caulk's all gone around it", null],
  ['water comes in when it rains hard', null],
  ['stucco bulges, hollow sound', null],
  ['siding has a hole in it', 4],
  ['siding like a sponge', 2],
  ['gutter elbow is missing', null],
  ["D 5' outlet box cover missing, siding stained below", null],
  ['joist hangers missing', null],
  // Of a part of the house the cover and the plate are what is gone.
  ['chase cover missing', 4],
  ['sill plate gone for 4 ft', 4],
  ['siding missing', 4],
  ['pipe hole not sealed', null],
  ['hose bib hole never caulked, boards below punky', 2],
])('%s: grade %s', (line, grade) => {
  expect(first(line).grade).toBe(grade)
})

test.each([
  ['hose bib hole not sealed', 'no-block-or-hood'],
  ['casing joint never sealed', 'bare-joint'],
  ['bead between the trim and the siding has split', 'open-joint'],
  ['caulk along the casing dried out', 'open-joint'],
  ['joist hanger missing on 3 joists', 'connector-absent'],
  ["A 2' fascia soft, gutter runs uphill", 'gutter-back-fall'],
  ['C window 4 fogged', 'fog-between-panes'],
  ["A 6' fascia soft 3 ft, gutter outlet drips behind", 'gutter-joint-drips'],
  ["A 31' fascia soft, seams of the gutter leak", 'gutter-joint-drips'],
  ['gutter rusted through, fascia soft below', 'gutter-joint-drips'],
  ['A2 window sill soft, corner of the frame open', 'corner-key-open'],
  ['C door threshold soft, step level with the sill', 'landing-flush'],
  ["D 22' corner board soft at foot, stands on concrete", 'foot-end-grain-on-hard-surface'],
])('%s: %s', (line, sign) => {
  expect(parseLine(line).flatMap((each) => each.signs)).toContain(sign)
})

test.each([
  ["B 12' hose bib hole not sealed, siding soft below 2 ft", feet(12)],
  ["B 3' downspout elbow gone, siding soft at the bottom 4 ft", feet(3)],
  ["C 20' deck ledger nailed only, rim soft", feet(20)],
  // What has its own place, or is of more than one, is not where the first was.
  ["A 6' siding soft, sill soft", null],
  ["A 6' siding soft, corner board soft", null],
  ["A 6' siding soft, fascia soft at both ends", null],
  ["A 6' siding soft, fascia on B soft", null],
])('%s: the second along the wall at %s', (line, station) => {
  expect(parseLine(line)[1]).toMatchObject({ station })
})

test('the part is the one that is damaged, and so many courses are no station', () => {
  expect(first("C 3' fence post tied to siding, stucco soft there")).toMatchObject({
    part: 'stucco',
    grade: 2,
  })
  expect(first('fence post soft, siding behind it fine')).toMatchObject({ part: 'free-timber', grade: 2 })
  expect(first('B 5 courses replaced with the wrong profile')).toMatchObject({
    ...{ side: 'B', station: null, count: 5, part: 'lap-siding' },
  })
  expect(first('deck guard 36 in high, gaps 6 inches').signs).toContain('opening-over-4-in')
})

test('a post below a floor carries it; a wall that bows out does not bow in; below 4 ft is no length', () => {
  const [post] = readLine('post under kitchen beam on a car jack', {
    ...{ words: [], near: { side: null, last: null } },
    job: { ...job, features: [...job.features, DECK] },
  })
  expect(post).toMatchObject({ said: { part: 'pier' }, place: { kind: 'crawl' } })
  expect(first('D wall bows out 1 in at mid height').signs).not.toContain('wall-bowed')
  expect(first('D wall bows in 1 in at mid height').signs).toContain('wall-bowed')
  expect(first('hardboard swollen on all of C, below 4 ft').length).toBeNull()
})

test('siding soft at the bottom is its foot, at the bottom of the window it is not; below 2 ft is so much of it', () => {
  expect(first("B 3' siding soft at the bottom 4 ft")).toMatchObject({ part: 'base-course', length: feet(4) })
  expect(first('clapboards punky low down on D').part).toBe('base-course')
  expect(first('siding soft at the bottom of the window').part).toBe('lap-siding')
  expect(first('siding soft below 2 ft').length).toBe(feet(2))
})

test('what is behind a part is another finding, there, whatever is said of it', () => {
  const read = parseLine("A 4' siding rotten 6 ft, sheathing black behind it")
  expect(read).toMatchObject([
    { part: 'lap-siding', grade: 3, length: feet(6) },
    { part: 'sheathing', grade: null },
  ])
  expect(read[1]!.where.there).toBe(true)
})

test('a corner bead that is cracked is no sealant', () => {
  expect(first('corner bead of the stucco is split').signs).not.toContain('open-joint')
})

test('so many of so many, numbers of members, and a stretch between two marks', () => {
  expect(first('rafter tails punky at the ends, four out of eleven')).toMatchObject({ count: 4 })
  expect(first('missing shingles over the porch, maybe a dozen')).toMatchObject({
    count: 12,
    roughCount: true,
  })
  expect(first('crawl joists 5-9 soft')).toMatchObject({ count: 5, length: null })
  expect(first('pier 4 leaning')).toMatchObject({ count: null, left: ['4', 'leaning'] })
  expect(first('pier 7 blocks cracked')).toMatchObject({ part: 'pier', count: null })
  expect(first("B siding rot 12'-24'")).toMatchObject({ station: inches(144), where: { to: inches(288) } })
  expect(first('C rim 14-20 soft')).toMatchObject({ station: inches(168), where: { to: inches(240) } })
  expect(first('C 14-6 rim soft')).toMatchObject({ station: inches(174) })
  expect(first('stone cellar wall washed out 6 ft long by 2 ft high')).toMatchObject({
    length: inches(72),
    height: null,
  })
  expect(first("gutter's full of leaves")).toMatchObject({ where: { stretch: null } })
})

test('a wall that is called by a wind is the one that looks that way, or it is asked', () => {
  const read = (line: string, of: JobDocument) =>
    readLine(line, { words: [], job: of, near: { side: null, last: null } })
  const asked = read('siding soft on the west wall', job)[0]!.ask!
  expect(asked.words).toBe('Which side looks west?')
  expect(asked.choices.map(({ says }) => says)).toEqual(
    job.sides.map((side) => `${side.letter} ${side.facing}`),
  )
  const known = { ...job, intake: { ...freshIntake(), front_faces: 'S' as const } }
  // Seen from the street, which is in the south, the west is on the left.
  expect(read('siding soft on the west wall', known)[0]).toMatchObject({
    ask: null,
    place: { kind: 'side', side_id: 'side-d' },
  })
  expect(read('siding soft on the north wall', known)[0]!.place).toMatchObject({ side_id: 'side-c' })
})

test('as far as a thing, from a corner: said, or asked', () => {
  const near = { side: job.sides[0]!, last: null }
  const read = (line: string) => readLine(line, { words: [], job, near })[0]!
  expect(read('siding soft from the left corner to the window')).toMatchObject({
    ask: null,
    said: { length: inches(120) },
    place: { side_id: 'side-a', station: 0 },
  })
  const asked = read('siding soft from the corner to the window').ask!
  expect(asked.choices.map(({ says }) => says)).toEqual([
    'left corner to window A1',
    'right corner to window A1',
  ])
  expect(asked.choices[1]!.said.length).toBe(inches(40 * 12) - inches(120) - job.features[0]!.width)
})

test('what something was said to be beside, and that is not drawn, stays among the words', () => {
  expect(
    readLine('siding soft by the hose bib', { words: [], job, near: { side: job.sides[0]!, last: null } })[0]!
      .said.left,
  ).toContain('hose bib')
})

test('what has floors and posts like a deck is no part of one on another side', () => {
  const deck = { ...smallHouse(), features: [...job.features, DECK] }
  const place = (line: string) =>
    readLine(line, { words: [], job: deck, near: { side: deck.sides[0]!, last: null } })[0]!.place.kind
  expect(place('bulkhead stairs rusted')).toBe('side')
  expect(place('B porch floor boards cupped')).toBe('side')
  expect(place('deck post soft')).toBe('deck')
  expect(place('guard post loose')).toBe('deck')
})

test('a count of the legs is none of the sill; the whole of a corner board is not the wall', () => {
  expect(parseLine('A1 sill and both legs rotten').map(({ part, count }) => [part, count])).toEqual([
    ['window-sill', null],
    ['side-casing', 2],
  ])
  const near = { side: job.sides[0]!, last: null }
  const read = (line: string) => readLine(line, { words: [], job, near })
  expect(read('whole bottom of the left corner board is mush')[0]!.said.length).toBeNull()
  expect(read('siding soft the whole length')[0]!.said.length).toBe(job.sides[0]!.length)
  const [, floor] = read('window sill soft at A1 and the subfloor is soft inside about two feet in')
  expect(floor).toMatchObject({ said: { part: 'subfloor', station: null } })
})

test('an opening that is not drawn stays among the words where others are', () => {
  const near = { side: job.sides[0]!, last: null }
  const read = (line: string, of: JobDocument) => readLine(line, { words: [], job: of, near })[0]!.said.left
  expect(read('upstairs window on the right side, sill rotten', job)).toContain('window')
  expect(read('upstairs window on the right side, sill rotten', { ...job, features: [] })).not.toContain(
    'window',
  )
})

test('doors of a crawl space or basement are none of the walls', () => {
  const near = { side: job.sides[0]!, last: null }
  const place = (line: string) => readLine(line, { words: [], job, near })[0]!.place.kind
  expect(place('crawl space door rotted')).toBe('crawl')
  expect(place('wet by the basement door')).toBe('room')
})

test.each([
  ['the line of posts under the middle beam stands on loose brick', 'under the middle beam'],
  ['insulation hanging wet in the crawl under the kitchen', 'under the kitchen'],
  ['two piers leaning under the hall', 'under the hall'],
  ['pier 4 leaning', 'pier 4'],
  ['batts hang', ''],
  ['crawl hatch in a closet 20 x 26 in', 'in a closet'],
])('%s: in the crawl space, %s', (line, words) => {
  expect(readLine(line, { words: [], job, near: { side: null, last: null } })[0]!.place).toEqual({
    kind: 'crawl',
    words,
  })
})

test('both sides of a door are its two jambs, and not both ends of the wall', () => {
  const near = { side: job.sides[0]!, last: null }
  const all = readLine('front door frame rotten at the bottom both sides', { words: [], job, near })
  expect(all).toHaveLength(1)
  expect(all[0]).toMatchObject({ said: { part: 'jamb-foot', count: 2 }, place: { station_unsaid: true } })
  expect(readLine('soffit rotten at both ends', { words: [], job, near })).toHaveLength(2)
})

test.each([
  ['A siding soft at the butts', 'A'],
  ['A hardboard lap soft at the bottom edges', 'A'],
  ['A corner boards soft at the bottom', 'A'],
  ['A window is rotten', null],
  ['A few boards are soft', null],
  ['A piece of siding is off', null],
  ['A siding board is split', null],
  ['A gutter leaks', null],
])('%s: side %s by what stands behind the letter', (line, side) => {
  expect(first(line).side).toBe(side)
})

test('round patches along a slab edge that weep rust are where tendons end', () => {
  expect(first('two round patches on the slab edge on B crumble and weep rust')).toMatchObject({
    ...{ side: 'B', part: 'slab-edge' },
    signs: ['rust-spots-in-pairs', 'rust-stain-through'],
  })
})

test('names that look like lengths or openings', () => {
  expect(first('T1-11 delam bottom edge B 12 ft')).toMatchObject({
    ...{ part: 'panel-siding', side: 'B', feature: null },
    length: null,
    station: inches(144),
  })
  expect(first('roof vent boot split')).toMatchObject({ part: 'pipe-collar' })
})
