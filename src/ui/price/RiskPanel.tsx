'use client'

import { useState } from 'react'
import { TOGETHER as USUAL } from '../../core/catalogue/hidden/hidden'
import type { Risk } from '../../core/compare'
import { formatCents, wholeDollars } from '../../core/measure'
import { Button, Panel, SelectField } from '../look'
import { LowPowerNote } from '../state/LowPowerNote'
import { useLowPower } from '../state/lowPower'
import { useCompared } from '../state/useCompare'
import { useJob } from '../state/useJob'
import { ChanceByHand } from './ChanceByHand'

/** How much places of one source move together, as one may think of it. */
const TOGETHER = [
  { value: '0', label: 'not at all: each its own coin' },
  { value: '0.3', label: 'somewhat' },
  { value: '0.5', label: 'as we judge it: half' },
  { value: '0.7', label: 'mostly' },
] as const

const percent = (share: number): string => `${Math.round(share * 100)} %`

const KEY = 'hidden.together.source'

/** What may hide behind the boards this job takes off: reckoned when somebody asks, and anew at every setting. For the firm alone. */
export function RiskPanel() {
  const { derived, view, store } = useJob()
  const [isOpen, setOpen] = useState(false)
  const { found: risk, isAnswered, share } = useCompared(derived, isOpen ? { kind: 'risk' } : null)
  const { isLow } = useLowPower()
  const { values } = view.job.settings
  const set = values[KEY]?.value
  if (!isOpen) {
    return (
      <Panel title="What may hide">
        <p className="py-2 text-[14px] text-quiet">
          Behind what is taken off there may be more. Drawn over many houses from grade, part and what was
          seen.
        </p>
        <Button onClick={() => setOpen(true)}>Reckon what may hide</Button>
      </Panel>
    )
  }
  return (
    <Panel title="What may hide">
      <SelectField
        label="Places of one source move together"
        value={String(typeof set === 'number' ? set : USUAL.source)}
        onChange={(value) => {
          const others = Object.fromEntries(Object.entries(values).filter(([key]) => key !== KEY))
          const isUsual = Number(value) === USUAL.source
          store.set('settings', 'settings', {
            values: isUsual
              ? others
              : { ...others, [KEY]: { value: Number(value), reason: 'set for this job' } },
          })
        }}
        choices={TOGETHER}
      />
      <LowPowerNote what="what may hide is not drawn." />
      {isLow || (isAnswered && share === null) ? null : <Drawing share={share} />}
      {risk ? <Told risk={risk} /> : null}
      {isAnswered && !risk ? (
        <p role="status" className="py-2 text-[14px] text-quiet">
          Nothing with a price opens a place of which it is known what hides behind it.
        </p>
      ) : null}
    </Panel>
  )
}

/** How far the drawing is; what was reckoned before stands below it until the new is there. */
function Drawing({ share }: { share: number | null }) {
  return (
    <p className="flex items-center gap-2 py-2 text-[14px] text-quiet">
      <progress
        aria-label="Houses drawn"
        max={1}
        {...(share === null ? {} : { value: share })}
        className="h-2 w-32"
      />
      {share === null ? 'Reckoning the job as it stands…' : `${percent(share)} of the houses drawn`}
    </p>
  )
}

function Told({ risk }: { risk: Risk }) {
  const rows = [
    ['Expected', risk.mean_cents],
    ['Enough in 1 of 2', risk.p50_cents],
    ['Enough in 4 of 5', risk.p80_cents],
    ['Enough in 19 of 20', risk.p95_cents],
    ['Reserve beyond what is expected', risk.reserve_cents],
  ] as const
  return (
    <div className="flex flex-col gap-2 pt-2 text-[14px]">
      <table>
        <tbody>
          {rows.map(([name, cents]) => (
            <tr key={name} className="border-b border-rule">
              <th scope="row" className="py-0.5 text-left font-normal">
                {name}
              </th>
              <td className="text-right font-head font-semibold">{wholeDollars(cents)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        Were none of it charged, it would eat the whole profit of {formatCents(risk.profit_cents)} in{' '}
        {percent(risk.eats_profit)} of such houses: say unit prices for finds, or hold a reserve.
      </p>
      <details>
        <summary className="cursor-pointer font-head font-semibold">Where it comes from</summary>
        <ul>
          {risk.drivers.map((driver) => (
            <li key={driver.finding_id} className="border-b border-rule py-1">
              <span className="flex justify-between gap-2">
                <span>
                  {driver.name}, {driver.where}
                </span>
                <span className="whitespace-nowrap">{wholeDollars(driver.mean_cents)}</span>
              </span>
              <span className="block text-quiet">
                {driver.chance.backing === null
                  ? ''
                  : `behind it damaged: ${percent(driver.chance.backing)}; `}
                framing: {percent(driver.chance.framing)}; {percent(driver.share)} of the spread
                {driver.chance.said
                  ? ` · said by hand${driver.chance.said.reason ? `: ${driver.chance.said.reason}` : ''}`
                  : driver.chance.moved.map(({ name, times }) => ` · ${name} × ${times}`)}
              </span>
              <ChanceByHand
                finding_id={driver.finding_id}
                name={`${driver.name}, ${driver.where}`}
                said={driver.chance.said}
                reckoned={driver.chance}
              />
            </li>
          ))}
        </ul>
      </details>
      <details>
        <summary className="cursor-pointer font-head font-semibold">
          Prices of finds it is reckoned with
        </summary>
        <ul>
          {risk.finds.map(({ find, cents }) => (
            <li key={find.id} className="flex justify-between gap-2 border-b border-rule py-1">
              <span>{find.plain}</span>
              <span className="whitespace-nowrap">
                {cents === null
                  ? 'no price'
                  : `${wholeDollars(cents.first)}, further ${wholeDollars(cents.further)}`}
              </span>
            </li>
          ))}
        </ul>
      </details>
      <p className="text-quiet">
        20,000 houses drawn from one seed; chances, odds and extents are our judgement.
        {risk.unknown.length > 0
          ? ` ${risk.unknown.length} on parts of which nothing is known are not in it.`
          : ''}
      </p>
    </div>
  )
}
