'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { MonthsAnswer } from '../../core/contract'
import { tellMonths, type MonthsTold } from '../../core/office'
import { formatCents, type Cents } from '../../core/measure'
import { Button, Notice } from '../look'
import { whenShown } from '../state/whenShown'

/** The drawing brings its library: loaded when it is opened. */
const MonthsChart = whenShown(
  () => import('./MonthsChart').then((file) => file.MonthsChart),
  <p className="h-40 text-quiet">Drawing…</p>,
)

const money = (cents: number): string => formatCents(cents as Cents)

/** The year in a sentence or two. */
export function yearWords({ won, open }: MonthsTold): string {
  const waiting =
    open.count === 0
      ? 'No bid is out.'
      : `${open.count === 1 ? 'One bid is' : `${open.count} bids are`} out for ${money(open.cents)}.`
  if (won === null) return `No bid has been answered yet. ${waiting}`
  return `Won ${won.count} of ${won.of} that were answered or ran out, ${money(won.cents)} of ${money(won.of_cents)}. ${waiting}`
}

/** What was won and what is open, by the month a bid went out: small, and opened when it is wanted. */
export function Months({ today }: { today: string }) {
  const [told, setTold] = useState<MonthsTold | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  async function open(): Promise<void> {
    const answer = await call('/api/jobs/months', MonthsAnswer)
    if (answer.ok) setTold(tellMonths(answer.value.jobs, today))
    setWrong(answer.ok ? null : failureWords(answer.failure))
  }
  return (
    <section aria-label="What was won" className="flex flex-col gap-2">
      <h2 className="flex items-center gap-3 border-b border-ink pb-1 text-[18px]">
        <span className="grow">What was won, by month</span>
        <Button
          look="quiet"
          aria-expanded={told !== null}
          onClick={() => (told ? setTold(null) : void open())}
        >
          {told ? 'Fold' : 'Show'}
        </Button>
      </h2>
      {wrong ? <Notice tone="waiting">{wrong}</Notice> : null}
      {told ? (
        <>
          <p>{yearWords(told)}</p>
          <MonthsChart months={told.months} />
        </>
      ) : null}
    </section>
  )
}
