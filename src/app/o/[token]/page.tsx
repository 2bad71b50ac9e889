import type { Metadata } from 'next'
import type { BidModel } from '../../../core/bid'
import type { OwnerChoice } from '../../../core/contract'
import { formatCents } from '../../../core/measure'
import { readOwnerBid, titlesOf, type OwnerBid as OwnersBid } from '../../../server/bids/ownerBid'
import { problemWords, Refused } from '../../../server/problem'
import { LinkButton } from '../../../ui/look/Button'
import { Notice } from '../../../ui/look/Notice'
import { OwnerBid } from '../../../ui/owner/OwnerBid'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Your repair bid', robots: { index: false, follow: false } }

async function read(token: string): Promise<{ bid: OwnersBid } | { words: string }> {
  try {
    return { bid: await readOwnerBid(token) }
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
        <h1 className="pb-3 text-[22px]">This bid cannot be opened</h1>
        <Notice tone="waiting">{found.words}</Notice>
      </main>
    )
  }
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
      {accepted ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="done">
            Accepted{part ? ' in part' : ''} by {accepted.by} on {accepted.at.slice(0, 10)}:{' '}
            {formatCents(accepted.total_cents)}. {part ? partWords(model, accepted.choice) : ''}{' '}
            {accepted.replaced ? 'A newer bid was accepted since and has taken its place.' : 'Thank you.'}
          </Notice>
        </div>
      ) : null}
      <OwnerBid
        token={token}
        hash={hash}
        number={number}
        model={model}
        messages={messages}
        open={!accepted && !superseded}
      />
      <div className="no-print mx-auto flex max-w-4xl bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/pdf`}>Bid as PDF</LinkButton>
        {accepted ? (
          <LinkButton href={`/api/owner/${token}/pdf?form=accepted`}>What was accepted, as PDF</LinkButton>
        ) : (
          <LinkButton href={`/api/owner/${token}/pdf?form=short`}>On one page</LinkButton>
        )}
        <LinkButton href={`/api/owner/${token}/calendar`} download>
          Its last day, for your calendar
        </LinkButton>
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
