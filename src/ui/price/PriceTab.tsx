'use client'

import { useMemo, useState } from 'react'
import { newId } from '../../client/newId'
import { formatCents, parseMoney, type Cents } from '../../core/measure'
import type { PriceLine } from '../../core/price'
import { moneyWords, sellWords } from '../../core/words'
import { Button, Notice, Panel, TextField, PANES } from '../look'
import { useJob } from '../state/useJob'
import { itemState } from '../house/ribbon/ticks'
import { TickSign } from '../house/ribbon/Tick'
import { FigureTree } from './FigureTree'
import { groupLines, ORDERS, type LineGroup, type Order } from './groupLines'
import { MissingRates } from './MissingRates'
import { RiskPanel } from './RiskPanel'
import { RatesPanel } from './RatesPanel'
import { ToldPrices } from './ToldPrices'

/** Price lines that open to their arithmetic; a typed price wins and shows its gap. */
export function PriceTab() {
  const { derived } = useJob()
  const { price, scope } = derived
  const [order, setOrder] = useState<Order>('side')
  const [openOnly, setOpenOnly] = useState(false)
  const groups = useMemo(() => groupLines(derived, order, openOnly), [derived, order, openOnly])
  const shown = groups.reduce((sum, group) => sum + group.lines.length, 0)
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
  const title = (id: string): { name: string; where: string } => {
    const item = scope.items.find((each) => each.id === id)
    return { name: item?.name ?? 'An item', where: item?.where ?? '' }
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
        <RiskPanel />
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

type Title = (id: string) => { name: string; where: string }

/** The lines of a side under its head, which folds and keeps its sum and what is open in view. */
function Group({ group, title }: { group: LineGroup; title: Title }) {
  const lines = (
    <ul>
      {group.lines.map((line) => (
        <Line key={line.item_id} line={line} {...title(line.item_id)} />
      ))}
    </ul>
  )
  if (group.name === null) return lines
  return (
    <details open className="group/side" aria-label={group.name}>
      <summary className="sticky top-0 z-[1] flex min-h-8 list-none items-center gap-3 border-b border-quiet bg-head px-2 font-head">
        <span aria-hidden className="w-3 group-open/side:rotate-90">
          ›
        </span>
        <span className="text-[16px] font-semibold">{group.name}</span>
        <span className="text-[14px] text-quiet">
          {group.lines.length} item{group.lines.length === 1 ? '' : 's'}
        </span>
        {group.open > 0 ? <span className="text-[14px] text-pencil-text">{group.open} open</span> : null}
        <span className="ml-auto text-[16px] font-semibold">{formatCents(group.cents)}</span>
      </summary>
      {lines}
    </details>
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

type AnyLine = Pick<
  PriceLine,
  | 'item_id'
  | 'computed_cents'
  | 'typed_cents'
  | 'gap_cents'
  | 'sell_cents'
  | 'arithmetic'
  | 'notes'
  | 'lacks'
  | 'includedIn'
>

/** What stands where a price would, when there is none. */
function priceWords(line: AnyLine): string {
  if (line.lacks.length > 0) return 'no price'
  return line.includedIn === null ? formatCents(line.sell_cents) : 'included'
}

function Line({ line, name, where }: { line: AnyLine; name: string; where: string }) {
  const { view, store, derived } = useJob()
  const [typing, setTyping] = useState(false)
  const typed = view.job.typed_prices.find(
    (each) => !each.removed && each.on.kind === 'item' && each.on.item_id === line.item_id,
  )
  return (
    <li data-row={line.item_id} className="border-b border-rule py-1">
      <details className="group">
        <summary
          className="flex list-none items-baseline gap-3"
          aria-label={`${name}, ${where}, ${priceWords(line)}: open the arithmetic`}
        >
          <span aria-hidden className="w-3 font-head text-quiet group-open:rotate-90">
            ›
          </span>
          <TickSign state={itemState(derived, line.item_id)} />
          <span className="grow">
            {name} <span className="text-[13px] text-quiet">{where}</span>
          </span>
          {line.typed_cents !== null ? (
            <span className="font-head text-[14px] text-pencil-text">
              typed, {line.gap_cents >= 0 ? '+' : ''}
              {formatCents(line.gap_cents)} to the computed {formatCents(line.computed_cents)}
            </span>
          ) : null}
          <span className="w-28 text-right font-head text-[17px] font-semibold">{priceWords(line)}</span>
        </summary>
        <div className="py-2 pl-6">
          {line.lacks.map((why) => (
            <Notice key={why} tone="wrong">
              {why}
            </Notice>
          ))}
          <FigureTree figure={line.arithmetic} />
          {line.notes.map((note) => (
            <p key={note} className="text-[13px] text-pencil-text">
              {note}
            </p>
          ))}
          <div className="flex gap-2 pt-2">
            <Button onClick={() => setTyping(true)}>Type a price</Button>
            {typed ? (
              <Button onClick={() => store.set('typed_price', typed.id, { removed: true })}>
                Back to the computed price
              </Button>
            ) : null}
          </div>
        </div>
      </details>
      {typing ? (
        <TypePrice
          label={`Price for ${name}`}
          now={line.sell_cents}
          onClose={() => setTyping(false)}
          onSay={(cents, reason) => {
            if (typed) store.set('typed_price', typed.id, { cents, reason })
            else
              store.create('typed_price', {
                id: newId(),
                removed: false,
                on: { kind: 'item', item_id: line.item_id },
                cents,
                reason,
              })
          }}
        />
      ) : null}
    </li>
  )
}

function TypePrice(props: {
  label: string
  now: Cents
  onClose: () => void
  onSay: (cents: Cents, reason: string) => void
}) {
  const [text, setText] = useState((props.now / 100).toFixed(2))
  const [reason, setReason] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <form
      aria-label={props.label}
      className="flex flex-wrap items-end gap-2 py-2 pl-6"
      onSubmit={(event) => {
        event.preventDefault()
        const cents = parseMoney(text)
        if (!cents.ok) {
          setWrong(moneyWords(cents.error))
          return
        }
        props.onSay(cents.value, reason)
        props.onClose()
      }}
    >
      <TextField
        label={props.label}
        value={text}
        onChange={setText}
        error={wrong}
        inputMode="decimal"
        autoFocus
      />
      <TextField label="Why (if you like)" value={reason} onChange={setReason} />
      <Button type="submit" look="main">
        It stands
      </Button>
      <Button onClick={props.onClose}>Leave it</Button>
    </form>
  )
}

function Totals() {
  const { derived, view, store } = useJob()
  const [typing, setTyping] = useState(false)
  const { price } = derived
  if (price.kind !== 'priced') return null
  const typed = view.job.typed_prices.find((each) => !each.removed && each.on.kind === 'job')
  const rows: readonly [string, Cents][] = [
    ['Items', price.items_cents],
    ...(price.adjustment
      ? [
          [
            `Adjustment${price.adjustment.reason ? `: ${price.adjustment.reason}` : ''}`,
            price.adjustment.cents,
          ] as [string, Cents],
        ]
      : []),
    ['Tax', price.tax_cents],
  ]
  return (
    <Panel title="Total">
      <table>
        <tbody>
          {rows.map(([name, cents]) => (
            <tr key={name} className="border-b border-rule">
              <th scope="row" className="py-1.5 text-left font-normal">
                {name}
              </th>
              <td className="text-right">{formatCents(cents)}</td>
            </tr>
          ))}
          <tr className="border-b border-ink">
            <th scope="row" className="py-2 text-left text-[17px]">
              Total
            </th>
            <td className="text-right font-head text-[22px] font-semibold" data-testid="total">
              {formatCents(price.total_cents)}
            </td>
          </tr>
        </tbody>
      </table>
      {price.missing.length > 0 ? <MissingRates rows={price.no_rates} /> : null}
      <p className="py-1.5 text-[13px] text-quiet">{price.basis}</p>
      <details>
        <summary className="font-head text-[14px] text-chalk-text underline">Arithmetic of the total</summary>
        <FigureTree figure={price.shared} />
        {price.arithmetic.map((figure) => (
          <FigureTree key={figure.label} figure={figure} />
        ))}
      </details>
      <div className="flex gap-2 pt-2">
        <Button onClick={() => setTyping(true)}>Type the job’s price</Button>
        {typed ? (
          <Button onClick={() => store.set('typed_price', typed.id, { removed: true })}>
            Back to the computed price
          </Button>
        ) : null}
      </div>
      <ToldPrices />
      {typing ? (
        <TypePrice
          label="Price of the job before tax"
          now={price.items_cents}
          onClose={() => setTyping(false)}
          onSay={(cents, reason) => {
            if (typed) store.set('typed_price', typed.id, { cents, reason })
            else
              store.create('typed_price', { id: newId(), removed: false, on: { kind: 'job' }, cents, reason })
          }}
        />
      ) : null}
    </Panel>
  )
}
