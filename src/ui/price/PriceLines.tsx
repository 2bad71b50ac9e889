'use client'

import { useMemo, useState } from 'react'
import { newId } from '../../client/newId'
import { formatCents } from '../../core/measure'
import { basisWords, buildUpOf, type PriceLine } from '../../core/price'
import { Button, Notice } from '../look'
import { useJob } from '../state/useJob'
import { itemState } from '../house/ribbon/ticks'
import { TickSign } from '../house/ribbon/Tick'
import { FigureTree } from './FigureTree'
import type { LineGroup } from './groupLines'
import { TypePrice } from './TypePrice'

type Title = (id: string) => { name: string; where: string }

/** The lines of a side under its head, which folds and keeps its sum and what is open in view. */
export function Group({ group, title }: { group: LineGroup; title: Title }) {
  const made = useMemo(
    () =>
      buildUpOf(group.lines, (id) => {
        const { name, where } = title(id)
        return `${name}, ${where}`
      }),
    [group, title],
  )
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
      <details className="py-1 pl-6">
        <summary className="font-head text-[14px] text-chalk-text underline">
          What {group.name} is made of
        </summary>
        <FigureTree figure={made} folds />
      </details>
    </details>
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
> &
  Partial<Pick<PriceLine, 'basis'>>

/** What stands where a price would, when there is none. */
function priceWords(line: AnyLine): string {
  if (line.lacks.length > 0) return 'no price'
  return line.includedIn === null ? formatCents(line.sell_cents) : 'included'
}

export function Line({ line, name, where }: { line: AnyLine; name: string; where: string }) {
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
          {line.basis && line.basis.kind !== 'fixed' ? (
            <p className="py-1 text-[14px]">{basisWords(line.basis)}</p>
          ) : null}
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
