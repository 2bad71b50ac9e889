import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { alderHouse, repair, sillNose, smallHouse } from '../../../tests/support/jobs'
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
      repairs: [repair('r', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] })],
    }),
    { minimum_per_visit_cents: dollars(0) },
  )

test('one sill nose, reckoned by hand', () => {
  // Piece: 24 + 3 + 3 = 30 in = 2.5 ft of 5/4x4, bought as one 8 ft board at $2.60: 20.80.
  // Fasteners 2.5 × 0.05 × 9 = 1.125; primer 2.5 × 1.04 × 1.2 ÷ 300 × 38 = 0.3952; sealant 2.5 ÷ 18 × 8.50 = 1.180556.
  const material = 20.8 + 1.125 + 0.3952 + (2.5 / 18) * 8.5
  // Hours: 0.3 + 2.2 = 2.5 from the ground; visit 0.5 + 1.6 = 2.1; haul 1 + 0.9 × yd³. Under 8 h: productive 0.70.
  const debris = (((1 * 3.5) / 144) * 2.5 * 3) / 27
  const shared = ((2.1 + 1 + 0.9 * debris) / 0.7) * 48 + debris * 65
  const direct = (2.5 / 0.7) * 48 + material * 1.08 + shared
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
})

test('watching and referring cost nothing', () => {
  const job = smallHouse({
    findings: [sillNose()],
    repairs: [repair('r', { method: 'watch', component: 'sill-nose', finding_ids: ['finding-1'] })],
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
