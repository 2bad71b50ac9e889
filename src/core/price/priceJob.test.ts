import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { alderHouse, workItem, sillNose, smallHouse } from '../../../tests/support/jobs'
import type { Figure } from '../explain/figure'
import { withoutMoney, type JobDocument } from '../job'
import { dollars } from '../measure'
import { derive } from '../pipeline'
import type { JobPrice } from './priceJob'

function price(job: JobDocument): JobPrice {
  const { price: made } = derive(job, '2026-05-04')
  if (made.kind !== 'priced') throw new Error(made.kind)
  return made
}
const rates = (job: JobDocument, of: Partial<NonNullable<JobDocument['rates']>>): JobDocument => ({
  ...job,
  rates: { ...job.rates!, ...of },
})
const noseJob = (): JobDocument =>
  rates(
    smallHouse({
      findings: [sillNose()],
      work_items: [workItem('r', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] })],
    }),
    { minimum_per_visit_cents: dollars(0) },
  )

test('one sill nose, reckoned by hand', () => {
  // Piece: 32-1/2 in (from the left end, 3 in past the soft at the right) = 2.71 ft of 5/4x4, one board of 8 ft at $2.60: 20.80.
  // Goods in packages, all for this item: 1 lb nails 9.00, a quart of primer 9.50, a cartridge 8.50.
  const material = 20.8 + 9 + 9.5 + 8.5
  // Hours: 0.30 + 2.20 = 2.50 from the ground; visit 0.50 + 1.60 = 2.10. In all 4.60 h, 2 people: 0.29 crew-days, productive 0.70.
  // Debris 1 × 3.5 ÷ 144 × 2.708 × 3 ÷ 27 = 0.01 yd³ goes along in the van: its fee, no trip.
  const labour = 171.43 // 2.50 ÷ 0.70 × 48
  const shared = 144 + 0.65 // 2.10 ÷ 0.70 × 48; 0.01 × 65
  const direct = labour + material + 3.82 + shared // tax 47.80 × 8 % = 3.82
  const made = price(noseJob())
  expect(made.lines[0]?.sell_cents).toBe(dollars((direct * 1.35) / 0.88))
  expect(made.total_cents).toBe(made.lines[0]?.sell_cents)
})

test('the minimum per visit is made up, and shared without losing a cent', () => {
  const job = rates(noseJob(), { minimum_per_visit_cents: dollars(2000) })
  expect(price(job).items_cents).toBe(dollars(2000))
  expect(price(job).lines[0]?.minimum_share_cents).toBeGreaterThan(0)
})

test('a typed price wins, stays, and shows its gap', () => {
  const job = noseJob()
  const typed = {
    id: 't',
    removed: false,
    on: { kind: 'item', item_id: 'r' },
    cents: dollars(999.99),
    reason: 'said so',
  } as const
  const [line] = price({ ...job, typed_prices: [typed] }).lines
  expect(line).toMatchObject({ sell_cents: 99999, typed_cents: 99999 })
  expect(line?.gap_cents).toBe(99999 - line!.computed_cents)
})

test('a typed job price is one visible adjustment, before tax', () => {
  const job = rates(noseJob(), { tax: { rule: 'on-total', rate: 0.1 } })
  const typed = { id: 't', removed: false, on: { kind: 'job' }, cents: dollars(1000), reason: '' } as const
  const made = price({ ...job, typed_prices: [typed] })
  expect(made.items_cents + made.adjustment!.cents).toBe(dollars(1000))
  expect(made).toMatchObject({ tax_cents: dollars(100), total_cents: dollars(1100) })
})

test.each(['on-cost', 'on-sale', 'on-total', 'none'] as const)('tax rule %s', (rule) => {
  const free = price(rates(noseJob(), { tax: { rule: 'none', rate: 0 } }))
  const made = price(rates(noseJob(), { tax: { rule, rate: 0.1 } }))
  if (rule === 'none') expect(made.total_cents).toBe(free.total_cents)
  if (rule === 'on-total') expect(made.tax_cents).toBe(dollars((free.total_cents / 100) * 0.1))
  if (rule === 'on-cost') {
    expect(made.tax_cents).toBe(0)
    expect(made.total_cents).toBeGreaterThan(free.total_cents)
  }
  if (rule === 'on-sale') {
    expect(made.tax_cents).toBeGreaterThan(0)
    expect(made.tax_cents).toBeLessThan(dollars((free.total_cents / 100) * 0.1))
  }
})

test('overhead and profit that leave nothing are an outcome', () => {
  const job = rates(noseJob(), { overhead: { basis: 'sales', share: 0.8 }, profit_share: 0.2 })
  expect(derive(job, '2026-05-04').price).toMatchObject({ kind: 'no-room', error: { basis: 'sales' } })
})

test('without rates the price is withheld, not nought', () => {
  expect(derive(withoutMoney(noseJob()), '2026-05-04').price).toEqual({ kind: 'withheld' })
})

test('a section without a rate is named', () => {
  const made = price(rates(noseJob(), { section_cents_per_ft: {} }))
  expect(made.missing).toEqual(['5/4x4 finger-jointed primed pine'])
  const [row] = made.no_rates
  expect(row).toMatchObject({ table: 'section_cents_per_ft', unit: 'ft' })
  expect(JSON.stringify(made.lines[0]!.arithmetic)).toContain('ft bought × $0.00/ft')
  // A rate put where it says makes the price that the shipped rate makes.
  const shipped = noseJob().rates!.section_cents_per_ft
  const mended = price(rates(noseJob(), { section_cents_per_ft: { [row!.id]: shipped[row!.id]! } }))
  expect([mended.missing, mended.total_cents]).toEqual([[], price(noseJob()).total_cents])
})

test('watching and referring cost nothing', () => {
  const job = smallHouse({
    findings: [sillNose()],
    work_items: [workItem('r', { method: 'watch', component: 'sill-nose', finding_ids: ['finding-1'] })],
  })
  expect(price(job)).toMatchObject({ total_cents: 0, items_cents: 0 })
})

function checkSums(figure: Figure): void {
  if (!figure.parts || figure.unit !== 'USD' || figure.parts.some((part) => part.unit !== 'USD')) return
  const sum = figure.parts.reduce((total, part) => total + part.value, 0)
  expect(Math.abs(sum - figure.value)).toBeLessThanOrEqual(0.0051)
  figure.parts.forEach(checkSums)
}

test('every price opens to parts that add up to it', () => {
  const made = price(alderHouse())
  expect(made.lines.length).toBeGreaterThan(10)
  for (const line of made.lines) checkSums(line.arithmetic)
  checkSums(made.shared)
})

test('whatever is typed, items, adjustment and tax add up to the total', () => {
  const amount = fc.integer({ min: 0, max: 5_000_000 })
  fc.assert(
    fc.property(
      amount,
      amount,
      fc.constantFrom('on-cost', 'on-sale', 'on-total', 'none'),
      (item, job, rule) => {
        const made = price({
          ...rates(noseJob(), { tax: { rule: rule as 'none', rate: 0.0875 } }),
          typed_prices: [
            { id: 'a', removed: false, on: { kind: 'item', item_id: 'r' }, cents: item as never, reason: '' },
            { id: 'b', removed: false, on: { kind: 'job' }, cents: job as never, reason: '' },
          ],
        })
        expect(made.items_cents + made.adjustment!.cents + made.tax_cents).toBe(made.total_cents)
        expect(made.items_cents + made.adjustment!.cents).toBe(job)
      },
    ),
    { numRuns: 40 },
  )
})

test('overhead is told on cost and on sales: the same price either way', () => {
  const told = (job: JobDocument): number[] =>
    price(job)
      .arithmetic.filter((each) => each.unit === '%')
      .map((each) => Math.round(each.value * 100) / 100)
  // (1 − 0.12) × 0.35 ÷ 1.35 = 22.81 % of sales; and 0.25 ÷ (1 − 0.12 − 0.25) = 39.68 % of cost.
  // Markup 1.35 ÷ 0.88 − 1 = 53.41 %; margin 1 − 0.88 ÷ 1.35 = 34.81 %. On sales 1 ÷ 0.63 − 1 = 58.73 %, margin 37 %.
  expect(told(noseJob())).toEqual([35, 22.81, 53.41, 34.81])
  expect(told(rates(noseJob(), { overhead: { basis: 'sales', share: 0.25 } }))).toEqual([
    39.68, 25, 58.73, 37,
  ])
})

test('a small item pays the visit of its job: its share is all of it, though it takes less than an hour', () => {
  const job = smallHouse({
    work_items: [
      workItem('r', {
        method: 'own-work',
        component: 'fascia',
        name: 'Tighten the hinge',
        lines: [{ kind: 'hours', what: 'hinge', hours: 0.5 }],
      }),
    ],
  })
  const { arithmetic } = price(job).lines[0]!
  const share = arithmetic.parts![0]!.parts!.find(({ label }) => label.startsWith('Share of visits'))
  expect(share?.value).toBeGreaterThan(0)
  expect(share?.value).toBe(price(job).shared.value)
})

test('a price that was typed for work nobody reckoned has no material in it to tax', () => {
  const job = rates(
    smallHouse({
      work_items: [workItem('r', { method: 'own-work', component: 'fascia', name: 'Hinge' })],
      typed_prices: [
        {
          id: 't',
          removed: false,
          on: { kind: 'item', item_id: 'r' },
          cents: dollars(100),
          reason: 'agreed',
        },
      ],
    }),
    { tax: { rule: 'on-sale', rate: 0.1 }, minimum_per_visit_cents: dollars(0) },
  )
  expect(price(job)).toMatchObject({ items_cents: 10000, tax_cents: 0 })
})

test('the arithmetic of the tax says how it is charged, by the rule of the firm', () => {
  const how = (rule: 'on-cost' | 'none'): string =>
    price(rates(noseJob(), { tax: { rule, rate: 0.08 } })).arithmetic[0]!.how
  expect(how('on-cost')).toContain('already inside each item')
  expect(how('none')).toBe('no sales tax')
})
