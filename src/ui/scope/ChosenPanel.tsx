'use client'

import { useMemo, useState } from 'react'
import { rowsOf } from '../../core/firmValues/rows'
import { findingNumber } from '../../core/house'
import { changesOf, type ScopeItem } from '../../core/scope'
import { GroupHead, Hidden, ListTools } from '../lists/ListTools'
import { useListView } from '../lists/useListView'
import { Button, Notice, Panel } from '../look'
import { useJob } from '../state/useJob'
import { whenShown } from '../state/whenShown'
import { ChangeItem } from './ChangeItem'
import { CHOSEN_FILTERS, CHOSEN_ORDERS, orderChosen } from './orderChosen'
import { OwnItemForm } from './OwnItemForm'

const Notes = whenShown(() => import('../walk/looked/Notes').then((file) => file.Notes))

/** What was chosen, each with how it stands to the bid. */
export function ChosenPanel() {
  const { derived } = useJob()
  const { scope } = derived
  const [order, setOrder] = useListView('chosen.order', CHOSEN_ORDERS, 'chosen')
  const [filter, setFilter] = useListView('chosen.filter', CHOSEN_FILTERS, 'all')
  const { groups, ...count } = useMemo(
    () => orderChosen(derived, { order, filter }),
    [derived, order, filter],
  )
  return (
    <Panel title="In the scope" aside={`${scope.items.length}`}>
      {scope.items.length > 1 ? (
        <>
          <ListTools
            of="work chosen"
            orders={CHOSEN_ORDERS}
            order={[order, setOrder]}
            filters={CHOSEN_FILTERS}
            filter={[filter, setFilter]}
          />
          <Hidden {...count} only={CHOSEN_FILTERS[filter]} onAll={() => setFilter('all')} />
        </>
      ) : null}
      {groups.map((group) => (
        <section key={group.id} aria-label={group.name ?? 'All that is chosen'}>
          {group.name === null ? null : <GroupHead name={group.name} count={group.items.length} />}
          <ul>
            {group.items.map((item) => (
              <Chosen key={item.id} item={item} />
            ))}
          </ul>
        </section>
      ))}
      {scope.items.length === 0 ? <p className="py-2 text-quiet">Nothing chosen yet.</p> : null}
      <OwnItemForm />
    </Panel>
  )
}

function Chosen({ item }: { item: ScopeItem }) {
  const { derived, choose } = useJob()
  const { job } = derived
  const [changing, setChanging] = useState(false)
  const numbers = job.findings
    .filter((each) => item.finding_ids.includes(each.id))
    .map((each) => findingNumber(each, job))
  const out = item.spots.filter((spot) => spot.standing !== 'ours')
  return (
    <li className="border-b border-rule py-1.5">
      <div className="flex items-start gap-2">
        <button
          type="button"
          className="min-w-0 grow text-left touch:min-h-11"
          onClick={() => choose(item.finding_ids)}
        >
          <span className="block font-semibold">{item.name}</span>
          <span className="block text-[13px] text-quiet">
            {item.where}
            {numbers.length > 0 ? ` · finding ${numbers.join(', ')}` : ''} · warranty{' '}
            {rowsOf(job.settings).warranty(item.warranty)}
          </span>
        </button>
        <Button
          look="quiet"
          aria-expanded={changing}
          aria-label={`Change ${item.name}`}
          onClick={() => setChanging(!changing)}
        >
          Change
        </Button>
      </div>
      {item.standing !== 'ours' ? (
        <p className="text-[13px] font-semibold text-pencil-text">Not in the price: {item.why}</p>
      ) : out.length > 0 ? (
        <p className="text-[13px] text-pencil-text">
          {out.length} of {item.spots.length} places not in the price:{' '}
          {[...new Set(out.map((spot) => spot.why))].join('; ')}
        </p>
      ) : null}
      {changesOf(item.item, job).map((words) => (
        <p key={words} className="text-[13px] text-chalk-text">
          {words}
        </p>
      ))}
      {item.notices.map((notice) => (
        <div key={notice} className="pt-1">
          <Notice tone="waiting">{notice}</Notice>
        </div>
      ))}
      {changing ? (
        <>
          <Notes about={{ kind: 'item', item_id: item.id }} name={item.name} />
          <ChangeItem item={item} />
        </>
      ) : null}
    </li>
  )
}
