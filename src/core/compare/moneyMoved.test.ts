/** What one figure moved does, what other rates do, what waiting does: against the job priced as it would be then, and by hand. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { isCause } from '../catalogue/causes'
import { WAITING } from '../catalogue/hidden/waiting'
import { hiddenRowsOf } from '../firmValues/hiddenRows'
import { dollars, type Cents } from '../measure'
import { derive } from '../pipeline'
import { waitTimes } from '../price/hidden/waiting'
import { atRates } from './atRates'
import { movesOf } from './movesOf'
import { waitingOf } from './waitingOf'
import { readyBid } from './withLeaves'

const DAY = '2026-05-04'
const job = DEMO_JOBS['lantern-court-22']()
const derived = derive(job, DAY)

test('what the price leaves adds up to it, and the hours are the profit over the cost of an hour', () => {
  const moves = movesOf(job, derived.trace, DAY)!
  const { direct_cents, overhead_cents, kept_cents, profit_cents, before_tax_cents } = moves.made
  expect(direct_cents + overhead_cents + kept_cents + profit_cents).toBe(before_tax_cents)
  // $2,704.09 at 12 %: $324.49, but for the cents that are rounded on eleven items.
  expect(Math.abs(profit_cents - 32_449)).toBeLessThan(10)
  expect(moves.hours_to_no_profit).toBeCloseTo(profit_cents / 4800, 1)
  // An hour $1 dearer: 24.08 task hours ÷ 0.8 × $1 × 1.35 ÷ 0.88 = $46.18.
  expect(Math.abs(moves.moves.find(({ id }) => id === 'hour')!.change_cents - 4618)).toBeLessThan(8)
})

test('a job loses what a discount takes of its profit, and can lose more than that', () => {
  const off = (cents: number) =>
    movesOf(
      {
        ...job,
        typed_prices: [
          { id: 'd', removed: false, on: { kind: 'discount' }, cents: cents as Cents, reason: 'x' },
        ],
      },
      derived.trace,
      DAY,
    )!.made.profit_cents
  const plain = movesOf(job, derived.trace, DAY)!.made.profit_cents
  expect(off(10_000)).toBe(plain - 10_000)
  expect(off(50_000)).toBe(plain - 50_000)
})

test('at other rates the job comes to what it would be priced at; what was typed stays', () => {
  const rates = { ...job.rates!, burdened_rate_cents: dollars(60) }
  const at = atRates(job, rates, DAY)!
  const then = derive({ ...job, rates }, DAY).price
  expect(then).toMatchObject({ total_cents: at.then_cents })
  expect(at.now_cents).toBe(270_409)
  expect(at.moved.length).toBe(11)
  const typed_prices = derived.scope.items.map(({ id }) => ({
    id: `t-${id}`,
    removed: false,
    on: { kind: 'item' as const, item_id: id },
    cents: dollars(100),
    reason: '',
  }))
  expect(atRates({ ...job, typed_prices }, rates, DAY)).toMatchObject({
    moved: [],
    typed: 11,
    now_cents: 110_000,
    then_cents: 110_000,
  })
  expect(atRates({ ...job, rates: null }, rates, DAY)).toBeNull()
})

const rows = hiddenRowsOf(job.settings)
const storms = WAITING.find(({ id }) => id === 'storms')!
const alone = { rows, framing: 0, mostTimes: null, climate: null }

test('waiting by hand: wet in storms, two years', () => {
  const { low, high } = waitTimes(storms, 2, alone)
  // 1.06² × 1.03² = 1.1920
  expect(low).toBeCloseTo(1.06 ** 2 * 1.03 ** 2, 12)
  // 1.22² × (1 + (1 − 0.96²) × 3) × 1.05² = 1.4884 × 1.2352 × 1.1025 = 2.0269
  expect(high).toBeCloseTo(2.0269, 3)
})

test('what rain feeds follows the climate, never past the end of the member; framing that is reached is not reached again', () => {
  expect(waitTimes(storms, 1, { ...alone, climate: 20 }).low).toBeCloseTo((1 + 0.06 * 0.6) * 1.03, 12)
  expect(waitTimes(storms, 1, { ...alone, climate: 80 }).low).toBeCloseTo((1 + 0.06 * 1.4) * 1.03, 12)
  const leak = WAITING.find(({ id }) => id === 'always')!
  expect(waitTimes(leak, 1, { ...alone, climate: 80 })).toEqual(waitTimes(leak, 1, alone))
  expect(waitTimes(leak, 5, { ...alone, framing: 1, mostTimes: 1.5 }).high).toBeCloseTo(1.5 * 1.05 ** 5, 12)
  expect(waitTimes(leak, 5, { ...alone, mostTimes: 0.5 }).low).toBeCloseTo(1.03 ** 5, 12)
})

test('longer waiting never costs less, nothing is said of a hazard, and every cause of a row is one there is', () => {
  const alder = derive(DEMO_JOBS['alder-house'](), DAY)
  const waiting = waitingOf(alder)!
  const sums = waiting.years.flatMap(({ low_cents, high_cents }) => [low_cents, high_cents])
  for (const [low, high] of waiting.years.map((each) => [each.low_cents, each.high_cents]))
    expect(high).toBeGreaterThan(low!)
  expect(Math.min(...sums)).toBeGreaterThan(waiting.now_cents)
  const lows = waiting.years.map(({ low_cents }) => low_cents)
  expect(lows).toEqual(lows.toSorted((a, b) => a - b))
  const ledger = alder.scope.items.find(({ name }) => name.startsWith('Renew the ledger'))!
  expect(waiting.items.map(({ item_id }) => item_id)).not.toContain(ledger.id)
  expect(waitingOf(derive({ ...job, rates: null }, DAY))).toBeNull()
  for (const { causes } of WAITING) expect(causes.filter((cause) => !isCause(cause))).toEqual([])
  const once = WAITING.flatMap(({ causes }) => causes)
  expect(new Set(once).size).toBe(once.length)
})

test('the bid tells of it only where the firm says so: in plain titles, rounded outwards, never as a sum to be paid', () => {
  const kelp = DEMO_JOBS['kelp-row-7']()
  const told = {
    ...kelp,
    settings: { ...kelp.settings, bid: { ...kelp.settings.bid, tells_waiting: true } },
  }
  expect(derive(kelp, DAY).bid.waiting).toBeNull()
  const bid = readyBid(told, DAY, derive(told, DAY))
  const waiting = waitingOf(derive(told, DAY))!
  const titles = new Map(bid.items.map(({ id, title }) => [id, title]))
  expect(bid.waiting!.can_wait).toEqual([
    ...new Set(waiting.can_wait.map(({ item_id }) => titles.get(item_id))),
  ])
  for (const [index, { low_cents, high_cents }] of bid.waiting!.rows.entries()) {
    expect([low_cents % 5000, high_cents % 5000]).toEqual([0, 0])
    expect(low_cents).toBeLessThanOrEqual(waiting.years[index]!.low_cents)
    expect(high_cents).toBeGreaterThanOrEqual(waiting.years[index]!.high_cents)
  }
  expect(bid.total_cents).toBe(derive(kelp, DAY).bid.total_cents)
})
