/** What an owner's choice comes to. Each sum is written out by hand in its test; the properties hold for every choice. */
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DEMO_JOBS } from '../../../demo'
import { plain } from '../../../tests/support/priced'
import { sillNose, smallHouse, workItem } from '../../../tests/support/jobs'
import { withLeaves } from '../compare'
import { derive } from '../pipeline'
import type { BidModel } from './bidModel'
import { chosenTotal, WHOLE_BID, type Choice } from './choose'

const DAY = '2026-05-04'
const job = DEMO_JOBS['alder-house']()
const derived = derive(job, DAY)
const alder = withLeaves(job, DAY, derived)

const base = alder.items[0]!
const item = (id: string, price: number, saves: number | null): BidModel['items'][number] => ({
  ...base,
  id,
  price_cents: price as never,
  leave: saves === null ? null : { saves_cents: saves as never, hazard: false },
  requires: [],
})
/** What it stands in for saves $550 together. */
const option = (id: string, adds: number, instead_of: string[] = []): BidModel['beside'][number] => ({
  id,
  basis: { kind: 'fixed' },
  title: id,
  where: '',
  quantity: '',
  findings: [],
  group: '',
  done: '',
  why: 'optional',
  price_cents: adds as never,
  takeable: true,
  instead_of,
  saves_cents: instead_of.length > 0 ? (55_000 as never) : null,
  requires: [],
  over_years: null,
  life: '',
  warranty: '',
  notices: [],
})
/** Three items of $1,000, $600 and $400; a look of $85; at least $500; tax 7 % on the total. */
const small: BidModel = {
  ...alder,
  items: [item('a', 100_000, 90_000), item('b', 60_000, 55_000), item('c', 40_000, null)],
  beside: [option('o', 25_000), option('alt', 80_000, ['b']), option('alt2', 70_000, ['b'])],
  looks: [{ id: 'look-ladder', says: 'Look', price_cents: 8500 as never }],
  adjustment: null,
  discount: null,
  choosing: { least_cents: 50_000 as never, tax_rate: 0.07 },
}
const total = (choice: Partial<Choice>) => chosenTotal(small, { ...WHOLE_BID, ...choice })

test.each<[string, Partial<Choice>, number]>([
  // $2,000.00 + 7 %
  ['all of it', {}, 214_000],
  // $2,000 − $900 = $1,100; + 7 %
  ['without the first: what it saves, not its price', { left: ['a'] }, 117_700],
  // $2,000 + $250 + $85 = $2,335; + 7 %
  ['with an option and a look', { taken: ['o'], looks: ['look-ladder'] }, 249_845],
  // $2,000 − $550 + $800 = $2,250; + 7 %
  ['with one in place of another', { taken: ['alt'] }, 240_750],
  // $2,000 − $900 − $550 = $550; + 7 %
  ['without two', { left: ['a', 'b'] }, 58_850],
])('%s', (_, choice, cents) => {
  expect(total(choice)).toMatchObject({ ok: true, value: { total_cents: cents } })
})

test('less than what the firm comes for is not charged', () => {
  const least = { ...small, choosing: { ...small.choosing, least_cents: 70_000 as never } }
  // $2,000 − $900 − $550 = $550, less than $700; + 7 %
  expect(chosenTotal(least, { ...WHOLE_BID, left: ['a', 'b'] })).toMatchObject({
    ok: true,
    value: { before_tax_cents: 70_000, total_cents: 74_900 },
  })
})

test.each<[string, Partial<Choice>, object]>([
  ['an item of another bid', { left: ['x'] }, { kind: 'not-of-this-bid', id: 'x' }],
  ['an item that cannot be left out', { left: ['c'] }, { kind: 'not-of-this-bid', id: 'c' }],
  ['an item as an option', { taken: ['a'] }, { kind: 'not-of-this-bid', id: 'a' }],
  ['a look that was not offered', { looks: ['look-lift'] }, { kind: 'not-of-this-bid', id: 'look-lift' }],
  ['one twice', { left: ['a', 'a'] }, { kind: 'contradicts', id: 'a' }],
  ['two in place of one', { taken: ['alt', 'alt2'] }, { kind: 'contradicts', id: 'alt2' }],
])('%s is refused', (_, choice, error) => {
  expect(total(choice)).toEqual({ ok: false, error })
})

test('nothing at all cannot be accepted', () => {
  const two = { ...small, items: small.items.slice(0, 2), beside: [] }
  expect(chosenTotal(two, { ...WHOLE_BID, left: ['a', 'b'] })).toEqual({
    ok: false,
    error: { kind: 'nothing-chosen' },
  })
})

test('the whole bid comes to its total, to the cent, on every demo job', () => {
  for (const make of Object.values(DEMO_JOBS)) {
    const document = make()
    const of = derive(document, DAY)
    if (of.bid.items.length === 0) continue
    const chosen = chosenTotal(withLeaves(document, DAY, of), WHOLE_BID)
    expect([document.id, chosen.ok && chosen.value.total_cents]).toEqual([document.id, of.bid.total_cents])
  }
})

test('left out alone, an item costs what the job costs without it', () => {
  const first = alder.items.find(({ leave }) => leave !== null)!
  const without = derive({ ...job, work_items: job.work_items.filter(({ id }) => id !== first.id) }, DAY)
  const chosen = chosenTotal(alder, { ...WHOLE_BID, left: [first.id] })
  expect(chosen.ok && chosen.value.total_cents).toBe(without.bid.total_cents)
})

test('what keeps people from being hurt is marked so, and a lone item cannot be left out', () => {
  expect(alder.items.filter(({ leave }) => leave?.hazard).map(({ title }) => title)).toEqual([
    'Renew the ledger, shored',
  ])
  const one = { ...job, work_items: job.work_items.slice(0, 1) }
  expect(withLeaves(one, DAY, derive(one, DAY)).items.every(({ leave }) => leave === null)).toBe(true)
})

test('for every choice: more work never costs less, and the total is never under the least or above the whole', () => {
  const ids = alder.items.flatMap(({ id, leave }) => (leave ? [id] : []))
  const whole = chosenTotal(alder, WHOLE_BID)
  fc.assert(
    fc.property(fc.subarray(ids), fc.nat(), (left, pick) => {
      const some = chosenTotal(alder, { ...WHOLE_BID, left })
      if (!some.ok || !whole.ok) return left.length === alder.items.length
      const back = left.filter((_, index) => index !== pick % Math.max(1, left.length))
      const more = chosenTotal(alder, { ...WHOLE_BID, left: back })
      return (
        more.ok &&
        more.value.total_cents >= some.value.total_cents &&
        some.value.total_cents <= whole.value.total_cents &&
        some.value.before_tax_cents >= alder.choosing.least_cents
      )
    }),
    { numRuns: 200 },
  )
})

test('in place of an item of which nobody knows what it saves nothing is taken by a touch', () => {
  const of = { ...small, beside: [{ ...option('alt', 80_000, ['c']), saves_cents: null }] }
  expect(chosenTotal(of, { ...WHOLE_BID, taken: ['alt'] })).toEqual({
    ok: false,
    error: { kind: 'not-of-this-bid', id: 'alt' },
  })
})

test('an alternate of a lone item: the whole of that is saved, and the bid comes to what the job comes to with it instead', () => {
  const nose = sillNose({ stated_grade: 3 })
  const items = [
    workItem('mended', { method: 'piece-in', component: 'sill-nose', finding_ids: [nose.id] }),
    workItem('whole', {
      method: 'replace-member',
      component: 'sill-nose',
      finding_ids: [nose.id],
      state: 'alternate',
      instead_of: ['mended'],
    }),
  ]
  const lone = plain(smallHouse({ findings: [nose], work_items: items }))
  const bid = withLeaves(lone, DAY, derive(lone, DAY))
  const taken = chosenTotal(bid, { ...WHOLE_BID, taken: ['whole'] })
  const option_cents = bid.beside[0]!.price_cents!
  const { leave, price_cents } = bid.items[0]!
  expect(leave?.saves_cents).toBe(price_cents)
  expect(taken.ok && taken.value).toMatchObject({
    items: [],
    replaced: ['mended'],
    total_cents: option_cents,
  })
  // Where the price of the whole job was typed, nothing is saved: then it cannot be taken by a touch.
  const typed = {
    ...lone,
    typed_prices: [
      { id: 't', removed: false, on: { kind: 'job' as const }, cents: 100_000 as never, reason: 'round' },
    ],
  }
  const fixed = withLeaves(typed, DAY, derive(typed, DAY))
  expect(fixed.items[0]!.leave).toBeNull()
  expect(fixed.beside[0]!).toMatchObject({ takeable: false, price_cents: option_cents })
})

test('an option in place of several saves what they save together, once, and a discount stays', () => {
  const both = { ...option('side', 150_000, ['a', 'b']), saves_cents: 150_000 as never }
  const bid: BidModel = {
    ...small,
    beside: [both, ...small.beside],
    discount: { cents: 10_000 as never, reason: 'neighbour' },
  }
  // $2,000 − $1,500 + $1,500 − $100 = $1,900; + 7 %
  expect(chosenTotal(bid, { ...WHOLE_BID, taken: ['side'] })).toMatchObject({
    ok: true,
    value: { total_cents: 203_300, replaced: ['a', 'b'], items: ['c'] },
  })
  // Left out as well, it saves no more.
  expect(chosenTotal(bid, { ...WHOLE_BID, taken: ['side'], left: ['a'] })).toMatchObject({
    value: { total_cents: 203_300 },
  })
  expect(chosenTotal(bid, { ...WHOLE_BID, taken: ['side', 'alt'] })).toMatchObject({
    error: { kind: 'contradicts', id: 'alt' },
  })
})

test('what makes no sense without another is not had without it; what this bid does not hold is not asked for', () => {
  const paint = { ...item('paint', 30_000, 25_000), requires: ['a', 'gone'] }
  const bid: BidModel = {
    ...small,
    items: [...small.items, paint],
    beside: [{ ...option('o', 25_000), requires: ['b'] }],
  }
  expect(chosenTotal(bid, WHOLE_BID)).toMatchObject({ ok: true })
  expect(chosenTotal(bid, { ...WHOLE_BID, left: ['a'] })).toEqual({
    ok: false,
    error: { kind: 'needs', id: 'paint', needs: 'a' },
  })
  expect(chosenTotal(bid, { ...WHOLE_BID, left: ['a', 'paint'] })).toMatchObject({ ok: true })
  expect(chosenTotal(bid, { ...WHOLE_BID, left: ['b'], taken: ['o'] })).toMatchObject({
    error: { kind: 'needs', id: 'o', needs: 'b' },
  })
})
