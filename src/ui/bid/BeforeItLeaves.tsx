'use client'

import { useMemo, useState } from 'react'
import { promisesIn } from '../../core/bid/promises'
import { methodName } from '../../core/catalogue'
import { byId, type JobDocument } from '../../core/job'
import { formatCents } from '../../core/measure'
import { doubledOnSides, type Doubled } from '../../core/scope'
import { permitOf } from '../../core/takeoff/permitOf'
import { Button, LinkButton, Notice } from '../look'
import { Dialog } from '../look/Dialog'
import { Framed } from '../look/Framed'
import { useJob } from '../state/useJob'
import { PERMIT_UNASKED } from '../price/PermitField'
import { BidView } from './BidView'
import { useReadyBid } from './useReadyBid'

/** Widths of what an owner holds, pixels: a phone, and a sheet of Letter paper. */
const WIDTHS = { phone: 390, paper: 816 } as const

/** Two works that are never both done, both in the price. */
const doubledWords =
  (job: JobDocument) =>
  ({ side_id, one, other, why }: Doubled): string =>
    `Side ${byId(job.sides, side_id)?.letter ?? ''}: ${methodName(one.method).toLowerCase()} and ${methodName(other.method).toLowerCase()} are both in the price. ${why}`

type Props = {
  readonly jobId: string
  readonly to: string
  /** What still keeps it from being sent. */
  readonly missing: readonly string[]
  readonly onClose: () => void
  readonly onSend: () => void
}

/**
 * The bid as its owner will see it, on the phone and on paper, with what is still open beside it. Sending is the second, deliberate
 * step: what has left stays as it left.
 */
export function BeforeItLeaves({ jobId, to, missing, onClose, onSend }: Props) {
  const { derived } = useJob()
  const [on, setOn] = useState<keyof typeof WIDTHS>('phone')
  const { coverage, scope, price, takeoff, job } = derived
  const permit = permitOf(scope, takeoff)
  const promised = useMemo(() => promisesIn(job), [job])
  const { bid, isReady } = useReadyBid(jobId)
  const total = price.kind === 'priced' ? formatCents(price.total_cents) : ''
  const open = [
    ...missing,
    ...(scope.open.length > 0 ? [`Findings answered by nothing: ${scope.open.length}.`] : []),
    ...doubledOnSides(job).map(doubledWords(job)),
    ...(coverage.holds.length > 0
      ? [`Places not looked at, which the bid lists: ${coverage.holds.length}.`]
      : []),
    ...(job.job.permit === 'unknown' && permit.asking > 0 && !permit.charged ? [PERMIT_UNASKED] : []),
    ...(to === '' ? ['No owner is noted: the link can only be handed over.'] : []),
  ]
  return (
    <Dialog open onClose={onClose} title="As the owner will see it" wide="full">
      <div className="grid grid-cols-[minmax(0,1fr)_280px] gap-6 max-lg:grid-cols-1">
        <div className="min-w-0">
          <div role="group" aria-label="Seen on" className="flex gap-2 pb-2">
            <Button aria-pressed={on === 'phone'} onClick={() => setOn('phone')}>
              Phone
            </Button>
            <Button aria-pressed={on === 'paper'} onClick={() => setOn('paper')}>
              Paper
            </Button>
            {on === 'paper' ? (
              <>
                <LinkButton href={`/api/jobs/${jobId}/paper`}>The pages, as PDF</LinkButton>
                <LinkButton href={`/api/jobs/${jobId}/paper?form=short`}>On one page, as PDF</LinkButton>
              </>
            ) : null}
          </div>
          <div className="h-[66vh] overflow-x-auto border border-ink bg-white text-center">
            <Framed
              key={on}
              title={`The bid on a ${on === 'phone' ? 'phone' : 'sheet of paper'}`}
              width={WIDTHS[on]}
            >
              <BidView
                model={bid}
                pictureSrc={(sha256) => `/api/photos/${sha256}?size=screen`}
                prices
                folded={on === 'phone'}
              />
            </Framed>
          </div>
        </div>
        <div className="flex flex-col gap-3">
          {isReady ? null : (
            <p role="status" className="text-[14px] text-quiet">
              Reckoning what each item saves, and prices of finds.
            </p>
          )}
          <h3 className="text-[17px]">Still open</h3>
          {open.length === 0 ? <p className="text-[14px] text-quiet">Nothing.</p> : null}
          {open.map((words) => (
            <Notice key={words} tone="waiting">
              {words}
            </Notice>
          ))}
          {promised.length > 0 ? (
            <details open>
              <summary className="cursor-pointer font-head text-[17px] font-semibold">
                Say it otherwise? {promised.length}
              </summary>
              <ul className="text-[14px]">
                {promised.map(({ where, words, instead }) => (
                  <li key={`${where} ${words}`} className="border-b border-rule py-1">
                    “{words}” in {where}: {instead}.
                  </li>
                ))}
              </ul>
            </details>
          ) : null}
          <p className="text-[14px]">
            What is sent is frozen as it stands here{total ? `, at ${total}` : ''}. It can be followed by a
            newer one or its link taken back, not changed.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="main" disabled={missing.length > 0} onClick={onSend}>
              Send it{to ? ` to ${to}` : ''}
            </Button>
            <Button onClick={onClose}>Not yet</Button>
          </div>
        </div>
      </div>
    </Dialog>
  )
}
