'use client'

import { useMemo } from 'react'
import { productiveEvidence, taskEvidence } from '../../core/close/evidence'
import { earnedByJob, earnedByKind, type JobEarned, type KindEarned } from '../../core/close/lookBack'
import type { LookBackAnswer } from '../../core/contract'
import { dayWords, formatCents, type Cents } from '../../core/measure'
import { lostWords } from '../../core/office/lost'
import { hitRate } from '../../core/open/hitRate'
import { LinkButton, Notice, Panel } from '../look'
import { whenShown } from '../state/whenShown'
import { CausesSaid } from './CausesSaid'
import { TaskOffers } from './TaskOffers'
import { useLookBack, type LookBack } from './useLookBack'

const KindsChart = whenShown(() => import('./KindsChart').then((file) => file.KindsChart))

/** What the firm’s closed jobs say: what an hour earned, where it was lost, and what the next bid should reckon with. */
export function LookBackPage({ mayChange }: { mayChange: boolean }) {
  const { answer, wrong, told, take, takeWeight } = useLookBack()
  return (
    <main className="mx-auto flex max-w-6xl flex-col gap-4 p-6 max-sm:p-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[26px]">Look back</h1>
        <span className="flex gap-2">
          <LinkButton href="/api/books" download>
            Books as CSV
          </LinkButton>
          <LinkButton href="/jobs">To the jobs</LinkButton>
        </span>
      </div>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      {told ? <Notice tone="done">{told}</Notice> : null}
      {answer === null ? (
        wrong ? null : (
          <p role="status">Reckoning closed jobs…</p>
        )
      ) : (
        <>
          {answer.left > 0 ? (
            <p role="status">
              {answer.records.length} of {answer.records.length + answer.left} closed jobs are reckoned…
            </p>
          ) : null}
          <Told {...{ answer, mayChange, take, takeWeight }} />
        </>
      )}
    </main>
  )
}

function Told(props: {
  answer: LookBackAnswer
  mayChange: boolean
  take: LookBack['take']
  takeWeight: LookBack['takeWeight']
}) {
  const { answer, mayChange, take, takeWeight } = props
  const { records, lost, values } = answer
  const tasks = useMemo(() => taskEvidence(records, values), [records, values])
  const kinds = useMemo(() => earnedByKind(records), [records])
  const jobs = useMemo(() => earnedByJob(records), [records])
  const hour = records.find(({ hour_cents }) => hour_cents !== null)?.hour_cents ?? null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_360px] gap-6 max-lg:grid-cols-1">
      <div className="flex min-w-0 flex-col gap-4">
        <Kinds kinds={kinds} hour={hour} />
        <TaskOffers tasks={tasks} mayChange={mayChange} take={take} />
        <CausesSaid {...{ answer, mayChange, takeWeight }} />
      </div>
      <div className="flex min-w-0 flex-col gap-4">
        <Jobs jobs={jobs} closed={records.length} />
        <Along answer={answer} />
        <Lost lost={lost} />
        <Hidden answer={answer} />
      </div>
    </div>
  )
}

function Kinds({ kinds, hour }: { kinds: readonly KindEarned[]; hour: number | null }) {
  return (
    <Panel
      title="Earned by the paid hour, by kind of work"
      aside={hour === null ? '' : `an hour costs ${formatCents(hour as Cents)} (dashed)`}
    >
      {kinds.length === 0 ? (
        <p className="py-3 text-quiet">
          No closed job has hours on finished work and an accepted price yet. Start and stop the clock under
          Close, and say there what is done.
        </p>
      ) : (
        <>
          <KindsChart kinds={kinds} hour_cents={hour} />
          <table className="w-full border-collapse text-[15px] tabular-nums">
            <thead className="font-head text-[14px] text-quiet">
              <tr>
                {[
                  'Kind of work',
                  'Jobs',
                  'Hours reckoned',
                  'Hours spent',
                  'Left after what was bought',
                  'An hour',
                ].map((name, index) => (
                  <th
                    key={name}
                    scope="col"
                    className={`font-medium ${index === 0 ? 'text-left' : 'pl-3 text-right'}`}
                  >
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {kinds.map((each) => (
                <tr key={each.method} className="border-b border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {each.name}
                  </th>
                  <td className="text-right">{each.jobs}</td>
                  <td className="text-right">{each.estimate_h.toFixed(1)}</td>
                  <td className="text-right">{each.spent_h.toFixed(1)}</td>
                  <td className="text-right">{formatCents(each.earned_cents)}</td>
                  <td
                    className={`pl-3 text-right font-semibold ${hour !== null && each.per_hour_cents < hour ? 'text-crayon-text' : ''}`}
                  >
                    {formatCents(each.per_hour_cents)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </Panel>
  )
}

const WHY = {
  hours: 'hours on the work',
  along: 'road, fetching, waiting',
  bought: 'paid to others',
} as const

function Jobs({ jobs, closed }: { jobs: readonly JobEarned[]; closed: number }) {
  return (
    <Panel title="Job by job" aside={`${closed} closed`}>
      <ul className="text-[15px]">
        {jobs.map((job) => (
          <li key={job.job_id} className="border-b border-rule py-1.5">
            <div className="flex items-baseline justify-between gap-3">
              <a className="min-w-0 truncate font-semibold underline" href={`/jobs/${job.job_id}/close`}>
                {job.title || 'a job'}
              </a>
              <span className="tabular-nums">{formatCents(job.per_hour_cents)}/h</span>
            </div>
            <p className="text-[14px] text-quiet">
              {job.closed_on ? `${dayWords(job.closed_on)}. ` : ''}
              {formatCents(job.agreed_cents)} less {formatCents(job.bought_cents)} to others
              {job.receipts ? '' : ' as reckoned'}, {job.paid_h.toFixed(1)} paid hours.
            </p>
            <ul className="text-[14px]">
              {job.lost
                .filter(({ cents }) => Math.abs(cents) >= 100)
                .map(({ why, cents }) => (
                  <li key={why} className="flex justify-between gap-3">
                    <span>
                      {WHY[why]}: {cents < 0 ? 'more than reckoned' : 'less than reckoned'}
                    </span>
                    <span
                      className={`whitespace-nowrap tabular-nums ${cents < 0 ? 'text-crayon-text' : 'text-moss'}`}
                    >
                      {cents < 0 ? '−' : '+'} {formatCents(Math.abs(cents) as Cents)}
                    </span>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ul>
      {jobs.length < closed ? (
        <p className="py-1 text-[14px] text-quiet">
          {closed - jobs.length} without hours or an accepted price: nothing can be said of them.
        </p>
      ) : null}
    </Panel>
  )
}

function Along({ answer }: { answer: LookBackAnswer }) {
  const said = productiveEvidence(answer.records)
  if (said === null) return null
  return (
    <Panel title="Work in a paid hour">
      <p className="py-1 text-[15px]">
        {Math.round(said.share * 100)} % of the paid hours of {said.jobs} {said.jobs === 1 ? 'job' : 'jobs'}{' '}
        were work; reckoned {Math.round(said.estimate * 100)} %. It is set on the firm’s page, under Practice.
      </p>
    </Panel>
  )
}

function Lost({ lost }: { lost: LookBackAnswer['lost'] }) {
  const by = new Map<string, { count: number; cents: number }>()
  for (const { why, cents } of lost) {
    const held = by.get(why) ?? { count: 0, cents: 0 }
    by.set(why, { count: held.count + 1, cents: held.cents + (cents ?? 0) })
  }
  const rows = [...by].toSorted((a, b) => b[1].cents - a[1].cents)
  const most = Math.max(1, ...rows.map(([, { cents }]) => cents))
  return (
    <Panel
      title="Bids lost, and why"
      aside={lost.length === 0 ? 'none in a year' : `${lost.length} in a year`}
    >
      <ul className="text-[15px]">
        {rows.map(([why, { count, cents }]) => (
          <li key={why} className="border-b border-rule py-1">
            <span className="flex justify-between gap-3">
              <span>
                {count} × {lostWords(why)}
              </span>
              <span className="tabular-nums">{formatCents(cents as Cents)}</span>
            </span>
            <span aria-hidden className="block h-1.5 bg-ground">
              <span className="block h-full bg-quiet" style={{ width: `${(cents / most) * 100}%` }} />
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  )
}

function Hidden({ answer }: { answer: LookBackAnswer }) {
  const { places, expected, found, score, of_share } = hitRate(answer.records.flatMap(({ opened }) => opened))
  if (places === 0) return null
  return (
    <Panel title="Behind the boards" aside={`${places} places opened`}>
      <p className="py-1 text-[15px]">
        {expected.toFixed(1)} layers were expected to be damaged, {found} were.
      </p>
      {score === null || of_share === null ? null : (
        <p className="text-[14px] text-quiet">
          Mean square of what was off: {score.toFixed(3)}; had every place been given the share that was
          found: {of_share.toFixed(3)}. Lower is better; with few places it says little.
        </p>
      )}
    </Panel>
  )
}
