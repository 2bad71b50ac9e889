import type { Metadata } from 'next'
import { formatCents } from '../../../core/measure'
import { readOwnerBid, type OwnerBid } from '../../../server/bids/ownerBid'
import { problemWords, Refused } from '../../../server/problem'
import { AcceptForm } from '../../../ui/bid/AcceptForm'
import { BidView } from '../../../ui/bid/BidView'
import { LinkButton } from '../../../ui/look/Button'
import { Notice } from '../../../ui/look/Notice'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Your repair bid', robots: { index: false, follow: false } }

async function read(token: string): Promise<{ bid: OwnerBid } | { words: string }> {
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
  const { model, hash, number, superseded, accepted } = found.bid
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
            Accepted by {accepted.by} on {accepted.at.slice(0, 10)}.{' '}
            {accepted.replaced ? 'A newer bid was accepted since and has taken its place.' : 'Thank you.'}
          </Notice>
        </div>
      ) : null}
      <BidView model={model} pictureSrc={(sha256) => `/api/owner/${token}/picture/${sha256}`} />
      <div className="no-print mx-auto flex max-w-4xl bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/pdf`}>Bid as PDF</LinkButton>
      </div>
      {accepted ? (
        // Where the yes was given, so that whoever gave it sees at once that it arrived.
        <div className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4">
          <Notice tone="done">
            Your yes has arrived: accepted by {accepted.by} on {accepted.at.slice(0, 10)}. The firm has been
            told.
          </Notice>
        </div>
      ) : null}
      {accepted || superseded ? null : (
        <AcceptForm
          key={number}
          token={token}
          hash={hash}
          total={formatCents(model.total_cents)}
          replaces={model.replaces?.number ?? null}
        />
      )}
    </main>
  )
}
