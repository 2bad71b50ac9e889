import { expect, test } from '@jest/globals'
import { finding, paintItem, sillNose, smallHouse, workItem } from '../../../tests/support/jobs'
import { at, house, lengths, mend, one, priced } from '../../../tests/support/priced'
import { partOf } from '../catalogue'
import { jointed } from '../cut'
import { feet, inches } from '../measure'
import { wallReach } from './factors'
import { memberAt } from './member'

/** Single figures of take-off and cutting, each reckoned by hand. */

test('lines of one’s own are worked, cut, bought and priced beside what is reckoned', () => {
  const made = house({
    work_items: [
      workItem('r', {
        method: 'own-work',
        component: 'fascia',
        name: 'Box in the beam',
        lines: [
          { kind: 'hours', what: 'Boxing in', hours: 6.5 },
          { kind: 'piece', section: '1x8', material: 'clear-cedar', length: feet(7), count: 2 },
          { kind: 'good', good: 'sealant', quantity: 1.5 },
        ],
      }),
    ],
  })
  expect(made.takeoff.items[0]).toMatchObject({ hours: 6.5, lacks: [] })
  expect(lengths(made)).toEqual([84, 84])
  expect(made.cut.goods).toMatchObject([{ good: 'sealant', bought: 2, used: 1.5 }])
  // Hours 6.5 and a visit of 2.1: 8.6 ÷ 16 = 0.54 crew-days, 0.704 productive. 6.5 ÷ 0.704 × 48 = 443.18; 2.1 ÷ 0.704 × 48 = 143.18.
  // Two boards of 7 ft from one of 16 ft at 5.90: 94.40; two cartridges 17.00. (443.18 + 111.40 + 143.18) × 1.35 ÷ 0.88 = 1,070.43.
  expect(priced(made).total_cents).toBe(107043)
  expect(made.bid.items[0]?.title).toBe('Box in the beam')
})

test('soffit is boards side by side over the overhang', () => {
  const soffit = at(1, 'soffit', { at: { side: 'a', ft: 15, up_in: 110 }, length_in: 48 })
  const made = one(soffit, 'piece-in')
  // An overhang of 12 in takes three boards of 5-1/2 in, each as long as the soft part; 4 ft × 1 ft is 4 ft².
  expect(lengths(made)).toEqual([48, 48, 48])
  expect(made.takeoff.items[0]?.tasks[0]).toMatchObject({ task: 'soffit', quantity: 4, unit: 'ft²' })
})

test('a corner longer than 10 ft is more than a pair', () => {
  const tall = { ...smallHouse().house!, storeys: 2 }
  const corner = at(1, 'corner-board', { at: { side: 'a', ft: 39.5, up_in: 18 }, length_in: 20 })
  const made = one(corner, 'replace-member', { house: tall })
  // 18 in of foundation, 1 ft of floor, two storeys of 9 ft: 19 ft of board, 1.9 pairs; both ladders that reach its top.
  expect(lengths(made)).toEqual([19 * 12, 19 * 12])
  expect(made.takeoff.items[0]?.tasks[0]).toMatchObject({ task: 'corner-board', quantity: 1.9 })
})

test('a corner where the ground lies higher than the foundation is shorter by that', () => {
  const sides = smallHouse().sides.map((each) =>
    each.letter === 'A' ? { ...each, ground_right: inches(54) } : each,
  )
  const corner = (ft: number): number[] =>
    lengths(
      one(at(1, 'corner-board', { at: { side: 'a', ft, up_in: 60 }, length_in: 20 }), 'replace-member', {
        sides,
      }),
    )
  // 10 ft over the foundation at the left; at the right the ground stands 3 ft over it.
  expect(corner(0.5)).toEqual([120, 120])
  expect(corner(39.5)).toEqual([84, 84])
})

test('a set-up once a side is split by what each item does there, all its places together', () => {
  const soft = [2, 20].map((ft, n) =>
    at(n + 1, 'fascia', { at: { side: 'a', ft: ft + 4, up_in: 60 }, length_in: 72 }),
  )
  const other = at(3, 'fascia', { at: { side: 'c', ft: 10, up_in: 60 }, length_in: 72 })
  const third = at(4, 'fascia', { at: { side: 'a', ft: 32, up_in: 60 }, length_in: 24 })
  const made = house({
    findings: [...soft, other, third],
    work_items: [
      mend('two', soft, 'piece-in'),
      mend('other', [other], 'piece-in'),
      mend('third', [third], 'piece-in'),
    ],
  })
  // On A 8 + 8 ft and 4 ft of 20: 0.75 h as 0.60 and 0.15; on C all of it.
  expect(made.takeoff.items.map((item) => item.tasks[0]?.set_up_h)).toEqual([0.6, 0.75, 0.15])
})

test('a piece says why it is so long', () => {
  const why = (method: string): string | undefined => one(sillNose(), method).takeoff.items[0]?.pieces[0]?.why
  expect(why('piece-in')).toBe('seen + cut-back at each cut end, at least the least piece')
  expect(why('replace-member')).toBe('whole member')
})

test.each([
  [6, 1],
  [10, (6 * 1 + 4 * 1.1) / 10],
  [20, (6 * 1 + 4 * 1.1 + 10 * 1.3) / 20],
])('reach over a wall %d ft high, each band by its height: × %d', (height, times) => {
  expect(wallReach(feet(height)).times).toBeCloseTo(times, 2)
})

test('visits in words', () => {
  const words = (of: ReturnType<typeof house>): string => of.takeoff.shared.visit_words
  expect(words(one(sillNose(), 'piece-in'))).toBe('one')
  expect(words(one(sillNose({ stated_grade: 1 }), 'prime-and-paint'))).toBe(
    'one to repair and prime, one to paint',
  )
  const many = Array.from({ length: 20 }, (_, n) =>
    at(n + 1, 'window-sill', { at: { side: 'a', ft: n, up_in: 30 } }),
  )
  const long = house({
    findings: many,
    work_items: many.map((each, n) => mend(`r${n}`, [each], 'replace-member')),
  })
  // 20 × 5.9 = 118 h ÷ 16 = 7.4 crew-days.
  expect([long.takeoff.shared.visits, words(long)]).toEqual([2, 'one, each of at most 5 days'])
})

test('containment by stretches of 20 ft: the length of a painted side, one for spots on another', () => {
  const old = { ...smallHouse().house!, year_built: { kind: 'unknown' } as const }
  const spot = at(1, 'fascia', { at: { side: 'b', ft: 15, up_in: 110 }, length_in: 48 })
  const contained = (work_items: Parameters<typeof house>[0]['work_items']): number | undefined =>
    house({ house: old, findings: [spot], work_items: work_items! }).takeoff.shared.tasks.find(
      (task) => task.task === 'lead-containment',
    )?.quantity
  expect(contained([paintItem('w')])).toBe(2)
  expect(contained([paintItem('w'), mend('r', [spot], 'piece-in')])).toBe(3)
})

test('a yard and more is hauled by a trip and by the yard', () => {
  const deck = at(1, 'deck-board', { length_in: 300 * 12, at: { side: 'c', ft: 0, up_in: 30 } })
  const made = one(deck, 'piece-in', { sides: smallHouse().sides.map((each) => ({ ...each, length: null })) })
  // 300 ft of 1 × 5-1/2 in is 11.46 ft³, loose three times that: 1.27 yd³. 1 h and 0.9 h a yard: 2.14 h.
  const haul = made.takeoff.shared.tasks.find((task) => task.task === 'haul')
  expect(haul).toMatchObject({ quantity: 1.27, set_up_h: 1, hours: 2.14 })
})

test('what an item is of, all its places together', () => {
  const two = [
    at(1, 'lap-siding', { at: { side: 'a', ft: 2, up_in: 40 }, length_in: 48, count: 3 }),
    at(2, 'lap-siding', { at: { side: 'c', ft: 2, up_in: 40 }, length_in: 24, count: 2 }),
  ]
  const item = (findings: typeof two): ReturnType<typeof house>['scope']['items'][number] =>
    house({ findings, work_items: [mend('r', findings, 'replace-course')] }).scope.items[0]!
  // Three courses of 4 ft and two of 2 ft.
  expect(item(two)).toMatchObject({ seen: 16 * 768, count: 5 })
  expect(item([{ ...two[0]!, extent: null }])).toMatchObject({ seen: null, count: 3 })
})

test('the buy list is longest first; off-cuts of 2 ft and less are not kept', () => {
  const cuts = [14, 5.5, 9].map((ft, n) =>
    at(n + 1, 'fascia', { at: { side: 'a', ft: 0, up_in: 110 }, length_in: 12 * ft }),
  )
  const nowhere = cuts.map((each) => ({ ...each, place: { kind: 'words', words: 'back' } as const }))
  const made = house({
    findings: nowhere,
    work_items: nowhere.map((each, n) => mend(`r${n}`, [each], 'piece-in')),
  })
  // 16, 7-1/2 and 11 ft: boards of 16, 12 and 8 ft, with 1 ft and 6 in left.
  const [plan] = made.cut.sections
  expect(plan?.buy.map(({ stock }) => stock)).toEqual([feet(16), feet(12), feet(8)])
  expect(plan?.offcuts).toEqual([])
})

test.each([
  // A scarf in 3/4 in stock takes 3/4 in: 16 ft + what is left after 15 ft 11-1/4 in.
  [16, [192]],
  [30, [192, 30 * 12 - 191.25]],
  // 17 ft would leave 12-3/4 in: the first gives way until 4 ft are left.
  [17, [192 - (48 - (17 * 12 - 191.25)), 48]],
])('a run of %d ft in boards of 16 ft', (ft, cut) => {
  const made = jointed(feet(ft), { joint: 'scarf', least: inches(48), section: '1x8' }, feet(16))
  expect(made?.map((length) => length / 64)).toEqual(cut)
})

test('boards too short for two least pieces cannot be jointed, and one that just holds them can', () => {
  const of = { joint: 'scarf', least: inches(48), section: '1x8' } as const
  // 5 ft in boards of 4 ft 6 in: 54 + 6-3/4 left, short of 48 by 41-1/4: 12-3/4 would stay.
  expect(jointed(feet(5), of, inches(54))).toBeNull()
  // 96 − 3/4 in boards of 90: the first gives way to exactly 48.
  expect(jointed(inches(95.25), of, inches(90))?.map((length) => length / 64)).toEqual([48, 48])
  expect(jointed(feet(20), { ...of, joint: 'none' }, feet(16))).toBeNull()
})

test('advice asks for one of its signs, whatever else was seen', () => {
  const leg = finding({
    n: 1,
    words: '',
    component: 'side-casing',
    at: { side: 'a', ft: 9.6, up_in: 60 },
    grade: 1,
    signs: ['primer-gone', 'open-joint'],
  })
  const [first] = house({ findings: [leg] }).scope.advice[0]!.methods
  expect(first).toMatchObject({ method: 're-seal', reasons: ['Surface only, and a joint is open.'] })
})

test('the two legs of a window are two boards: found on both, both are renewed; twice on one, one', () => {
  const leg = (n: number, ft: number) =>
    at(n, 'side-casing', {
      at: { side: 'a', ft, up_in: 60, feature: 'window-a1' },
      length_in: 10,
      grade: 3,
    })
  const pieces = (of: ReturnType<typeof leg>[]): number =>
    house({ findings: of, work_items: [mend('r', of, 'replace-member')] }).takeoff.items[0]!.pieces.reduce(
      (sum, piece) => sum + piece.count,
      0,
    )
  // Window A1 stands from 10 ft to 13 ft.
  expect([pieces([leg(1, 10), leg(2, 12.9)]), pieces([leg(1, 10), leg(2, 10.2)])]).toEqual([2, 1])
})

test('the yard is asked for just the boards that are cut from, by length, the longest first', () => {
  const lines = [7, 7, 7, 3].map((ft) => ({
    kind: 'piece' as const,
    section: '1x8',
    material: 'clear-cedar',
    length: feet(ft),
    count: 1,
  }))
  const { cut } = house({
    work_items: [workItem('r', { method: 'own-work', component: 'fascia', name: 'Box', lines })],
  })
  // 7 + 7 in one of 16 ft with a kerf between, 7 + 3 in one of 12.
  expect(cut.sections[0]!.buy).toEqual([
    { stock: feet(16), count: 1 },
    { stock: feet(12), count: 1 },
  ])
  expect(cut.boards).toBe(2)
})

test('where the damage begins on its member: from the casing for a sill, from the sill for a leg, never before it', () => {
  const job = smallHouse()
  const spot = (ft: number, up_in: number) =>
    ({
      at: {
        kind: 'side',
        side_id: 'side-a',
        station: feet(ft),
        height: { value: inches(up_in), from: 'floor-1' },
        feature_id: 'window-a1',
      },
    }) as never
  const start = (part: string, ft: number, up_in: number): number =>
    memberAt(partOf(part), spot(ft, up_in), job)!.start!
  // Window A1 stands from 10 ft, its casings 5-1/2 in wide, its sill 30 in over the floor: a sill begins with the casing.
  expect([start('window-sill', 9.5, 30), start('window-sill', 11, 30)]).toEqual([0, inches(12 + 5.5)])
  expect([start('sill-nose', 9.5, 30), start('sill-nose', 11, 30)]).toEqual([0, inches(12 + 5.5)])
  expect([start('side-casing', 10, 42), start('side-casing', 10, 20)]).toEqual([inches(12), 0])
})
