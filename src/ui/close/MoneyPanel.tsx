'use client'

import { useMemo, useState } from 'react'
import { accountOf, nextInvoice, type Account, type InvoiceFace } from '../../core/close/account'
import { rowsOf } from '../../core/firmValues/rows'
import { PAID_BY, RECEIPT_KINDS, type Payment, type Receipt } from '../../core/job'
import { dayAfter, dayWords, formatCents, parseMoney, type Cents } from '../../core/measure'
import { Button, LinkButton, Notice, Panel, PANES, SelectField, TextField } from '../look'
import { useOrders, type JobOrders } from '../open/useOrders'
import { DayField } from '../plan/DayField'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { useCloseEdits } from './useCloseEdits'

/** The money of the job: what is agreed, what was asked for by stages, what came in, and what was paid to others. */
export function MoneyPanel() {
  const { view, derived, around } = useJob()
  const orders = useOrders()
  if (!view.member.seesMoney) return null
  return (
    <div className={`grid min-h-0 grow grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <div>
        {orders ? (
          <Asked orders={orders} />
        ) : (
          <Panel title="Invoices">
            <p className="py-3 text-quiet">
              {around.baseline === undefined
                ? 'What was accepted has not reached this device yet.'
                : 'No bid is accepted yet. Once one is, its payments are asked for from here, stage by stage.'}
            </p>
          </Panel>
        )}
      </div>
      <div>
        <Came invoices={derived.job.invoices.map(({ id, number }) => ({ id, number }))} />
        <Receipts />
      </div>
    </div>
  )
}

function Asked({ orders }: { orders: JobOrders }) {
  const { job, view } = useJob()
  const edits = useCloseEdits()
  const [wrong, setWrong] = useState<string | null>(null)
  const { baseline, orders: all } = orders
  const now = today(job.job.time_zone)
  // What was taken back had left the house, and stays to be seen.
  const { invoices } = view.job
  const account = useMemo(
    () => accountOf({ invoices, payments: job.payments }, { baseline, orders: all, today: now }),
    [invoices, job.payments, baseline, all, now],
  )
  const draft = useMemo(() => nextInvoice(job, { baseline, orders: all }), [job, baseline, all])
  const days = rowsOf(job.settings).invoice_days
  return (
    <>
      <Panel
        title="Where the money stands"
        aside={`bid ${baseline.number}, accepted by ${baseline.accepted_by}`}
      >
        <Sums account={account} />
        <ol className="text-[15px]">
          {account.stages.map(({ when, cents, asked }, index) => (
            <li key={`${when}/${index}`} className="flex gap-3 border-b border-rule py-1">
              <span className="min-w-0 grow">{when}</span>
              <span className={`font-head text-[14px] ${asked ? 'text-moss' : 'text-quiet'}`}>
                {asked ? 'asked for' : 'not asked for yet'}
              </span>
              <span className="w-28 text-right tabular-nums">{formatCents(cents)}</span>
            </li>
          ))}
        </ol>
        {draft ? (
          <div className="py-2">
            <Button
              look="main"
              onClick={() =>
                setWrong(
                  edits.invoice({ ...draft, bid_id: baseline.bid_id, on: now, due_on: dayAfter(now, days) }),
                )
              }
            >
              {draft.total_cents < 0 ? 'Make the credit note' : 'Make the next invoice'}:{' '}
              {formatCents(draft.total_cents)}
            </Button>
            <ul className="pt-1 text-[14px] text-quiet">
              {draft.lines.map(({ what, reckoned, cents }) => (
                <li key={what}>
                  {what}: {formatCents(cents)} ({reckoned})
                </li>
              ))}
            </ul>
          </div>
        ) : (
          <p className="py-2 text-moss">All that is agreed was asked for.</p>
        )}
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
      </Panel>
      <Panel
        title="Invoices"
        aside={
          <span className="flex items-center gap-3">
            {account.invoices.length === 0 ? 'none' : account.invoices.length}
          </span>
        }
      >
        <ul>
          {account.invoices.toReversed().map((face) => (
            <InvoiceRow key={face.invoice.id} face={face} />
          ))}
        </ul>
        <div className="py-2">
          <LinkButton href="/api/books" download>
            Books of all jobs as CSV
          </LinkButton>
        </div>
      </Panel>
    </>
  )
}

function Sums({ account }: { account: Account }) {
  const rows: readonly (readonly [string, Cents])[] = [
    ['Agreed by now', account.agreed_cents],
    ['Asked for', account.invoiced_cents],
    ['Came in', account.paid_cents],
    ['Not asked for yet', account.not_asked_cents],
  ]
  return (
    <dl className="grid grid-cols-[1fr_auto] py-1 text-[15px] tabular-nums">
      {rows.map(([name, cents]) => (
        <div key={name} className="contents">
          <dt>{name}</dt>
          <dd className="text-right">{formatCents(cents)}</dd>
        </div>
      ))}
      <dt className="border-t border-ink font-semibold">
        {account.due_cents < 0 ? 'Too much came in' : 'Open'}
      </dt>
      <dd className="border-t border-ink text-right font-semibold">
        {formatCents(Math.abs(account.due_cents) as Cents)}
      </dd>
    </dl>
  )
}

const STANDINGS: Readonly<Record<InvoiceFace['standing'], readonly [string, string]>> = {
  paid: ['paid', 'text-moss'],
  open: ['open', 'text-ink'],
  overdue: ['overdue', 'text-crayon-text'],
  'taken-back': ['taken back', 'text-quiet'],
}

function InvoiceRow({ face }: { face: InvoiceFace }) {
  const { job, store } = useJob()
  const [wrong, setWrong] = useState<string | null>(null)
  const { invoice, standing, open_cents } = face
  const [words, tone] = STANDINGS[standing]
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5 text-[15px]">
      <span className="min-w-0 grow">
        <span className="font-semibold">
          {invoice.total_cents < 0 ? 'Credit note' : 'Invoice'} {invoice.number}
        </span>{' '}
        <span className="text-[14px] text-quiet">
          {invoice.stage} · {dayWords(invoice.on)}, due {dayWords(invoice.due_on)}
        </span>
      </span>
      <span className={`font-head text-[14px] ${tone}`}>
        {words}
        {standing === 'open' || standing === 'overdue' ? ` ${formatCents(open_cents)}` : ''}
      </span>
      <span className="w-28 text-right tabular-nums">{formatCents(invoice.total_cents)}</span>
      {standing === 'taken-back' ? null : (
        <span className="flex gap-2">
          <a className="underline" href={`/api/jobs/${job.id}/invoices/${invoice.id}`}>
            PDF
          </a>
          <Button look="quiet" onClick={() => setWrong(store.set('invoice', invoice.id, { removed: true }))}>
            Take back
          </Button>
        </span>
      )}
      {wrong ? (
        <span role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </span>
      ) : null}
    </li>
  )
}

const PAID_WORDS: Readonly<Record<Payment['by'], string>> = {
  check: 'by check',
  transfer: 'by transfer',
  card: 'by card',
  cash: 'in cash',
  other: 'otherwise',
}

function Came({ invoices }: { invoices: readonly { id: string; number: number }[] }) {
  const { job, derived, store } = useJob()
  const edits = useCloseEdits()
  const [amount, setAmount] = useState('')
  const [by, setBy] = useState<Payment['by']>('check')
  const [invoice, setInvoice] = useState('')
  const [on, setOn] = useState<string | null>(() => today(job.job.time_zone))
  const [wrong, setWrong] = useState<string | null>(null)
  const numberOf = (id: string | null): string =>
    String(invoices.find((each) => each.id === id)?.number ?? '')

  function add(): void {
    const cents = parseMoney(amount)
    if (!cents.ok || cents.value === 0)
      return setWrong('An amount in dollars, as 1,250.00; money that went back with a minus.')
    if (on === null) return setWrong('On which day did it come?')
    const said = edits.pay({ invoice_id: invoice || null, on, cents: cents.value, by, words: '' })
    setWrong(said)
    if (said === null) setAmount('')
  }
  return (
    <Panel title="Payments">
      <form
        className="grid grid-cols-2 items-end gap-2 py-2"
        onSubmit={(event) => {
          event.preventDefault()
          add()
        }}
      >
        <TextField label="Came in" inputMode="decimal" value={amount} onChange={setAmount} error={wrong} />
        <DayField label="On" value={on} onChange={setOn} />
        <SelectField
          label="How"
          value={by}
          choices={PAID_BY.map((value) => ({ value, label: PAID_WORDS[value] }))}
          onChange={(value) => setBy(value as Payment['by'])}
        />
        <SelectField
          label="For invoice"
          value={invoice}
          choices={[
            { value: '', label: 'the oldest open' },
            ...invoices.map(({ id, number }) => ({ value: id, label: String(number) })),
          ]}
          onChange={setInvoice}
        />
        <Button type="submit" className="col-span-2">
          Note the payment
        </Button>
      </form>
      <ul>
        {derived.job.payments.map(({ id, on: day, cents, by: how, invoice_id }) => (
          <li key={id} className="flex items-baseline gap-3 border-b border-rule py-1 text-[15px]">
            <span className="min-w-0 grow">
              {dayWords(day)}, {PAID_WORDS[how]}
              {invoice_id ? `, invoice ${numberOf(invoice_id)}` : ''}
            </span>
            <span className="tabular-nums">{formatCents(cents)}</span>
            <Button look="quiet" onClick={() => store.set('payment', id, { removed: true })}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  )
}

const RECEIPT_WORDS: Readonly<Record<Receipt['kind'], string>> = {
  material: 'material',
  equipment: 'hire',
  trade: 'a trade',
  disposal: 'disposal',
  permit: 'permit',
  other: 'something else',
}

function Receipts() {
  const { job, derived, store } = useJob()
  const edits = useCloseEdits()
  const [amount, setAmount] = useState('')
  const [kind, setKind] = useState<Receipt['kind']>('material')
  const [from, setFrom] = useState('')
  const [on, setOn] = useState<string | null>(() => today(job.job.time_zone))
  const [wrong, setWrong] = useState<string | null>(null)
  const all = derived.job.receipts.reduce((sum, { cents }) => sum + cents, 0) as Cents

  function add(): void {
    const cents = parseMoney(amount)
    if (!cents.ok || cents.value === 0)
      return setWrong('An amount in dollars, as 1,250.00; what came back with a minus.')
    if (on === null) return setWrong('On which day was it paid?')
    const said = edits.receive({ kind, on, from: from.trim(), cents: cents.value, item_id: null, words: '' })
    setWrong(said)
    if (said === null) setAmount('')
  }
  return (
    <Panel title="Paid to others" aside={all === 0 ? '' : formatCents(all)}>
      <form
        className="grid grid-cols-2 items-end gap-2 py-2"
        onSubmit={(event) => {
          event.preventDefault()
          add()
        }}
      >
        <TextField label="Paid" inputMode="decimal" value={amount} onChange={setAmount} error={wrong} />
        <DayField label="On" value={on} onChange={setOn} />
        <SelectField
          label="For"
          value={kind}
          choices={RECEIPT_KINDS.map((value) => ({ value, label: RECEIPT_WORDS[value] }))}
          onChange={(value) => setKind(value as Receipt['kind'])}
        />
        <TextField label="To whom" value={from} onChange={(text) => setFrom(text.slice(0, 200))} />
        <Button type="submit" className="col-span-2">
          Note the receipt
        </Button>
      </form>
      <ul>
        {derived.job.receipts.map(({ id, on: day, cents, kind: of, from: whom }) => (
          <li key={id} className="flex items-baseline gap-3 border-b border-rule py-1 text-[15px]">
            <span className="min-w-0 grow">
              {dayWords(day)}, {RECEIPT_WORDS[of]}
              {whom ? `, ${whom}` : ''}
            </span>
            <span className="tabular-nums">{formatCents(cents)}</span>
            <Button look="quiet" onClick={() => store.set('receipt', id, { removed: true })}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
