'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { atRates, type AtRates } from '../../core/compare/atRates'
import { FirmRatesAnswer } from '../../core/contract'
import { formatCents } from '../../core/measure'
import { Button } from '../look'
import { useJob } from '../state/useJob'
import { today } from '../state/today'

type Found = { readonly rates: FirmRatesAnswer['rates']; readonly at: AtRates }

/** The firm’s rates of today beside those of this job: what moves, before anything is taken. */
export function TodaysRates() {
  const { view, derived, store } = useJob()
  const [found, setFound] = useState<Found | null>(null)
  const [told, setTold] = useState<string | null>(null)

  async function look(): Promise<void> {
    setTold('Reckoning…')
    const answer = await call('/api/firm/rates', FirmRatesAnswer)
    if (!answer.ok) {
      setTold(failureWords(answer.failure))
      return
    }
    const { rates } = answer.value
    const at = atRates(view.job, rates, today(derived.job.job.time_zone), { trace: derived.trace })
    setFound(at === null ? null : { rates, at })
    setTold(at === null ? 'This job cannot be priced at those rates: they leave nothing for the work.' : null)
  }
  function take(): void {
    if (!found) return
    const fields = Object.entries(found.rates).filter(([name]) => name !== 'id' && name !== 'removed')
    store.set('rates', 'rates', Object.fromEntries(fields))
    setFound(null)
    setTold(`This job is at the rates of edition ${found.rates.edition} now. Undo takes it back.`)
  }
  return (
    <div className="flex flex-col gap-2 pt-3 text-[14px]">
      {found === null ? <Button onClick={() => void look()}>Look at today’s rates</Button> : null}
      {told === null ? null : (
        <p role="status" className="text-quiet">
          {told}
        </p>
      )}
      {found ? (
        <section aria-label="At today’s rates" className="flex flex-col gap-2">
          <p>
            At the rates of edition {found.rates.edition} this job comes to{' '}
            <b>{formatCents(found.at.then_cents)}</b>, now {formatCents(found.at.now_cents)}.
            {found.at.typed > 0 ? ` ${found.at.typed} typed by hand stay as they are.` : ''}
          </p>
          <ul>
            {found.at.moved.slice(0, 8).map(({ item_id, name, now_cents, then_cents }) => (
              <li key={item_id} className="flex justify-between gap-2 border-b border-rule py-0.5">
                <span>{name}</span>
                <span className="whitespace-nowrap">
                  {formatCents(now_cents)} → {formatCents(then_cents)}
                </span>
              </li>
            ))}
          </ul>
          {found.at.moved.length > 8 ? (
            <p className="text-quiet">and {found.at.moved.length - 8} more.</p>
          ) : null}
          <div className="flex gap-2">
            <Button look="main" onClick={take}>
              Use today’s rates
            </Button>
            <Button onClick={() => setFound(null)}>Keep this job’s</Button>
          </div>
        </section>
      ) : null}
    </div>
  )
}
