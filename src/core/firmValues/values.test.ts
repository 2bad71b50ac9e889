import { expect, test } from '@jest/globals'
import { paintItem, sillNose, smallHouse } from '../../../tests/support/jobs'
import { house, mend, priced } from '../../../tests/support/priced'
import { WARRANTIES } from '../catalogue'
import { startingRates, startingSettings } from '../job'
import { dollars } from '../measure'
import { derive } from '../pipeline'
import { rowsOf } from './rows'
import { SHIPPED_VALUES } from './shipped'
import { firmValues, planValues, valueRows, withValues, type ValueChange } from './values'

const kept = {
  settings: startingSettings({ name: 'Tern & Mallet', place: 'Port Alder', licence: '' }),
  rates: startingRates(),
}
const change = (key: string, value: number | string | null, reason = 'our closed jobs'): ValueChange => ({
  key,
  value,
  reason,
})

test('every value has a key of its own, a range that holds the shipped number, and starts as shipped', () => {
  expect(new Set(SHIPPED_VALUES.map(({ key }) => key)).size).toBe(SHIPPED_VALUES.length)
  for (const { key, shipped } of SHIPPED_VALUES)
    expect([key, withValues(kept, [change(key, shipped)]).ok]).toEqual([key, true])
  expect(firmValues(kept.settings, kept.rates).filter(({ own }) => own !== null)).toEqual([])
})

test('a value of one’s own is reckoned with, shown beside the shipped one, and taken away again', () => {
  const made = withValues(kept, [change('task.sill-nose.typical', 3.1)])
  if (!made.ok) throw new Error('refused')
  const values = firmValues(made.value.settings, made.value.rates)
  expect(values.find(({ key }) => key === 'task.sill-nose.typical')).toMatchObject({ shipped: 2.2, own: 3.1 })
  const nose = sillNose()
  const hours = (settings: typeof kept.settings): number =>
    house({ findings: [nose], work_items: [mend('r', [nose], 'piece-in')], settings }).takeoff.items[0]!.hours
  // 0.3 h set-up and 2.2 h as shipped; 3.1 h of the firm's own.
  expect([hours(kept.settings), hours(made.value.settings)]).toEqual([2.5, 3.4])
  const back = withValues(made.value, [change('task.sill-nose.typical', null, '')])
  expect(back.ok && back.value.settings.values).toEqual({})
})

test('what jobs were weighed against is kept with the value they led to, until it is set by hand', () => {
  const key = 'task.sill-nose.typical'
  const made = withValues(kept, [{ ...change(key, 2.6), from: 2.2 }])
  if (!made.ok) throw new Error('refused')
  expect(made.value.settings.values[key]).toEqual({ value: 2.6, reason: 'our closed jobs', from: 2.2 })
  // Led back to what was shipped, it still is what jobs said.
  const back = withValues(made.value, [{ ...change(key, 2.2), from: 2.6 }])
  expect(back.ok && back.value.settings.values[key]).toEqual({
    value: 2.2,
    reason: 'our closed jobs',
    from: 2.6,
  })
  const byHand = withValues(made.value, [change(key, 3, 'slow saw')])
  expect(byHand.ok && byHand.value.settings.values[key]).toEqual({ value: 3, reason: 'slow saw' })
})

test('goods and boards are money: they go into the rates, to the cent, with their reason in the settings', () => {
  const made = withValues(kept, [change('good.sealant', 9.25), change('section.1x8 clear-cedar', 7)])
  if (!made.ok) throw new Error('refused')
  expect(made.value.rates.consumable_cents.sealant).toBe(dollars(9.25))
  expect(made.value.rates.section_cents_per_ft['1x8 clear-cedar']).toBe(dollars(7))
  const own = firmValues(made.value.settings, made.value.rates).filter((each) => each.own !== null)
  expect(own.map(({ key, reason }) => [key, reason])).toEqual([
    ['good.sealant', 'our closed jobs'],
    ['section.1x8 clear-cedar', 'our closed jobs'],
  ])
  const back = withValues(made.value, [change('good.sealant', null)])
  expect(back.ok && back.value.rates.consumable_cents.sealant).toBe(dollars(8.5))
})

test.each([
  ['reach.ladder-20', 2],
  ['days.days_a_visit', 1],
  ['days.short_crew_days', 1.2],
  ['factor.lived-in', 1.5],
  ['factor.lead-safe', 2],
  ['reach.ladder-serves', 1],
  ['days.along_yd3', 0],
  ['piece.sill-nose.least_in', 48],
  ['use.sill-nose.primer', 0.5],
  ['paint.deduct_above_ft2', 40],
  ['stock.5/4x4', '20'],
  ['setting.productive_share', 0.6],
  ['setting.productive_share_short_day', 0.5],
  ['setting.factor_cap', 1],
  ['rate.burdened_rate_cents', 80],
  ['rate.overhead.share', 0.5],
  ['rate.overhead.basis', 'sales'],
  ['rate.profit_share', 0.3],
  ['rate.disposal_cents_per_yd3', 400],
])('%s is read by the stages: another value is another price', (key, value) => {
  const people = [
    { id: 'p', removed: false, name: 'Odile Marrow', email: '', phone: '', roles: ['lives-there' as const] },
  ]
  const old = { ...smallHouse().house!, year_built: { kind: 'unknown' } as const }
  const noses = Array.from({ length: 12 }, (_, n) => ({
    ...sillNose(),
    id: `finding-${n}`,
    number: n + 1,
    place: {
      kind: 'side' as const,
      side_id: 'side-a',
      station: (n * 2300) as never,
      height: { value: (12 * 768) as never, from: 'grade' as const },
      feature_id: null,
    },
  }))
  const big = [mend('r', noses, 'piece-in'), paintItem('w')]
  const totals = ({ settings, rates }: typeof kept): number[] =>
    [big, [mend('r', noses.slice(0, 2), 'piece-in')]].map(
      (work_items) =>
        priced(house({ house: old, people, findings: noses, work_items, settings, rates })).total_cents,
    )
  const made = withValues(kept, [change(key, value)])
  expect(made.ok && totals(made.value)).not.toEqual(totals(kept))
})

test('lives, warranties, the school and the flashing of the firm reach its bid', () => {
  const nose = sillNose()
  const made = withValues(kept, [
    change('life.piece-in.low', 7),
    change('life.piece-in.high', 11),
    change('warranty.B', '18 months on workmanship'),
    change('setting.decayed_wood_school', 'epoxy-where-dry'),
    change('setting.head_flashing_past_casing', 2),
  ])
  if (!made.ok) throw new Error('refused')
  const { settings } = made.value
  expect(settings.head_flashing_past_casing).toBe(128)
  const { bid } = house({ findings: [nose], work_items: [mend('r', [nose], 'piece-in')], settings })
  const shipped = house({ findings: [nose], work_items: [mend('r', [nose], 'piece-in')] }).bid
  const school = (of: typeof bid): string => of.clauses.find(({ number }) => number === 36)?.text ?? ''
  expect(school(bid)).toContain('we may set it in epoxy')
  expect(school(shipped)).toContain('We cut it out to sound wood and let in new wood.')
  const row = rowsOf(settings)
  expect([row.warranty('B'), row.warranty('A')]).toEqual(['18 months on workmanship', WARRANTIES.A])
  expect(row.method('piece-in')?.life).toEqual([7, 11])
  const soft = house({ findings: [{ ...nose, stated_grade: 0 }], work_items: [] }).bid
  expect(school(soft)).toBe('')
})

test('what a plan waits for is the firm’s: never sooner than its soonest', () => {
  const made = withValues(kept, [
    change('lead.permit.low', 20),
    change('lead.engineer.high', 40),
    change('hold.framing-dry', 16),
  ])
  if (!made.ok) throw new Error('refused')
  const row = rowsOf(made.value.settings)
  expect(row.lead_days('permit', [5, 15])).toEqual([20, 20])
  expect(row.lead_days('engineer', [5, 15])).toEqual([5, 40])
  expect([row.hold_percent('framing-dry', 19), row.hold_percent('shored', null)]).toEqual([16, null])
})

test('the tax of the firm is charged: 10 % on the whole price', () => {
  const nose = sillNose()
  const made = withValues(kept, [change('rate.tax.rule', 'on-total'), change('rate.tax.rate', 0.1)])
  if (!made.ok) throw new Error('refused')
  const job = smallHouse({
    findings: [nose],
    work_items: [mend('r', [nose], 'piece-in')],
    rates: made.value.rates,
  })
  const { items_cents, tax_cents } = priced(derive(job, '2026-05-04'))
  expect(tax_cents).toBe(Math.round(items_cents * 0.1))
})

test('lengths of the yard are put in order, each once; what a firm has as shipped is no value of its own', () => {
  const made = withValues(kept, [change('stock.1x8', '16, 8 14,8'), change('rate.tax.rate', 0.08)])
  if (!made.ok) throw new Error('refused')
  expect(made.value.settings.stock_lengths_ft['1x8']).toEqual([8, 14, 16])
  expect(Object.keys(made.value.settings.values)).toEqual(['stock.1x8'])
  const own = firmValues(made.value.settings, made.value.rates).filter((each) => each.own !== null)
  expect(own.map(({ key, own: value }) => [key, value])).toEqual([['stock.1x8', '8, 14, 16']])
})

test.each([
  ['not-so', change('stock.1x8', 'long')],
  ['not-so', change('setting.decayed_wood_school', 'wish')],
  ['not-so', change('warranty.B', ' ')],
  ['not-so', change('rate.tax.rate', 'lots')],
  ['unknown-value', change('task.sill-nose.mood', 1)],
  ['out-of-range', change('task.sill-nose.typical', -1)],
  ['out-of-range', change('reach.ground', 0.5)],
  ['out-of-range', change('reach.ground', Number.NaN)],
  ['reason-needed', change('task.sill-nose.typical', 2.4, ' ')],
])('%s is refused, and nothing is changed by half', (kind, wrong) => {
  const made = withValues(kept, [change('task.fascia.low', 0.1), wrong])
  expect(!made.ok && made.error).toMatchObject([{ kind }])
})

test('a file of values out and in changes nothing; what differs is listed before it is taken', () => {
  const values = firmValues(kept.settings, kept.rates)
  const rows = valueRows(values)
  expect(planValues(values, rows)).toEqual({ changes: [], wrong: [] })
  const edited = rows.map((row) =>
    row.key === 'task.haul.typical' ? { ...row, own: '1.1', reason: 'far dump' } : row,
  )
  expect(planValues(values, edited)).toMatchObject({
    changes: [{ key: 'task.haul.typical', value: 1.1, was: null, reason: 'far dump' }],
    wrong: [],
  })
  const bad = [
    { key: 'task.haul.typical', own: 'lots', reason: 'x' },
    { key: 'nothing' },
    { ...rows[0]!, own: '-1', reason: 'x' },
  ]
  const { changes, wrong } = planValues(values, bad)
  expect(changes).toEqual([])
  expect(wrong.map((words) => words.slice(0, 7))).toEqual(['Line 2:', 'Line 3:', 'Line 4:'])
})
