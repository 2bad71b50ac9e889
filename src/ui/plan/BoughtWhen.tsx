'use client'

import { neededBy } from '../../core/plan'
import { useJob } from '../state/useJob'
import { longDay } from './dayNames'

/** What has to lie there on which morning. Boards and packages for the whole job stand in Cut. */
export function BoughtWhen() {
  const { derived } = useJob()
  const days = neededBy(derived.plan, derived.takeoff)
  return (
    <div className="flex max-w-4xl flex-col gap-4 overflow-y-auto pt-2 pb-4">
      {days.length === 0 ? <p className="text-quiet">Nothing that is planned needs goods.</p> : null}
      {days.map(({ day, pieces, goods, hired }) => (
        <section key={day} aria-label={longDay(day)}>
          <h2 className="border-b border-ink text-[17px]">{longDay(day)}</h2>
          <ul className="columns-2 py-1 text-[15px] max-sm:columns-1">
            {[...pieces, ...goods].map((line) => (
              <li key={line} className="break-inside-avoid">
                {line}
              </li>
            ))}
            {hired.map((line) => (
              <li key={line} className="break-inside-avoid font-semibold">
                {line}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}
