'use client'

import Link from 'next/link'
import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson } from '../../client/api'
import { beforeSending } from '../../core/bid'
import { formatCents, type Cents } from '../../core/measure'
import { Button, LinkButton, Notice, Panel } from '../look'
import { useJob } from '../state/useJob'
import { BidView } from './BidView'

type SentBid = {
  readonly id: string
  readonly number: number
  readonly total_cents: number
  readonly sent_at: string
  readonly superseded_at: string | null
  readonly accepted_by: string | null
  readonly accepted_at: string | null
  readonly link_id: string | null
  readonly revoked_at: string | null
}

/** The bid as its owner will read it, and what was sent. */
export function BidTab({ jobId }: { jobId: string }) {
  const { derived, view } = useJob()
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_340px] gap-6 max-lg:grid-cols-1">
      <div className="border border-rule print:border-0">
        <BidView
          model={derived.bid}
          pictureSrc={(sha256) => `/api/photos/${sha256}?size=screen`}
          prices={view.member.seesMoney}
        />
      </div>
      <div className="no-print flex flex-col gap-5">
        {view.member.seesMoney ? (
          <SendPanel jobId={jobId} />
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
          </div>
        </Panel>
      </div>
    </div>
  )
}

function SendPanel({ jobId }: { jobId: string }) {
  const { derived, store, view } = useJob()
  const [bids, setBids] = useState<readonly SentBid[]>([])
  const [url, setUrl] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const missing = beforeSending(derived)
  const owner =
    derived.job.people.find((person) => person.roles.includes('may-approve')) ?? derived.job.people[0]

  const reload = useCallback(
    (): Promise<void> =>
      call<SentBid[]>(`/api/jobs/${jobId}/bids`).then((answer) => {
        if (answer.ok) setBids(answer.value)
        else setWrong(failureWords(answer.failure))
      }),
    [jobId],
  )
  useEffect(() => void reload(), [reload])

  async function send(): Promise<void> {
    setBusy(true)
    setWrong(null)
    // What the owner reads is made from what the server has: everything kept here goes first.
    const sent = await store.settled()
    if (!sent) {
      setBusy(false)
      setWrong('Some edits are still only on this device. Send again once there is a signal.')
      return
    }
    const answer = await postJson<{ bidId: string; url: string }>(`/api/jobs/${jobId}/bids`, {})
    setBusy(false)
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    setUrl(answer.value.url)
    return reload()
  }

  async function revoke(linkId: string): Promise<void> {
    const answer = await postJson(`/api/links/${linkId}/revoke`, {})
    if (!answer.ok) setWrong(failureWords(answer.failure))
    await reload()
  }

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
        <div>
          <Button look="main" disabled={busy || missing.length > 0} onClick={() => void send()}>
            {busy ? 'Freezing and printing…' : 'Send the bid'}
          </Button>
        </div>
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
        {url ? (
          <Notice tone="done">
            Frozen and sent. The owner’s link:{' '}
            <a className="break-all underline" href={url}>
              {url}
            </a>
            <br />
            <Link className="underline" href="/outbox">
              See the message in the outbox
            </Link>
          </Notice>
        ) : null}
        <ul aria-label="Sent bids">
          {bids.map((bid) => (
            <li key={bid.id} className="border-b border-rule py-2 text-[14px]">
              <span className="font-head font-semibold">
                Bid {bid.number}, {formatCents(bid.total_cents as Cents)}
              </span>{' '}
              <time dateTime={bid.sent_at} className="text-quiet">
                {new Date(bid.sent_at).toLocaleDateString()}
              </time>
              <span className="block">
                {bid.accepted_by ? (
                  <b className="text-moss">accepted by {bid.accepted_by}</b>
                ) : bid.superseded_at ? (
                  'a newer one took its place'
                ) : bid.revoked_at ? (
                  'link taken back'
                ) : (
                  'waiting for the owner'
                )}
              </span>
              <span className="flex gap-2 pt-1">
                <a className="text-chalk-text underline" href={`/api/bids/${bid.id}/pdf`}>
                  PDF
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
