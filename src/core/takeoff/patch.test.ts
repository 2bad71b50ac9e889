import { expect, test } from '@jest/globals'
import { at, house, one } from '../../../tests/support/priced'
import { newWorkItem, type JobDocument } from '../job'
import { feet, inches } from '../measure'

const of = (made: ReturnType<typeof one>) => made.takeoff.items[0]!
const used = (made: ReturnType<typeof one>, task: string): number | undefined =>
  of(made).tasks.find((each) => each.task === task)?.quantity

test('sheathing over 40 in: 6 in past it at either end, to the next stud, 16 in high at least', () => {
  // 52 in to the next 16 in: 64 in. 64 × 16 in are 7.11 ft²: 0.22 of a sheet.
  const made = one(at(1, 'sheathing', { length_in: 40 }), 'sheathing-new')
  expect(used(made, 'wall-sheathing')).toBe(0.22)
  expect(of(made).notes.join()).toContain('Patch taken as 5.3 × 1.3 ft')
})

test('a face that was measured goes before the least height, with its cut-back', () => {
  const tall = { ...at(1, 'sheathing', { length_in: 40 }), face_width: inches(36) }
  // 64 × 48 in: 21.33 ft².
  expect(used(one(tall, 'sheathing-new'), 'wall-sheathing')).toBe(0.67)
})

test('sheets that were counted are sheets, one set-up for all of a place', () => {
  const made = one({ ...at(1, 'subfloor', { length_in: 24 }), extent: null, count: 3 }, 'subfloor-new')
  expect(used(made, 'subfloor')).toBe(3)
  expect(of(made).tasks.find(({ task }) => task === 'subfloor')?.set_up_h).toBe(1)
})

test('work on a deck is on the deck as drawn', () => {
  const deck = {
    id: 'deck-a',
    removed: false,
    kind: 'deck',
    side_id: 'side-a',
    station: feet(5),
    width: feet(20),
    depth: feet(12),
    deck_height: feet(3),
  } as unknown as JobDocument['features'][number]
  const board = at(1, 'deck-board', { at: { side: 'a', ft: 10, up_in: 18, feature: 'deck-a' }, grade: 1 })
  expect(used(one(board, 'deck-coat', { features: [deck] }), 'deck-coat')).toBe(2.4)
})

test('what lies under the whole house is as large as its plan; on a house that was not measured nobody knows', () => {
  const bare = newWorkItem({ id: 'r', method: 'crawl-cover', component: 'crawl-floor' })
  expect(used(house({ work_items: [bare] }) as never, 'ground-cover')).toBe(12)
  const unmeasured = house({}).job.sides.map((side) => ({ ...side, length: null }))
  expect(house({ work_items: [bare], sides: unmeasured }).takeoff.items[0]?.lacks).toHaveLength(1)
})

test('a patch that nobody measured is the least there is, and says so', () => {
  // 2 ft and 3 in at either end: 30 in, to the next 16 in 32 in, 24 in deep: 5.33 ft².
  const made = one({ ...at(1, 'subfloor'), extent: null }, 'subfloor-new')
  expect(used(made, 'floor-covering')).toBe(5.33)
  expect(of(made).lacks).toEqual([])
  expect(of(made).notes.join()).toContain('Length not measured')
})
