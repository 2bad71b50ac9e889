'use client'

import { newId } from '../../client/newId'
import type { CalendarAnswer, FirmCalendar, PlannedJob } from '../../core/contract/plan'
import { shortDay } from '../plan/dayNames'
import { Button, LinkButton, Notice, Panel, SavedTextField } from '../look'
import { crewBoard } from './crewBoard'
import { DaysOff } from './DaysOff'
import { useCalendar } from './useCalendar'

/** Every planned job: where each crew is on which day, and whom a late one pushes. */
export function CalendarPage({ mayChange }: { mayChange: boolean }) {
  const { answer, wrong, save } = useCalendar()
  return (
    <main className="mx-auto flex max-w-6xl flex-col gap-5 p-6 max-sm:p-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[26px]">Calendar</h1>
        <LinkButton href="/jobs">To the jobs</LinkButton>
      </div>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      {answer === null ? (
        <p role="status">Reckoning the plans…</p>
      ) : (
        <div className="grid grid-cols-[minmax(0,1fr)_330px] gap-6 max-lg:grid-cols-1">
          <div className="flex min-w-0 flex-col gap-6">
            <Jobs jobs={answer.jobs} />
            {answer.jobs.length > 0 ? <Board answer={answer} /> : null}
          </div>
          <Firm calendar={answer.calendar} mayChange={mayChange} save={save} />
        </div>
      )}
    </main>
  )
}

function endWords(job: PlannedJob): { words: string; late: boolean } {
  if (job.last === null) return { words: 'nothing can be planned', late: true }
  if (job.spare_days === null) return { words: '', late: false }
  const days = Math.abs(job.spare_days)
  const many = `${days} day${days === 1 ? '' : 's'}`
  return job.spare_days < 0
    ? { words: `${many} late`, late: true }
    : { words: job.spare_days === 0 ? 'just in time' : `${many} to spare`, late: false }
}

function Jobs({ jobs }: { jobs: readonly PlannedJob[] }) {
  return (
    <Panel title="Planned jobs" aside={`${jobs.length}`}>
      {jobs.length === 0 ? (
        <p className="py-3 text-quiet">
          No job has a first day yet. Set one under Plan in a job; its days appear here beside the others.
        </p>
      ) : (
        <table className="w-full">
          <thead className="sr-only">
            <tr>
              <th scope="col">Job</th>
              <th scope="col">Days</th>
              <th scope="col">In time</th>
              <th scope="col">Pushed</th>
            </tr>
          </thead>
          <tbody>
            {jobs.map((job) => {
              const end = endWords(job)
              return (
                <tr key={job.id} className="border-b border-rule align-top">
                  <th scope="row" className="py-1.5 pr-3 text-left">
                    <a href={`/jobs/${job.id}/plan`} className="text-chalk-text underline">
                      {job.title || job.address || 'Untitled job'}
                    </a>
                  </th>
                  <td className="py-1.5 pr-3">
                    {shortDay(job.first)}
                    {job.last ? ` to ${shortDay(job.last)}` : ''}
                  </td>
                  <td className={`py-1.5 pr-3 ${end.late ? 'font-semibold text-crayon-text' : ''}`}>
                    {end.words}
                  </td>
                  <td className="py-1.5 text-pencil-text">
                    {job.pushed_days > 0
                      ? `${job.pushed_days} day${job.pushed_days === 1 ? '' : 's'} later because of ${job.pushed_by.join(' and ')}`
                      : ''}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
    </Panel>
  )
}

const NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

function Board({ answer }: { answer: CalendarAnswer }) {
  const { crews, weeks } = crewBoard(answer)
  // Weekends stand there only where somebody works on them.
  const worked = NAMES.filter(
    (_, index) => index < 5 || weeks.some(({ days }) => days[index]!.at.size > 0),
  ).length
  return (
    <Panel title="Where the crews are">
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="group"
        aria-label="Where the crews are, week by week"
      >
        <table className="w-full min-w-xl table-fixed">
          <thead>
            <tr className="border-b border-ink text-left font-head text-[14px]">
              <th scope="col" className="w-28 py-1 pr-2 font-medium">
                Week of
              </th>
              {NAMES.slice(0, worked).map((name) => (
                <th key={name} scope="col" className="py-1 pr-2 font-medium">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weeks.map(({ from, days }) =>
              crews
                .filter(({ id }) => days.some(({ at }) => at.has(id)))
                .map((crew, index) => (
                  <tr key={`${from}/${crew.id}`} className="border-b border-rule align-top">
                    <th scope="row" className="py-1 pr-2 text-left leading-tight">
                      {index === 0 ? (
                        <span className="block font-head font-semibold">{shortDay(from)}</span>
                      ) : null}
                      <span className="block text-[13px] font-normal text-quiet">{crew.name}</span>
                    </th>
                    {days.slice(0, worked).map(({ day, off, at }) => (
                      <td key={day} className="py-1 pr-2 text-[14px] leading-tight">
                        {(at.get(crew.id) ?? []).map((job) => (
                          <a
                            key={job.id}
                            href={`/jobs/${job.id}/plan`}
                            className="block underline-offset-2 hover:underline"
                          >
                            {job.title}
                            {crew.people > job.people ? (
                              <span className="text-quiet"> ({job.people})</span>
                            ) : null}
                          </a>
                        ))}
                        {off && !at.has(crew.id) ? <span className="text-quiet">{off}</span> : null}
                      </td>
                    ))}
                  </tr>
                )),
            )}
          </tbody>
        </table>
      </div>
    </Panel>
  )
}

type FirmProps = {
  readonly calendar: FirmCalendar
  readonly mayChange: boolean
  readonly save: (calendar: FirmCalendar) => void
}

function Firm({ calendar, mayChange, save }: FirmProps) {
  const set = (id: string, fields: Partial<FirmCalendar['crews'][number]>): void =>
    save({
      ...calendar,
      crews: calendar.crews.map((crew) => (crew.id === id ? { ...crew, ...fields } : crew)),
    })
  return (
    <div className="flex flex-col gap-6">
      <Panel title="Crews" aside={`${calendar.crews.length}`}>
        <div className="flex flex-col gap-2 py-2">
          {calendar.crews.length === 0 ? (
            <p className="text-[14px] text-quiet">
              The crews a job is planned with. A job without one of its own is done by the first.
            </p>
          ) : null}
          <ul className="flex flex-col gap-2">
            {calendar.crews.map((crew) => (
              <li key={crew.id} className="grid grid-cols-[minmax(0,1fr)_5rem_auto] items-end gap-2">
                {mayChange ? (
                  <>
                    <SavedTextField
                      label="Crew"
                      value={crew.name}
                      onSave={(name) =>
                        name.trim() === '' ? undefined : set(crew.id, { name: name.trim() })
                      }
                    />
                    <SavedTextField
                      label="People"
                      value={String(crew.people)}
                      onSave={(text) => {
                        const people = Number(text)
                        if (Number.isInteger(people) && people >= 1 && people <= 20) set(crew.id, { people })
                      }}
                    />
                    <Button
                      look="quiet"
                      aria-label={`Remove ${crew.name}`}
                      onClick={() =>
                        save({ ...calendar, crews: calendar.crews.filter(({ id }) => id !== crew.id) })
                      }
                    >
                      Remove
                    </Button>
                  </>
                ) : (
                  <span>
                    {crew.name}, {crew.people}
                  </span>
                )}
              </li>
            ))}
          </ul>
          {mayChange ? (
            <div>
              <Button
                look="quiet"
                onClick={() =>
                  save({
                    ...calendar,
                    crews: [
                      ...calendar.crews,
                      { id: newId(), name: `Crew ${calendar.crews.length + 1}`, people: 2 },
                    ],
                  })
                }
              >
                Add a crew
              </Button>
            </div>
          ) : null}
        </div>
      </Panel>
      <DaysOff calendar={calendar} mayChange={mayChange} save={save} />
    </div>
  )
}
