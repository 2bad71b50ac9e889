'use client'

import { useEffect, useMemo, useState } from 'react'
import { takeAlong } from '../../client/localJobs'
import { wholeDollars, type Cents } from '../../core/measure'
import { STATE_WORDS, type Group, type JobState } from '../../core/office'
import { Button, CONTROL, LinkButton, Notice } from '../look'
import { localDay } from '../state/localDay'
import { useMember } from '../state/useMember'
import { BallparkNow } from '../job/BallparkNow'
import { FromContacts } from './FromContacts'
import { FirstHour } from './FirstHour'
import { ImportJob } from './ImportJob'
import { NewFinding } from './NewFinding'
import { OnThisDevice } from './OnThisDevice'
import { SignOut } from '../job/SignOut'
import { DateDialog } from './DateDialog'
import { LostDialog } from './LostDialog'
import { DayTape } from './DayTape'
import { dayRows, GROUP_NAMES, JOB_ORDERS, stateTallies, type DayRow, type JobOrder } from './dayList'
import { Months } from './Months'
import { JobRow, StateMark } from './JobRow'
import { useJobList } from './useJobList'
import { useOffice } from './useOffice'

const PAGE_LINK = 'font-head text-chalk-text underline touch:inline-flex touch:min-h-11 touch:items-center'

/**
 * The jobs of a firm, and the quickest finding there is. The page itself holds nothing of the firm: what is shown comes from this
 * device's sealed copies and from the server, for whoever is signed in.
 */
export function JobsPage() {
  const who = useMember()
  const isOnline = who.kind === 'member' && who.online === 'yes'
  const list = useJobList(isOnline)
  const { jobs, words } = list
  const listed = useMemo(() => jobs?.map((job) => job.id) ?? [], [jobs])
  const copies = who.kind === 'member' ? who.copies : null
  useEffect(() => {
    if (copies && jobs && words === '') void takeAlong(copies, listed)
  }, [copies, jobs, listed, words])
  const today = localDay()
  const [state, setState] = useState<JobState | null>(null)
  const [order, setOrder] = useState<JobOrder>('day')
  const office = useOffice(list.again)
  const [dated, setDated] = useState<DayRow | null>(null)
  const [lost, setLost] = useState<DayRow | null>(null)
  const all = useMemo(() => dayRows(jobs ?? [], { today, state: null, order: 'day' }), [jobs, today])
  const rows = useMemo(() => dayRows(jobs ?? [], { today, state, order }), [jobs, today, state, order])
  const tallies = useMemo(() => stateTallies(jobs ?? [], today, state), [jobs, today, state])
  useEffect(() => {
    if (who.kind === 'nobody') window.location.replace('/sign-in')
  }, [who.kind])

  if (who.kind === 'unknown') {
    return (
      <main className="flex max-w-xl flex-col items-start gap-3 p-6">
        <Notice tone="waiting">{who.words}</Notice>
        <LinkButton href="/sign-in">Sign in</LinkButton>
      </main>
    )
  }
  if (who.kind !== 'member') return <p className="p-6">Opening…</p>
  const { member } = who
  const mayRun = member.may.includes('run-the-office')
  return (
    <>
      <header className="flex flex-wrap items-center gap-x-4 px-5 py-1.5 max-sm:px-3">
        <span className="font-tight text-[19px] font-semibold tracking-wide uppercase">Detrimus</span>
        <span className="grow" />
        {/* On a phone the pages of the firm have a row of their own: in one with the name they would run out of it. */}
        <nav
          aria-label="Pages of the firm"
          className="flex items-center gap-4 max-sm:order-last max-sm:basis-full max-sm:flex-wrap"
        >
          <a href="/calendar" className={PAGE_LINK}>
            Calendar
          </a>
          {member.seesMoney ? (
            <a href="/look-back" className={PAGE_LINK}>
              Look back
            </a>
          ) : null}
          {member.may.includes('send-bids') ? (
            <a href="/outbox" className={PAGE_LINK}>
              Outbox
            </a>
          ) : null}
          {member.may.includes('change-firm-settings') ? (
            <a href="/firm" className={PAGE_LINK}>
              Firm
            </a>
          ) : null}
          {member.seesMoney ? <BallparkNow /> : null}
        </nav>
        <a href="/account" className="font-head text-[15px] underline">
          {member.name}
        </a>
        <SignOut />
      </header>
      <main className="mx-auto flex max-w-6xl flex-col gap-5 px-5 pb-16 max-sm:px-3">
        <NewFinding />
        {who.online === 'signed-out' ? (
          <Notice tone="waiting">
            You were signed out. What is on this device stays here;{' '}
            <a className="underline" href="/sign-in">
              sign in
            </a>{' '}
            to send it.
          </Notice>
        ) : null}
        <OnThisDevice local={who.copies} listed={listed} isOnline={isOnline} />
        <div>
          <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1 pb-1">
            <h1 className="text-[22px]">{list.archived ? 'Jobs put away' : 'Jobs'}</h1>
            <div className="flex items-center gap-2">
              {mayRun ? (
                <Button look="quiet" onClick={() => list.showArchived(!list.archived)}>
                  {list.archived ? 'Back to those at work' : 'Those put away'}
                </Button>
              ) : null}
              <select
                aria-label="Order of the jobs"
                value={order}
                onChange={(event) => setOrder(event.target.value as JobOrder)}
                className="min-h-9 rounded-(--radius) border border-quiet bg-white px-1 font-head touch:min-h-11"
              >
                {Object.entries(JOB_ORDERS)
                  .filter(([value]) => member.seesMoney || value !== 'sum')
                  .map(([value, label]) => (
                    <option key={value} value={value}>
                      {label}
                    </option>
                  ))}
              </select>
              <div className="w-56 max-sm:w-36">
                <input
                  type="search"
                  aria-label="Find a job"
                  placeholder="job, owner, street"
                  value={words}
                  maxLength={100}
                  disabled={!isOnline}
                  onChange={(event) => list.find(event.target.value)}
                  className={CONTROL}
                />
              </div>
            </div>
          </div>
          {jobs && jobs.length > 0 && !list.archived ? <DayTape rows={all} today={today} /> : null}
          {tallies.length > 0 ? (
            <div
              role="group"
              aria-label="State of the jobs"
              className="flex gap-1 overflow-x-auto border-b border-ink"
            >
              <StateTab
                isOn={state === null}
                onPick={() => setState(null)}
                name="All"
                count={jobs?.length ?? 0}
              />
              {tallies.map((each) => (
                <StateTab
                  key={each.state}
                  isOn={state === each.state}
                  onPick={() => setState(state === each.state ? null : each.state)}
                  mark={each.state}
                  name={STATE_WORDS[each.state]}
                  count={each.count}
                  cents={member.seesMoney ? each.cents : 0}
                />
              ))}
            </div>
          ) : null}
          {list.wrong || office.wrong ? <Notice tone="waiting">{list.wrong ?? office.wrong}</Notice> : null}
          {jobs === null && isOnline && !list.wrong ? (
            <p className="py-4 text-quiet">Reading the list…</p>
          ) : null}
          {who.online === 'no' ? (
            <p className="py-4 text-quiet">No signal: only what is on this device.</p>
          ) : null}
          {jobs?.length === 0 && words === '' && !list.archived && member.may.includes('keep-people') ? (
            <FirstHour />
          ) : jobs?.length === 0 ? (
            <p className="py-4 text-quiet">
              {words !== ''
                ? `No job has “${words}” in its name, address or people.`
                : list.archived
                  ? 'Nothing is put away.'
                  : 'No job yet. Begin with a photo and a word above: the job makes itself.'}
            </p>
          ) : null}
          {state !== null && rows.length < (jobs?.length ?? 0) ? (
            <p className="py-1.5 text-[14px] text-quiet">
              {rows.length} of {jobs?.length} shown: only those that are {STATE_WORDS[state]}.
            </p>
          ) : null}
          {groupsOf(rows, order).map(([group, mine]) => (
            <section key={group ?? 'all'} aria-label={group ? GROUP_NAMES[group] : 'Jobs'}>
              {group ? (
                <h2 className="flex min-h-8 items-center gap-3 border-b border-quiet bg-head px-2 text-[17px]">
                  {GROUP_NAMES[group]}
                  <span className="font-head text-[14px] font-normal text-quiet">{mine.length}</span>
                </h2>
              ) : null}
              <ul>
                {mine.map((row) => (
                  <JobRow
                    key={row.job.id}
                    row={row}
                    today={today}
                    seesMoney={member.seesMoney}
                    office={
                      mayRun
                        ? {
                            say: (said) => office.say(row.job.id, said),
                            schedule: () => setDated(row),
                            lose: () => setLost(row),
                            copy: (what) => office.copy(row.job.id, what),
                          }
                        : null
                    }
                  />
                ))}
              </ul>
            </section>
          ))}
          {list.hasMore ? (
            <div className="pt-3">
              <Button onClick={list.more}>More jobs</Button>
            </div>
          ) : null}
          {lost ? (
            <LostDialog
              title={lost.job.title}
              onClose={() => setLost(null)}
              onSay={(why) => {
                office.say(lost.job.id, { standing: { state: 'declined', on: today, why } })
                setLost(null)
              }}
            />
          ) : null}
          {dated ? (
            <DateDialog
              title={dated.job.title}
              on={dated.job.standing?.state === 'scheduled' ? dated.job.standing.on : today}
              onClose={() => setDated(null)}
              onSet={(on) => {
                office.say(dated.job.id, { standing: { state: 'scheduled', on } })
                setDated(null)
              }}
            />
          ) : null}
        </div>
        {member.seesMoney && isOnline && jobs && jobs.length > 0 ? <Months today={today} /> : null}
        <div className="flex flex-wrap items-start gap-3">
          {member.may.includes('take-jobs-in') ? <ImportJob /> : null}
          {mayRun && isOnline ? <FromContacts onMade={list.again} /> : null}
        </div>
      </main>
    </>
  )
}

/** Rows under their heads where they are ordered by what to do; one list otherwise. */
function groupsOf(
  rows: readonly DayRow[],
  order: JobOrder,
): (readonly [group: Group | null, rows: readonly DayRow[]])[] {
  if (order !== 'day') return rows.length > 0 ? [[null, rows]] : []
  return (['next', 'waiting', 'done'] as const).flatMap((group) => {
    const mine = rows.filter((row) => row.day.group === group)
    return mine.length > 0 ? [[group, mine] as const] : []
  })
}

type TabProps = {
  readonly isOn: boolean
  readonly onPick: () => void
  readonly name: string
  readonly count: number
  readonly mark?: JobState
  readonly cents?: number
}

function StateTab({ isOn, onPick, name, count, mark, cents = 0 }: TabProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      onClick={onPick}
      className={`flex min-h-9 shrink-0 items-center gap-1 px-1.5 font-head whitespace-nowrap outline-offset-[-3px] touch:min-h-11 ${isOn ? 'border-x border-ink bg-tape' : 'border-x border-transparent'}`}
    >
      {mark ? <StateMark state={mark} /> : null}
      <span className="text-[16px] font-semibold">{name}</span>
      <span className="text-[14px]">
        {count}
        {cents > 0 ? `, ${wholeDollars(cents as Cents)}` : ''}
      </span>
    </button>
  )
}
