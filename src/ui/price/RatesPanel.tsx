'use client'

import { useState } from 'react'
import { TAX_RULES, TAX_WORDS, type EntityOf } from '../../core/job'
import { dollars } from '../../core/measure'
import { Panel, SelectField, TextField } from '../look'
import { useJob } from '../state/useJob'

/** A number typed by a person, kept when it makes sense and marked when it does not. */
function NumberField(props: {
  label: string
  value: number
  onSave: (value: number) => void
  least: number
  most: number
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const number = typed === null ? props.value : Number(typed)
  const fits =
    Number.isFinite(number) && typed?.trim() !== '' && number >= props.least && number <= props.most
  return (
    <TextField
      label={props.label}
      inputMode="decimal"
      value={typed ?? String(props.value)}
      error={typed !== null && !fits ? `A number from ${props.least} to ${props.most}.` : null}
      onChange={setTyped}
      onBlur={() => {
        if (typed !== null && fits) {
          props.onSave(number)
          setTyped(null)
        }
      }}
    />
  )
}

/** The money settings pinned to this job. Changing them here changes this job only. */
export function RatesPanel() {
  const { view, store } = useJob()
  const rates = view.job.rates
  if (!rates) return null
  const set = (fields: Partial<EntityOf['rates']>): void => void store.set('rates', 'rates', fields)
  return (
    <Panel title="Rates of this job" aside={`edition ${rates.edition}`}>
      <div className="grid grid-cols-2 gap-3 pt-2">
        <NumberField
          label="Cost of an hour, $"
          value={rates.burdened_rate_cents / 100}
          least={0}
          most={1000}
          onSave={(value) => set({ burdened_rate_cents: dollars(value) })}
        />
        <NumberField
          label="Minimum per visit, $"
          value={rates.minimum_per_visit_cents / 100}
          least={0}
          most={100000}
          onSave={(value) => set({ minimum_per_visit_cents: dollars(value) })}
        />
        <SelectField
          label="Overhead is a share of"
          value={rates.overhead.basis}
          onChange={(value) =>
            set({ overhead: { ...rates.overhead, basis: value === 'sales' ? 'sales' : 'cost' } })
          }
          choices={[
            { value: 'cost', label: 'cost' },
            { value: 'sales', label: 'sales' },
          ]}
        />
        <NumberField
          label="Overhead, %"
          value={Math.round(rates.overhead.share * 1000) / 10}
          least={0}
          most={200}
          onSave={(value) => set({ overhead: { ...rates.overhead, share: value / 100 } })}
        />
        <NumberField
          label="Profit, % of the price"
          value={Math.round(rates.profit_share * 1000) / 10}
          least={0}
          most={100}
          onSave={(value) => set({ profit_share: value / 100 })}
        />
        <NumberField
          label="Sales tax, %"
          value={Math.round(rates.tax.rate * 10000) / 100}
          least={0}
          most={50}
          onSave={(value) => set({ tax: { ...rates.tax, rate: value / 100 } })}
        />
        <SelectField
          label="Tax rule"
          value={rates.tax.rule}
          onChange={(value) =>
            set({ tax: { ...rates.tax, rule: value as EntityOf['rates']['tax']['rule'] } })
          }
          choices={TAX_RULES.map((value) => ({ value, label: TAX_WORDS[value] }))}
        />
      </div>
    </Panel>
  )
}
