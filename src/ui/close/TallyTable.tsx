'use client'

import type { Estimate, ItemTally, Tally } from '../../core/close/tally'
import { Panel } from '../look'
import { hoursCell, VERDICT_TONES, VERDICT_WORDS } from './closeWords'

/** What was reckoned beside what was spent: the job in one line, then item by item; an item opens to its tasks. */
export function TallyTable({ tally }: { tally: Tally }) {
  const { items, shared, work, paid, productive, visits, beside } = tally
  const along = paid.spent_h - work.spent_h
  return (
    <Panel
      title="Reckoned and spent"
      aside={`${paid.spent_h.toFixed(1)} of ${paid.estimate_h.toFixed(1)} paid hours · ${visits.days} ${visits.days === 1 ? 'day' : 'days'} on site`}
    >
      {items.length === 0 ? (
        <p className="py-3 text-quiet">
          No work is agreed yet. Once a bid is accepted, its pieces stand here with the hours they were
          reckoned at.
        </p>
      ) : (
        <table className="w-full border-collapse text-[15px] tabular-nums">
          <thead className="font-head text-[14px] text-quiet">
            <tr>
              <th scope="col" className="text-left font-medium">
                Work
              </th>
              <th scope="col" className="w-40 text-right font-medium max-sm:w-24">
                Reckoned, h
              </th>
              <th scope="col" className="w-20 text-right font-medium max-sm:w-14">
                Spent, h
              </th>
              <th scope="col" className="w-40 pl-3 text-left font-medium max-lg:hidden">
                How it lies
              </th>
            </tr>
          </thead>
          <tbody>
            {items.map((item) => (
              <ItemRows
                key={item.item_id}
                item={item}
                beside={items.find((each) => each.item_id === item.with_item) ?? null}
              />
            ))}
            {beside.map(({ item_id, title, spent_h }) => (
              <tr key={item_id} className="border-b border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {title} <span className="text-[14px] text-pencil-text">nobody agreed to it</span>
                </th>
                <td className="text-right">–</td>
                <td className="text-right">{hoursCell(spent_h)}</td>
                <td className="max-lg:hidden" />
              </tr>
            ))}
            <SumRow
              name="Setting up, containing, hauling"
              estimate={shared.estimate}
              spent={shared.spent_h}
            />
            <SumRow name="On the work" estimate={work.estimate} spent={work.spent_h} strong />
            <tr className="border-b border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                On the road, fetching, waiting
              </th>
              <td className="text-right">{(paid.estimate_h - work.estimate.typical).toFixed(1)}</td>
              <td className="text-right">{hoursCell(along)}</td>
              <td className="pl-3 text-[14px] text-quiet max-lg:hidden">
                {productive.spent === null
                  ? `reckoned: ${Math.round(productive.estimate * 100)} % of what is paid is work`
                  : `${Math.round(productive.spent * 100)} % of what is paid is work; reckoned ${Math.round(productive.estimate * 100)} %`}
              </td>
            </tr>
          </tbody>
        </table>
      )}
      <Doubled tally={tally} />
    </Panel>
  )
}

const rangeOf = ({ low, typical, high }: Estimate): string =>
  `${typical.toFixed(1)} (${low.toFixed(1)}–${high.toFixed(1)})`

function ItemRows({ item, beside }: { item: ItemTally; beside: ItemTally | null }) {
  const { title, where, estimate, spent_h, tasks, unsaid_h, verdict, finished_on } = item
  return (
    <tr className="border-b border-rule align-baseline">
      <th scope="row" aria-label={`${title}, ${where}`} className="py-1 pr-2 text-left font-normal">
        <details>
          <summary className="cursor-pointer marker:text-quiet touch:min-h-9">
            <span className={finished_on ? 'font-semibold' : ''}>{title}</span>{' '}
            <span className="text-[14px] text-quiet">{where}</span>
          </summary>
          <ul className="pl-4 text-[14px]">
            {tasks.map((task) => (
              <li key={task.task} className="flex justify-between gap-3">
                <span>{task.name}</span>
                <span className="whitespace-nowrap">
                  {rangeOf(task.estimate)} · {hoursCell(task.spent_h)}
                </span>
              </li>
            ))}
            {unsaid_h > 0 ? (
              <li className="flex justify-between gap-3 text-quiet">
                <span>no task said</span>
                <span>{hoursCell(unsaid_h)}</span>
              </li>
            ) : null}
          </ul>
        </details>
      </th>
      <td className="text-right whitespace-nowrap">
        {beside ? '' : estimate.typical.toFixed(1)}{' '}
        <span className={`text-[13px] text-quiet max-sm:hidden ${beside ? 'hidden' : ''}`}>
          {estimate.low.toFixed(1)}–{estimate.high.toFixed(1)}
        </span>
      </td>
      <td className="text-right">{hoursCell(spent_h)}</td>
      <td className="pl-3 max-lg:hidden">
        {beside ? (
          <span className="block text-[13px] text-quiet">
            goes with {beside.title}, {beside.where}
          </span>
        ) : (
          <>
            <Lies estimate={estimate} spent={spent_h} />
            <span className={`block text-[13px] ${VERDICT_TONES[verdict]}`}>{VERDICT_WORDS[verdict]}</span>
          </>
        )}
      </td>
    </tr>
  )
}

/** The range that was reckoned as a band, and what was spent as a stroke in it; each row to its own scale. */
function Lies({ estimate, spent }: { estimate: Estimate; spent: number }) {
  const most = Math.max(estimate.high, spent, 0.01) * 1.1
  const at = (hours: number): string => `${Math.min(100, (hours / most) * 100)}%`
  return (
    <span aria-hidden className="relative block h-2.5 bg-ground">
      <span
        className="absolute inset-y-0 bg-chalk/35"
        style={{ left: at(estimate.low), width: at(estimate.high - estimate.low) }}
      />
      <span className="absolute inset-y-0 w-px bg-chalk" style={{ left: at(estimate.typical) }} />
      {spent > 0 ? (
        <span className="absolute inset-y-[-2px] w-[3px] bg-ink" style={{ left: at(spent) }} />
      ) : null}
    </span>
  )
}

function SumRow(props: { name: string; estimate: Estimate; spent: number; strong?: boolean }) {
  const { name, estimate, spent, strong = false } = props
  return (
    <tr className={`border-b border-rule ${strong ? 'border-t border-t-ink font-semibold' : ''}`}>
      <th scope="row" className={`py-1 text-left ${strong ? '' : 'font-normal'}`}>
        {name}
      </th>
      <td className="text-right whitespace-nowrap">
        {estimate.typical.toFixed(1)}{' '}
        <span className="text-[13px] font-normal text-quiet max-sm:hidden">
          {estimate.low.toFixed(1)}–{estimate.high.toFixed(1)}
        </span>
      </td>
      <td className="text-right">{hoursCell(spent)}</td>
      <td className="max-lg:hidden" />
    </tr>
  )
}

/** Says what the ranges are, so that nobody takes them for more. */
function Doubled({ tally }: { tally: Tally }) {
  if (tally.items.length === 0) return null
  return (
    <p className="py-1 text-[13px] text-quiet">
      A range is all of it at the slow hours to all of it at the quick ones. What is done teaches the next bid
      under Look back; nothing is changed by itself.
    </p>
  )
}
