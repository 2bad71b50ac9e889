'use client'

import { daysOn } from '../../core/office'
import type { DayRow } from './dayList'

const DAYS = 14

/** The next two weeks as a tape: what begins and what falls due on each day, today as the dark field. */
export function DayTape({ rows, today }: { rows: readonly DayRow[]; today: string }) {
  const format = new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', timeZone: 'UTC' })
  return (
    <ol aria-label="The next two weeks" className="flex border-y border-ink bg-tape max-sm:hidden">
      {Array.from({ length: DAYS }, (_, at) => {
        const day = daysOn(today, at)
        const mine = rows.filter((row) => row.day.step?.due === day)
        const begins = mine.filter((row) => row.day.state === 'scheduled')
        const due = mine.length - begins.length
        return (
          <li
            key={day}
            title={mine.map((row) => `${row.job.title}: ${row.day.step?.verb}`).join('\n')}
            className={`min-w-0 flex-1 border-r border-pencil-text/40 px-1.5 py-0.5 font-head text-[13px] leading-tight ${at === 0 ? 'bg-ink text-white' : ''}`}
          >
            <span className="block truncate font-semibold">
              {format.format(new Date(`${day}T00:00:00Z`))}
            </span>
            <span className="block h-4 truncate">
              {begins.length > 0 ? `■ ${begins.length === 1 ? begins[0]!.job.title : begins.length} ` : ''}
              {due > 0 ? `◇ ${due}` : ''}
              <span className="sr-only">
                {begins.length} begin, {due} due
              </span>
            </span>
          </li>
        )
      })}
    </ol>
  )
}
