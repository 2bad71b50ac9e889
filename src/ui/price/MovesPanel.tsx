'use client'

import { useState } from 'react'
import type { Moves } from '../../core/compare'
import { formatCents, wholeDollars, type Cents } from '../../core/measure'
import { Button, Panel } from '../look'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'

const percent = (part: number, whole: number): string =>
  whole === 0 ? '' : `${Math.round((part / whole) * 1000) / 10} %`
const signed = (cents: Cents): string => `${cents < 0 ? '−' : '+'} ${formatCents(Math.abs(cents) as Cents)}`

/** What the price leaves, how far the work may run over, and what one figure moved does to it: reckoned when asked for. */
export function MovesPanel() {
  const { derived } = useJob()
  const [isOpen, setOpen] = useState(false)
  const moves = useCompare(derived, isOpen ? { kind: 'moves' } : null)
  return (
    <Panel title="What it leaves">
      {!isOpen ? (
        <>
          <p className="py-2 text-[14px] text-quiet">
            Cost, overhead and profit in this price; how far the work may run over; what moving one figure
            does.
          </p>
          <Button onClick={() => setOpen(true)}>Reckon what it leaves</Button>
        </>
      ) : moves ? (
        <Told moves={moves} />
      ) : (
        <p role="status" className="py-2 text-[14px] text-quiet">
          Reckoning…
        </p>
      )}
    </Panel>
  )
}

function Told({ moves }: { moves: Moves }) {
  const { made, hours_to_no_profit, hours_to_no_overhead, hour_cents, crew_days } = moves
  const rows: readonly (readonly [string, Cents])[] = [
    ['Direct cost', made.direct_cents],
    ['Overhead', made.overhead_cents],
    ...(made.kept_cents > 0 ? [['Put by, and card fee', made.kept_cents] as const] : []),
    ['Profit', made.profit_cents],
    ['Price before tax', made.before_tax_cents],
  ]
  return (
    <div className="flex flex-col gap-2 pt-2 text-[14px]">
      <table aria-label="What the price leaves">
        <tbody>
          {rows.map(([name, cents]) => (
            <tr key={name} className="border-b border-rule">
              <th scope="row" className="py-0.5 text-left font-normal">
                {name}
              </th>
              <td className="text-right text-quiet">{percent(cents, made.before_tax_cents)}</td>
              <td className="w-24 text-right font-head font-semibold">{formatCents(cents)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {made.profit_cents < 0
          ? `This price loses ${formatCents((0 - made.profit_cents) as Cents)}.`
          : `The work may run over by ${hours_to_no_profit} paid hours before nothing is left, by ${hours_to_no_overhead} before it no longer pays its part of the firm; an hour costs ${formatCents(hour_cents)}. It is planned for ${crew_days} crew-days.`}
      </p>
      <table aria-label="One figure moved">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th scope="col">One figure moved</th>
            <th scope="col" className="text-right">
              Total
            </th>
          </tr>
        </thead>
        <tbody>
          {moves.moves.map(({ id, says, change_cents }) => (
            <tr key={id} className="border-b border-rule">
              <td className="py-0.5">{says}</td>
              <td className="text-right whitespace-nowrap">{signed(change_cents)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-quiet">
        Least price that pays cost and overhead:{' '}
        {wholeDollars((made.before_tax_cents - made.profit_cents) as Cents)}.
      </p>
    </div>
  )
}
