import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { LINES } from '../../../tests/reference/shorthand/lines'
import { jobOf } from '../../../tests/cases/build'
import { door } from '../../../demo/build'
import { emptyJob, sillNose, smallHouse, window } from '../../../tests/support/jobs'
import { applyChange, Change, initialState, JOB_VERSION, type JobDocument } from '../job'
import { inches, toInches } from '../measure'
import { chipsOf } from './chips'
import { parseLine } from './parseLine'
import { placeByWords } from './placeByWords'
import { placeInView } from './onHouse'
import { placeLine } from './placeLine'
import { readLine } from './readLine'
import { factAbout, findingFrom, type SaidFinding } from './toFinding'

const job = smallHouse()
const said = (line: string): SaidFinding => findingFrom(placeLine(parseLine(line)[0]!, job)[0]!)

test.each([
  ['step crack in the block at the back left corner', 'foundation-wall', 'crack-stepped'],
  ['deck step is cracked', 'stair', undefined],
  ['C doors near the left corner rub', 'door', 'door-drags'],
  ['blocks on bare fill, no pads', 'pier', 'pads-on-sod-or-fill'],
  ['belly wrap torn under the bath', 'floor-insulation', undefined],
  ['C steps rail loose', 'guard', 'guard-moves'],
  ['white bloom on the block', 'foundation-wall', 'efflorescence-band'],
  ['basement wall damp', 'foundation-wall', undefined],
  ['bath fan blows into the attic, sheathing black', 'roof-deck', undefined],
  ['porch post rotten at its foot', 'porch-column', undefined],
  ['door jamb soft, threshold sticks out', 'jamb-foot', undefined],
])('%s: %s, %s', (line, part, sign) => {
  const { fields } = said(line)
  expect(fields.component).toBe(part)
  expect(fields.signs.map((each) => each.sign)[0]).toBe(sign)
})

test('a line taken before the house was set up goes where its words say, once it is', () => {
  const bare = emptyJob('e', '')
  const taken = (line: string) => findingFrom(placeLine(parseLine(line)[0]!, bare)[0]!).fields
  const wall = taken('C foundation wall leans in at mid height 24 ft')
  expect(wall.place.kind).toBe('words')
  expect(placeByWords(wall, job)).toMatchObject({ kind: 'side', side_id: 'side-c', station_unsaid: true })
  expect(placeByWords(wall, bare)).toBeNull()
  expect(placeByWords(taken('foundation wall leans in'), job)).toBeNull()
  expect(placeByWords(taken('C gutter runs over at both corners'), job)).toMatchObject({
    kind: 'side',
    side_id: 'side-c',
    station_unsaid: true,
  })
  expect(placeByWords({ ...wall, place: { kind: 'roof', words: '' } }, job)).toBeNull()
})

test('which trim is meant is asked, unless only one can be', () => {
  const read = (line: string) => readLine(line, { words: [], job, near: { side: job.sides[1]!, last: null } })
  const [wall] = read('lower trim rotten')
  expect(wall!.ask).toMatchObject({ words: 'Which trim?' })
  expect(wall!.ask!.choices.map(({ said: { part } }) => part)).toContain('water-table')
  expect(wall!.said.part).toBeNull()
  expect(read('B lower trim rotten both corners').map(({ said: { part }, ask }) => [part, ask])).toEqual([
    ['corner-board', null],
    ['corner-board', null],
  ])
  expect(read('A1 trim split')[0]!.ask!.choices.map(({ says }) => says)).toEqual([
    'side casing',
    'head casing',
  ])
  expect(read('trim of the fascia split')[0]!.ask).toBeNull()
})

test('a letter behind where it is, is the side', () => {
  expect(said('paint peels all over D').fields.place).toMatchObject({ kind: 'side', side_id: 'side-d' })
})

test('what lies under the house is below the opening that was named', () => {
  const drawn = { ...job, features: [...job.features, door('C', 1, 12)] }
  const at = (line: string, on: JobDocument) => placeLine(parseLine(line)[0]!, on)[0]!.place
  expect(at('crawl joist below the back door soft', drawn)).toEqual({
    kind: 'crawl',
    words: 'below the door C1',
  })
  expect(at('crawl joist below the back door soft', job)).toEqual({
    kind: 'crawl',
    words: 'below the back door',
  })
  expect(at('crawl joist soft', drawn)).toEqual({ kind: 'crawl', words: '' })
})

test('a word that is no grade there gives none', () => {
  expect(said('shutters off for good').fields.stated_grade).toBeNull()
  expect(said('brick cracked, mortar gone').fields.stated_grade).toBeNull()
  expect(said('brick gone').fields.stated_grade).toBe(4)
  expect(said('sill good').fields.stated_grade).toBe(0)
})

test('the doors of a room that are not drawn are in it', () => {
  expect(said('hall doors rub').fields.place).toEqual({ kind: 'room', room: 'hall' })
})

test('an opening that is not drawn is on the side that was named', () => {
  expect(said('C second window sill soft').fields.place).toMatchObject({
    kind: 'side',
    side_id: 'side-c',
    station_unsaid: true,
  })
})

test('a wish for a heavy load is a matter of the deck, whether one is drawn or not', () => {
  const at = (line: string, on: JobDocument) => placeLine(parseLine(line)[0]!, on)[0]!
  const decked = jobOf({ title: 'deck', found: [], cause: null })
  expect(at('owner wants a hot tub next summer', decked).place).toEqual({
    kind: 'deck',
    feature_id: 'deck-c4',
    words: '',
  })
  expect(at('owner wants a hot tub next summer', emptyJob('e', '')).place.kind).toBe('deck')
  expect(at('joists wet below the hot tub', decked)).toMatchObject({
    said: { part: 'deck-joist' },
    place: { kind: 'deck' },
  })
})

test('an opening that is there gives station and height', () => {
  const { place } = said(`A1 sill nose 2' soft`).fields
  expect(place).toMatchObject({ kind: 'side', side_id: 'side-a', feature_id: 'window-a1' })
  // The window's left edge is at 10 ft; a sill begins a casing's width before it.
  expect(place.kind === 'side' && toInches(place.station)).toBe(120 - 5.5)
})

test('a head casing lies on top of its opening, a sill at its foot', () => {
  const height = (line: string): number => {
    const { place } = said(line).fields
    return place.kind === 'side' ? toInches(place.height.value) : Number.NaN
  }
  expect(height('A1 head casing soft') - height('A1 sill soft')).toBe(60)
})

test('a side by letter or by facing; a fascia is at the eave, a base course at the foundation', () => {
  for (const line of [`B 5' fascia soft`, `right 5' fascia soft`]) {
    expect(said(line).fields.place).toMatchObject({
      kind: 'side',
      side_id: 'side-b',
      station: inches(60),
      height: { value: inches(18 + 12 + 108), from: 'grade' },
    })
  }
  expect(said(`B 5' base course soft`).fields.place).toMatchObject({ height: { value: inches(18) } })
})

test.each([
  ['an opening that is not there', 'A9 sill soft', 'A9'],
  ['a side that is not there', `K 5' fascia soft`, "K, 5'"],
  ['a station past the end', `A 90' fascia soft`, "A, 90'"],
])('%s stays as words', (_, line, words) => {
  expect(said(line).fields.place).toEqual({ kind: 'words', words })
})

test('without a house a line is a finding all the same', () => {
  const { fields } = findingFrom(placeLine(parseLine(`A 5' fascia 3' soft`)[0]!, emptyJob('e', ''))[0]!)
  expect(fields).toMatchObject({
    place: { kind: 'words', words: "A, 5'" },
    component: 'fascia',
    stated_grade: 2,
  })
})

test('a guessed length carries a low and a high', () => {
  expect(said(`fascia about 10' soft`).fields.extent).toEqual({
    value: inches(120),
    how: 'guessed',
    low: inches(90),
    high: inches(180),
  })
})

test('readings and holds become facts; a probe an observation', () => {
  const { fields, facts } = said('A1 sill probe 1/2 in 1-1/2 24% ref 12 hold too high')
  expect(fields.observations).toMatchObject({ awl_past_sound: inches(0.5), thickness: inches(1.5) })
  expect(facts).toEqual([
    { kind: 'reading', moisture_percent: 24, reference_percent: 12 },
    { kind: 'hold', why: 'too high' },
  ])
  expect(facts.map((fact) => factAbout(fact, 'f').about)).toEqual(
    facts.map(() => ({ kind: 'finding', finding_id: 'f' })),
  )
})

test('every line becomes a finding that the job takes, with its facts', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LINES.map(([line]) => line)), (line) => {
      let state = initialState(job)
      for (const [index, each] of parseLine(line)
        .flatMap((one) => placeLine(one, job))
        .entries()) {
        const { fields, facts } = findingFrom(each)
        const id = `f${index}`
        const head = { schema: JOB_VERSION, made_at: '2026-05-04T09:00:00Z', device: 'd' }
        const changes = [
          {
            ...head,
            id: `c${index}`,
            op: 'create',
            entity: { kind: 'finding', id },
            body: { ...sillNose(), ...fields, id },
          },
          ...facts.map((fact, n) => ({
            ...head,
            id: `c${index}-${n}`,
            op: 'fact',
            fact: { ...factAbout(fact, id), id: `fact${index}-${n}`, by: 'x', at: '2026-05-04T09:00:00Z' },
          })),
        ]
        for (const change of changes) {
          const result = applyChange(state, Change.parse(change))
          if (!result.ok) throw new Error(`${line}: ${JSON.stringify(result.error)}`)
          state = result.value.state
        }
      }
    }),
  )
})

test('everything understood has a chip, and everything not', () => {
  const [line] = parseLine(`A1 sill nose 3' soft caulk split probe 1/2 24% zebra "see photo"`)
  expect(chipsOf(line!, 'front A, window A1').map((chip) => chip.says)).toEqual([
    'front A, window A1',
    'sill nose',
    "3'",
    '2 local soft',
    'probe 1/2"',
    '24 %',
    '“see photo”',
    'joint open or sealant split',
    'zebra',
  ])
  expect(chipsOf(line!).at(-1)?.kind).toBe('left')
})

test('windows are counted along the lowest floor; who means upstairs says so', () => {
  const house = smallHouse({
    features: [window('A', 1, 5, 1), window('A', 2, 20, 1), window('A', 3, 5, 2), window('A', 4, 20, 2)],
  })
  const at = (line: string): unknown =>
    placeLine(parseLine(line)[0]!, house, { side: house.sides[0]!, last: null }).map(
      ({ place }) => place.kind === 'side' && place.feature_id,
    )
  expect(at('second window sill soft')).toEqual(['window-a2'])
  expect(at('second window upstairs sill soft')).toEqual(['window-a4'])
  expect(at('last window on the second floor sill soft')).toEqual(['window-a4'])
  expect(at('window four sill soft')).toEqual(['window-a4'])
})

test('nobody said where along: the middle, and it says so', () => {
  const [found] = placeLine(parseLine('fascia soft three feet')[0]!, job, { side: job.sides[0]!, last: null })
  expect(found!.place).toMatchObject({ station: inches(240), station_unsaid: true })
  const [known] = placeLine(parseLine('fascia soft three feet at five')[0]!, job, {
    side: job.sides[0]!,
    last: null,
  })
  expect(known!.place).not.toHaveProperty('station_unsaid')
})

test('without a word it is the wall in view', () => {
  const near = { side: job.sides[1]!, last: null }
  expect(placeInView({ job, near })).toMatchObject({ side_id: 'side-b', station_unsaid: true })
  expect(placeInView({ job, near: { side: null, last: null } })).toEqual({ kind: 'none' })
})

test('findings of one line are placed with the one before in mind', () => {
  const near = { side: job.sides[1]!, last: null }
  const places = readLine("B 5' fascia soft; two feet further right siding soft", {
    words: [],
    job,
    near,
  }).map(({ place }) => place.kind === 'side' && toInches(place.station))
  expect(places).toEqual([60, 84])
})

test('of two windows that are about as near to a door nobody can tell which is meant', () => {
  // The door stands from 20 to 23 ft: one window ends 4 ft before it, the other begins 6 ft behind it, or 12.
  const at = (right_ft: number): number => {
    const house = smallHouse({
      features: [window('A', 1, 12.5, 1), door('A', 2, 20), window('A', 3, right_ft, 1)],
    })
    const near = { side: house.sides[0]!, last: null }
    const [found] = placeLine(parseLine('window by the door sill soft')[0]!, house, near)
    return found!.ask?.choices.length ?? 1
  }
  expect([at(29), at(35)]).toEqual([2, 1])
})

test('flashing that is missing is missing over an opening or at a ledger; elsewhere nobody knows which, and it stays to be seen', () => {
  const read = (line: string) => parseLine(line).map(({ signs, left }) => ({ signs, left }))
  expect(read('A1 head casing soft, no flashing')).toMatchObject([
    { signs: ['no-metal-at-casing-top'], left: [] },
  ])
  expect(read('C deck ledger soft, no flashing')).toMatchObject([{ signs: ['no-metal-at-ledger'] }])
  const [siding] = read("A 12' siding soft, no flashing")
  expect(siding!.signs).toEqual([])
  expect(siding!.left).toContain('no flashing')
})

test('what lies inside or below the floor is not put on the wall in view; what is along a wall is', () => {
  const before = { side: job.sides[0]!, last: null }
  const place = (line: string) =>
    readLine(line, { words: [], job, near: before }).map(findingFrom)[0]!.fields.place
  expect(place('girder soft')).toEqual({ kind: 'none' })
  expect(place('joists soft along the top')).toEqual({ kind: 'none' })
  expect(place('subfloor black around the toilet')).toEqual({ kind: 'room', room: 'bath' })
  expect(place('rim joist soft')).toMatchObject({ kind: 'side', side_id: 'side-a', station_unsaid: true })
  expect(place(`right 12' joist soft`)).toMatchObject({ kind: 'side', side_id: 'side-b' })
})

test.each(['sill hanging by its paint', 'sill held together by paint', 'only the paint holds it, sill'])(
  '%s: nothing but the coat is left of it',
  (line) => {
    expect(said(line).fields).toMatchObject({ component: 'window-sill', stated_grade: 4 })
  },
)

test('a side by its letter alone, written large; an article is none', () => {
  const sideOf = (line: string): string | null => {
    const { place } = said(line).fields
    return place.kind === 'side' ? place.side_id : null
  }
  expect(sideOf('B fascia soft')).toBe('side-b')
  expect(sideOf('fascia soft on D')).toBe('side-d')
  expect(sideOf('A fascia that is soft')).toBeNull()
  expect(sideOf('b fascia soft')).toBeNull()
})

test('a width, a step or how far it moved is no length of damage', () => {
  expect(said('foundation wall crack 3/4 in').fields.extent).toBeNull()
  expect(said('front left corner down 1-1/8 in').fields.extent).toBeNull()
  expect(said('fascia soft 3 in').fields.extent).toMatchObject({ value: inches(3) })
  expect(said('fascia spot 1 in wide soft').fields.extent).toMatchObject({ value: inches(1) })
})

test('driven too deep is how nails are, not how far decay goes; nearly new is sound', () => {
  expect(said('B siding soft, nails driven too deep').fields).toMatchObject({ stated_grade: 2 })
  expect(said('gutters nearly new').fields).toMatchObject({ stated_grade: 0 })
  expect(said('brand new fascia rotten').fields).toMatchObject({ stated_grade: 3 })
})

test('an A that begins a line is asked about where another wall is in view, and nowhere else', () => {
  const near = (letter: string) => ({
    side: job.sides.find((each) => each.letter === letter) ?? null,
    last: null,
  })
  const on = (line: string, letter: string) => readLine(line, { words: [], job, near: near(letter) })
  const [asked] = on('A shutters loose', 'D')
  expect(asked!.ask?.choices.map(({ says }) => says)).toEqual(['A front', 'D left'])
  expect(asked!.ask?.choices.map(({ place }) => place)).toMatchObject([
    { side_id: 'side-a' },
    { side_id: 'side-d' },
  ])
  for (const [line, letter] of [
    ['A shutters loose', 'A'],
    ['D shutters loose', 'C'],
    ['a shutter loose', 'D'],
    ["A 12' fascia soft", 'D'],
  ] as const)
    expect(on(line, letter)[0]!.ask).toBeNull()
})

test('a front door that is not drawn is on the front, whatever wall is in view', () => {
  const bare = { ...job, features: [] }
  const [placed] = readLine('front door threshold soft', {
    words: [],
    job: bare,
    near: { side: bare.sides.find(({ letter }) => letter === 'D')!, last: null },
  })
  expect(placed!.place).toMatchObject({ side_id: 'side-a', station_unsaid: true })
})

test('a hot tub is no bath', () => {
  expect(said('hot tub wanted on the deck').fields.place.kind).not.toBe('room')
  expect(said('floor soft by the tub').fields.place).toEqual({ kind: 'room', room: 'bath' })
})

test('a step beside a length is no second length, and at two corners is no station', () => {
  const wall = said('C foundation wall leans in at mid height for 24 ft, step 3/4 in').fields
  expect(wall).toMatchObject({
    place: { side_id: 'side-c', station_unsaid: true },
    extent: { value: inches(288) },
  })
  expect(wall.signs.map(({ sign }) => sign)).toEqual(['wall-bowed'])
  expect(said('A fascia soft at two corners').fields.place).not.toMatchObject({ station: inches(24) })
  const corner = said('front left corner down 1-1/8 in').fields
  expect(corner).toMatchObject({ extent: null, place: { side_id: 'side-a', station: 0 } })
  expect(corner.signs.map(({ sign }) => sign)).toEqual(['course-line-drops'])
})
