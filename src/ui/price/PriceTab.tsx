'use client'

import { useCallback, useMemo, useState } from 'react'
import type { Cents } from '../../core/measure'
import { sellWords } from '../../core/words'
import { Notice, Panel, PANES } from '../look'
import { useJob } from '../state/useJob'
import { groupLines, ORDERS, type Order } from './groupLines'
import { PermitField } from './PermitField'
import { MovesPanel } from './MovesPanel'
import { Group, Line } from './PriceLines'
import { RatesPanel } from './RatesPanel'
import { RiskPanel } from './RiskPanel'
import { Totals } from './Totals'
import { WaitingPanel } from './WaitingPanel'

/** Price lines that open to their arithmetic; a typed price wins and shows its gap. */
export function PriceTab() {
  const { derived } = useJob()
  const { price, scope } = derived
  const [order, setOrder] = useState<Order>('side')
  const [openOnly, setOpenOnly] = useState(false)
  const groups = useMemo(() => groupLines(derived, order, openOnly), [derived, order, openOnly])
  const shown = groups.reduce((sum, group) => sum + group.lines.length, 0)
  const title = useCallback(
    (id: string): { name: string; where: string } => {
      const item = scope.items.find((each) => each.id === id)
      return { name: item?.name ?? 'An item', where: item?.where ?? '' }
    },
    [scope],
  )
  if (price.kind === 'withheld') {
    return (
      <Panel title="Price">
        <p className="py-3 text-quiet">Prices are not shown to your role. Everything else of the job is.</p>
      </Panel>
    )
  }
  if (price.kind === 'no-room') {
    return (
      <div className="grid grid-cols-2 gap-6 max-lg:grid-cols-1">
        <Notice tone="wrong" alert>
          {sellWords(price.error)}
        </Notice>
        <RatesPanel />
      </div>
    )
  }
  return (
    <div className={`grid grid-cols-[minmax(0,1fr)_380px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <Panel
        title="Items"
        aside={<Ordering order={order} setOrder={setOrder} openOnly={openOnly} setOpenOnly={setOpenOnly} />}
      >
        {price.lines.length === 0 ? (
          <p className="py-3 text-quiet">Nothing to price yet: choose repairs in Scope.</p>
        ) : null}
        {openOnly && price.lines.length > shown ? (
          <p className="py-1.5 text-[14px] text-quiet">
            {shown} of {price.lines.length} shown: only those without a price.
          </p>
        ) : null}
        {groups.map((group) => (
          <Group key={group.id} group={group} title={title} />
        ))}
        {price.apart.length > 0 ? (
          <section aria-label="Priced apart" className="pt-4">
            <h3 className="text-[15px]">Priced apart, not in the total</h3>
            <ul>
              {price.apart.map((line) => (
                <Line
                  key={line.item_id}
                  line={{
                    ...line,
                    computed_cents: line.sell_cents,
                    gap_cents: 0 as Cents,
                    notes: [],
                    includedIn: null,
                  }}
                  {...title(line.item_id)}
                />
              ))}
            </ul>
          </section>
        ) : null}
        <NotInThePrice />
      </Panel>
      <div className="flex flex-col gap-5">
        <Totals />
        <PermitField />
        <MovesPanel />
        <RiskPanel />
        <WaitingPanel />
        <RatesPanel />
      </div>
    </div>
  )
}

type OrderingProps = {
  readonly order: Order
  readonly setOrder: (order: Order) => void
  readonly openOnly: boolean
  readonly setOpenOnly: (on: boolean) => void
}

/** How the lines are ordered, and whether only those are shown that still need a price. */
function Ordering({ order, setOrder, openOnly, setOpenOnly }: OrderingProps) {
  return (
    <span className="flex items-center gap-3">
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={openOnly}
          onChange={(event) => setOpenOnly(event.target.checked)}
          className="size-4 accent-spruce touch:size-6"
        />
        only without a price
      </label>
      <select
        aria-label="Order of the items"
        value={order}
        onChange={(event) => setOrder(event.target.value as Order)}
        className="min-h-7 rounded-(--radius) border border-quiet bg-white px-1 text-ink touch:min-h-11"
      >
        {Object.entries(ORDERS).map(([value, label]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </span>
  )
}

/** What the bid lists and nobody is charged for, each with its reason. */
function NotInThePrice() {
  const { scope, price } = useJob().derived
  const apart = new Set(price.kind === 'priced' ? price.apart.map((line) => line.item_id) : [])
  const idle = new Set(price.kind === 'priced' ? price.idle : [])
  const out = scope.items.filter((item) => item.standing !== 'ours' && !apart.has(item.id))
  if (out.length === 0) return null
  return (
    <section aria-label="Not in the price" className="pt-4">
      <h3 className="text-[15px]">Listed, not in the price</h3>
      <ul>
        {out.map((item) => (
          <li key={item.id} className="border-b border-rule py-1.5">
            {item.name}{' '}
            <span className="text-[13px] text-quiet">
              {item.where}: {item.why}
            </span>
            {idle.has(item.id) ? (
              <span className="block text-[13px] text-pencil-text">
                A price is typed for it and counts nothing: nothing of it is ours to sell.
              </span>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  )
}
