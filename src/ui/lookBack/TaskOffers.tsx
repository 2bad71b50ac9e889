'use client'

import { useState } from 'react'
import type { TaskEvidence } from '../../core/close/evidence'
import { Button, Panel } from '../look'

const times = (value: number): string => value.toFixed(2)
/** A change of less than this is none. */
const SMALL = 0.03
const isSmall = ({ values }: TaskEvidence): boolean =>
  values.every(({ now, offered }) => Math.abs(offered / now - 1) < SMALL)

/** Why the firm’s hours of a task were changed, for whoever reads its values. */
export const reasonOf = ({ jobs, ratio, low, high, weight }: TaskEvidence): string =>
  `Our own ${jobs.length === 1 ? 'job' : `${jobs.length} jobs`}: ${times(ratio)} × what was reckoned (${times(low)}–${times(high)}), taken at ${Math.round(weight * 100)} %`

/** What closed jobs say of each task’s hours: the ratio with its range, and what would become of the firm’s own numbers. */
export function TaskOffers(props: {
  tasks: readonly TaskEvidence[]
  mayChange: boolean
  take: (evidence: TaskEvidence, reason: string) => Promise<void>
}) {
  const { tasks, mayChange, take } = props
  const most = Math.max(2, ...tasks.map(({ high }) => high))
  const moved = tasks.filter((each) => !isSmall(each))
  const same = tasks.filter(isSmall)
  return (
    <Panel
      title="Hours, task by task"
      aside={tasks.length === 0 ? '' : 'spent ÷ reckoned, with its 80 % range'}
    >
      {tasks.length === 0 ? (
        <p className="py-3 text-quiet">
          No closed job says anything of a task yet. Hours that are started and stopped on finished work
          count.
        </p>
      ) : (
        <>
          <Rows tasks={moved} {...{ most, mayChange, take }} />
          {same.length > 0 ? (
            <details>
              <summary className="cursor-pointer py-1 font-head text-[14px] text-chalk-text underline touch:min-h-11">
                {same.length} {same.length === 1 ? 'task' : 'tasks'} with nothing to change
              </summary>
              <Rows tasks={same} {...{ most, mayChange, take }} />
            </details>
          ) : null}
        </>
      )}
      <p className="py-1 text-[13px] text-quiet">
        One job weighs a quarter, two a half, five all; hours of which only the piece of work was said count
        half. A range that holds 1.00 has shown nothing yet. Nothing is changed until you take it; what was
        taken is not weighed again until there is a further job.
      </p>
    </Panel>
  )
}

type Shown = {
  most: number
  mayChange: boolean
  take: (evidence: TaskEvidence, reason: string) => Promise<void>
}

function Rows({ tasks, most, mayChange, take }: Shown & { tasks: readonly TaskEvidence[] }) {
  if (tasks.length === 0) return null
  return (
    <table className="w-full border-collapse text-[15px] tabular-nums">
      <thead className="font-head text-[14px] text-quiet">
        <tr>
          <th scope="col" className="text-left font-medium">
            Task
          </th>
          <th scope="col" className="w-12 text-right font-medium">
            Jobs
          </th>
          <th scope="col" className="w-56 pl-4 text-left font-medium max-sm:w-28">
            Spent ÷ reckoned
          </th>
          <th scope="col" className="w-36 text-right font-medium max-sm:hidden">
            Hours a unit
          </th>
          <th scope="col" className="w-24">
            <span className="sr-only">Take it</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {tasks.map((each) => (
          <OfferRow key={each.task} of={each} most={most} mayChange={mayChange} take={take} />
        ))}
      </tbody>
    </table>
  )
}

function OfferRow(props: {
  of: TaskEvidence
  most: number
  mayChange: boolean
  take: (evidence: TaskEvidence, reason: string) => Promise<void>
}) {
  const { of, most, mayChange, take } = props
  const [busy, setBusy] = useState(false)
  const typical = of.values.find(({ key }) => key.endsWith('.typical'))
  const small = isSmall(of)
  return (
    <tr className="border-b border-rule align-baseline">
      <th scope="row" className="py-1 text-left font-normal">
        <details>
          <summary className="cursor-pointer marker:text-quiet touch:min-h-9">{of.name}</summary>
          <ul className="pl-4 text-[14px] text-quiet">
            {of.jobs.map((job) => (
              <li key={job.job_id}>
                <a className="underline" href={`/jobs/${job.job_id}/close`}>
                  {job.title}
                </a>
                : {times(job.ratio)}
                {job.said ? '' : ', only the piece of work was said'}
              </li>
            ))}
          </ul>
        </details>
      </th>
      <td className="text-right">{of.jobs.length}</td>
      <td className="pl-4">
        <span className="flex items-center gap-2">
          <Range of={of} most={most} />
          <span className="whitespace-nowrap">
            {times(of.ratio)}{' '}
            <span className="text-[13px] text-quiet max-sm:hidden">
              {times(of.low)}–{times(of.high)}
            </span>
          </span>
        </span>
      </td>
      <td className="text-right whitespace-nowrap max-sm:hidden">
        {typical ? (small ? shown(typical.now) : `${shown(typical.now)} → ${shown(typical.offered)}`) : ''}
      </td>
      <td className="text-right">
        {mayChange ? (
          <Button
            look="quiet"
            disabled={busy || small}
            aria-label={`Take the hours of ${of.name}`}
            onClick={() => {
              setBusy(true)
              void take(of, reasonOf(of)).finally(() => setBusy(false))
            }}
          >
            {small ? (of.taken ? 'taken' : 'as it is') : 'Take it'}
          </Button>
        ) : null}
        <span className="block text-[13px] text-quiet">{of.unshown ? 'not shown yet' : ''}</span>
      </td>
    </tr>
  )
}

const shown = (value: number): string => String(Math.round(value * 1000) / 1000)

/** A range about one, drawn. */
function Range({ of, most }: { of: TaskEvidence; most: number }) {
  const at = (value: number): string => `${Math.min(100, (value / most) * 100)}%`
  return (
    <span aria-hidden className="relative block h-2.5 w-24 shrink-0 bg-ground max-sm:w-12">
      <span
        className="absolute inset-y-0 bg-chalk/35"
        style={{ left: at(of.low), width: `calc(${at(of.high)} - ${at(of.low)})` }}
      />
      <span className="absolute inset-y-[-2px] w-px bg-quiet" style={{ left: at(1) }} />
      <span className="absolute inset-y-[-2px] w-[3px] bg-ink" style={{ left: at(of.ratio) }} />
    </span>
  )
}
