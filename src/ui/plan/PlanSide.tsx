'use client'

import { newId } from '../../client/newId'
import type { Crew } from '../../core/job'
import { dayWords } from '../../core/measure'
import { boundWords, troubleWords } from '../../core/plan'
import { Button, Notice, Panel, TextField } from '../look'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { Comings } from './Comings'
import { DayField } from './DayField'
import { DrySeasonOffer } from './DrySeason'
import { Forecast } from './Forecast'
import { SoonerPlan } from './SoonerPlan'
import { usePlanEdits } from './usePlanEdits'

const WEEK = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

/** When and with whom; what is wrong with it; what has to come from elsewhere. */
export function PlanSide() {
  const { derived, job, around } = useJob()
  const edits = usePlanEdits()
  const { plan } = derived
  const crews = job.plan?.crews ?? plan.crews
  const week = job.plan?.week ?? [1, 2, 3, 4, 5]
  const crew = (id: string, fields: Partial<Crew>): void =>
    edits.plan({ crews: crews.map((each) => (each.id === id ? { ...each, ...fields } : each)) })
  return (
    <>
      <Panel
        title="When and who"
        aside={plan.last ? `${plan.work_days} days, ${plan.hours.toFixed(0)} h` : ''}
      >
        <div className="flex flex-col gap-2 py-2">
          {plan.last ? (
            <p className="text-[15px]">
              From {dayWords(plan.first)} to {dayWords(plan.last)}.{' '}
              <span className="text-quiet">{boundWords(plan)}</span>
            </p>
          ) : null}
          {plan.troubles.map((trouble, index) => (
            <Notice
              key={index}
              tone={trouble.kind === 'refused' || trouble.kind === 'late' ? 'wrong' : 'waiting'}
            >
              {troubleWords(trouble, derived)}
            </Notice>
          ))}
          <DrySeasonOffer />
          <SoonerPlan />
          <div className="grid grid-cols-2 gap-3">
            <DayField
              label="Begins on"
              value={job.plan?.start ?? null}
              hint={job.plan?.start ? undefined : 'Now: from today.'}
              onChange={(start) => edits.plan({ start })}
            />
            <DayField
              label="Finished by"
              value={job.plan?.finish_by ?? null}
              onChange={(finish_by) => edits.plan({ finish_by })}
            />
          </div>
          <div role="group" aria-label="Days of the week worked" className="flex flex-wrap gap-1">
            {WEEK.map((name, index) => {
              const day = index + 1
              const on = week.includes(day)
              return (
                <button
                  key={name}
                  type="button"
                  aria-pressed={on}
                  disabled={on && week.length === 1}
                  onClick={() =>
                    edits.plan({ week: on ? week.filter((each) => each !== day) : [...week, day].toSorted() })
                  }
                  className="min-h-8 border border-quiet px-1.5 font-head text-[14px] aria-pressed:border-ink aria-pressed:bg-tape touch:min-h-11"
                >
                  {name}
                </button>
              )
            })}
          </div>
          <ul aria-label="Crews" className="flex flex-col gap-1">
            {crews.map((each) => (
              <li key={each.id} className="grid grid-cols-[minmax(0,1fr)_5rem_auto] items-end gap-2">
                <TextField
                  label="Crew"
                  value={each.name}
                  onChange={(name) => crew(each.id, { name: name.slice(0, 60) })}
                />
                <TextField
                  label="People"
                  inputMode="numeric"
                  value={String(each.people)}
                  onChange={(text) => {
                    const people = Number(text)
                    if (Number.isInteger(people) && people >= 1 && people <= 20) crew(each.id, { people })
                  }}
                />
                <Button
                  look="quiet"
                  aria-label={`Remove ${each.name}`}
                  disabled={crews.length === 1}
                  onClick={() => edits.plan({ crews: crews.filter(({ id }) => id !== each.id) })}
                >
                  Remove
                </Button>
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-3">
            {around.crews.length > 0 &&
            job.plan?.crews.every(({ id }) => around.crews.every((each) => each.id !== id)) !== false ? (
              <Button look="quiet" onClick={() => edits.plan({ crews: around.crews })}>
                The firm’s crews
              </Button>
            ) : null}
            <Button
              look="quiet"
              onClick={() =>
                edits.plan({
                  crews: [...crews, { id: newId(), name: `Crew ${crews.length + 1}`, people: 2 }],
                })
              }
            >
              Add a crew
            </Button>
            <Forecast from={job.plan?.start ?? today(job.job.time_zone)} />
          </div>
        </div>
      </Panel>
      <Comings />
    </>
  )
}
