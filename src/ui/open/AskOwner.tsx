'use client'

import { useState } from 'react'
import { countedFind, type ChangeOrder } from '../../core/job'
import { formatCents, type Cents } from '../../core/measure'
import type { Order } from '../../core/open/orders'
import { orderSections } from '../../core/open/orderModel'
import { modelHere } from './modelHere'
import { SectionsView } from '../bid/BidView'
import { Button, Notice, TextAreaField, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { OWNER_ENGLISH } from '../messages/ownerEnglish'
import { OwnerTongue } from '../owner/OwnerTongue'
import { SignFields, useSigning } from '../owner/SignFields'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { useOpenEdits, type Said } from './useOpenEdits'
import type { JobOrders } from './useOrders'

type Props = { orders: JobOrders; of: 'new' | Order; onClose: () => void }

/** A change order before it leaves, as its owner will read it: sent by a link, or said to right here. */
export function AskOwner({ orders, of, onClose }: Props) {
  const { job, store, view, derived } = useJob()
  const edits = useOpenEdits()
  const { baseline, draft } = orders
  const isNew = of === 'new'
  const opened = job.opened_places.filter(({ found, taped }) =>
    isNew
      ? draft.lines.some(({ item_id }) => found.some((each) => each.item_id === item_id)) || taped !== null
      : false,
  )
  const [words, setWords] = useState(() => (isNew ? firstWords(opened) : ''))
  const [tonight, setTonight] = useState(() => opened.findLast((each) => each.tonight !== '')?.tonight ?? '')
  const [signs, setSigns] = useState(!isNew)
  const [wrong, setWrong] = useState<string | null>(null)
  const photo_ids = [...new Set(opened.flatMap((each) => each.photo_ids))].slice(0, 60)
  const asked: ChangeOrder = isNew
    ? {
        ...{ id: 'new', removed: false, bid_id: baseline.bid_id, made_at: '', made_by: view.member.name },
        ...{ ...draft, words: words.trim(), tonight: tonight.trim(), photo_ids },
      }
    : of.order
  const sections = orderSections(
    modelHere(asked, {
      ...{ orders, job, made_on: today(job.job.time_zone) },
      number: isNew
        ? 1 + orders.orders.filter(({ face }) => face.standing !== 'refused').length
        : (of.face.number ?? 1),
    }),
  )

  function done(said: string | null): void {
    setWrong(said)
    if (said === null) onClose()
  }
  const ask = (said: Said | null): void =>
    done(
      isNew
        ? edits.ask(
            { ...draft, bid_id: baseline.bid_id, words: words.trim(), tonight: tonight.trim(), photo_ids },
            said,
          )
        : said
          ? edits.answer(of.order.id, said)
          : null,
    )
  const approver =
    derived.job.people.find(({ roles }) => roles.includes('may-approve')) ?? derived.job.people[0] ?? null
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={isNew ? `Ask the owner: ${formatCents(draft.total_cents)}` : 'Signed here'}
    >
      {isNew && !signs ? (
        <div className="flex flex-col gap-2 pb-3">
          <TextAreaField
            label="Why, in a sentence for the owner"
            value={words}
            rows={2}
            onChange={(text) => setWords(text.slice(0, 2000))}
          />
          <TextField
            label="For tonight, if nobody answers"
            value={tonight}
            placeholder="covered with house wrap and a batten"
            onChange={(text) => setTonight(text.slice(0, 200))}
          />
        </div>
      ) : null}
      <div className="border border-rule">
        <SectionsView sections={sections} pictureSrc={(sha256) => store.pictures.urlOf(sha256, 'screen')} />
      </div>
      {wrong ? (
        <div className="pt-2">
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        </div>
      ) : null}
      {signs ? (
        <GlassAnswer total={asked.total_cents} name={approver?.name ?? ''} onSay={ask} />
      ) : (
        <div className="sticky -bottom-5 -mb-5 flex flex-wrap gap-2 bg-paper pt-3 pb-5">
          <Button look="main" onClick={() => ask(null)}>
            Send the link
          </Button>
          <Button onClick={() => setSigns(true)}>Sign here…</Button>
          <p className="self-center text-[14px] text-quiet">
            {approver?.email
              ? `to ${approver.name}, ${approver.email}`
              : 'Nobody who may say yes has an address: note it in Walk.'}
          </p>
        </div>
      )}
    </Dialog>
  )
}

/** Yes or no on this phone, with a name. It counts at once, and goes out with the next signal. */
function GlassAnswer(props: { total: Cents; name: string; onSay: (said: Said) => void }) {
  const signing = useSigning()
  const [wrong, setWrong] = useState<string | null>(null)
  function say(says: 'yes' | 'no'): void {
    const signed = signing.signed()
    if (signed === null) {
      setWrong('Type the name of the one who says it.')
      return
    }
    props.onSay({ says, ...signed, signature: signing.signature() })
  }
  return (
    <section aria-label="The owner’s word" className="flex flex-col gap-2 pt-3">
      <OwnerTongue locale="en" messages={OWNER_ENGLISH}>
        <SignFields signing={signing} wrong={wrong} heldOut={{ name: props.name }} />
      </OwnerTongue>
      <div className="flex flex-wrap gap-2">
        <Button look="main" className="min-h-11 grow" onClick={() => say('yes')}>
          Yes, do it: {formatCents(props.total)}
        </Button>
        <Button className="min-h-11" onClick={() => say('no')}>
          No
        </Button>
      </div>
    </section>
  )
}

/** A first sentence from what was said at the places, else from what was found. */
function firstWords(
  opened: readonly { readonly words: string; readonly found: readonly { find: string; count: number }[] }[],
): string {
  const said = opened.map(({ words }) => words).filter(Boolean)
  if (said.length > 0) return said.join(' ')
  const found = [
    ...new Set(opened.flatMap(({ found: all }) => all.map(({ find }) => countedFind(find).split(',')[0]!))),
  ]
  return found.length === 0 ? '' : `With the boards off, more is soft behind them: ${found.join(' and ')}.`
}
