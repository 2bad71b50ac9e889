'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { JobRatesAnswer, JobsAnswer, type JobRowAnswer } from '../../core/contract'
import { formatCents, type Cents } from '../../core/measure'
import { Button } from '../look'

type Swept = JobRatesAnswer['jobs'][number] & { readonly title: string; readonly sent: boolean }

/** So many jobs are reckoned in one asking. */
const AT_ONCE = 3

/** Jobs whose price is still open: chosen from or sent, not said yes to, not put away. */
const isOpen = ({ chosen, bid, accepted, archived }: JobRowAnswer): boolean =>
  !accepted && !archived && (chosen > 0 || bid !== null)

async function allOpen(): Promise<JobRowAnswer[] | string> {
  const rows: JobRowAnswer[] = []
  let next: string | null = ''
  while (next !== null) {
    const query: string = next === '' ? '' : `?${new URLSearchParams({ after: next }).toString()}`
    const answer: Awaited<ReturnType<typeof call<JobsAnswer>>> = await call(`/api/jobs${query}`, JobsAnswer)
    if (!answer.ok) return failureWords(answer.failure)
    rows.push(...answer.value.jobs.filter(isOpen))
    next = answer.value.next
  }
  return rows
}

const change = (now: number, then: number): string =>
  `${then < now ? '−' : '+'} ${formatCents(Math.abs(then - now) as Cents)}`

/** What the firm's open jobs would come to at its rates of today. Nothing is changed here: each job takes them in its Price. */
export function PriceSweep() {
  const [swept, setSwept] = useState<readonly Swept[] | null>(null)
  const [told, setTold] = useState<string | null>(null)

  async function sweep(): Promise<void> {
    setSwept([])
    setTold('Looking for open jobs…')
    const rows = await allOpen()
    if (typeof rows === 'string') {
      setTold(rows)
      return
    }
    const found: Swept[] = []
    for (let at = 0; at < rows.length; at += AT_ONCE) {
      setTold(`${at} of ${rows.length} reckoned`)
      const some = rows.slice(at, at + AT_ONCE)
      const ids = some.map(({ id }) => id).join(',')
      const answer = await call(`/api/jobs/rates?${new URLSearchParams({ ids }).toString()}`, JobRatesAnswer)
      if (!answer.ok) {
        setTold(failureWords(answer.failure))
        return
      }
      for (const job of answer.value.jobs) {
        const row = some.find(({ id }) => id === job.id)
        found.push({ ...job, title: row?.title || row?.address || 'a job', sent: row?.bid !== null })
      }
      setSwept([...found])
    }
    setTold(rows.length === 0 ? 'No job is open.' : null)
  }
  const moved = (swept ?? []).filter(({ now_cents, then_cents }) => now_cents !== then_cents)
  return (
    <section aria-label="Open jobs at these rates" className="flex flex-col gap-2">
      <h2 className="border-b border-ink pb-1 text-[18px]">Open jobs at these rates</h2>
      <p className="text-quiet">
        A job keeps the rates it was begun with. Here is what open ones would come to at the rates kept above;
        each takes them in its Price, and a bid that was sent stays as it was sent.
      </p>
      <div>
        <Button onClick={() => void sweep()}>Reckon the open jobs</Button>
      </div>
      {told === null ? null : (
        <p role="status" className="text-quiet">
          {told}
        </p>
      )}
      {swept && swept.length > 0 ? (
        <table>
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th scope="col">Job</th>
              <th scope="col" className="text-right">
                Now
              </th>
              <th scope="col" className="text-right">
                At these rates
              </th>
              <th scope="col" className="text-right">
                Change
              </th>
            </tr>
          </thead>
          <tbody>
            {swept.map(({ id, title, sent, now_cents, then_cents, typed }) => (
              <tr key={id} className="border-b border-rule">
                <td className="py-1">
                  <a href={`/jobs/${id}/price`} className="underline">
                    {title}
                  </a>
                  {sent ? <span className="text-quiet"> · bid is out</span> : null}
                  {typed > 0 ? <span className="text-quiet"> · {typed} typed by hand stay</span> : null}
                </td>
                {now_cents === null || then_cents === null ? (
                  <td colSpan={3} className="text-right text-quiet">
                    cannot be priced
                  </td>
                ) : (
                  <>
                    <td className="text-right">{formatCents(now_cents as Cents)}</td>
                    <td className="text-right">{formatCents(then_cents as Cents)}</td>
                    <td className="text-right font-semibold">
                      {now_cents === then_cents ? 'the same' : change(now_cents, then_cents)}
                    </td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {swept && swept.length > 0 && told === null ? (
        <p>
          {moved.length} of {swept.length} move.
        </p>
      ) : null}
    </section>
  )
}
