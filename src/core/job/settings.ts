import * as z from 'zod'
import { CentsValue, Id, ShortWords, Words } from './values'

/** A rate is never below nothing. */
const RateValue = CentsValue.refine((cents) => cents >= 0, 'a rate cannot be below $0')

/** Rules by which sales tax is charged, as they are told. */
export const TAX_WORDS = {
  'on-cost': 'paid on material we buy',
  'on-sale': 'charged on the material part of the price',
  'on-total': 'charged on the whole price',
  none: 'no sales tax',
} as const
export type TaxRule = keyof typeof TAX_WORDS
export const TAX_RULES = Object.keys(TAX_WORDS) as [TaxRule, ...TaxRule[]]

/** Sizes of paper a bid is printed on. */
export const PAPERS = ['letter', 'a4'] as const
/** Heads of a bid: places of the house as it is walked, causes with what is done about each, or one list, dearest first. */
export const BID_HEADS = ['place', 'cause', 'none'] as const
/** Which prices an owner sees: of every piece of work, of each head, or the total alone. */
export const SHOWN_PRICES = ['each', 'by-place', 'total'] as const

/** When money is due, and what of it: shares of the total that make up the whole. */
export const Payments = z
  .strictObject({
    stages: z.array(z.strictObject({ when: ShortWords, share: z.number().min(0).max(1) })).max(12),
    /** The most the law of the place lets be asked before work begins: of the total, and in money; null: no such limit is noted. */
    deposit_limit_share: z.number().min(0).max(1).nullable(),
    deposit_limit_cents: RateValue.nullable(),
  })
  .refine(
    ({ stages }) =>
      stages.length === 0 || Math.abs(stages.reduce((sum, { share }) => sum + share, 0) - 1) < 1e-9,
    'the shares must make up the whole',
  )

/**
 * What a firm decides and a job pins at its creation, without money: the crew's face may carry it.
 * Judgement overrides are here by cause and sign, each with its reason.
 */
export const Settings = z.strictObject({
  id: Id,
  removed: z.boolean(),
  edition: z.int().min(1),
  /** Edition of the shipped catalogue that the job was begun with. */
  catalogue_edition: ShortWords,
  firm_name: ShortWords,
  firm_place: ShortWords,
  licence_line: ShortWords,
  /** How far head flashing runs past the casing, each end. A firm default, never its own proof. */
  head_flashing_past_casing: z
    .int()
    .min(0)
    .max(64 * 12),
  /** Practice disagrees on decayed wood; the firm says which school it follows. */
  decayed_wood_school: z.enum(['cut-out-only', 'epoxy-where-dry']),
  /** Task hours over paid hours: the rest is travel, loading, talking. */
  productive_share: z.number().gt(0).max(1),
  productive_share_short_day: z.number().gt(0).max(1),
  /** Largest multiplier on task hours after adding the factors in excess of one. */
  factor_cap: z.number().min(1).max(5),
  likelihood_overrides: z.array(
    z.strictObject({ cause: z.string(), sign: z.string(), ratio: z.number().gt(0), reason: Words }),
  ),
  /** The firm's own numbers and words in place of shipped ones, by their keys, each with its reason; see `core/firmValues`. */
  values: z.record(
    z.string().max(120),
    z.strictObject({
      value: z.union([z.number(), Words]),
      reason: Words,
      /** Where it was taken from what closed jobs say: the value they were weighed against, so that they are not weighed twice. */
      from: z.number().optional(),
    }),
  ),
  stock_lengths_ft: z.record(z.string(), z.array(z.number().gt(0).max(60))),
  clauses: z.strictObject({
    excluded: Words,
    payments: Words,
    start_window: Words,
    warranty: Words,
    validity_days: z.int().min(1).max(365),
    required_notices: Words,
  }),
  /** How a bid looks and greets. */
  bid: z.strictObject({
    paper: z.enum(PAPERS),
    prices: z.enum(SHOWN_PRICES),
    /** Under which heads the work stands: places of the house, causes, or none. */
    heads: z.enum(BID_HEADS),
    opening: Words,
    closing: Words,
    /** Whether a bid tells what waiting may cost. */
    tells_waiting: z.boolean(),
  }),
})
export type Settings = z.infer<typeof Settings>

/** A firm's money. Sent only to the roles that may see it. */
export const Rates = z.strictObject({
  id: Id,
  removed: z.boolean(),
  edition: z.int().min(1),
  /** What an hour of a carpenter costs the firm, wages and burden. */
  burdened_rate_cents: RateValue,
  overhead: z.strictObject({ basis: z.enum(['cost', 'sales']), share: z.number().min(0).max(2) }),
  /** Profit as a share of the sell price. */
  profit_share: z.number().min(0).max(1),
  tax: z.strictObject({
    rule: z.enum(TAX_RULES),
    rate: z.number().min(0).max(0.5),
  }),
  /** Looking after the work, as a share of what labour costs. */
  supervision_share: z.number().min(0).max(1),
  /** Put by for claims, as a share of the price. */
  warranty_reserve_share: z.number().min(0).max(0.5),
  /** What the card company keeps, as a share of the price; 0 where nobody pays by card. */
  card_fee_share: z.number().min(0).max(0.2),
  payments: Payments,
  minimum_per_visit_cents: RateValue,
  /** What a crew does about finds before the owner says yes: up to which sum of all of them it goes on, and how long it waits for a word. */
  finds: z.strictObject({
    go_on_cents: RateValue,
    answer_hours: z.number().min(0).max(240),
  }),
  disposal_cents_per_yd3: RateValue,
  /** Cents for a foot of each section. */
  section_cents_per_ft: z.record(z.string(), RateValue),
  /** Cents for a unit of each consumable. */
  consumable_cents: z.record(z.string(), RateValue),
})
export type Rates = z.infer<typeof Rates>
