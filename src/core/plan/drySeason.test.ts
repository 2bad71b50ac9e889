import { expect, test } from '@jest/globals'
import { at, DAY, house, mend } from '../../../tests/support/priced'
import { newWorkItem, type JobDocument, type WorkItem } from '../job'
import { derive, type Derived } from '../pipeline'
import { drySeason, visitUnit } from './drySeason'

const months = (rain: readonly number[]) => rain.map((rain_days) => ({ mean_temperature_c: 10, rain_days }))
/** May is wet, July the first dry month. */
const COAST = months([20, 18, 18, 16, 15, 12, 6, 5, 10, 16, 20, 21])

const fascia = at(1, 'fascia')
const paint: WorkItem = {
  ...mend('paint', [fascia], 'paint-side'),
  component: null,
  finding_ids: [],
  places: [{ at: { kind: 'whole-side', side_id: 'side-a' }, size: null, height: null }],
}
const base = house({ findings: [fascia], work_items: [mend('board', [fascia], 'piece-in'), paint] })
function withClimate(climate: NonNullable<JobDocument['house']>['climate']): Derived {
  return derive({ ...base.job, house: { ...base.job.house!, climate } }, DAY)
}

test('coats in a wet month are offered for the first dry one, with what one more visit costs', () => {
  const job = withClimate({ place: 'coast', months: COAST })
  const offer = drySeason(job)
  expect(offer).toMatchObject({ from: '2026-07-01', rain_days: 15, dry_rain_days: 6 })
  expect(offer!.units).toHaveLength(1)
  expect(job.plan.units.find(({ key }) => key === offer!.units[0])!.segments[0]!.step).toBe('wash')
  // By hand: 0.5 h set-up and 1.6 h are 2.1 h; ÷ 0.70 × the rate, overhead and profit on it, up to the next $5.
  const { rates, settings } = job.job
  expect(offer!.hours).toBeCloseTo(2.1, 6)
  const cost = (2.1 / settings.productive_share_short_day) * rates!.burdened_rate_cents
  const sold = (cost * (1 + rates!.overhead.share)) / (1 - rates!.profit_share)
  expect(rates!.overhead.basis).toBe('cost')
  expect(offer!.price_cents).toBe(Math.ceil(sold / 500) * 500)
})

test('nothing is offered in a dry month, without a climate, or where it is never dry', () => {
  expect(drySeason(withClimate({ place: 'dry', months: months(Array<number>(12).fill(5)) }))).toBeNull()
  expect(drySeason(withClimate(null))).toBeNull()
  expect(drySeason(withClimate({ place: 'wet', months: months(Array<number>(12).fill(20)) }))).toBeNull()
})

test('whoever sees no money sees no price', () => {
  const job = withClimate({ place: 'coast', months: COAST })
  expect(drySeason({ ...job, job: { ...job.job, rates: null } })!.price_cents).toBeNull()
})

test('the visit, sold as work of one’s own, is the piece that is moved into the dry month', () => {
  const visit = newWorkItem({
    id: 'visit',
    method: 'own-work',
    name: 'A visit',
    lines: [{ kind: 'hours', what: 'set up again', hours: 2.1 }],
  })
  const { plan } = derive({ ...base.job, work_items: [...base.job.work_items, visit] }, DAY)
  expect(plan.units.filter(({ item_id }) => item_id === 'visit').map(({ key }) => key)).toEqual([
    visitUnit('visit'),
  ])
})
