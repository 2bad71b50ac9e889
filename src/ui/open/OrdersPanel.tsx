'use client'

import { useState } from 'react'
import { formatCents, momentWords, type Cents } from '../../core/measure'
import type { Order } from '../../core/open/orders'
import { Button, LinkButton, Notice, Panel } from '../look'
import { whenShown } from '../state/whenShown'
import { useJob } from '../state/useJob'
import { HitRateLine } from './HitRateLine'
import { standingTone, standingWords } from './openWords'
import { useOpenEdits } from './useOpenEdits'
import type { JobOrders } from './useOrders'

const AskOwner = whenShown(() => import('./AskOwner').then((file) => file.AskOwner))

/** What was agreed, what was asked since and how it stands, and what would be asked now. */
export function OrdersPanel({ orders }: { orders: JobOrders | null }) {
  const { view, around } = useJob()
  const [asks, setAsks] = useState<'new' | Order | null>(null)
  if (orders === null) {
    return (
      <Panel title="Changes">
        {view.member.seesMoney ? (
          <p className="py-3 text-quiet">
            {around.baseline === undefined
              ? 'What was accepted has not reached this device yet.'
              : 'No bid is accepted yet. Once one is, what is found goes to the owner from here, at the prices of finds he agreed to.'}
          </p>
        ) : (
          <CrewOrders />
        )}
        <HitRateLine />
      </Panel>
    )
  }
  const { draft, total, baseline } = orders
  return (
    <>
      <Panel title="Agreed" aside={`bid ${baseline.number}, accepted by ${baseline.accepted_by}`}>
        <dl className="grid grid-cols-[1fr_auto] py-1 text-[15px] tabular-nums">
          <Row name="Bid, as accepted" cents={total.baseline_cents} />
          {total.agreed_cents === 0 ? null : <Row name="Changes with a yes" cents={total.agreed_cents} />}
          <Row name="Agreed by now" cents={total.total_cents} strong />
          {total.waiting_cents === 0 ? null : <Row name="Asked, no answer yet" cents={total.waiting_cents} />}
        </dl>
        <p className="pb-1 text-[14px] text-quiet">
          {baseline.go_on === null || baseline.go_on.most_cents === 0
            ? 'Nothing was agreed about going on without a yes: every find waits for its own.'
            : `Without a yes the crew goes on with finds up to ${formatCents(baseline.go_on.most_cents)} together; ${formatCents(total.left_cents)} of it is left. After ${baseline.go_on.answer_hours} working hours without a word the place is made dry and charged by the hour.`}
        </p>
      </Panel>
      <Panel
        title="Not asked yet"
        aside={draft.lines.length === 0 ? 'nothing' : formatCents(draft.total_cents)}
      >
        <ul className="text-[15px]">
          {draft.lines.map((line) => (
            <li
              key={`${line.kind}/${line.item_id}`}
              className="flex items-baseline gap-3 border-b border-rule py-1"
            >
              <span className="min-w-0 grow">
                {line.quantity && line.kind === 'found' ? `${line.quantity} × ` : ''}
                {line.title} <span className="text-[14px] text-quiet">{line.where}</span>
                <span className="block text-[13px] text-quiet">{line.reckoned}</span>
              </span>
              <span className="tabular-nums">{formatCents(line.cents)}</span>
            </li>
          ))}
        </ul>
        {draft.notReckoned.map(({ item_id, title, why }) => (
          <p key={item_id} className="py-1 text-[14px] text-pencil-text">
            {title}:{' '}
            {why === 'no-price'
              ? 'it has no price yet. Give it one in Price, and it can be asked.'
              : 'left out, but the accepted bid does not say what that saves. Agree on it, and send a bid that takes its place.'}
          </p>
        ))}
        {draft.lines.length > 0 ? (
          <div className="py-2">
            <Button look="main" className="w-full" onClick={() => setAsks('new')}>
              Ask the owner: {formatCents(draft.total_cents)}
            </Button>
          </div>
        ) : null}
      </Panel>
      <Panel title="Change orders" aside={orders.orders.length === 0 ? 'none' : String(orders.orders.length)}>
        <ul>
          {orders.orders.toReversed().map((each) => (
            <OrderRow key={each.order.id} of={each} onAsk={() => setAsks(each)} />
          ))}
        </ul>
        <HitRateLine />
      </Panel>
      {asks === null ? null : <AskOwner orders={orders} of={asks} onClose={() => setAsks(null)} />}
    </>
  )
}

function Row({ name, cents, strong = false }: { name: string; cents: Cents; strong?: boolean }) {
  const look = strong ? 'border-t border-ink font-semibold' : ''
  return (
    <>
      <dt className={look}>{name}</dt>
      <dd className={`pl-4 text-right ${look}`}>{formatCents(cents)}</dd>
    </>
  )
}

function OrderRow({ of, onAsk }: { of: Order; onAsk: () => void }) {
  const { job } = useJob()
  const edits = useOpenEdits()
  const { order, face } = of
  const waits = face.standing === 'waits'
  const at = (moment: string | null): string =>
    moment === null ? '' : momentWords(moment, job.job.time_zone)
  return (
    <li className="border-b border-rule py-1.5 text-[15px]">
      <p className="flex items-baseline justify-between gap-3">
        <span>
          <span className="font-semibold">
            {face.number === null ? 'Change' : `Change order ${face.number}`}
          </span>{' '}
          <span className={`font-head ${standingTone(face)}`}>{standingWords(face)}</span>
        </span>
        <span className="tabular-nums">{formatCents(order.total_cents)}</span>
      </p>
      <p className="text-[14px] text-quiet">
        {order.lines
          .map(({ quantity, title, kind }) => `${kind === 'found' ? `${quantity} × ` : ''}${title}`)
          .join('; ')}
      </p>
      <p className="text-[13px] text-quiet">
        {[
          face.sent_at
            ? `sent ${at(face.sent_at)}`
            : face.standing === 'refused'
              ? ''
              : 'kept here, goes out with a signal',
          face.seen_at ? `opened ${at(face.seen_at)}` : '',
          face.said_at ? `answered ${at(face.said_at)}` : '',
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {face.why ? <Notice tone="wrong">{face.why}</Notice> : null}
      <div className="flex flex-wrap gap-x-3">
        {waits ? (
          <>
            <Button look="quiet" onClick={onAsk}>
              Sign here
            </Button>
            <Button look="quiet" onClick={() => edits.withdraw(order.id)}>
              Withdraw
            </Button>
          </>
        ) : null}
        {face.standing === 'no' && !order.removed ? (
          <Button look="quiet" onClick={() => edits.withdraw(order.id)}>
            Set aside, to ask anew
          </Button>
        ) : null}
        {face.sent_at ? (
          <LinkButton look="quiet" href={`/api/orders/${order.id}/pdf`}>
            PDF
          </LinkButton>
        ) : null}
      </div>
    </li>
  )
}

/** What a crew reads of them: whether it goes on. */
function CrewOrders() {
  const { around } = useJob()
  const orders = around.orders.filter(({ standing }) => standing !== 'refused')
  if (orders.length === 0) {
    return <p className="py-3 text-quiet">What you find goes to the office, which asks the owner.</p>
  }
  return (
    <ul>
      {orders.toReversed().map((face) => (
        <li key={face.id} className="flex justify-between gap-3 border-b border-rule py-1.5">
          <span>Change order {face.number}</span>
          <span className={`font-head ${standingTone(face)}`}>{standingWords(face)}</span>
        </li>
      ))}
    </ul>
  )
}
