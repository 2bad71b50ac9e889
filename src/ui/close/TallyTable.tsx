'use client'

import type { Estimate, ItemTally, Tally } from '../../core/close/tally'
import { CREW_WORDS } from '../../core/lists/crewWords'
import { Panel } from '../look'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { hoursCell, VERDICT_TONES, VERDICTS } from './closeWords'

/** What was reckoned beside what was spent: the job in one line, then item by item; an item opens to its tasks. */
export function TallyTable({ tally }: { tally: Tally }) {
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const { items, shared, work, paid, productive, visits, beside } = tally
  const along = paid.spent_h - work.spent_h
  const percent = (share: number): string => String(Math.round(share * 100))
  const reckoned = percent(productive.estimate)
  return (
    <Panel
      title={say('tally')}
      aside={say('tallyOf', {
        spent: paid.spent_h.toFixed(1),
        estimate: paid.estimate_h.toFixed(1),
        days: visits.days,
        visits: visits.estimate,
      })}
    >
      {items.length === 0 ? (
        <p className="py-3 text-quiet">{say('nothingTallied')}</p>
      ) : (
        <>
          <table className="w-full border-collapse text-[15px] tabular-nums">
            <thead className="font-head text-[14px] text-quiet">
              <tr>
                <th scope="col" className="text-left font-medium">
                  {say('work')}
                </th>
                <th scope="col" className="w-40 text-right font-medium max-sm:w-24">
                  {say('reckonedH')}
                </th>
                <th scope="col" className="w-20 text-right font-medium max-sm:w-16">
                  {say('spentH')}
                </th>
                <th scope="col" className="w-44 pl-3 text-left font-medium max-lg:hidden">
                  {say('howItLies')}
                </th>
              </tr>
            </thead>
            <tbody>
              {items.map((item) => (
                <ItemRow
                  key={item.item_id}
                  item={item}
                  beside={items.find((each) => each.item_id === item.with_item) ?? null}
                />
              ))}
              {beside.map(({ item_id, title, spent_h }) => (
                <tr key={item_id} className="border-b border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {title} <span className="text-[14px] text-pencil-text">{say('notAgreed')}</span>
                  </th>
                  <td className="text-right">–</td>
                  <td className="text-right">{hoursCell(spent_h)}</td>
                  <td className="max-lg:hidden" />
                </tr>
              ))}
              <SumRow name={say('setUp')} estimate={shared.estimate} spent={shared.spent_h} />
              <SumRow name={say('onTheWork')} estimate={work.estimate} spent={work.spent_h} strong />
              <tr className="border-b border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {say('alongTheWay')}
                </th>
                <td className="text-right">{(paid.estimate_h - work.estimate.typical).toFixed(1)}</td>
                <td className="text-right">{hoursCell(along)}</td>
                <td className="pl-3 text-[14px] text-quiet max-lg:hidden">
                  {productive.spent === null
                    ? say('shareReckoned', { reckoned })
                    : say('shareSpent', { spent: percent(productive.spent), reckoned })}
                </td>
              </tr>
            </tbody>
          </table>
          <p className="py-1 text-[13px] text-quiet">{say('rangeIs')}</p>
        </>
      )}
    </Panel>
  )
}

const rangeOf = ({ low, typical, high }: Estimate): string =>
  `${typical.toFixed(1)} (${low.toFixed(1)}–${high.toFixed(1)})`

/** An item by its name in the reader’s language. */
function ItemRow({ item, beside }: { item: ItemTally; beside: ItemTally | null }) {
  const { derived } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const { where, estimate, spent_h, tasks, unsaid_h, verdict, finished_on } = item
  const nameOf = (of: ItemTally): string => {
    const found = derived.scope.items.find(({ id }) => id === of.item_id)
    return found ? CREW_WORDS[locale].item(found) : of.title
  }
  const title = nameOf(item)
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
                <span>{CREW_WORDS[locale].task(task.task)}</span>
                <span className="whitespace-nowrap">
                  {rangeOf(task.estimate)} · {hoursCell(task.spent_h)}
                </span>
              </li>
            ))}
            {unsaid_h > 0 ? (
              <li className="flex justify-between gap-3 text-quiet">
                <span>{say('noTask')}</span>
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
            {say('goesWith', { what: `${nameOf(beside)}, ${beside.where}` })}
          </span>
        ) : (
          <>
            <Lies estimate={estimate} spent={spent_h} />
            <span className={`block text-[13px] ${VERDICT_TONES[verdict]}`}>{say(VERDICTS[verdict])}</span>
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
