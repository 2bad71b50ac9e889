import { expect, test } from '@jest/globals'
import { finding, paintItem, sillNose, smallHouse, workItem } from '../../../tests/support/jobs'
import { at, house, lengths, mend, one } from '../../../tests/support/priced'
import type { JobDocument, ScopeStretch } from '../job'
import { feet } from '../measure'
import { worstSide } from './paintCondition'

test('the worst side is named by its own letter', () => {
  const job = smallHouse({
    work_items: [
      paintItem('w', 'side-a', { share_peeling_percent: 20 }),
      paintItem('x', 'side-c', { share_peeling_percent: 45 }),
      paintItem('y', 'side-d'),
    ],
  })
  expect(worstSide(job)).toBe('Worst side: C back, 45 % peeling.')
  expect(worstSide(smallHouse())).toBeNull()
})

const leg = finding({
  n: 1,
  words: '',
  component: 'side-casing',
  at: { side: 'a', ft: 13, up_in: 80, feature: 'window-a1' },
  length_in: 24,
  grade: 3,
  signs: ['metal-stops-short', 'legs-soft-from-top'],
})
const declined = (reason: string): JobDocument['source_decisions'][number] => ({
  id: 'd',
  removed: false,
  cause: 'head-flashing-short',
  finding_ids: ['finding-1'],
  decision: 'declined',
  by: 'Odile Marrow',
  reason,
})

test.each([
  ['', 'Declined by Odile Marrow; the warranty is limited for that.'],
  ['to be sold', 'Declined by Odile Marrow: to be sold; the warranty is limited for that.'],
])('a source fix declined for %j is named where its effect is mended', (reason, words) => {
  const made = one(leg, 'piece-in', { source_decisions: [declined(reason)] })
  expect(made.scope.items[0]?.notices.join()).toContain(words)
  expect(made.scope.fixes).toEqual({ a: 'declined' })
})

test('a rake is one slope of its gable, from eave to ridge', () => {
  const sides = smallHouse().sides.map((each) =>
    each.letter === 'B' ? { ...each, roof_edge: 'gable' as const, pitch_in_12: 9 } : each,
  )
  const rake = at(1, 'rake-board', { at: { side: 'b', ft: 4, up_in: 120 }, length_in: 24 })
  // Half of 30 ft and 1 ft of overhang at 9 in 12: 16 × 15 ÷ 12 = 20 ft.
  expect(lengths(one(rake, 'replace-member', { sides }))).toEqual([240])
})

test('paint broken at many places is added up for the lead rule', () => {
  const old = { ...smallHouse().house!, year_built: { kind: 'unknown' } as const }
  const spots = ['a', 'b', 'c'].map((letter, n) =>
    at(n + 1, 'water-table', { at: { side: letter, ft: 8, up_in: 18 }, length_in: 12 * 11 }),
  )
  const safe = (n: number): boolean => {
    const findings = spots.slice(0, n)
    return house({ house: old, findings, work_items: [mend('r', findings, 'piece-in')] }).takeoff.leadSafe
  }
  // Each 11 ft and 6 in at either end: 12 ft at 0.6 ft² a foot, 7.2 ft². Two are minor work, three are more than 20 ft².
  expect([safe(1), safe(2), safe(3)]).toEqual([false, false, true])
})

function stretch(from: number, to: number, of: Partial<ScopeStretch>): ScopeStretch {
  return {
    id: `s${from}`,
    removed: false,
    side_id: 'side-a',
    from: feet(from),
    to: feet(to),
    kind: 'left-out',
    below: null,
    above: null,
    parts: [],
    reason: '',
    who: '',
    hand_over: '',
    ...of,
  }
}

test('an item half inside the scope line is ours, priced for what is inside, and says what is not', () => {
  const two = [
    sillNose({ place: { ...sillNose().place, feature_id: null } as never }),
    at(2, 'sill-nose', { at: { side: 'a', ft: 30, up_in: 60 } }),
  ]
  const made = house({
    findings: two,
    work_items: [mend('r', two, 'piece-in')],
    scope_stretches: [stretch(20, 40, { kind: 'by-others', who: 'the painter', reason: 'his own' })],
  })
  const [item] = made.scope.items
  expect(item).toMatchObject({ standing: 'ours', outside: null, count: 2 })
  expect(item?.spots.map((spot) => spot.standing)).toEqual(['ours', 'by-others'])
  expect(lengths(made)).toEqual([30])
  expect(made.bid.items[0]?.findings).toEqual(['1'])
  expect(made.bid.beside[0]).toMatchObject({ findings: ['2'], price_cents: null })
  expect(made.bid.beside[0]?.why).toContain('the painter')
})

test('what a person says of an item goes before the scope line and the hazards', () => {
  const nose = sillNose()
  const made = one(
    nose,
    'piece-in',
    { scope_stretches: [stretch(0, 40, {})] },
    { state: 'by-owner', who: 'Odile Marrow' },
  )
  expect(made.scope.items[0]).toMatchObject({
    standing: 'by-owner',
    why: 'the owner does it, Odile Marrow',
    outside: null,
  })
})

test('with nothing chosen for it, an item at no place is at none', () => {
  const made = house({ work_items: [workItem('r', { method: 're-seal', component: 'side-casing' })] })
  expect(made.scope.items[0]).toMatchObject({
    where: 'place not noted yet',
    seen: null,
    count: 1,
    standing: 'ours',
  })
})

test.each([
  ['sealant 3 ft at two windows', { length_in: 36 }, "2 × 3'"],
  ['guessed', { length_in: 36, how: 'guessed' as const }, "2 × 3', judged from below"],
  ['not measured', { length_in: undefined }, '2 × length not measured'],
])('how much an item is of, told: %s', (_, of, words) => {
  const two = [2, 20].map((ft, n) =>
    at(n + 1, 'side-casing', { at: { side: 'a', ft, up_in: 40 }, grade: 1, ...of } as never),
  )
  const made = house({ findings: two, work_items: [mend('r', two, 're-seal')] })
  expect(made.bid.items[0]?.quantity).toBe(words)
})

test('courses and pieces are told as they are counted', () => {
  const quantity = (component: string, method: string, count: number): string | undefined =>
    one(at(1, component, { length_in: 48, count, at: { side: 'c', ft: 12, up_in: 30 } }), method).bid.items[0]
      ?.quantity
  expect(quantity('lap-siding', 'replace-course', 3)).toBe("3 courses of 4'")
  expect(quantity('water-table', 'piece-in', 2)).toBe("2 × 4'")
  expect(quantity('water-table', 'piece-in', 1)).toBe("4'")
})

test('one finding nothing explains makes an item effect only, whatever the others say', () => {
  const clear = sillNose({ signs: [] })
  const odd = { ...at(2, 'sill-nose', { at: { side: 'c', ft: 10, up_in: 60 } }), signs: [] }
  const made = house({ findings: [clear, odd, leg], work_items: [mend('r', [odd, clear], 'piece-in')] })
  expect(made.trace.unexplained).toContain('finding-2')
  expect(made.scope.items[0]).toMatchObject({ warranty: 'G' })
})

test('sealing and painting count every piece and every foot of it', () => {
  const of = at(1, 'side-casing', { at: { side: 'a', ft: 2, up_in: 40 }, length_in: 36, grade: 1, count: 4 })
  const task = (method: string, id: string): object | undefined =>
    one(of, method).takeoff.items[0]?.tasks.find((each) => each.task === id)
  // Four legs of 3 ft: 12 ft of joint; two coats on 12 ft are 0.24 hundreds, at 0.3 h set-up for each leg.
  expect(task('re-seal', 'sealant')).toMatchObject({ quantity: 12 })
  expect(task('prime-and-paint', 'trim-paint')).toMatchObject({ quantity: 0.24, set_up_h: 1.2 })
})

test('what is watched says when it is looked at again, or what would show it', () => {
  const board = at(1, 'fascia', { grade: 0 })
  const said = { hand_over: 'in May 2027, or when the paint blisters' }
  expect(one(board, 'watch', {}, said).bid.beside[0]?.why).toBe(
    'watched, not mended now; looked at again in May 2027, or when the paint blisters',
  )
  expect(one(board, 'watch').bid.beside[0]?.why).toBe('watched, not mended now')
})

test('one item over two sources of one kind says once what is not mended there', () => {
  const signs = ['gap-too-small', 'bottom-edge-rot-whole-run'].map((sign) => ({
    sign,
    how: 'touched',
    present: true,
  })) as never
  const findings = [
    { ...at(1, 'lap-siding', { at: { side: 'a', ft: 5, up_in: 24 } }), signs },
    { ...at(2, 'lap-siding', { at: { side: 'c', ft: 5, up_in: 24 } }), signs },
  ]
  const { scope, trace } = house({ findings, work_items: [mend('r', findings, 'prime-and-paint')] })
  expect(trace.sources.filter(({ letter }) => letter !== null)).toHaveLength(2)
  const { notices } = scope.items[0]!
  expect(notices.length).toBeGreaterThan(0)
  expect(new Set(notices).size).toBe(notices.length)
})
