import { expect, test } from '@jest/globals'
import { paintItem, side, sillNose, smallHouse, window } from '../../../tests/support/jobs'
import { house, priced, total, at, mend, one, stretch, lengths } from '../../../tests/support/priced'
import { beforeSending } from '../bid'
import { eaveRun } from '../geometry'
import type { Finding } from '../job'
import { dollars, feet, inches, toFeet } from '../measure'
import { type Derived } from '../pipeline'

/** Money faults of scope, counts and lengths that were once there, each against figures reckoned by hand. */

// Scope

test.each([
  ['left-out', null],
  ['by-owner', null],
  ['by-others', null],
  ['priced-apart', 'a price of its own'],
] as const)('a repair on a stretch %s is listed and never in the price', (kind, apart) => {
  const made = one(sillNose(), 'piece-in', { scope_stretches: [stretch(0, 20, kind)] })
  expect(total(made)).toBe(0)
  expect(made.takeoff.hours).toBe(0)
  expect(made.cut.boards).toBe(0)
  expect(made.bid.items).toEqual([])
  expect(made.bid.beside).toHaveLength(1)
  const price = made.bid.beside[0]!.price_cents
  if (apart) expect(price).toBe(total(one(sillNose(), 'piece-in')))
  else expect(price).toBeNull()
})

test('half a side outside the scope line is not painted, and costs nothing', () => {
  const painted = house({ work_items: [paintItem('w')] })
  const half = house({ work_items: [paintItem('w')], scope_stretches: [stretch(20, 40, 'left-out')] })
  const hours = (of: Derived): number =>
    of.takeoff.items[0]!.tasks.find((task) => task.task === 'field-paint')!.quantity
  // 40 ft × 10 ft, two coats: 8.00 hundreds; of its left half 4.00.
  expect([hours(painted), hours(half)]).toEqual([8, 4])
  expect(half.bid.items[0]?.quantity).toBe('200 ft² of wall')
  expect(half.bid.beside[0]).toMatchObject({ quantity: '200 ft² of wall', price_cents: null })
})

test('a typed price on work that is referred or watched sells nothing, and says so', () => {
  const typed = {
    id: 't',
    removed: false,
    on: { kind: 'item', item_id: 'r' },
    cents: dollars(900),
    reason: '',
  } as const
  for (const method of ['refer', 'watch']) {
    const made = one(sillNose(), method, { typed_prices: [typed] })
    expect(total(made)).toBe(0)
    expect(priced(made).idle).toEqual(['r'])
    expect(beforeSending(made).join()).toContain('nothing of it is ours to sell')
  }
})

test('replacing the head casing and flashing the head of one window is charged once', () => {
  const head = at(1, 'head-casing', { at: { side: 'a', ft: 10, up_in: 100, feature: 'window-a1' } })
  const both = house({
    findings: [head],
    work_items: [mend('flash', [head], 'head-flashing'), mend('replace', [head], 'replace-member')],
  })
  const flash = one(head, 'head-flashing')
  expect(total(both)).toBe(total(flash))
  expect(priced(both).lines[1]).toMatchObject({ includedIn: 'flash', sell_cents: 0 })
  expect(beforeSending(both)).toEqual([])
})

// What has no recipe

test.each(['ledger', 'deck-post', 'guard', 'stair', 'deck-joist', 'girder', 'joist', 'rim-joist', 'stud'])(
  'a %s has no recipe: no board, no hour, no price, and it says so',
  (component) => {
    const sound = at(1, component, { grade: 1, at: { side: 'c', ft: 10, up_in: 20 } })
    const made = one(sound, 'replace-member')
    expect(made.takeoff.items[0]).toMatchObject({ pieces: [], tasks: [], consumables: [] })
    expect(priced(made).lines[0]?.lacks[0]).toMatch(/^No recipe for .* yet: type a price, or refer it\.$/)
    expect(beforeSending(made)[0]).toContain('No recipe for')
  },
)

test('a line that comes to $0 cannot be sent as work', () => {
  const typed = {
    id: 't',
    removed: false,
    on: { kind: 'item', item_id: 'r' },
    cents: dollars(0),
    reason: '',
  } as const
  expect(beforeSending(one(sillNose(), 'piece-in', { typed_prices: [typed] }))[0]).toContain('comes to $0')
})

// Counts and lengths

const threeWindows = { features: [window('A', 1, 4, 1), window('A', 2, 14, 1), window('A', 3, 24, 1)] }
const heads = [1, 2, 3].map((n) =>
  at(n, 'head-casing', { at: { side: 'a', ft: 10 * n - 6, up_in: 100, feature: `window-a${n}` } }),
)

test('three windows in one item are three heads, as they are in three items', () => {
  const joined = house({ ...threeWindows, findings: heads, work_items: [mend('r', heads, 'head-flashing')] })
  const apart = house({
    ...threeWindows,
    findings: heads,
    work_items: heads.map((head, n) => mend(`r${n}`, [head], 'head-flashing')),
  })
  // 42 in and two casings of 5-1/2: 53 in, three times.
  expect(lengths(joined)).toEqual([53, 53, 53])
  expect(joined.takeoff.items[0]?.tasks[0]).toMatchObject({ set_up_h: 0.9, quantity: 3 })
  expect(Math.abs(total(joined) - total(apart))).toBeLessThanOrEqual(3)
})

test('the same work as six findings, as six items, or as one × 6 costs the same', () => {
  const six = [0, 1, 2, 3, 4, 5].map((n) =>
    at(n + 1, 'sill-nose', { at: { side: 'a', ft: 2 + 6 * n, up_in: 60 } }),
  )
  const times = { ...six[0]!, count: 6 }
  const joined = total(house({ findings: six, work_items: [mend('r', six, 'piece-in')] }))
  const items = total(
    house({ findings: six, work_items: six.map((each, n) => mend(`r${n}`, [each], 'piece-in')) }),
  )
  expect(total(one(times, 'piece-in'))).toBe(joined)
  expect(Math.abs(items - joined)).toBeLessThanOrEqual(6)
})

test('a whole member is the member, not its damage', () => {
  const fascia = at(1, 'fascia', { length_in: 30 })
  // Wall 40 ft, an overhang of 1 ft past either corner.
  expect(lengths(one(fascia, 'replace-member'))).toEqual([42 * 12])
  // 5 ft high legs and the width of the head, whatever is soft.
  const leg = at(1, 'side-casing', {
    at: { side: 'a', ft: 9.6, up_in: 60, feature: 'window-a1' },
    length_in: 6,
  })
  expect(lengths(one(leg, 'replace-member'))).toEqual([65.5])
})

test('where the house does not give the length of a member, it is the soft part at least, and says so', () => {
  const nowhere = {
    ...at(1, 'fascia', { length_in: 60 }),
    place: { kind: 'words', words: 'back' },
  } as Finding
  const made = one(nowhere, 'replace-member')
  // 60 + 12 + 12.
  expect(lengths(made)).toEqual([84])
  expect(made.takeoff.items[0]?.notes.join()).toContain('not known')
})

test.each([
  // The run begins 12 in left of the wall. Soft 20 ft along it: cut at both ends.
  ['in the middle', 19, 30, 30 + 24, 'cut at both ends'],
  // Soft from 2 ft: less than 4 ft would stay, so to the end: 12 + 24 + 30 + 12.
  ['near the left end', 2, 30, 78, 'the free end is not cut back'],
  // Soft from 38 to 40-1/2 ft: 36-1/2 in would stay on the right of 42 ft, so to the end: from 39 − 1 = 38 ft of the run to 42.
  ['near the right end', 38, 30, 48, 'least piece'],
])('fascia soft %s', (_, ft, soft, cut) => {
  expect(
    lengths(one(at(1, 'fascia', { at: { side: 'a', ft, up_in: 110 }, length_in: soft }), 'piece-in')),
  ).toEqual([cut])
})

test('an outside corner has two legs, the second a foot longer; an inside corner one', () => {
  const foot = at(1, 'corner-board', { at: { side: 'a', ft: 39.5, up_in: 18 }, length_in: 20 })
  // From the foot: 20 + 6 = 26 in, and 12 in more.
  expect(lengths(one(foot, 'piece-in'))).toEqual([26, 38])
  const inner = smallHouse().sides.map((each) => (each.letter === 'A' ? { ...each, turn_deg: -90 } : each))
  expect(lengths(one(foot, 'piece-in', { sides: inner }))).toEqual([26])
  // Whole: foundation 18 in to the eave at 10 ft 6 in + … as measured: both legs alike, hours by each 10 ft begun.
  const whole = one(foot, 'replace-member')
  const [leg] = lengths(whole)
  expect(lengths(whole)).toEqual([leg, leg])
  expect(whole.takeoff.items[0]?.tasks[0]?.quantity).toBe(Math.max(1, Math.round((leg! / 120) * 100) / 100))
})

test('a measured width finds the section: of the casing, else of the face', () => {
  const leg = at(1, 'side-casing', { at: { side: 'a', ft: 9.6, up_in: 60, feature: 'window-a1' } })
  const section = (of: Derived): string | undefined => of.takeoff.items[0]?.pieces[0]?.section
  expect(section(one(leg, 'piece-in'))).toBe('1x6')
  const narrow = { ...window('A', 1, 10, 1), casing_width: inches(3.5) } as never
  expect(section(one(leg, 'piece-in', { features: [narrow] }))).toBe('1x4')
  const fascia = at(1, 'fascia')
  expect(section(one(fascia, 'piece-in'))).toBe('1x8')
  expect(section(one({ ...fascia, face_width: inches(9) }, 'piece-in'))).toBe('1x10')
  const wide = one({ ...fascia, face_width: inches(14) }, 'piece-in')
  expect(priced(wide).lines[0]?.lacks[0]).toContain('1\' 2" wide')
})

test('a length past the end of its wall says so', () => {
  const long = at(1, 'water-table', { at: { side: 'a', ft: 30, up_in: 18 }, length_in: 15 * 12 })
  expect(one(long, 'piece-in').takeoff.items[0]?.notes.join()).toContain("Reaches 5' past the end of side A")
})

test('the roof edge runs past outside corners by the neighbour’s overhang, and stops short at inside ones', () => {
  // An L: A 40 right B 30 … with an inside corner between C and D; overhangs 1 ft, B 2 ft.
  const walls = [
    side('A', 0, 'front', 40),
    side('B', 1, 'right', 30, { overhang: feet(2) }),
    side('C', 2, 'back', 20),
    side('D', 3, 'right', 10, { turn_deg: 90 }),
    side('E', 4, 'back', 20),
    side('F', 5, 'left', 20),
  ].map((each) => (each.letter === 'C' ? { ...each, turn_deg: -90 } : each))
  const job = smallHouse({ sides: walls })
  const run = (n: number): number => toFeet(eaveRun(job.sides[n]!, job).length)
  // A: 1 ft past F's corner at its left, 2 ft past B's at its right. C: 2 ft at B's corner, 1 ft short at the inside corner with D.
  expect([run(0), run(2)]).toEqual([43, 21])
})
