import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { alderHouse, emptyJob, workItem, sillNose, smallHouse } from '../../../tests/support/jobs'
import type { Finding, Quantity, ResponseItem } from '../job'
import { at, house, mend, stretch } from '../../../tests/support/priced'
import { freshDeck } from '../../../tests/support/surveys'
import { BID_SAYS } from '../catalogue/sentences/bid'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { derive } from '../pipeline'
import { feet, inches } from '../measure'
import { dayAfter } from '../measure/days'
import { beforeSending } from './bidJob'
import { BidModel } from './bidModel'

const bid = derive(alderHouse(), '2026-05-04').bid

/** A hazard noted of the house, with what is to be done of it. */
const hazard = (n: number, do_now: string) => ({
  kind: 'hazard' as const,
  id: `h${n}`,
  by: 'Tess Orme',
  at: '2026-05-04T09:00:00Z',
  about: { kind: 'house' as const },
  hazard: 'wiring' as const,
  signs: [],
  what: `box ${n} open`,
  do_now,
})

test('the bid of the main demo fits its schema', () => {
  expect(BidModel.safeParse(bid).success).toBe(true)
})

test('hazards come first, the keep-off before all', () => {
  expect(bid.hazards[0]).toMatchObject({ keep_off: true })
  expect(bid.hazards.length).toBeLessThanOrEqual(3)
})

test('it opens with the spots, at how many of them a cause is said, and how many causes are mended', () => {
  const said = new Set(bid.source_pairs.flatMap(({ findings }) => findings.split(', ')))
  expect([bid.findings.length, said.size, bid.source_pairs.length]).toEqual([30, 23, 14])
  expect(bid.lead).toBe(
    'We found 30 damaged spots. At 23 of them we can say why: 14 causes, and this bid mends one.',
  )
  const wish = {
    ...sillNose(),
    id: 'wish',
    component: null,
    stated_grade: null,
    signs: [],
    words: 'a hot tub',
  }
  const more = derive({ ...alderHouse(), findings: [...alderHouse().findings, wish] }, '2026-05-04').bid
  expect(more.lead).toBe(bid.lead)
})

test('a cause is told for as many spots as it stands behind', () => {
  const lead = OWNER_SAYS.leadCauses
  expect(lead({ causes: 2, mended: 2, spots: 5, reached: 5 })).toBe(
    'Two causes stand behind them; this bid mends all of them.',
  )
  expect(lead({ causes: 2, mended: 2, spots: 5, reached: 1 })).toBe(
    'At one of them we can say why: two causes, and this bid mends both.',
  )
  expect(lead({ causes: 1, mended: 0, spots: 5, reached: 4 })).toBe(
    'At four of them we can say why: one cause, and this bid does not mend it.',
  )
})

test('what a deck check and its findings both say of one danger is read once', () => {
  const check = freshDeck([
    ['ledger-nails', 'wrong'],
    ['guard-firm', 'wrong'],
  ])
  const signs = (sign: string) => ({ signs: [sign], known: 'seen-close' as const, grade: null })
  const { bid: of } = house({
    surveys: [check],
    findings: [at(1, 'guard', signs('guard-moves')), at(2, 'deck-beam', signs('beam-beside-posts'))],
  })
  const [off] = of.hazards.filter((each) => each.keep_off)
  const parts = off!.what.split(/[,;] /)
  expect(parts.toSorted()).toEqual(
    ['beam not on its post', 'guard moves or has no structural posts', 'ledger nailed only'].toSorted(),
  )
})

test('three hazards stand first, and every other one after them', () => {
  const { bid: of } = derive(
    smallHouse({ facts: [1, 2, 3, 4, 5].map((n) => hazard(n, `Close box ${n}.`)) }),
    '2026-05-04',
  )
  expect([...of.hazards, ...of.more_hazards].map((each) => each.what)).toEqual(
    [1, 2, 3, 4, 5].map((n) => `box ${n} open`),
  )
  expect(of.hazards).toHaveLength(3)
})

test('hazards of which the same is to be done are one, with all they are about', () => {
  const { bid: of } = derive(smallHouse({ facts: [1, 2].map((n) => hazard(n, '')) }), '2026-05-04')
  expect(of.hazards.map((each) => each.what)).toEqual(['box 1 open; box 2 open'])
})

test('that a place is not known is said of a hazard only where no place is', () => {
  const bowed = (n: number, more: Partial<Finding>) => ({
    ...at(n, 'foundation-wall', { signs: ['wall-bowed'] }),
    ...more,
  })
  const nowhere = bowed(1, { place: { kind: 'none' } })
  const where = (...findings: Finding[]) =>
    derive(smallHouse({ findings }), '2026-05-04').bid.hazards[0]?.where
  expect(where(nowhere)).toBe('place not noted yet')
  expect(where(nowhere, bowed(2, {}))).toBe('front A')
})

test('a size of a deck beyond its table, or without a row, is told by name', () => {
  const check = {
    ...freshDeck([]),
    ...{ beam: '2x8' as const, beam_plies: 2 as const, beam_span: feet(6), joist_span: feet(22) },
    ...{ guard_opening: inches(5) },
  }
  const [measured] = derive(smallHouse({ surveys: [check] }), '2026-05-04').bid.measured
  expect(measured!.says).toBe(
    'Outside today’s tables and rules for a new deck: how far the beam reaches between its posts, how wide the openings in the guard are. It may have been lawful when built.',
  )
})

test('a source is in the bid when its fix is', () => {
  const fixed = bid.source_pairs.filter((pair) => pair.fixed).map((pair) => pair.source.split(',')[0])
  expect(fixed).toEqual(['Head flashing short'])
})

test('the widest row of the drawing fills its page', () => {
  const { px } = bid.drawings[0]!
  const widths = bid.drawings.map(({ drawing }) => (drawing.right - drawing.left) / px)
  // The margin at either end is drawn at the row's own scale.
  expect(Math.abs(Math.max(...widths) - 760)).toBeLessThan(60)
})

test('a length judged from below says so, a taped one does not', () => {
  const size = (number: string): string | undefined =>
    bid.findings.find((each) => each.number === number)?.size
  expect(size('9')).toBe("20', judged from below")
  expect(size('1')).toBe("5'")
})

test('it shows no kitchen: no cost, hours, overhead, profit or rate', () => {
  const words = JSON.stringify({ ...bid, drawings: null })
  expect(words).not.toMatch(
    /overhead|markup|margin|profit|burden|productive|direct cost|per hour|hourly|labou?r/i,
  )
})

test('it promises nothing it cannot: consistent with, never caused by, never safe', () => {
  const words = JSON.stringify({ ...bid, drawings: null }).replaceAll(/lead-safe|make safe/gi, '')
  expect(words).not.toMatch(/caused by|\bsafe\b|for ever|maintenance-free|as good as new/i)
  expect(words).toMatch(/Consistent with/)
})

test('clauses come by trigger', () => {
  const numbers = (of: typeof bid): number[] => of.clauses.map((clause) => clause.number)
  expect(numbers(bid)).toEqual([1, 3, 42, 4, 8, 36, 10, 22, 23, 24, 41, 25, 26, 30])
  expect(numbers(derive(emptyJob('e', ''), '2026-05-04').bid)).toEqual([1, 4, 10, 22, 23, 24, 25, 26, 30])
  expect(bid.local_code).toContain('Local code')
})

test('a source without its fix is said, with what it does to the warranty', () => {
  const clause = bid.clauses.find((each) => each.number === 8)
  expect(clause?.text).toContain(
    'Head flashing short, window A5, window A1, window A2, window A4: reaches finding 2, 3, 5, 15, 16, 17. Its fix is in this bid',
  )
  expect(clause?.text).toContain(
    'No drip edge, back, roof edge: reaches finding 9, 30. Its fix is not in this bid',
  )
})

test('items and tax add up to the total', () => {
  const sum = bid.items.reduce((total, item) => total + item.price_cents, 0)
  expect(sum + (bid.adjustment?.cents ?? 0) + bid.tax_cents).toBe(bid.total_cents)
})

test.each([
  ['2026-01-31', 1, '2026-02-01'],
  ['2026-12-15', 30, '2027-01-14'],
  ['2028-02-28', 1, '2028-02-29'],
])('%s and %d days is %s', (day, days, then) => {
  expect(dayAfter(day, days)).toBe(then)
})

test('what keeps it from being sent is said', () => {
  expect(beforeSending(derive(emptyJob('e', ''), '2026-05-04'))).toEqual([
    'Choose at least one repair in Scope.',
  ])
  const job = smallHouse({
    findings: [sillNose()],
    work_items: [workItem('r', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] })],
  })
  expect(beforeSending(derive(job, '2026-05-04'))).toEqual([])
  const unpriced = { ...job, rates: { ...job.rates!, section_cents_per_ft: {} } }
  expect(beforeSending(derive(unpriced, '2026-05-04'))[0]).toContain('No rate for 5/4x4')
  const elsewhere = { ...job, scope_stretches: [stretch(30, 40, 'ours')] }
  expect(beforeSending(derive(elsewhere, '2026-05-04'))).toEqual([BID_SAYS.allLeftOut])
})

test('sides go in rows of at most 90 ft, in the order they are walked', () => {
  const long = [50, 40, 50, 40]
  const job = smallHouse()
  const sides = job.sides.map((side, n) => ({ ...side, length: (long[n]! * 768) as never }))
  const { drawings } = derive({ ...job, sides }, '2026-05-04').bid
  expect(drawings.map(({ drawing }) => drawing.sides.map((side) => side.letter).join(''))).toEqual([
    'AB',
    'CD',
  ])
})

const listed = (number: string): ResponseItem => ({
  id: `item-${number}`,
  removed: false,
  number,
  words: 'the gate',
  order: Number(number),
  answer: null,
  how: '',
  receipt_seen: null,
  finding_ids: [],
})

test('what keeps it from being sent names the item, and counts the answers that are open', () => {
  const job = smallHouse({
    work_items: [
      workItem('a', { method: 'own-work', component: 'fascia', name: 'Box in the beam' }),
      workItem('b', { method: 'own-work', component: 'fascia', name: 'Mend the gate' }),
    ],
    response_items: [listed('1'), listed('2')],
  })
  const missing = beforeSending(derive(job, '2026-05-04'))
  expect(missing).toContain('Answer every item of the response list: 1, 2 are open.')
  expect(missing.some((words) => words.startsWith('Box in the beam: '))).toBe(true)
  expect(missing.some((words) => words.startsWith('Mend the gate: '))).toBe(true)
  const one = { ...job, response_items: [listed('1')] }
  expect(beforeSending(derive(one, '2026-05-04'))).toContain(
    'Answer every item of the response list: 1 is open.',
  )
})

test('who, where, when: what was noted is told, and what was not is said or left out', () => {
  const first = (of: object): string => {
    const job = smallHouse()
    return derive({ ...job, job: { ...job.job, ...of } }, '2026-05-04').bid.clauses[0]!.text
  }
  const told = first({ walked_on: '2026-05-02', weather: 'dry', present: 'the owner', asked: 'a price' })
  expect(told.replaceAll('\u00a0', ' ')).toContain('Looked at on May 2, 2026. Weather: dry.')
  expect(told).toContain('Present: the owner. Asked for: a price')
  expect(told).not.toContain('not noted')
  const bare = first({ walked_on: null, weather: '', present: '' })
  expect(bare).toContain('Day of the walk not noted.')
  expect(bare).not.toMatch(/Weather|Present/)
})

test('how much: so many of what is counted, square feet of what is an area, nothing said of one', () => {
  const quantity = (method: string, size: Quantity): string | undefined => {
    const place = { at: { kind: 'none' as const }, size, height: null }
    const items = [workItem('r', { method, component: null, places: [place] })]
    return derive(smallHouse({ work_items: items }), '2026-05-04').bid.items[0]?.quantity
  }
  expect(quantity('kick-out', { kind: 'count', count: 3, how: 'counted' })).toBe('3 of them')
  expect(quantity('kick-out', { kind: 'count', count: 1, how: 'counted' })).toBe('')
  const area = { kind: 'area', area: 120 * 768 * 768, low: null, high: null, how: 'taped' } as const
  expect(quantity('barrier-renewed', area)).toBe('120 ft²')
})

test('decayed wood is spoken of only where soft wood is mended', () => {
  const has = (grade: 1 | 2): boolean => {
    const nose = sillNose({ stated_grade: grade })
    const items = [workItem('r', { method: 'piece-in', component: 'sill-nose', finding_ids: [nose.id] })]
    const { bid: made } = derive(smallHouse({ findings: [nose], work_items: items }), '2026-05-04')
    return made.clauses.some(({ number }) => number === 36)
  }
  expect([has(1), has(2)]).toEqual([false, true])
})

test('what must be there before work begins is said once, with the work it is asked for', () => {
  const ledger = at(1, 'ledger', { at: { side: 'a', ft: 10, up_in: 18 } })
  const post = at(2, 'deck-post', { at: { side: 'a', ft: 10, up_in: 6 } })
  const items = [mend('l', [ledger], 'ledger-renew'), mend('p', [post], 'deck-post-new')]
  const { clauses } = house({ findings: [ledger, post], work_items: items }).bid
  const before = clauses.find((each) => each.heading === 'Before work begins')
  expect(before?.text.match(/Nothing is taken out/g)).toHaveLength(1)
  expect(before?.text).toContain(
    'For renew the ledger, shored; renew the deck post, shored: Nothing is taken out',
  )
  expect(house({ findings: [ledger] }).bid.clauses.map((each) => each.heading)).not.toContain(
    'Before work begins',
  )
})

test('a firm that reckons in other dollars says which, once, where it says what prices are for; at home nobody asks', () => {
  const finding = at(1, 'fascia')
  const job = smallHouse({ findings: [finding], work_items: [mend('f', [finding], 'replace-member')] })
  const said = (values: typeof job.settings.values): string[] =>
    derive({ ...job, settings: { ...job.settings, values } }, '2026-05-04').bid.clauses.flatMap(({ text }) =>
      text.includes('dollars') ? [text] : [],
    )
  expect(said({})).toEqual([])
  const [canadian, ...more] = said({ 'price.currency': { value: 'CAD', reason: '' } })
  expect(canadian).toMatch(/^Prices are for .* All prices are in Canadian dollars\. Good until /)
  expect(more).toEqual([])
})

test('pieces at several places are told together: the owner counts no piers', () => {
  const { items, beside } = derive(DEMO_JOBS['heron-flats-12'](), '2026-05-04').bid
  const quantities = [...items, ...beside]
    .filter(({ title }) => /piers/.test(title))
    .map(({ quantity }) => quantity)
  // Six piers and two beside them, as the two findings say.
  expect(quantities).toEqual(['8 of them', '8 of them'])
})

test('one at each place needs no count: the places are named', () => {
  const posts = [1, 2].map((n) => ({ ...at(n, 'deck-post'), extent: null }))
  const { items } = house({ findings: posts, work_items: [mend('p', posts, 'deck-post-new')] }).bid
  expect(items.map(({ quantity }) => quantity)).toEqual([''])
})
