import type { Metadata } from 'next'
import type { BidModel } from '../../../core/bid'
import type { OwnerChoice } from '../../../core/contract'
import { dayWords, formatCents, momentWords } from '../../../core/measure'
import { readOwnerBid, titlesOf, type OwnerBid as OwnersBid } from '../../../server/bids/ownerBid'
import { problemWords, Refused } from '../../../server/problem'
import { readOwnerHandover, type OwnerHandover } from '../../../server/close/handover'
import { readOwnerOrders, type OwnerOrder, type OwnerOrders } from '../../../server/orders/ownerOrder'
import { orderSections } from '../../../core/open/orderModel'
import { SectionsView } from '../../../ui/bid/BidView'
import { AnswerOrder } from '../../../ui/owner/OrderPage'
import { LinkButton } from '../../../ui/look/Button'
import { Notice } from '../../../ui/look/Notice'
import { OwnerBid } from '../../../ui/owner/OwnerBid'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Your repair bid', robots: { index: false, follow: false } }

type Found =
  | { readonly bid: OwnersBid; readonly orders: OwnerOrders; readonly handed: OwnerHandover | null }
  | { readonly words: string }

async function read(token: string): Promise<Found> {
  try {
    const orders = await readOwnerOrders(token)
    return { bid: await readOwnerBid(token), orders, handed: await readOwnerHandover(token) }
  } catch (error) {
    if (error instanceof Refused) return { words: problemWords(error.error) }
    throw error
  }
}

/** The owner's page: no account, only this link. */
export default async function OwnerPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params
  const found = await read(token)
  if ('words' in found) {
    return (
      <main className="mx-auto max-w-xl p-6">
        <h1 className="pb-3 text-[22px]">This cannot be opened</h1>
        <Notice tone="waiting">{found.words}</Notice>
      </main>
    )
  }
  if (found.orders.order) return <OrderPage token={token} order={found.orders.order} all={found.orders} />
  const { model, hash, number, superseded, accepted, messages } = found.bid
  const part = accepted
    ? accepted.choice.left.length + accepted.choice.taken.length + accepted.choice.looks.length > 0
    : false
  return (
    <main className="py-4 max-sm:py-0 print:py-0">
      {superseded && !accepted ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="waiting">{problemWords({ kind: 'bid-superseded' })}</Notice>
        </div>
      ) : null}
      {found.handed ? <HandedOver token={token} handed={found.handed} /> : null}
      {accepted ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="done">
            Accepted{part ? ' in part' : ''} by {accepted.by} on {dayWords(accepted.at.slice(0, 10))}:{' '}
            {formatCents(accepted.total_cents)}. {part ? partWords(model, accepted.choice) : ''}{' '}
            {accepted.replaced ? 'A newer bid was accepted since and has taken its place.' : 'Thank you.'}
          </Notice>
        </div>
      ) : null}
      <ChangesSince token={token} orders={found.orders} />
      <OwnerBid
        token={token}
        hash={hash}
        number={number}
        model={model}
        messages={messages}
        open={!accepted && !superseded}
        past={found.handed !== null}
      />
      <div className="no-print mx-auto flex max-w-4xl flex-wrap gap-2 bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/pdf`}>Bid as PDF</LinkButton>
        {accepted ? (
          <LinkButton href={`/api/owner/${token}/pdf?form=accepted`}>What was accepted, as PDF</LinkButton>
        ) : (
          <LinkButton href={`/api/owner/${token}/pdf?form=short`}>On one page</LinkButton>
        )}
        {accepted ? null : (
          <LinkButton href={`/api/owner/${token}/calendar`} download>
            Its last day, for your calendar
          </LinkButton>
        )}
      </div>
    </main>
  )
}

/** What was left out and taken besides, by name. */
function partWords(model: BidModel, choice: OwnerChoice): string {
  const titles = titlesOf(model)
  const named = (ids: readonly string[]): string => ids.map((id) => titles.get(id) ?? id).join('; ')
  return [
    choice.left.length > 0 ? `Left out and still open: ${named(choice.left)}.` : '',
    choice.taken.length + choice.looks.length > 0
      ? `Taken besides: ${named([...choice.taken, ...choice.looks])}.`
      : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** The work is done: its paper, and what keeps it so for the calendar. */
function HandedOver({ token, handed }: { token: string; handed: OwnerHandover }) {
  const { model } = handed
  const open = model.items.filter(({ finished_on }) => finished_on === null).length
  return (
    <section
      aria-label="Handed over"
      className="mx-auto mb-3 max-w-4xl border border-rule bg-paper px-6 py-4 max-sm:px-4"
    >
      <h1 className="text-[19px]">Handed over on {dayWords(model.on)}</h1>
      {model.words ? <p className="py-1">{model.words}</p> : null}
      {open > 0 ? (
        <p className="py-1 text-pencil-text">
          {open} of {model.items.length} pieces of work are not done yet.
        </p>
      ) : null}
      <p className="py-1">
        What was done with pictures, what we stand for and until when, and what keeps it so:
      </p>
      <p className="no-print flex flex-wrap gap-2 py-1">
        <LinkButton href={`/api/owner/${token}/handover/pdf`} look="main">
          The work, as PDF
        </LinkButton>
        <LinkButton href={`/api/owner/${token}/handover/calendar`} download>
          Upkeep for your calendar
        </LinkButton>
      </p>
    </section>
  )
}

const SAID = {
  yes: 'yes',
  no: 'no: it is not done',
  waits: 'waits for your word',
  withdrawn: 'withdrawn by the firm',
  refused: 'withdrawn by the firm',
} as const

/** Changes of an accepted bid, each with its sum and what was said to it, and what is agreed by now. */
function ChangesSince({ token, orders }: { token: string; orders: OwnerOrders }) {
  const shown = orders.all.filter(({ standing }) => standing !== 'withdrawn')
  if (shown.length === 0 || orders.agreed_cents === null) return null
  return (
    <section
      aria-label="Changes since"
      className="mx-auto mb-3 max-w-4xl border border-rule bg-paper px-6 py-4 max-sm:px-4"
    >
      <h2 className="flex items-baseline justify-between gap-4 text-[19px]">
        <span>Agreed by now</span>
        <span>{formatCents(orders.agreed_cents)}</span>
      </h2>
      <ul>
        {shown.map(({ model, standing }) => (
          <li key={model.id} className="flex items-baseline justify-between gap-4 border-t border-rule py-1">
            <span>
              <a className="underline" href={`/api/owner/${token}/orders/${model.id}/pdf`}>
                Change order {model.number}
              </a>
              , {SAID[standing]}
            </span>
            <span className="tabular-nums">{formatCents(model.total_cents)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A change order as its owner reads it, and where he says yes or no. */
function OrderPage({ token, order, all }: { token: string; order: OwnerOrder; all: OwnerOrders }) {
  const { model, hash, standing, answered } = order
  const signed =
    answered && (standing === 'yes' || standing === 'no')
      ? { says: standing, by: answered.by, at: answered.at, onGlass: answered.onGlass }
      : null
  return (
    <main className="py-4 max-sm:py-0 print:py-0">
      {signed ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone={signed.says === 'yes' ? 'done' : 'waiting'}>
            {signed.by} said {signed.says} to it on {momentWords(signed.at, model.time_zone)}
            {signed.onGlass ? ', on a phone of the firm. If that is not so, tell the firm today' : ''}.
            {all.agreed_cents === null ? '' : ` Agreed by now: ${formatCents(all.agreed_cents)}.`}
          </Notice>
        </div>
      ) : standing === 'withdrawn' ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="waiting">{problemWords({ kind: 'order-withdrawn' })}</Notice>
        </div>
      ) : null}
      <SectionsView
        sections={orderSections(model, signed)}
        pictureSrc={(sha256) => `/api/owner/${token}/orders/${model.id}/picture/${sha256}`}
      />
      {standing === 'waits' ? (
        <AnswerOrder
          token={token}
          orderId={model.id}
          hash={hash}
          number={model.number}
          total_cents={model.total_cents}
        />
      ) : null}
      <div className="no-print mx-auto flex max-w-4xl bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/orders/${model.id}/pdf`}>Change order as PDF</LinkButton>
        <LinkButton href={`/api/owner/${token}/pdf`}>The bid as PDF</LinkButton>
      </div>
    </main>
  )
}
