'use client'

import { useMemo, useState } from 'react'
import { waitingOf } from '../../core/compare/waitingOf'
import { formatCents, wholeDollars } from '../../core/measure'
import { Button, Panel } from '../look'
import { useJob } from '../state/useJob'

/** What waiting may cost, as a range with what it assumes; for the firm to tell, and in the bid only where the firm says so. */
export function WaitingPanel() {
  const { derived, view, store } = useJob()
  const [isOpen, setOpen] = useState(false)
  const waiting = useMemo(() => (isOpen ? waitingOf(derived) : null), [isOpen, derived])
  const { bid } = view.job.settings
  if (!isOpen)
    return (
      <Panel title="If it waits">
        <p className="py-2 text-[14px] text-quiet">
          What the same places may come to in one, two and five years.
        </p>
        <Button onClick={() => setOpen(true)}>Reckon the waiting</Button>
      </Panel>
    )
  return (
    <Panel title="If it waits">
      {waiting === null ? (
        <p className="py-2 text-[14px] text-quiet">
          Nothing of ours is said to grow: hazards do not wait, and of what has no known cause nothing is
          said.
        </p>
      ) : (
        <div className="flex flex-col gap-2 pt-2 text-[14px]">
          <p>
            Of {formatCents(waiting.now_cents)} today, over {waiting.items.length} items:
          </p>
          <table aria-label="What waiting may cost">
            <tbody>
              {waiting.years.map(({ years, low_cents, high_cents }) => (
                <tr key={years} className="border-b border-rule">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    in {years} year{years === 1 ? '' : 's'}
                  </th>
                  <td className="text-right font-head font-semibold">
                    {wholeDollars(low_cents)} to {wholeDollars(high_cents)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <details>
            <summary className="cursor-pointer font-head font-semibold">What it takes for granted</summary>
            <ul>
              {waiting.items.map(({ item_id, name, where, row, now_cents }) => (
                <li key={item_id} className="border-b border-rule py-1">
                  {name}, {where}: {row.name}; grows{' '}
                  {row.growth.map((each) => `${Math.round(each * 100)}`).join('–')} % a year, reaches the
                  framing in {Math.round(row.reaches * 100)} of 100 years; {formatCents(now_cents)} today
                </li>
              ))}
              {waiting.unsaid.map(({ item_id, name, why }) => (
                <li key={item_id} className="border-b border-rule py-1 text-quiet">
                  {name}: nothing said, {why}
                </li>
              ))}
            </ul>
            <p className="pt-1 text-quiet">
              Low: grows slowly, reaches nothing new, prices rise 3 % a year. High: grows fast, reaches the
              framing as often as said, prices rise 5 %. Our judgement; every figure can be changed on the
              firm page.
            </p>
          </details>
          {waiting.can_wait.length > 0 ? (
            <p>
              Loses nothing by waiting to the next painting:{' '}
              {waiting.can_wait.map(({ name }) => name).join('; ')}.
            </p>
          ) : null}
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-spruce touch:size-6"
              checked={bid.tells_waiting}
              onChange={(event) =>
                store.set('settings', 'settings', { bid: { ...bid, tells_waiting: event.target.checked } })
              }
            />
            Tell it in this bid, after the work
          </label>
        </div>
      )}
    </Panel>
  )
}
