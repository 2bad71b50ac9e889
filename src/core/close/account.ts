import { paymentsOf } from '../bid/payments'
import type { Invoice, JobDocument, Payment } from '../job'
import { formatCents, type Cents } from '../measure'
import { runningTotal, type Order } from '../open/orders'
import type { Baseline } from '../open/baseline'

/** How an invoice stands on a day. */
export type InvoiceFace = {
  readonly invoice: Invoice
  readonly paid_cents: Cents
  readonly open_cents: Cents
  readonly standing: 'paid' | 'open' | 'overdue' | 'taken-back'
}

/** An invoice that could be made now. */
export type InvoiceDraft = Pick<Invoice, 'stage' | 'through_stage' | 'lines' | 'tax_cents' | 'total_cents'>

/** A stage of the payments: what falls due with it of all that is agreed, and whether it was asked for. */
export type StageFace = { readonly when: string; readonly cents: Cents; readonly asked: boolean }

/** The money of a job between what was agreed and what came in. */
export type Account = {
  readonly agreed_cents: Cents
  readonly invoiced_cents: Cents
  readonly paid_cents: Cents
  /** Asked for and not paid; below nothing: too much came in. */
  readonly due_cents: Cents
  readonly not_asked_cents: Cents
  readonly stages: readonly StageFace[]
  /** In the order they were made, taken back or not. */
  readonly invoices: readonly InvoiceFace[]
  /** What came in that no invoice takes. */
  readonly unplaced_cents: Cents
}

const sum = (list: readonly { readonly cents: Cents }[]): Cents =>
  list.reduce((all, { cents }) => all + cents, 0) as Cents

/** Due when nobody agreed on stages: all of it, once the work is done. */
const AT_THE_END = 'when the work is done'

/** Stages with what falls due at each, of so much in all; what is due comes to the total. */
function duesOf(baseline: Baseline, total: Cents): readonly { when: string; cents: Cents }[] {
  const dues = paymentsOf(total, baseline.payments)
  return dues.length > 0 ? dues : [{ when: AT_THE_END, cents: total }]
}

/** Money of payments on invoices: to the one that was named as far as it takes it, the rest to the oldest that is open. */
function place(
  invoices: readonly Pick<Invoice, 'id' | 'total_cents'>[],
  payments: readonly Pick<Payment, 'invoice_id' | 'cents'>[],
): { paid: ReadonlyMap<string, number>; left: number } {
  const paid = new Map(invoices.map(({ id }) => [id, 0]))
  const put = (invoice: Pick<Invoice, 'id' | 'total_cents'>, cents: number): number => {
    const room = invoice.total_cents - paid.get(invoice.id)!
    // Money that goes back is taken from what it was paid for; money that comes in never overfills an invoice.
    const takes = cents < 0 ? Math.max(cents, 0 - paid.get(invoice.id)!) : Math.max(0, Math.min(cents, room))
    paid.set(invoice.id, paid.get(invoice.id)! + takes)
    return cents - takes
  }
  let left = 0
  for (const payment of payments) {
    const named = invoices.find(({ id }) => id === payment.invoice_id)
    left += named ? put(named, payment.cents) : payment.cents
  }
  for (const invoice of invoices) left = put(invoice, left)
  return { paid, left }
}

/** How the money of a job stands on a day. Invoices of an older bid count with what was asked under it. */
export function accountOf(
  job: Pick<JobDocument, 'invoices' | 'payments'>,
  of: { readonly baseline: Baseline; readonly orders: readonly Order[]; readonly today: string },
): Account {
  const { baseline } = of
  const agreed = runningTotal(baseline, of.orders).total_cents
  const made = job.invoices.toSorted((a, b) => a.number - b.number)
  const standing = made.filter(({ removed }) => !removed)
  const came = job.payments.filter(({ removed }) => !removed).toSorted((a, b) => a.on.localeCompare(b.on))
  const { paid, left } = place(standing, came)
  const invoiced = standing.reduce((all, { total_cents }) => all + total_cents, 0) as Cents
  const paid_cents = sum(came)
  const through = stagesAsked(standing, baseline)
  return {
    agreed_cents: agreed,
    invoiced_cents: invoiced,
    paid_cents,
    due_cents: (invoiced - paid_cents) as Cents,
    not_asked_cents: (agreed - invoiced) as Cents,
    stages: duesOf(baseline, agreed).map((due, index) => ({ ...due, asked: index < through })),
    invoices: made.map((invoice): InvoiceFace => {
      const got = (paid.get(invoice.id) ?? 0) as Cents
      const open = invoice.removed ? (0 as Cents) : ((invoice.total_cents - got) as Cents)
      return {
        invoice,
        paid_cents: got,
        open_cents: open,
        standing: invoice.removed
          ? 'taken-back'
          : open <= 0
            ? 'paid'
            : invoice.due_on < of.today
              ? 'overdue'
              : 'open',
      }
    }),
    unplaced_cents: left as Cents,
  }
}

/** The invoice that is not paid in full and falls due first; null: all are paid. Reads no more than who is owed what. */
export function firstUnpaid(
  invoices: readonly Pick<Invoice, 'id' | 'number' | 'due_on' | 'total_cents'>[],
  payments: readonly Pick<Payment, 'invoice_id' | 'cents' | 'on'>[],
): { readonly number: number; readonly due: string } | null {
  const made = invoices.toSorted((a, b) => a.number - b.number)
  const { paid } = place(
    made,
    payments.toSorted((a, b) => a.on.localeCompare(b.on)),
  )
  const [first] = made
    .filter(({ id, total_cents }) => total_cents > (paid.get(id) ?? 0))
    .toSorted((a, b) => a.due_on.localeCompare(b.due_on))
  return first ? { number: first.number, due: first.due_on } : null
}

/** How many stages of this bid's payments were asked for. */
function stagesAsked(standing: readonly Invoice[], baseline: Baseline): number {
  const mine = standing.filter(({ bid_id }) => bid_id === baseline.bid_id)
  return Math.max(0, ...mine.map(({ through_stage }) => through_stage))
}

/**
 * The next invoice: what is due up to the next stage of all that is agreed by now, less what was asked before. So a change that was agreed
 * since an earlier stage is caught up with at the next one, and all invoices together come to what is agreed, to the cent.
 *
 * @param stages how many further stages are asked for at once
 * @returns null: nothing is left to ask for
 */
export function nextInvoice(
  job: Pick<JobDocument, 'invoices'>,
  of: { readonly baseline: Baseline; readonly orders: readonly Order[]; readonly stages?: number },
): InvoiceDraft | null {
  const { baseline } = of
  const agreed = runningTotal(baseline, of.orders).total_cents
  const standing = job.invoices.filter(({ removed }) => !removed)
  const before = standing.reduce((all, { total_cents }) => all + total_cents, 0)
  const dues = duesOf(baseline, agreed)
  const asked = Math.min(dues.length, stagesAsked(standing, baseline))
  const through = Math.min(dues.length, asked + (of.stages ?? 1))
  const now = dues.slice(asked, through)
  const earlier = dues.slice(0, asked)
  const total = (sum(dues.slice(0, through)) - before) as Cents
  const caught = (sum(earlier) - before) as Cents
  if (total === 0) return null
  const lines = [
    ...now.map(({ when, cents }) => ({
      what: cut(when),
      cents,
      reckoned: cut(`${formatCents(cents)} of the ${formatCents(agreed)} agreed by now`),
    })),
    ...(caught === 0
      ? []
      : [
          {
            what: asked === 0 ? 'Asked before' : 'What changed since the stages before',
            cents: caught,
            reckoned: cut(
              `${formatCents(sum(earlier))} due with the stages before, ${formatCents(before as Cents)} asked for`,
            ),
          },
        ]),
  ]
  const { tax_rate } = baseline
  return {
    stage: cut(now.length > 0 ? now.map(({ when }) => when).join('; ') : 'what changed since'),
    through_stage: through,
    lines,
    tax_cents: (total - Math.round(total / (1 + tax_rate))) as Cents,
    total_cents: total,
  }
}

const cut = (text: string): string => text.slice(0, 200)

/** What was agreed for each item: as accepted, with what changes with a yes put on it or took off. Before tax. */
export function soldOf(baseline: Baseline, orders: readonly Order[]): ReadonlyMap<string, Cents> {
  const sold = new Map<string, Cents>(baseline.items.map(({ id, price_cents }) => [id, price_cents]))
  for (const { order, face } of orders) {
    if (face.standing !== 'yes') continue
    for (const { item_id, cents } of order.lines)
      sold.set(item_id, ((sold.get(item_id) ?? 0) + cents) as Cents)
  }
  return sold
}
