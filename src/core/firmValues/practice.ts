import { CURRENCIES, DECAYED_WOOD_SCHOOLS } from '../catalogue'
import { startingRates, startingSettings, TAX_RULES, TAX_WORDS } from '../job'
import { dollars } from '../measure'
import { CEILING_MORE, INVOICE_DAYS } from './rows'
import { byKey, MINE, number, type Kept, type Place, type Shipped, type Takes } from './value'

type SettingField = 'productive_share' | 'productive_share_short_day' | 'factor_cap'
type RateField =
  | 'burdened_rate_cents'
  | 'minimum_per_visit_cents'
  | 'disposal_cents_per_yd3'
  | 'profit_share'
  | 'supervision_share'
  | 'warranty_reserve_share'
  | 'card_fee_share'

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
    ...bidLook(),
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

const PAPER_NAMES = { letter: 'Letter, 8-1/2 × 11 in', a4: 'A4, 210 × 297 mm' } as const
const SHOWN = {
  each: 'of every piece of work',
  'by-place': 'of each place or cause',
  total: 'the total alone',
} as const
const HEADS = { place: 'places of the house', cause: 'causes', none: 'one list, dearest first' } as const
const LONGEST_GREETING = 1200

/** How a bid looks and what it says of itself. */
function bidLook(): Shipped[] {
  const field = (
    key: Exclude<keyof Kept['settings']['bid'], 'tells_waiting'>,
    name: string,
    takes: Takes,
  ): Shipped =>
    held(
      { group: 'The bid', source: MINE, key: `bid.${key}`, name, unit: '', takes },
      {
        read: ({ settings }) => settings.bid[key],
        write: (kept, value) => ({
          ...kept,
          settings: { ...kept.settings, bid: { ...kept.settings.bid, [key]: value } },
        }),
      },
    )
  const choice = <K extends string>(of: Readonly<Record<K, string>>): Takes => {
    return { kind: 'choice', of: (Object.keys(of) as K[]).map((id) => ({ id, name: of[id] })) }
  }
  const words: Takes = { kind: 'words', longest: LONGEST_GREETING, mayBeEmpty: true }
  return [
    field('paper', 'paper', choice(PAPER_NAMES)),
    field('prices', 'prices the owner sees', choice(SHOWN)),
    field('heads', 'the work stands under', choice(HEADS)),
    field('opening', 'said at its beginning', words),
    field('closing', 'said at its end', words),
    held(
      {
        group: 'The bid',
        source: MINE,
        key: 'bid.tells_waiting',
        name: 'tells what waiting may cost',
        unit: '',
        takes: choice({ yes: 'yes, as a range at its end', no: 'no' }),
      },
      {
        read: ({ settings }) => (settings.bid.tells_waiting ? 'yes' : 'no'),
        write: (kept, value) => ({
          ...kept,
          settings: { ...kept.settings, bid: { ...kept.settings.bid, tells_waiting: value === 'yes' } },
        }),
      },
    ),
  ]
}

const OVERHEAD_BASES = [
  { id: 'cost', name: 'on cost' },
  { id: 'sales', name: 'on the price' },
]

/** What is due when: three stages, of which the last takes what the others leave, and what the law lets be asked first. */
function payments(): Shipped[] {
  const common = { group: 'When money is due', source: MINE } as const
  const share = (stage: 0 | 1, name: string): Shipped =>
    held(
      { ...common, key: `payment.share.${stage + 1}`, name, unit: 'of 1', takes: number(0, 1) },
      {
        read: ({ rates }) => stageOf(rates, stage).share,
        write: (kept, value) => withStage(kept, stage, { share: Number(value) }),
      },
    )
  const when = (stage: 0 | 1 | 2, name: string): Shipped =>
    held(
      { ...common, key: `payment.when.${stage + 1}`, name, unit: '', takes: { kind: 'words', longest: 120 } },
      {
        read: ({ rates }) => stageOf(rates, stage).when,
        write: (kept, value) => withStage(kept, stage, { when: String(value) }),
      },
    )
  const limit = (
    field: 'deposit_limit_share' | 'deposit_limit_cents',
    of: { name: string; unit: string; most: number; per: number; none: number },
  ): Shipped =>
    held(
      { ...common, key: `payment.${field}`, name: of.name, unit: of.unit, takes: number(0, of.most) },
      {
        read: ({ rates }) => (rates.payments[field] ?? of.none * of.per) / of.per,
        write: (kept, value) => ({
          ...kept,
          rates: {
            ...kept.rates,
            payments: {
              ...kept.rates.payments,
              [field]: Number(value) >= of.none ? null : Math.round(Number(value) * of.per * 1e6) / 1e6,
            },
          },
        }),
      },
    )
  return [
    share(0, 'first payment'),
    when(0, 'the first is due'),
    share(1, 'second payment'),
    when(1, 'the second is due'),
    when(2, 'the rest is due'),
    limit('deposit_limit_share', {
      name: 'the most the law lets be asked first, of the price (1: no limit noted)',
      unit: 'of 1',
      most: 1,
      per: 1,
      none: 1,
    }),
    limit('deposit_limit_cents', {
      name: 'the most the law lets be asked first (1,000,000: no limit noted)',
      unit: '$',
      most: 1_000_000,
      per: 100,
      none: 1_000_000,
    }),
  ]
}

type Stage = Kept['rates']['payments']['stages'][number]

const WHEN = STARTING.rates.payments.stages.map(({ when }) => when)

/** A stage of three; one that a firm does not have takes nothing. */
function stageOf({ payments }: Kept['rates'], stage: number): Stage {
  return payments.stages[stage] ?? { when: WHEN[stage]!, share: 0 }
}

function withStage(kept: Kept, stage: number, of: Partial<Stage>): Kept {
  const [first, second, last] = [0, 1, 2].map((each) => ({
    ...stageOf(kept.rates, each),
    ...(each === stage ? of : {}),
  })) as [Stage, Stage, Stage]
  const middle = Math.min(second.share, Math.round((1 - first.share) * 1e6) / 1e6)
  const rest = Math.round((1 - first.share - middle) * 1e6) / 1e6
  const stages = [first, { ...second, share: middle }, { ...last, share: rest }]
  return { ...kept, rates: { ...kept.rates, payments: { ...kept.rates.payments, stages } } }
}

/** What a crew does about finds before the owner says yes. */
function finds(): Shipped[] {
  const common = { group: 'Before the owner says yes to a find', source: MINE } as const
  return [
    held(
      {
        ...common,
        key: 'finds.go_on',
        name: 'all finds together, up to which a crew goes on',
        unit: '$',
        takes: number(0, 100_000),
      },
      {
        read: ({ rates }) => rates.finds.go_on_cents / 100,
        write: (kept, value) => ({
          ...kept,
          rates: { ...kept.rates, finds: { ...kept.rates.finds, go_on_cents: dollars(Number(value)) } },
        }),
      },
    ),
    held(
      {
        ...common,
        key: 'finds.answer_hours',
        name: 'working hours it waits for a word',
        unit: 'h',
        takes: number(0, 240),
      },
      {
        read: ({ rates }) => rates.finds.answer_hours,
        write: (kept, value) => ({
          ...kept,
          rates: { ...kept.rates, finds: { ...kept.rates.finds, answer_hours: Number(value) } },
        }),
      },
    ),
  ]
}

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
    rate('supervision_share', 'looking after the work, of what labour costs', 'of 1', 1, number(0, 1)),
    rate('warranty_reserve_share', 'put by for claims, of the price', 'of 1', 1, number(0, 0.5)),
    rate('card_fee_share', 'what the card company keeps, of the price', 'of 1', 1, number(0, 0.2)),
    byKey({
      ...common,
      key: 'price.ceiling_more',
      name: 'of work by the hour: its ceiling lies above what is reckoned by',
      unit: 'of 1',
      shipped: CEILING_MORE,
      takes: number(0, 2),
    }),
    byKey({
      ...common,
      key: 'price.invoice_days',
      name: 'an invoice is to be paid within',
      unit: 'days',
      shipped: INVOICE_DAYS,
      takes: number(0, 365),
    }),
    byKey({
      ...common,
      key: 'price.pay_to',
      name: 'an invoice says how it is paid: account, payee, card',
      unit: '',
      shipped: '',
      takes: { kind: 'words', longest: 400, mayBeEmpty: true },
    }),
    ...payments(),
    byKey({
      ...common,
      key: 'price.currency',
      name: 'prices are in',
      unit: '',
      shipped: 'USD',
      takes: { kind: 'choice', of: CURRENCIES.map(({ id, name }) => ({ id, name })) },
    }),
    tax('rule', {
      name: 'sales tax is',
      unit: '',
      takes: { kind: 'choice', of: TAX_RULES.map((id) => ({ id, name: TAX_WORDS[id] })) },
    }),
    tax('rate', { name: 'rate of sales tax', unit: 'of 1', takes: number(0, 0.5) }),
    rate('minimum_per_visit_cents', 'least price of a visit', '$', 100, number(0, 100_000)),
    ...finds(),
    rate('disposal_cents_per_yd3', 'dump fee', '$ a yd³', 100, number(0, 10_000)),
  ]
}
