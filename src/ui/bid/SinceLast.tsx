'use client'

import { useEffect, useState } from 'react'
import * as z from 'zod'
import { call } from '../../client/api'
import type { BidModel } from '../../core/bid'
import { compareBids, isSameBid, type Difference } from '../../core/bid/compareBids'
import { readBid } from '../../core/bid/raiseBid'
import type { SentBidAnswer } from '../../core/contract'
import { formatCents, type Cents } from '../../core/measure'

/** The bid sent last, as it was frozen; null while it is not here. */
function useLastSent(bids: readonly SentBidAnswer[] | null): { bid: BidModel; number: number } | null {
  const last = bids?.[0]
  const [sent, setSent] = useState<{ id: string; bid: BidModel; number: number } | null>(null)
  const id = last?.id
  const number = last?.number ?? 0
  useEffect(() => {
    if (id === undefined) return undefined
    let gone = false
    void call(`/api/bids/${id}/file`, z.unknown()).then((answer) => {
      const read = answer.ok ? readBid(answer.value) : null
      if (!gone && read?.ok) setSent({ id, bid: read.value, number })
    })
    return () => {
      gone = true
    }
  }, [id, number])
  return sent?.id === id ? sent : null
}

const signed = (cents: number): string => `${cents < 0 ? '−' : '+'} ${formatCents(Math.abs(cents) as Cents)}`

/** One difference: in words, and in money. */
function lineOf(of: Difference): readonly [words: string, money: string] {
  const name = `${of.title} (${of.where})`
  switch (of.kind) {
    case 'new':
      return [`New: ${name}`, signed(of.cents)]
    case 'out':
      return [
        `${of.now === null ? 'Gone' : 'Out of the price'}: ${name}${of.now ? `, ${of.now}` : ''}`,
        signed(0 - of.cents),
      ]
    case 'price':
      return [`${name}: ${formatCents(of.was)} is now ${formatCents(of.is)}`, signed(of.is - of.was)]
    case 'words':
      return [`${name}: ${of.what.join(', ')} changed`, '']
  }
}

/** What today's draft says and costs otherwise than the bid that was sent last. */
export function SinceLast({ bids, draft }: { bids: readonly SentBidAnswer[] | null; draft: BidModel }) {
  const last = useLastSent(bids)
  if (!last) return null
  const told = compareBids(last.bid, draft)
  if (isSameBid(told))
    return <p className="text-[14px] text-quiet">Nothing has changed since bid {last.number}.</p>
  const difference = told.is_cents - told.was_cents
  const lines: (readonly [string, string])[] = [
    ...told.hazards.map((words) => [`New hazard: ${words}`, ''] as const),
    ...told.work.map(lineOf),
    ...told.offered.map((words) => [`Now offered: ${words}`, ''] as const),
    ...told.withdrawn.map((words) => [`No longer offered: ${words}`, ''] as const),
    ...(told.rest_cents === 0 ? [] : [['Adjustment and tax', signed(told.rest_cents)] as const]),
  ]
  return (
    <details>
      <summary className="cursor-pointer font-head font-semibold">
        Since bid {last.number}: {difference === 0 ? 'the same total' : signed(difference)}, {lines.length}{' '}
        {lines.length === 1 ? 'change' : 'changes'}
      </summary>
      <ul className="pt-1">
        {lines.map(([words, money]) => (
          <li key={words} className="flex justify-between gap-3 border-b border-rule py-1 text-[14px]">
            <span>{words}</span>
            <span className="whitespace-nowrap">{money}</span>
          </li>
        ))}
      </ul>
    </details>
  )
}
