import { DECAYED_WOOD_SCHOOLS } from '../catalogue'
import { startingRates, startingSettings, TAX_RULES, TAX_WORDS } from '../job'
import { dollars } from '../measure'
import { MINE, number, type Kept, type Place, type Shipped, type Takes } from './value'

type SettingField = 'productive_share' | 'productive_share_short_day' | 'factor_cap'
type RateField = 'burdened_rate_cents' | 'minimum_per_visit_cents' | 'disposal_cents_per_yd3' | 'profit_share'

const STARTING: Kept = {
  settings: startingSettings({ name: '', place: '', licence: '' }),
  rates: startingRates(),
}

/** A value that has a field of its own: the shipped one is what a new firm starts from. */
function held(of: Omit<Shipped, 'place' | 'shipped'>, place: Place): Shipped {
  return { ...of, shipped: place.read(STARTING)!, place }
}

/** Shares, factors and schools that are fields of the settings. */
export function practice(): Shipped[] {
  const common = { group: 'The firm’s practice', source: MINE } as const
  const setting = (key: SettingField, name: string, unit: string, least: number, most: number): Shipped =>
    held(
      { ...common, key: `setting.${key}`, name, unit, takes: number(least, most) },
      {
        read: ({ settings }) => settings[key],
        write: (kept, value) => ({ ...kept, settings: { ...kept.settings, [key]: value } }),
      },
    )
  return [
    setting('productive_share', 'share of paid hours that is work on the task', 'of 1', 0.05, 1),
    setting('productive_share_short_day', 'the same on a short day', 'of 1', 0.05, 1),
    setting('factor_cap', 'largest factor on hours, all together', 'times', 1, 5),
    held(
      {
        ...common,
        key: 'setting.head_flashing_past_casing',
        name: 'head flashing past the casing, each end',
        unit: 'in',
        takes: number(0, 12),
      },
      {
        read: ({ settings }) => settings.head_flashing_past_casing / 64,
        write: (kept, value) => ({
          ...kept,
          settings: { ...kept.settings, head_flashing_past_casing: Math.round(Number(value) * 64) },
        }),
      },
    ),
    held(
      {
        ...common,
        key: 'setting.decayed_wood_school',
        name: 'decayed wood',
        unit: '',
        takes: { kind: 'choice', of: DECAYED_WOOD_SCHOOLS.map(({ id, name }) => ({ id, name })) },
      },
      {
        read: ({ settings }) => settings.decayed_wood_school,
        write: (kept, value) => ({
          ...kept,
          settings: { ...kept.settings, decayed_wood_school: value as 'cut-out-only' | 'epoxy-where-dry' },
        }),
      },
    ),
  ]
}

const OVERHEAD_BASES = [
  { id: 'cost', name: 'on cost' },
  { id: 'sales', name: 'on the price' },
]

/** What an hour and a job cost: fields of the rates. */
export function money(): Shipped[] {
  const common = { group: 'What an hour and a job cost', source: MINE } as const
  const rate = (key: RateField, name: string, unit: string, per: 100 | 1, takes: Takes): Shipped =>
    held(
      { ...common, key: `rate.${key}`, name, unit, takes },
      {
        read: ({ rates }) => rates[key] / per,
        write: (kept, value) => ({
          ...kept,
          rates: { ...kept.rates, [key]: per === 100 ? dollars(Number(value)) : Number(value) },
        }),
      },
    )
  const overhead = (field: 'share' | 'basis', of: Pick<Shipped, 'name' | 'unit' | 'takes'>): Shipped =>
    held(
      { ...common, key: `rate.overhead.${field}`, ...of },
      {
        read: ({ rates }) => rates.overhead[field],
        write: (kept, value) => ({
          ...kept,
          rates: { ...kept.rates, overhead: { ...kept.rates.overhead, [field]: value } },
        }),
      },
    )
  const tax = (field: 'rule' | 'rate', of: Pick<Shipped, 'name' | 'unit' | 'takes'>): Shipped =>
    held(
      { ...common, key: `rate.tax.${field}`, ...of },
      {
        read: ({ rates }) => rates.tax[field],
        write: (kept, value) => ({
          ...kept,
          rates: { ...kept.rates, tax: { ...kept.rates.tax, [field]: value } },
        }),
      },
    )
  return [
    rate('burdened_rate_cents', 'an hour of a carpenter, wages and burden', '$ an h', 100, number(0, 1000)),
    overhead('share', { name: 'overhead', unit: 'of 1', takes: number(0, 2) }),
    overhead('basis', {
      name: 'overhead is reckoned',
      unit: '',
      takes: { kind: 'choice', of: OVERHEAD_BASES },
    }),
    rate('profit_share', 'profit, of the price', 'of 1', 1, number(0, 0.95)),
    tax('rule', {
      name: 'sales tax is',
      unit: '',
      takes: { kind: 'choice', of: TAX_RULES.map((id) => ({ id, name: TAX_WORDS[id] })) },
    }),
    tax('rate', { name: 'rate of sales tax', unit: 'of 1', takes: number(0, 0.5) }),
    rate('minimum_per_visit_cents', 'least price of a visit', '$', 100, number(0, 100_000)),
    rate('disposal_cents_per_yd3', 'dump fee', '$ a yd³', 100, number(0, 10_000)),
  ]
}
