import { FINDS } from '../catalogue/hidden/finds'
import { err, ok, type Result } from '../result'
import { BidModel } from './bidModel'

type Body = Record<string, unknown>
const isBody = (value: unknown): value is Body =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const each = (list: unknown, of: (body: Body) => Body): unknown =>
  Array.isArray(list) ? list.map((row: unknown) => (isBody(row) ? of(row) : row)) : list

/** Before version 2 a fix was in a bid or not, and the printer said so. */
const standingOf = (pair: Body): string =>
  pair.fixed === true
    ? `In this bid: ${String(pair.fix)}.`
    : `Not in this bid: ${String(pair.fix)}. Recurrence there is excluded from the warranty.`

/** Steps up, by the version they start from. What was frozen stays as it is; only what is read is raised. */
export const BID_STEPS: Readonly<Record<number, (bid: Body) => Body>> = {
  1: (bid) => ({
    beside: [],
    ...bid,
    version: 2,
    source_pairs: each(bid.source_pairs, (pair) => ({ standing: standingOf(pair), ...pair })),
  }),
  // Before version 3 an item said in one line what it does; nothing of it could be chosen.
  2: (bid) => ({
    lead: '',
    groups: [],
    choosing: { least_cents: 0, tax_rate: 0 },
    looks: [],
    finds: [],
    response: null,
    ...bid,
    version: 3,
    source_pairs: each(bid.source_pairs, (pair) => ({ sure: '', ...pair })),
    findings: each(bid.findings, (finding) => ({
      group: '',
      says: `${[finding.part, finding.where, finding.size].filter(Boolean).map(String).join(', ')}: ${finding.suspected === true ? 'suspected, ' : ''}${String(finding.grade)}.`,
      ...finding,
    })),
    items: each(bid.items, ({ does, ...item }) => ({
      group: '',
      seen: '',
      done: does,
      leave: null,
      left_out: '',
      ...item,
    })),
    beside: each(bid.beside, ({ does, ...item }) => ({
      group: '',
      done: does,
      takeable: false,
      instead_of: null,
      life: '',
      warranty: '',
      ...item,
    })),
  }),
  // Before version 4 an option stood in for one item at most, which saved what it saved when it was left out.
  3: (bid) => {
    const saves = new Map(
      (Array.isArray(bid.items) ? (bid.items as Body[]) : []).map(({ id, leave }) => [
        id,
        isBody(leave) ? leave.saves_cents : null,
      ]),
    )
    return {
      opening: '',
      closing: '',
      shows: { paper: 'letter', prices: 'each' },
      discount: null,
      payments: { stages: [], deposit_limit_share: null, deposit_limit_cents: null },
      expects: null,
      waiting: null,
      ...bid,
      version: 4,
      items: each(bid.items, (item) => ({
        requires: [],
        basis: { kind: 'fixed' },
        over_years: null,
        ...item,
      })),
      beside: each(bid.beside, (item) => ({
        requires: [],
        over_years: null,
        ...item,
        saves_cents: saves.get(item.instead_of) ?? null,
        instead_of: typeof item.instead_of === 'string' ? [item.instead_of] : [],
      })),
    }
  },
  // Before version 5 a bid did not say what was measured.
  4: (bid) => ({ measured: [], ...bid, version: 5 }),
  // Before version 6 finds were known by their words, and nothing was agreed of those without a yes.
  5: (bid) => ({
    go_on: null,
    ...bid,
    version: 6,
    finds: each(bid.finds, (find) => ({
      ...find,
      id: FINDS.find(({ plain }) => plain === find.what)?.id ?? String(find.what),
    })),
  }),
  // Before version 7 the price of an option stood as it was, however its item was meant.
  6: (bid) => ({
    ...bid,
    version: 7,
    beside: each(bid.beside, (item) => ({ basis: { kind: 'fixed' }, ...item })),
  }),
  // Before version 8 every option was added by itself, whatever else was taken.
  7: (bid) => ({ together: [], ...bid, version: 8 }),
}

export const BID_VERSION = 8

export type BidReadError =
  | { readonly kind: 'bid-too-new'; readonly version: number }
  | { readonly kind: 'no-bid'; readonly path: string }

/** A frozen bid of any version, in the shape of today. */
export function readBid(frozen: unknown): Result<BidModel, BidReadError> {
  let raised = frozen
  while (isBody(raised) && typeof raised.version === 'number' && raised.version < BID_VERSION) {
    const step = BID_STEPS[raised.version]
    if (!step) break
    raised = step(raised)
  }
  if (isBody(raised) && typeof raised.version === 'number' && raised.version > BID_VERSION)
    return err({ kind: 'bid-too-new', version: raised.version })
  const parsed = BidModel.safeParse(raised)
  if (parsed.success) return ok(parsed.data)
  return err({ kind: 'no-bid', path: parsed.error.issues[0]?.path.join('.') ?? '' })
}
