'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { parseMoney } from '../../core/measure'
import { toldPrices } from '../../core/price'
import { moneyWords } from '../../core/words'
import { Button, TextField } from '../look'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

/** What somebody was told it would cost, with its day, beside what it comes to now. */
export function ToldPrices() {
  const { derived, store } = useJob()
  const { job, price } = derived
  const [isOpen, setOpen] = useState(false)
  const total = price.kind === 'priced' ? price.total_cents : null
  const told = toldPrices(job, total)
  const owner = job.people.find((person) => person.roles.includes('may-approve')) ?? job.people[0]
  const [text, setText] = useState('')
  const [to, setTo] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)

  function open(): void {
    setText(total === null ? '' : (total / 100).toFixed(2))
    setTo(owner?.name ?? '')
    setWrong(null)
    setOpen(true)
  }
  function keep(): void {
    const cents = parseMoney(text)
    if (!cents.ok) return setWrong(moneyWords(cents.error))
    const refused = store.create('typed_price', {
      id: newId(),
      removed: false,
      on: { kind: 'told', to: to.trim(), day: today(job.job.time_zone) },
      cents: cents.value,
      reason: '',
    })
    if (refused) return setWrong(refused)
    return setOpen(false)
  }

  return (
    <div className="pt-2">
      <ul aria-label="Told">
        {told.map((each) => (
          <li key={each.id} className="flex items-baseline gap-2 py-0.5 text-[14px]">
            <span className={each.drift_cents ? 'text-pencil-text' : ''}>{each.says}</span>
            <Button
              look="quiet"
              aria-label={`Forget: ${each.says}`}
              onClick={() => store.set('typed_price', each.id, { removed: true })}
            >
              forget
            </Button>
          </li>
        ))}
      </ul>
      {isOpen ? (
        <form
          aria-label="A figure that was told"
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            keep()
          }}
        >
          <TextField
            label="Told"
            value={text}
            onChange={setText}
            error={wrong}
            inputMode="decimal"
            autoFocus
          />
          <TextField label="To whom" value={to} onChange={setTo} />
          <Button type="submit">Keep it</Button>
          <Button onClick={() => setOpen(false)}>Leave it</Button>
        </form>
      ) : (
        <Button onClick={open}>I told them a figure…</Button>
      )}
    </div>
  )
}
