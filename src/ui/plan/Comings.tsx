'use client'

import { useState } from 'react'
import type { Coming } from '../../core/plan'
import { Button, Panel, SelectField, TextField } from '../look'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { DayField } from './DayField'
import { shortDay } from './dayNames'
import { usePlanEdits } from './usePlanEdits'

function stateWords({ state, on, days }: Coming): string {
  switch (state) {
    case 'there':
      return 'there'
    case 'promised':
      return `promised for ${shortDay(on!)}`
    case 'asked':
      return on ? `asked for, reckoned ${shortDay(on)}` : 'asked for'
    case 'not-asked':
      return on && days
        ? `not asked for: ${days[0]} to ${days[1]} working days, ${shortDay(on)} if asked today`
        : 'no day named'
  }
}

/** Permits, trades, tests and hand-overs: who was asked, for when, and whether it is there. */
export function Comings() {
  const { derived, job, store } = useJob()
  const edits = usePlanEdits()
  const { plan, scope } = derived
  const now = today(job.job.time_zone)
  const open = plan.comings.filter(({ state }) => state !== 'there').length
  return (
    <Panel title="Has to come" aside={open > 0 ? `${open} open` : plan.comings.length > 0 ? 'all there' : ''}>
      <ul>
        {plan.comings.map((each) => {
          const item = scope.items.find(({ id }) => id === each.item_id)
          const of = { what: each.what, item_id: each.item_id }
          return (
            <li key={`${each.what}/${each.item_id}`} className="border-b border-rule">
              <details>
                <summary className="flex min-h-9 cursor-pointer flex-wrap items-baseline gap-x-2 py-1 touch:min-h-12">
                  <span className="font-semibold first-letter:uppercase">{each.name}</span>
                  <span className="text-[14px] text-quiet">{item?.name}</span>
                  <span
                    className={`text-[14px] ${each.state === 'there' ? 'text-moss' : each.state === 'not-asked' ? 'text-pencil-text' : ''}`}
                  >
                    {stateWords(each)}
                  </span>
                </summary>
                <div className="grid grid-cols-2 gap-2 pb-2">
                  <TextField
                    label="From"
                    value={each.booking?.who ?? ''}
                    placeholder={each.who}
                    onChange={(who) => edits.book(of, { who: who.slice(0, 200) })}
                  />
                  <DayField
                    label="Asked on"
                    value={each.booking?.asked_on ?? null}
                    onChange={(asked_on) => edits.book(of, { asked_on })}
                  />
                  <DayField
                    label="Promised for"
                    value={each.booking?.comes_on ?? null}
                    onChange={(comes_on) => edits.book(of, { comes_on })}
                  />
                  <div className="flex items-end">
                    <Button
                      aria-pressed={each.state === 'there'}
                      onClick={() => edits.book(of, { there_on: each.state === 'there' ? null : now })}
                    >
                      {each.state === 'there' ? 'There' : 'There today'}
                    </Button>
                    {each.what === 'appointment' && each.booking ? (
                      <Button
                        look="quiet"
                        onClick={() => store.set('booking', each.booking!.id, { removed: true })}
                      >
                        Remove
                      </Button>
                    ) : null}
                  </div>
                </div>
              </details>
            </li>
          )
        })}
      </ul>
      <Appointment />
    </Panel>
  )
}

/** A day on which somebody lets the crew in, or comes himself: its item begins then and not before. */
function Appointment() {
  const { derived } = useJob()
  const edits = usePlanEdits()
  const [item, setItem] = useState('')
  const [day, setDay] = useState<string | null>(null)
  const choices = derived.scope.items.filter(({ standing }) => standing === 'ours')
  if (choices.length === 0) return null
  return (
    <details className="py-1">
      <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
        Add an appointment
      </summary>
      <div className="flex flex-col gap-2 py-1">
        <SelectField
          label="For"
          value={item}
          onChange={setItem}
          choices={[
            { value: '', label: 'choose the work' },
            ...choices.map(({ id, name, where }) => ({
              value: id,
              label: [name, where].filter(Boolean).join(', '),
            })),
          ]}
        />
        <DayField label="On" value={day} onChange={setDay} />
        <div>
          <Button
            disabled={item === '' || day === null}
            onClick={() => {
              edits.book({ what: 'appointment', item_id: item }, { comes_on: day })
              setItem('')
              setDay(null)
            }}
          >
            Add
          </Button>
        </div>
      </div>
    </details>
  )
}
