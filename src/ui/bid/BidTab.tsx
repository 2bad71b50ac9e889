'use client'

import { useState, type ReactNode } from 'react'
import type { SentBidAnswer } from '../../core/contract'
import { dayWords, formatCents, type Cents } from '../../core/measure'
import { Button, LinkButton, Notice, Panel, PANES } from '../look'
import { Dialog } from '../look/Dialog'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'
import { BeforeItLeaves } from './BeforeItLeaves'
import { BidOut } from './BidOut'
import { BidView } from './BidView'
import { SinceLast } from './SinceLast'
import { ThreadPanel } from './ThreadPanel'
import { useMarkedBid } from './useMarkedBid'
import { useSending } from './useSending'

const OPTIONS = { kind: 'options' } as const

/** The bid as its owner will read it, and what was sent. */
export function BidTab({ jobId }: { jobId: string }) {
  const { view, derived } = useJob()
  const marked = useMarkedBid()
  // What an option saves is reckoned beside the page: until it is there, options stand without it.
  const options = useCompare(derived, marked.beside.some(({ takeable }) => takeable) ? OPTIONS : null)
  const bid = options === null ? marked : { ...marked, ...options }
  return (
    <div className={`grid grid-cols-[minmax(0,1fr)_340px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <div className="border border-rule print:border-0">
        <BidView
          model={bid}
          pictureSrc={(sha256) => `/api/photos/${sha256}?size=screen`}
          prices={view.member.seesMoney}
        />
      </div>
      <div className="no-print flex flex-col gap-5">
        {view.member.seesMoney ? (
          <>
            <SendPanel jobId={jobId} />
            <ThreadPanel jobId={jobId} />
          </>
        ) : (
          <Notice>Sending is for the office; this is how the bid will read, without prices.</Notice>
        )}
        <Panel title="Take the job out">
          <div className="flex flex-wrap gap-2 pt-2">
            <LinkButton href={`/api/jobs/${jobId}/file`} download>
              Job file
            </LinkButton>
            <LinkButton href={`/api/jobs/${jobId}/file?as=zip`} download>
              Zip with pictures
            </LinkButton>
            {view.member.may.includes('get-originals') ? (
              <LinkButton href={`/api/jobs/${jobId}/file?as=zip&pictures=originals`} download>
                Zip with originals
              </LinkButton>
            ) : null}
          </div>
          {view.member.seesMoney ? <BidOut bid={bid} /> : null}
          <p className="pt-1 text-[13px] text-quiet">
            Pictures leave without the place they were taken at; originals keep it.
          </p>
        </Panel>
      </div>
    </div>
  )
}

/** How often its owner opened it. */
function seenWords({ seen_at, seen_times }: SentBidAnswer): string {
  if (seen_at === null) return ', not opened yet'
  return `, opened ${seen_times === 1 || seen_times === null ? 'once' : `${seen_times} times`}, first on ${dayWords(seen_at.slice(0, 10))}`
}

/** Where a sent bid stands. */
function standing(bid: SentBidAnswer): ReactNode {
  if (!bid.sealed)
    return <b className="text-crayon-text">does not match its seal any more: do not rely on it</b>
  if (bid.accepted_by && bid.replaced_at) return `accepted by ${bid.accepted_by}, since replaced`
  if (bid.accepted_by) {
    const cents = bid.accepted_cents
    return (
      <b className="text-moss">
        accepted{bid.in_part ? ' in part' : ''} by {bid.accepted_by}
        {cents === null || cents === bid.total_cents ? '' : `, ${formatCents(cents as Cents)}`}
      </b>
    )
  }
  if (bid.superseded_at) return 'a newer one took its place'
  if (bid.revoked_at) return 'link taken back'
  return bid.replaces_number
    ? `waiting for the owner; bid ${bid.replaces_number} stands until then`
    : `waiting for the owner${seenWords(bid)}`
}

function SendPanel({ jobId }: { jobId: string }) {
  const { derived, store, view } = useJob()
  const { bids, accepted, progress, wrong, sent, send, revoke } = useSending(jobId, store)
  const [asks, setAsks] = useState(false)
  const [looks, setLooks] = useState(false)
  const missing = derived.lacks
  const owner =
    derived.job.people.find((person) => person.roles.includes('may-approve')) ?? derived.job.people[0]

  return (
    <Panel title="Send">
      <div className="flex flex-col gap-3 pt-2">
        {missing.map((words) => (
          <Notice key={words} tone="waiting">
            {words}
          </Notice>
        ))}
        <p className="text-[14px]">
          {owner?.name
            ? `Goes to ${owner.name}${owner.email ? `, ${owner.email}` : ''}.`
            : 'No owner noted: the link can still be handed over. Add a person in Job details.'}
        </p>
        <SinceLast bids={bids} draft={derived.bid} />
        <div className="flex flex-wrap gap-2">
          <Button
            look="main"
            disabled={bids === null || progress !== null || missing.length > 0}
            onClick={() => setLooks(true)}
          >
            {progress !== null ? 'Freezing and printing…' : accepted ? 'Send a further bid…' : 'Send the bid'}
          </Button>
          {missing.length > 0 ? (
            <Button onClick={() => setLooks(true)}>As the owner will see it</Button>
          ) : null}
        </div>
        {progress !== null ? (
          <p role="status" className="text-[14px]">
            {progress}
          </p>
        ) : null}
        {looks ? (
          <BeforeItLeaves
            jobId={jobId}
            to={owner?.name ?? ''}
            missing={missing}
            onClose={() => setLooks(false)}
            onSend={() => {
              setLooks(false)
              if (accepted) setAsks(true)
              else void send(null)
            }}
          />
        ) : null}
        <Dialog
          open={asks && accepted !== null}
          onClose={() => setAsks(false)}
          title="A further bid over an accepted one"
        >
          {accepted ? (
            <div className="flex flex-col gap-3">
              <p>
                Bid {accepted.number} for {formatCents(accepted.total_cents as Cents)} was accepted by{' '}
                {accepted.accepted_by}. It stays the accepted one until the owner accepts the new one, which
                says that it takes its place.
              </p>
              <div className="flex flex-wrap justify-end gap-2">
                <Button onClick={() => setAsks(false)}>Leave it at bid {accepted.number}</Button>
                <Button
                  look="main"
                  onClick={() => {
                    setAsks(false)
                    void send(accepted.id)
                  }}
                >
                  Send it to replace bid {accepted.number}
                </Button>
              </div>
            </div>
          ) : null}
        </Dialog>
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
        {sent ? (
          <Notice tone="done">
            {sent.url ? (
              <>
                Frozen and sent. The owner’s link:{' '}
                <a className="break-all underline" href={sent.url}>
                  {sent.url}
                </a>
              </>
            ) : (
              'It went with an earlier try; its link is in the message.'
            )}
            <br />
            <a className="underline" href="/outbox">
              See the message in the outbox
            </a>
          </Notice>
        ) : null}
        <ul aria-label="Sent bids">
          {bids?.map((bid) => (
            <li key={bid.id} className="border-b border-rule py-2 text-[14px]">
              <span className="font-head font-semibold">
                Bid {bid.number}, {formatCents(bid.total_cents as Cents)}
              </span>{' '}
              <time dateTime={bid.sent_at} className="text-quiet">
                {new Date(bid.sent_at).toLocaleDateString()}
              </time>
              <span className="block">{standing(bid)}</span>
              <span className="flex gap-2 pt-1">
                <a
                  className="text-chalk-text underline"
                  href={`/api/bids/${bid.id}/calendar`}
                  download={`bid-${bid.number}.ics`}
                >
                  Calendar
                </a>
                <a className="text-chalk-text underline" href={`/api/bids/${bid.id}/pdf`}>
                  PDF
                </a>
                <a className="text-chalk-text underline" href={`/api/bids/${bid.id}/file`} download>
                  JSON
                </a>
                {bid.link_id && !bid.revoked_at ? (
                  <button
                    type="button"
                    className="text-chalk-text underline"
                    onClick={() => void revoke(bid.link_id!)}
                  >
                    Take the link back
                  </button>
                ) : null}
              </span>
            </li>
          ))}
        </ul>
        {view.waiting > 0 ? (
          <p className="text-[13px] text-quiet">{view.waiting} edits on their way.</p>
        ) : null}
      </div>
    </Panel>
  )
}
