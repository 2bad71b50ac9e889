'use client'

import { useState } from 'react'
import type { FirmCalendar } from '../../core/contract/plan'
import { dayAfter, daysBetween } from '../../core/measure'
import { Button, Panel, TextField } from '../look'
import { DayField } from '../plan/DayField'
import { shortDay } from '../plan/dayNames'

/** Longest stretch put in at once. */
const LONGEST_DAYS = 60

/** Days on which nobody of the firm works: holidays, a funeral, the fair. */
export function DaysOff(props: {
  calendar: FirmCalendar
  mayChange: boolean
  save: (calendar: FirmCalendar) => void
}) {
  const { calendar, mayChange, save } = props
  const [from, setFrom] = useState<string | null>(null)
  const [until, setUntil] = useState<string | null>(null)
  const [why, setWhy] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  function add(): void {
    if (from === null || why.trim() === '') return setWrong('Say the day, and why nobody works.')
    const long = until === null ? 0 : daysBetween(from, until)
    if (long < 0) return setWrong('The last day lies before the first.')
    if (long > LONGEST_DAYS) return setWrong(`At most ${LONGEST_DAYS} days at once.`)
    const days = Array.from({ length: long + 1 }, (_, index) => dayAfter(from, index))
    const kept = calendar.off.filter(({ day }) => !days.includes(day))
    const off = [...kept, ...days.map((day) => ({ day, why: why.trim() }))]
    save({ ...calendar, off: off.toSorted((a, b) => a.day.localeCompare(b.day)) })
    setFrom(null)
    setUntil(null)
    setWhy('')
    setWrong(null)
    return undefined
  }
  return (
    <Panel title="Days off" aside={`${calendar.off.length}`}>
      <div className="flex flex-col gap-2 py-2">
        <ul>
          {calendar.off.map(({ day, why: reason }) => (
            <li key={day} className="flex items-baseline justify-between gap-2 border-b border-rule py-0.5">
              <span>
                {shortDay(day)} <span className="text-quiet">{reason}</span>
              </span>
              {mayChange ? (
                <Button
                  look="quiet"
                  aria-label={`${shortDay(day)} is worked`}
                  onClick={() => save({ ...calendar, off: calendar.off.filter((each) => each.day !== day) })}
                >
                  Remove
                </Button>
              ) : null}
            </li>
          ))}
        </ul>
        {mayChange ? (
          <>
            <div className="grid grid-cols-2 gap-3">
              <DayField label="From" value={from} onChange={setFrom} />
              <DayField label="Until" value={until} onChange={setUntil} />
            </div>
            <TextField label="Why" value={why} onChange={setWhy} error={wrong} />
            <div>
              <Button onClick={add}>Put in</Button>
            </div>
          </>
        ) : null}
      </div>
    </Panel>
  )
}
