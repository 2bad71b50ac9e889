'use client'

import { useState } from 'react'
import { TAX_RULES, TAX_WORDS, type EntityOf } from '../../core/job'
import { dollars } from '../../core/measure'
import { Button, Panel, SavedTextField, SelectField, TextField } from '../look'
import { useJob } from '../state/useJob'
import { TodaysRates } from './TodaysRates'

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

/** Shares that are typed in percent. */
const SHARES = [
  { field: 'profit_share', label: 'Profit, % of the price', most: 100 },
  { field: 'supervision_share', label: 'Supervision, % of labour', most: 100 },
  { field: 'warranty_reserve_share', label: 'Put by for claims, % of the price', most: 50 },
  { field: 'card_fee_share', label: 'Card fee, % of the price', most: 20 },
] as const

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
        {SHARES.map(({ field, label, most }) => (
          <NumberField
            key={field}
            label={label}
            value={Math.round(rates[field] * 1000) / 10}
            least={0}
            most={most}
            onSave={(value) => set({ [field]: value / 100 })}
          />
        ))}
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
      <Due />
      <TodaysRates />
    </Panel>
  )
}

/** When money is due: every stage but the last is typed, the last takes the rest. */
function Due() {
  const { view, store } = useJob()
  const rates = view.job.rates
  if (!rates) return null
  const { payments } = rates
  const { stages } = payments
  const keep = (next: typeof stages): void => {
    const before = next.slice(0, -1).reduce((sum, { share }) => sum + share, 0)
    const rest = Math.round((1 - before) * 1e6) / 1e6
    store.set('rates', 'rates', {
      payments: {
        ...payments,
        stages: next.map((each, at) => (at === next.length - 1 ? { ...each, share: rest } : each)),
      },
    })
  }
  const change = (index: number, of: Partial<(typeof stages)[number]>): void =>
    keep(stages.map((each, at) => (at === index ? { ...each, ...of } : each)))
  return (
    <fieldset className="flex flex-col gap-2 pt-3">
      <legend className="font-head text-[15px] font-semibold">When it is paid</legend>
      {stages.map((stage, index) => (
        <div key={index} className="grid grid-cols-[minmax(0,1fr)_90px] items-end gap-2">
          <SavedTextField
            label={`Payment ${index + 1} is due`}
            value={stage.when}
            onSave={(when) => change(index, { when })}
          />
          {index < stages.length - 1 ? (
            <NumberField
              label={`Of it, payment ${index + 1}, %`}
              value={Math.round(stage.share * 1000) / 10}
              least={0}
              // What it takes, the last one gives.
              most={Math.round((stage.share + stages.at(-1)!.share) * 1000) / 10}
              onSave={(value) => change(index, { share: value / 100 })}
            />
          ) : (
            <p className="pb-2 text-right">{Math.round(stage.share * 1000) / 10} %</p>
          )}
        </div>
      ))}
      <div className="flex gap-2">
        <Button onClick={() => keep([...stages, { when: 'when it is done', share: 0 }])}>
          One payment more
        </Button>
        {stages.length > 0 ? <Button onClick={() => keep(stages.slice(0, -1))}>One less</Button> : null}
      </div>
    </fieldset>
  )
}
