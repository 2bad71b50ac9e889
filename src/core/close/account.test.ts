import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DEMO_JOBS } from '../../../demo'
import { applyChange, initialState, JOB_VERSION, type Invoice, type Payment } from '../job'
import type { Cents } from '../measure'
import type { Baseline } from '../open/baseline'
import type { Order } from '../open/orders'
import { accountOf, firstUnpaid, nextInvoice, soldOf } from './account'
import { bookRows, invoicePaper } from './invoicePaper'

const TODAY = '2026-05-04'
const job = DEMO_JOBS['kelp-row-7']()

describe('invoices and payments', () => {
  const baseline = (total: number, stages = [0.3, 0.4, 0.3], tax = 0): Baseline => ({
    ...{ bid_id: 'bid-1', number: 1, total_cents: total as Cents, accepted_by: 'M', accepted_on: TODAY },
    ...{ tax_rate: tax, items: [], left: [], finds: [], go_on: null },
    payments: {
      stages: stages.map((share, n) => ({ when: `stage ${n + 1}`, share })),
      deposit_limit_share: null,
      deposit_limit_cents: null,
    },
  })
  const order = (cents: number): Order =>
    ({
      order: { total_cents: cents, lines: [] },
      face: { standing: 'yes', goes_on: false },
    }) as unknown as Order
  const invoiced = (
    draft: ReturnType<typeof nextInvoice>,
    number: number,
    of: Partial<Invoice> = {},
  ): Invoice => ({
    ...{
      id: `inv-${number}`,
      removed: false,
      number,
      bid_id: 'bid-1',
      made_at: '2026-05-04T09:00:00Z',
      made_by: 'R',
    },
    ...{ on: TODAY, due_on: '2026-05-18' },
    ...draft!,
    ...of,
  })
  const paid = (id: string, cents: number, invoice_id: string | null, on = TODAY): Payment => ({
    ...{ id, removed: false, invoice_id, on, cents: cents as Cents, by: 'check', words: '' },
  })

  test('by stages, to the cent; a change agreed on the way is caught up with at the next stage', () => {
    const of = { baseline: baseline(1_000_001), orders: [] as Order[] }
    const first = nextInvoice({ invoices: [] }, of)!
    expect([first.stage, first.total_cents]).toEqual(['stage 1', 300_000])
    const withChange = { ...of, orders: [order(50_000)] }
    const one = invoiced(first, 1)
    const second = nextInvoice({ invoices: [one] }, withChange)!
    // By hand: 1,050,001 agreed; 70 % of it are 735,001 (shares to the cent), less 300,000 asked.
    expect(second.lines.map(({ what, cents }) => [what, cents])).toEqual([
      ['stage 2', 420_001],
      ['What changed since the stages before', 15_000],
    ])
    const third = nextInvoice({ invoices: [one, invoiced(second, 2)] }, withChange)!
    expect(first.total_cents + second.total_cents + third.total_cents).toBe(1_050_001)
    const all = [one, invoiced(second, 2), invoiced(third, 3)]
    expect(nextInvoice({ invoices: all }, withChange)).toBeNull()
    const less = nextInvoice({ invoices: all }, { ...of, orders: [order(50_000), order(-20_000)] })!
    expect([less.total_cents, less.lines.length]).toEqual([-20_000, 1])
  })

  test('whatever is agreed on the way, the invoices together come to it, and each to its lines', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9_999_999 }),
        fc.array(fc.integer({ min: -100_000, max: 100_000 }), { minLength: 4, maxLength: 4 }),
        fc.constantFrom<number[]>([1], [0.5, 0.5], [0.1, 0.45, 0.45], []),
        (total, changes, stages) => {
          const orders: Order[] = []
          const invoices: Invoice[] = []
          for (const change of changes) {
            const draft = nextInvoice({ invoices }, { baseline: baseline(total, stages), orders })
            if (draft) {
              expect(draft.lines.reduce((sum, { cents }) => sum + cents, 0)).toBe(draft.total_cents)
              invoices.push(invoiced(draft, invoices.length + 1))
            }
            orders.push(order(change))
          }
          for (let n = 0; n < 4; n += 1) {
            const draft = nextInvoice({ invoices }, { baseline: baseline(total, stages), orders })
            if (draft) invoices.push(invoiced(draft, invoices.length + 1))
          }
          const agreed = total + changes.reduce((sum, each) => sum + each, 0)
          expect(invoices.reduce((sum, each) => sum + each.total_cents, 0)).toBe(agreed)
        },
      ),
      { numRuns: 200 },
    )
  })

  test('tax is inside the total; money goes to its invoice, what is over to the oldest open, and late is late', () => {
    const of = { baseline: baseline(108_000, [0.5, 0.5], 0.08), orders: [] as Order[] }
    const one = invoiced(nextInvoice({ invoices: [] }, of), 1)
    // By hand: 540.00 with 8 % in it are 500.00 and 40.00.
    expect([one.total_cents, one.tax_cents]).toEqual([54_000, 4_000])
    const two = invoiced(nextInvoice({ invoices: [one] }, of), 2, { due_on: '2026-06-30' })
    const at = (payments: Payment[], today: string) =>
      accountOf({ invoices: [one, two], payments }, { ...of, today })
    const some = at([paid('a', 60_000, one.id)], '2026-06-01')
    expect(
      some.invoices.map(({ paid_cents, open_cents, standing }) => [paid_cents, open_cents, standing]),
    ).toEqual([
      [54_000, 0, 'paid'],
      [6_000, 48_000, 'open'],
    ])
    expect([some.due_cents, some.unplaced_cents, some.not_asked_cents]).toEqual([48_000, 0, 0])
    expect(at([], '2026-06-01').invoices.map(({ standing }) => standing)).toEqual(['overdue', 'open'])
    // On its last day it is not late yet.
    expect(at([], one.due_on).invoices[0]!.standing).toBe('open')
    const over = at([paid('a', 110_000, null)], '2026-06-01')
    expect([over.due_cents, over.unplaced_cents]).toEqual([-2_000, 2_000])
    const back = at([paid('a', 54_000, one.id), paid('b', -4_000, one.id, '2026-05-20')], '2026-06-01')
    expect(back.invoices[0]).toMatchObject({ paid_cents: 50_000, open_cents: 4_000, standing: 'overdue' })
  })

  test('what an item was agreed at: as accepted, and what changes with a yes put on or took off', () => {
    const item = {
      id: 'w',
      title: '',
      where: '',
      price_cents: 10_000 as Cents,
      saves_cents: null,
      allowance: null,
    }
    const line = (cents: number, standing: 'yes' | 'no' | 'waits'): Order =>
      ({
        order: { total_cents: cents, lines: [{ item_id: 'w', cents }] },
        face: { standing },
      }) as unknown as Order
    const of = { ...baseline(10_000), items: [item] }
    expect(
      soldOf(of, [line(500, 'yes'), line(-200, 'yes'), line(7_000, 'no'), line(9_000, 'waits')]).get('w'),
    ).toBe(10_300)
  })

  test('one taken back is asked for again; two made alike get numbers of their own', () => {
    const of = { baseline: baseline(100_000), orders: [] as Order[] }
    const one = invoiced(nextInvoice({ invoices: [] }, of), 1)
    const back = { ...one, removed: true }
    expect(nextInvoice({ invoices: [back] }, of)!.total_cents).toBe(one.total_cents)
    expect(accountOf({ invoices: [back], payments: [] }, { ...of, today: TODAY }).invoices[0]!.standing).toBe(
      'taken-back',
    )
    const create = (body: Invoice, device: string) => ({
      ...{
        id: `c-${device}`,
        schema: JOB_VERSION,
        made_at: '2026-05-04T09:00:00Z',
        device,
        op: 'create' as const,
      },
      entity: { kind: 'invoice' as const, id: body.id },
      body,
    })
    const a = applyChange(initialState(job), create(one, 'a'))
    if (!a.ok) throw new Error(JSON.stringify(a.error))
    const b = applyChange(a.value.state, create({ ...one, id: 'inv-x' }, 'b'))
    if (!b.ok) throw new Error(JSON.stringify(b.error))
    expect(b.value.state.job.invoices.map(({ number }) => number)).toEqual([1, 2])
    const edited = applyChange(b.value.state, {
      ...{ id: 'c-e', schema: JOB_VERSION, made_at: '2026-05-04T09:00:00Z', device: 'a', op: 'set' },
      ...{ entity: { kind: 'invoice', id: 'inv-1' }, base: 0, fields: { total_cents: 1 } },
    })
    expect(edited).toMatchObject({ ok: false, error: { kind: 'fixed-field' } })
  })

  test('owed first is what falls due first of what is not paid in full; money that names none goes to the oldest', () => {
    const invoice = (number: number, due_on: string, cents: number) => ({
      ...{ id: `inv-${number}`, number, due_on, total_cents: cents as Cents },
    })
    const [one, two] = [invoice(1, '2026-05-20', 50_000), invoice(2, '2026-05-10', 30_000)]
    const came = (cents: number, invoice_id: string | null = null) => ({
      ...{ invoice_id, on: '2026-05-05', cents: cents as Cents },
    })
    expect(firstUnpaid([one, two], [])).toEqual({ number: 2, due: '2026-05-10' })
    // By hand: 500.00 without a name pays the first; of the second 300.00 are open.
    expect(firstUnpaid([one, two], [came(50_000)])).toEqual({ number: 2, due: '2026-05-10' })
    expect(firstUnpaid([one, two], [came(30_000, 'inv-2')])).toEqual({ number: 1, due: '2026-05-20' })
    expect(firstUnpaid([one, two], [came(80_000)])).toBeNull()
    expect(firstUnpaid([one, two], [came(79_999)])).toEqual({ number: 2, due: '2026-05-10' })
  })

  test('on paper the sum stands first, and where the money of the job is; the books have a row of each', () => {
    const of = { baseline: baseline(108_000, [0.5, 0.5], 0.08), orders: [] as Order[] }
    const one = invoiced(nextInvoice({ invoices: [] }, of), 1)
    const paidJob = { ...job, invoices: [one], payments: [paid('a', 54_000, one.id, '2026-05-10')] }
    const account = accountOf(paidJob, { ...of, today: TODAY })
    const text = JSON.stringify(
      invoicePaper(one, { job: paidJob, account, bid: 1, pay_to: 'To account 12-345' }).sections,
    )
    expect(text).toMatch(/To pay.*\$540\.00/)
    expect(text).toMatch(/Left to ask for","amount":"\$540\.00/)
    expect(text).toMatch(/To account 12-345/)
    // A firm that reckons in other dollars says which.
    expect(text).not.toMatch(/All prices are in/)
    const values = { 'price.currency': { value: 'NZD', reason: '' } }
    const abroad = { ...paidJob, settings: { ...paidJob.settings, values } }
    expect(JSON.stringify(invoicePaper(one, { job: abroad, account, bid: 1, pay_to: '' }).sections)).toMatch(
      /All prices are in New Zealand dollars\./,
    )
    // What was taken back was not asked for.
    const two = invoiced(nextInvoice({ invoices: [] }, of), 2)
    const again = { ...job, invoices: [{ ...one, removed: true }, two] }
    const later = accountOf(again, { ...of, today: TODAY })
    expect(
      JSON.stringify(invoicePaper(two, { job: again, account: later, bid: 1, pay_to: '' }).sections),
    ).toMatch(/Asked for before","amount":"\$0\.00/)
    expect(text).not.toMatch(/markup|overhead|burdened/i)
    expect(bookRows(paidJob).map(({ kind, net, tax, total }) => [kind, net, tax, total])).toEqual([
      ['invoice', '500.00', '40.00', '540.00'],
      ['payment', '', '', '540.00'],
    ])
  })
})
