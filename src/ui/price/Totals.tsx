'use client'

import { useMemo, useState } from 'react'
import { newId } from '../../client/newId'
import { formatCents, type Cents } from '../../core/measure'
import { rowsOf } from '../../core/firmValues/rows'
import { buildUpOf } from '../../core/price'
import { Button, Panel } from '../look'
import { useJob } from '../state/useJob'
import { FigureTree } from './FigureTree'
import { MissingRates } from './MissingRates'
import { ToldPrices } from './ToldPrices'
import { TypePrice } from './TypePrice'

/** What the job comes to, what that is made of, and what a person types over it. */
export function Totals() {
  const { derived, view, store } = useJob()
  const [typing, setTyping] = useState<'job' | 'discount' | null>(null)
  const made = useMemo(() => {
    const names = new Map(derived.scope.items.map(({ id, name, where }) => [id, `${name}, ${where}`]))
    return derived.price.kind === 'priced'
      ? buildUpOf(derived.price.lines, (id) => names.get(id) ?? 'an item')
      : null
  }, [derived])
  const { price } = derived
  if (price.kind !== 'priced') return null
  const typedOn = (kind: 'job' | 'discount') =>
    view.job.typed_prices.find((each) => !each.removed && each.on.kind === kind)
  const [typed, discount] = [typedOn('job'), typedOn('discount')]
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
    ...(price.discount
      ? [
          [
            `Discount${price.discount.reason ? `: ${price.discount.reason}` : ''}`,
            (0 - price.discount.cents) as Cents,
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
      <p className="py-1.5 text-[13px] text-quiet">
        {price.basis} {rowsOf(view.job.settings).currency_says}
      </p>
      <details>
        <summary className="font-head text-[14px] text-chalk-text underline">Arithmetic of the total</summary>
        <FigureTree figure={price.shared} />
        {price.arithmetic.map((figure) => (
          <FigureTree key={figure.label} figure={figure} />
        ))}
      </details>
      {made && made.value !== 0 ? (
        <details>
          <summary className="font-head text-[14px] text-chalk-text underline">
            What the job is made of
          </summary>
          <FigureTree figure={made} folds />
        </details>
      ) : null}
      <div className="flex flex-wrap gap-2 pt-2">
        <Button onClick={() => setTyping('job')}>Type the job’s price</Button>
        <Button onClick={() => setTyping('discount')}>Discount</Button>
        {typed ? (
          <Button onClick={() => store.set('typed_price', typed.id, { removed: true })}>
            Back to the computed price
          </Button>
        ) : null}
        {discount ? (
          <Button onClick={() => store.set('typed_price', discount.id, { removed: true })}>
            No discount
          </Button>
        ) : null}
      </div>
      <ToldPrices />
      {typing ? (
        <TypePrice
          key={typing}
          label={typing === 'job' ? 'Price of the job before tax' : 'Discount before tax'}
          now={typing === 'job' ? price.items_cents : (discount?.cents ?? (0 as Cents))}
          needsReason={typing === 'discount'}
          onClose={() => setTyping(null)}
          onSay={(cents, reason) => {
            const held = typing === 'job' ? typed : discount
            if (held) store.set('typed_price', held.id, { cents, reason })
            else
              store.create('typed_price', {
                id: newId(),
                removed: false,
                on: { kind: typing },
                cents,
                reason,
              })
          }}
        />
      ) : null}
    </Panel>
  )
}
