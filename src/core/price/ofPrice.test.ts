/** What stands on top of cost, by hand. */
import { expect, test } from '@jest/globals'
import { sillNose, smallHouse } from '../../../tests/support/jobs'
import { mend, plain } from '../../../tests/support/priced'
import { derive } from '../pipeline'
import type { JobDocument, PriceBasis } from '../job'
import { dollars, type Cents } from '../measure'
import { buildUpOf, type JobPrice } from './index'

const nose = sillNose()
const job = plain(smallHouse({ findings: [nose], work_items: [mend('r', [nose], 'piece-in')] }))

function price(of: JobDocument): JobPrice {
  const { price: priced } = derive(of, '2026-05-04')
  if (priced.kind !== 'priced') throw new Error(priced.kind)
  return priced
}
const withRates = (of: Partial<NonNullable<JobDocument['rates']>>): JobDocument => ({
  ...job,
  rates: { ...job.rates!, minimum_per_visit_cents: 0 as Cents, ...of },
})
const direct = price(withRates({})).lines[0]!.direct_cents

test('a reserve and a card fee are shares of the price, and the price carries them', () => {
  const made = price(
    withRates({
      overhead: { basis: 'cost', share: 0.35 },
      profit_share: 0.12,
      warranty_reserve_share: 0.02,
      card_fee_share: 0.03,
    }),
  )
  // C × 1.35 ÷ (1 − 0.12 − 0.05)
  expect(made.lines[0]!.sell_cents).toBe(Math.round((direct * 1.35) / 0.83))
  const [, above] = made.lines[0]!.arithmetic.parts!
  const part = (label: string): number =>
    Math.round(above!.parts!.find((each) => each.label === label)!.value * 100)
  const sold = made.lines[0]!.sell_cents
  expect([part('Profit'), part('Put by for claims'), part('Card fee')]).toEqual(
    [0.12, 0.02, 0.03].map((share) => Math.round(sold * share)),
  )
  // What is left runs the firm: 35 % of the cost, but for the cents that were rounded.
  expect(Math.abs(part('Overhead') - direct * 0.35)).toBeLessThan(3)
  const onSales = price(
    withRates({ overhead: { basis: 'sales', share: 0.25 }, profit_share: 0.12, card_fee_share: 0.03 }),
  )
  expect(onSales.lines[0]!.sell_cents).toBe(Math.round(direct / 0.6))
})

test('supervision is a share of what labour costs, and of nothing else', () => {
  const labour = (of: JobDocument): number => price(of).lines[0]!.arithmetic.parts![0]!.parts![0]!.value
  const material = (of: JobDocument): number => price(of).lines[0]!.arithmetic.parts![0]!.parts![1]!.value
  const watched = withRates({ supervision_share: 0.1 })
  expect(labour(watched)).toBeCloseTo(labour(withRates({})) * 1.1, 1)
  expect(material(watched)).toBe(material(withRates({})))
})

test('a discount is a line of its own with its reason, before tax, and never more than there is', () => {
  const off = (cents: Cents): JobPrice =>
    price({
      ...withRates({ tax: { rule: 'on-total', rate: 0.1 } }),
      typed_prices: [{ id: 'd', removed: false, on: { kind: 'discount' }, cents, reason: 'second house' }],
    })
  const made = off(dollars(20))
  expect(made.discount).toEqual({ cents: 2000, reason: 'second house' })
  expect(made.total_cents).toBe(Math.round((made.items_cents - 2000) * 1.1))
  expect(off(dollars(100_000))).toMatchObject({ discount: { cents: made.items_cents }, total_cents: 0 })
})

const meant = (basis: PriceBasis): JobPrice =>
  price({ ...withRates({}), work_items: job.work_items.map((item) => ({ ...item, basis })) })

test('an allowance says by what it is settled; one that cannot be counted says so', () => {
  const line = meant('allowance').lines[0]!
  const { basis } = line
  if (basis.kind !== 'allowance') throw new Error(basis.kind)
  expect(line.sell_cents).toBe(meant('fixed').lines[0]!.sell_cents)
  expect(basis.unit_cents).toBe(Math.round(line.sell_cents / basis.quantity))
  expect(line.lacks).toEqual([])
})

test('work by the hour is sold up to a ceiling a quarter above what is reckoned, its hour with what stands on it', () => {
  const [fixed, ceiling] = [meant('fixed').lines[0]!, meant('ceiling').lines[0]!]
  expect(ceiling.sell_cents).toBe(fixed.sell_cents + Math.round(fixed.sell_cents * 0.25))
  // $48.00 × 1.35 ÷ 0.88 = $73.64
  const rates = withRates({
    burdened_rate_cents: dollars(48),
    overhead: { basis: 'cost', share: 0.35 },
    profit_share: 0.12,
  })
  const line = price({ ...rates, work_items: job.work_items.map((item) => ({ ...item, basis: 'ceiling' })) })
    .lines[0]!
  expect(line.basis).toEqual({ kind: 'ceiling', hour_cents: 7364 })
})

test('what the job is made of comes to what its items are sold for, typed prices with it', () => {
  const more = sillNose({ id: 'other' })
  const two = {
    ...withRates({}),
    findings: [nose, more],
    work_items: [...job.work_items, mend('s', [more], 'piece-in')],
  }
  const typed: JobDocument = {
    ...two,
    typed_prices: [
      { id: 't', removed: false, on: { kind: 'item', item_id: 's' }, cents: dollars(333), reason: '' },
    ],
  }
  for (const each of [two, typed]) {
    const made = price(each)
    const figure = buildUpOf(made.lines, (id) => id)
    expect(Math.round(figure.value * 100)).toBe(made.items_cents)
    const sums = figure.parts!.map(({ value, parts }) => [
      value,
      parts!.reduce((sum, part) => sum + part.value, 0),
    ])
    for (const [whole, parts] of sums) expect(parts).toBeCloseTo(whole!, 6)
  }
})

test('an option opens to what it adds, layer by layer, and that comes to its price', () => {
  const more = sillNose({ id: 'other' })
  const made = price({
    ...withRates({}),
    findings: [nose, more],
    work_items: [...job.work_items, mend('s', [more], 'piece-in', { state: 'optional' })],
  })
  const [option] = made.apart
  const { parts, value } = option!.arithmetic
  expect(Math.round(value * 100)).toBe(option!.sell_cents)
  expect(parts!.map(({ label }) => label)).toContain('Labour')
  expect(Math.round(parts!.reduce((sum, part) => sum + part.value, 0) * 100)).toBe(option!.sell_cents)
})

test('an option is meant as its item says: an allowance by its unit, by the hour up to its ceiling', () => {
  const offered = (basis: PriceBasis): JobPrice['apart'][number] =>
    price({
      ...withRates({}),
      work_items: job.work_items.map((item) => ({ ...item, basis, state: 'optional' })),
    }).apart[0]!
  const fixed = offered('fixed')
  expect(fixed.basis).toEqual({ kind: 'fixed' })
  const allowed = offered('allowance')
  if (allowed.basis.kind !== 'allowance') throw new Error(allowed.basis.kind)
  expect(allowed.sell_cents).toBe(fixed.sell_cents)
  expect(allowed.basis.unit_cents).toBe(Math.round(fixed.sell_cents / allowed.basis.quantity))
  expect(allowed.lacks).toEqual([])
  const ceiling = offered('ceiling')
  expect(ceiling.sell_cents).toBe(fixed.sell_cents + Math.round(fixed.sell_cents * 0.25))
  expect(ceiling.basis.kind).toBe('ceiling')
  expect(ceiling.arithmetic.value).toBeCloseTo(ceiling.sell_cents / 100, 2)
})
