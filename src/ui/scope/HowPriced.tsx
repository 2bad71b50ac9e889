'use client'

import { byId, PRICE_BASES, type PriceBasis, type WorkItem } from '../../core/job'
import { adviseBasis } from '../../core/price/adviseBasis'
import type { ScopeItem } from '../../core/scope'
import { Button, SavedTextField, SelectField } from '../look'
import { useJob } from '../state/useJob'

const BASIS_NAMES: Readonly<Record<PriceBasis, string>> = {
  fixed: 'fixed',
  allowance: 'an allowance',
  ceiling: 'by the hour, with a ceiling',
}

/** How the price of an item is meant, with what its spread asks for; what it needs and stands in for; the firm’s own sentence. */
export function HowPriced({
  item: scoped,
  set,
}: {
  item: ScopeItem
  set: (fields: Partial<WorkItem>) => void
}) {
  const { derived, job: asEdited } = useJob()
  const { job, trace, scope } = derived
  const item = byId(asEdited.work_items, scoped.id) ?? scoped.item
  const advice = adviseBasis(
    scoped,
    job,
    (id) => trace.findings.find(({ finding_id }) => finding_id === id)?.cause ?? null,
  )
  const agrees = advice.stands === null ? item.basis === advice.basis : item.state === advice.stands
  const others = scope.items.filter((each) => each.id !== scoped.id && each.row?.sells !== false)
  const isApart = item.state === 'alternate' || item.state === 'optional'
  return (
    <div className="col-span-2 grid grid-cols-2 gap-2">
      <SelectField
        label="Its price is"
        value={item.basis}
        onChange={(value) => set({ basis: value as PriceBasis })}
        choices={PRICE_BASES.map((value) => ({ value, label: BASIS_NAMES[value] }))}
      />
      {agrees ? (
        <p className="self-end pb-2 text-[14px] text-quiet">{advice.why}</p>
      ) : (
        <div className="flex flex-col items-start gap-1 self-end text-[14px]">
          <p className="text-pencil-text">{advice.why}</p>
          <Button
            onClick={() => set(advice.stands === null ? { basis: advice.basis } : { state: advice.stands })}
          >
            {advice.stands === null ? `Make it ${BASIS_NAMES[advice.basis]}` : 'List it as available'}
          </Button>
        </div>
      )}
      {isApart ? (
        <Which
          label="Stands in for"
          chosen={item.instead_of}
          from={others}
          onChange={(instead_of) =>
            set({ instead_of, ...(instead_of.length > 0 ? { state: 'alternate' } : {}) })
          }
        />
      ) : null}
      <Which
        label="Only together with"
        chosen={item.requires}
        from={others}
        onChange={(requires) => set({ requires })}
      />
      <div className="col-span-2 flex flex-col gap-2">
        <SavedTextField
          label="What was seen, in place of our sentence"
          value={item.owner_sees}
          onSave={(owner_sees) => set({ owner_sees })}
        />
        <SavedTextField
          label="Said to the owner, in place of our sentence"
          value={item.owner_says}
          onSave={(owner_says) => set({ owner_says })}
        />
      </div>
    </div>
  )
}

/** Some of the other items, one after another. */
function Which({
  label,
  chosen,
  from,
  onChange,
}: {
  label: string
  chosen: readonly string[]
  from: readonly ScopeItem[]
  onChange: (ids: string[]) => void
}) {
  const nameOf = (each: ScopeItem): string => `${each.name}, ${each.where}`
  const left = from.filter(({ id }) => !chosen.includes(id))
  if (from.length === 0) return null
  return (
    <div className="flex flex-col gap-1">
      <SelectField
        label={label}
        value=""
        onChange={(id) => (id === '' ? undefined : onChange([...chosen, id]))}
        choices={[
          { value: '', label: chosen.length === 0 ? 'none' : 'one more…' },
          ...left.map((each) => ({ value: each.id, label: nameOf(each) })),
        ]}
      />
      <ul className="text-[14px]">
        {chosen.map((id) => {
          const other = from.find((each) => each.id === id)
          const name = other ? nameOf(other) : 'an item that is gone'
          return (
            <li key={id} className="flex items-center justify-between gap-2">
              {name}
              <Button
                aria-label={`Not ${name}`}
                onClick={() => onChange(chosen.filter((each) => each !== id))}
              >
                Not
              </Button>
            </li>
          )
        })}
      </ul>
    </div>
  )
}
