'use client'

import { useState } from 'react'
import { newId } from '../../../client/newId'
import { EVENTS, eventOf } from '../../../core/catalogue/events/events'
import { findingNumber } from '../../../core/house'
import { monthWords, type Month } from '../../../core/measure'
import { Button, Panel, SelectField, TextField } from '../../look'
import { MonthField } from '../../look/ReadField'
import { localDay } from '../../state/localDay'
import { useJob } from '../../state/useJob'

/** In the order they came; of one year, those without a month first. */
const order = ({ year, month }: Month): number => year * 13 + (month ?? 0)

/** What happened to the house and since when damage is there, on one line of time: Trace reads what came after what. */
export function EventsPanel() {
  const { job, derived, store } = useJob()
  const [what, setWhat] = useState<string>(EVENTS[0]!.id)
  const [when, setWhen] = useState<Month | null>(null)
  const [words, setWords] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  // A field that was read is begun anew once its event stands.
  const [round, setRound] = useState(0)
  const rows = [
    ...derived.job.house_events.map((event) => ({
      id: event.id,
      when: event.when,
      says: [eventOf(event.what)?.name ?? event.what, event.words].filter(Boolean).join(': '),
      isEvent: true,
    })),
    ...derived.job.findings.flatMap((finding) =>
      finding.first_seen
        ? [
            {
              id: finding.id,
              when: finding.first_seen,
              says: `finding ${findingNumber(finding, job)} was there`,
              isEvent: false,
            },
          ]
        : [],
    ),
  ].toSorted((a, b) => order(a.when) - order(b.when))

  function add(): void {
    if (when === null) {
      setWrong('Say when, as near as you can: a year is enough.')
      return
    }
    setWrong(
      store.create('house_event', {
        id: newId(),
        removed: false,
        what,
        when,
        words: words.trim().slice(0, 200),
        told_by: job.intake?.told_by ?? '',
      }),
    )
    setWhen(null)
    setWords('')
    setRound(round + 1)
  }
  return (
    <Panel title="What happened when" aside={`${derived.job.house_events.length}`}>
      <p className="text-[13px] text-quiet">
        Damage that began soon after a storm, a washing or a shake speaks for it; what was there before speaks
        against. “There since” stands at each finding.
      </p>
      <form
        className="grid grid-cols-2 gap-3 py-2"
        onSubmit={(event) => {
          event.preventDefault()
          add()
        }}
      >
        <SelectField
          label="What happened"
          value={what}
          onChange={setWhat}
          choices={EVENTS.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <MonthField
          key={round}
          label="When"
          hint="May 2024, last winter, 2021"
          today={localDay()}
          value={when}
          onChange={setWhen}
          onClear={() => setWhen(null)}
        />
        <TextField label="In their words" value={words} onChange={setWords} error={wrong} />
        <div className="flex items-end">
          <Button type="submit">Add it</Button>
        </div>
      </form>
      <ol>
        {rows.map((row) => (
          <li key={row.id} className="flex items-baseline justify-between gap-2 border-b border-rule py-1">
            <span>
              <span className="font-head font-medium">{monthWords(row.when)}</span> {row.says}
            </span>
            {row.isEvent ? (
              <Button
                look="quiet"
                aria-label={`Take out: ${row.says}, ${monthWords(row.when)}`}
                onClick={() => store.set('house_event', row.id, { removed: true })}
              >
                Remove
              </Button>
            ) : null}
          </li>
        ))}
      </ol>
    </Panel>
  )
}
