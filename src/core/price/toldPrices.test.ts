import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import { derive } from '../pipeline'
import { toldPrices } from './toldPrices'

const told = (cents: number, day: string): JobDocument['typed_prices'][number] => ({
  id: `told-${day}`,
  removed: false,
  on: { kind: 'told', to: 'Orla', day },
  cents: cents as Cents,
  reason: '',
})

test('a figure told is kept with its day, the latest first, and its drift is shown', () => {
  const job = { ...alderHouse(), typed_prices: [told(4200_00, '2026-05-04'), told(4500_00, '2026-05-10')] }
  expect(
    toldPrices(job, 4650_00 as Cents).map((each) => [
      each.cents,
      each.drift_cents,
      each.says.replaceAll('\u00a0', ' '),
    ]),
  ).toEqual([
    [4500_00, 150_00, 'You told Orla $4,500.00 on May 10, 2026; it is $150.00 more now.'],
    [4200_00, 450_00, 'You told Orla $4,200.00 on May 4, 2026; it is $450.00 more now.'],
  ])
  expect(toldPrices(job, 4500_00 as Cents)[0]!.says).toMatch(/it still is\.$/)
  expect(toldPrices(job, 4400_00 as Cents)[0]!.says).toMatch(/\$100\.00 less now\.$/)
  expect(toldPrices(job, null)[0]!.drift_cents).toBeNull()
})

test('it changes no price', () => {
  const before = derive(alderHouse(), '2026-05-04').price
  const job = { ...alderHouse(), typed_prices: [...alderHouse().typed_prices, told(1_00, '2026-05-04')] }
  expect(derive(job, '2026-05-04').price).toEqual(before)
})
