'use client'

import { Ellipsis } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import type { JobOfficeRequest } from '../../core/contract'
import { formatCents, type Cents } from '../../core/measure'
import { STATE_WORDS, type JobState } from '../../core/office'
import { agoWords, dueWords, type DayRow } from './dayList'

const MARKS: Readonly<Record<JobState, string>> = {
  new: 'border-dashed border-ink',
  walked: 'border-dashed border-ink',
  priced: 'border-ink',
  sent: 'border-ink bg-[linear-gradient(135deg,var(--color-ink)_50%,transparent_50%)]',
  seen: 'border-ink bg-[linear-gradient(135deg,var(--color-ink)_50%,transparent_50%)]',
  question: 'border-ink bg-pencil rotate-45 scale-90',
  accepted: 'border-moss bg-moss',
  scheduled: 'border-moss bg-moss',
  closed: 'border-ink bg-ink',
  declined: 'border-ink bg-rule',
  expired: 'border-ink bg-pencil rotate-45 scale-90',
}

/** Where a job stands, by shape and colour, with its word beside it. */
export function StateMark({ state }: { state: JobState }) {
  return <span aria-hidden className={`inline-block size-2.5 shrink-0 border ${MARKS[state]}`} />
}

type Props = {
  readonly row: DayRow
  readonly today: string
  readonly seesMoney: boolean
  /** What the office may do with it; null: this person may not. */
  readonly office: {
    readonly say: (said: JobOfficeRequest) => void
    readonly schedule: () => void
    readonly lose: () => void
    readonly copy: (what: 'job' | 'house') => void
  } | null
}

/** A job by what to do about it: the verb, why, the house and its owner, where it stands, what it comes to, and when. */
export function JobRow({ row, today, seesMoney, office }: Props) {
  const { job, day } = row
  const { step } = day
  return (
    <li className="relative flex items-center border-b border-rule">
      <a
        href={`/jobs/${job.id}/walk`}
        className="grid min-h-[45px] min-w-0 grow grid-cols-[44px_minmax(0,1.3fr)_minmax(0,1.2fr)_110px_110px_110px] items-center gap-x-3 px-1 py-0.5 leading-tight hover:bg-paper max-lg:grid-cols-[minmax(0,1fr)_auto] touch:min-h-14"
      >
        {job.photo ? (
          <img
            src={`/api/photos/${job.photo}?size=thumbnail`}
            alt=""
            className="h-9 w-11 border border-ink object-cover max-lg:hidden"
          />
        ) : (
          <span aria-hidden className="h-9 w-11 border border-rule max-lg:hidden" />
        )}
        <span className="min-w-0">
          <span className="block truncate font-head text-[17px] font-semibold">
            {job.title || 'Untitled job'}
          </span>
          <span className="block truncate text-[13px] text-quiet">
            {[job.owner, job.address].filter(Boolean).join(', ') || 'no address yet'}
          </span>
        </span>
        <span className="min-w-0 max-lg:col-start-1 max-lg:row-start-2">
          <span className="block truncate font-head text-[16px]">{step?.verb ?? ''}</span>
          <span className="block truncate text-[13px] text-quiet max-lg:hidden">{step?.why ?? ''}</span>
        </span>
        <span className="flex items-center gap-2 font-head text-[15px] max-lg:col-start-2 max-lg:row-start-2 max-lg:justify-end">
          <StateMark state={day.state} />
          {day.state === 'accepted' && job.in_part ? 'yes in part' : STATE_WORDS[day.state]}
        </span>
        <span className="text-right font-head text-[16px] font-semibold max-lg:col-start-2 max-lg:row-start-1">
          {!seesMoney ? (
            `${job.findings} finding${job.findings === 1 ? '' : 's'}`
          ) : job.total_cents === null || job.total_cents === undefined ? (
            <span className="text-[14px] font-normal text-quiet">
              {!job.is_reckoned && !job.bid ? '…' : job.chosen > 0 ? 'no price' : 'no price yet'}
            </span>
          ) : (
            formatCents(job.total_cents as Cents)
          )}
        </span>
        <span className="font-head text-[14px] max-lg:hidden">
          <span className={`block ${step?.due && step.due < today ? 'font-semibold text-crayon-text' : ''}`}>
            {dueWords(step?.due ?? null, today)}
          </span>
          <span className="block text-[13px] text-quiet">touched {agoWords(job.touched_at, today)}</span>
        </span>
      </a>
      {office ? <RowMenu row={row} office={office} today={today} /> : null}
    </li>
  )
}

const ITEM =
  'flex min-h-10 items-center px-3 font-head text-[16px] data-[disabled]:text-quiet data-[highlighted]:bg-ground touch:min-h-12'

function RowMenu({
  row: { job, day },
  office,
  today,
}: {
  row: DayRow
  office: NonNullable<Props['office']>
  today: string
}) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`More of ${job.title || 'the untitled job'}`}
        className="grid size-9 shrink-0 place-items-center touch:size-11"
      >
        <Ellipsis aria-hidden size={18} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 w-64 max-h-(--radix-dropdown-menu-content-available-height) overflow-y-auto rounded-(--radius) border border-ink bg-paper"
        >
          {job.archived ? (
            <DropdownMenu.Item className={ITEM} onSelect={() => office.say({ archived: false })}>
              Back into the list
            </DropdownMenu.Item>
          ) : (
            <>
              <DropdownMenu.Item className={ITEM} onSelect={office.schedule}>
                {day.state === 'scheduled' ? 'Another date…' : 'Set a date…'}
              </DropdownMenu.Item>
              <DropdownMenu.Item
                className={ITEM}
                disabled={day.state === 'closed'}
                onSelect={() => office.say({ standing: { state: 'closed', on: today } })}
              >
                Done and closed
              </DropdownMenu.Item>
              <DropdownMenu.Item className={ITEM} disabled={day.state === 'declined'} onSelect={office.lose}>
                The owner said no…
              </DropdownMenu.Item>
              {job.standing ? (
                <DropdownMenu.Item className={ITEM} onSelect={() => office.say({ standing: null })}>
                  Take “{STATE_WORDS[job.standing.state]}” back
                </DropdownMenu.Item>
              ) : null}
              <DropdownMenu.Item className={ITEM} onSelect={() => office.say({ archived: true })}>
                Put away
              </DropdownMenu.Item>
            </>
          )}
          <DropdownMenu.Separator className="h-px bg-rule" />
          <DropdownMenu.Item className={ITEM} onSelect={() => office.copy('job')}>
            Copy the job
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => office.copy('house')}>
            New job at this house
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
