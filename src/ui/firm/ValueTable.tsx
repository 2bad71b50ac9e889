'use client'

import type { FirmValuesAnswer } from '../../core/contract'
import { CONTROL } from '../look'
import type { FirmValuesState } from './useFirmValues'

type Value = FirmValuesAnswer['values'][number]

/** Values whose names hold every word that is searched for. */
function found(values: readonly Value[], search: string): Value[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  return values.filter(({ group, name, unit }) => {
    const text = `${group} ${name} ${unit}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
}

function ValueRow({ value, state }: { value: Value; state: FirmValuesState }) {
  const change = state.changes[value.key]
  const own = change === undefined ? value.own : change.value
  const reason = change?.reason ?? value.reason
  return (
    <tr className={`border-b border-rule align-top ${change ? 'bg-paper' : ''}`}>
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {value.name}
        <span className="block text-[13px] text-quiet">
          {value.unit} · {value.source}
        </span>
      </th>
      <td className="py-1.5 pr-3 text-right font-head">{value.shipped}</td>
      <td className="w-28 py-1.5 pr-2">
        <input
          className={CONTROL}
          inputMode="decimal"
          aria-label={`Ours for ${value.name}`}
          defaultValue={own === null ? '' : String(own)}
          key={`${value.key} ${String(own)}`}
          onBlur={(event) => {
            const text = event.target.value.trim().replace(',', '.')
            const next = text === '' ? null : Number(text)
            if (next !== own && (next === null || Number.isFinite(next)))
              state.change({ key: value.key, value: next, reason })
          }}
        />
      </td>
      <td className="py-1.5">
        {own === null ? null : (
          <input
            className={CONTROL}
            aria-label={`Why, for ${value.name}`}
            placeholder="why"
            defaultValue={reason}
            key={`${value.key} ${reason}`}
            onBlur={(event) => {
              const next = event.target.value
              if (next !== reason) state.change({ key: value.key, value: own, reason: next })
            }}
          />
        )}
      </td>
    </tr>
  )
}

/** Numbers the stages reckon with, by group: as shipped, and the firm's own. */
export function ValueTable(props: { state: FirmValuesState; search: string; onlyOwn: boolean }) {
  const { state, search, onlyOwn } = props
  const all = found(state.kept?.values ?? [], search)
  const shown = onlyOwn ? all.filter(({ key, own }) => own !== null || key in state.changes) : all
  const groups = [...new Set(shown.map(({ group }) => group))]
  if (shown.length === 0) return <p>{onlyOwn ? 'Nothing of our own here yet.' : 'Nothing is called so.'}</p>
  return (
    <>
      {groups.map((group) => (
        <section key={group} aria-label={group}>
          <h2 className="border-b border-ink pb-1 text-[18px]">{group}</h2>
          <table className="w-full">
            <thead>
              <tr className="text-left text-[13px] text-quiet">
                <th scope="col" className="py-1 font-normal">
                  What
                </th>
                <th scope="col" className="py-1 pr-3 text-right font-normal">
                  Shipped
                </th>
                <th scope="col" className="py-1 font-normal">
                  Ours
                </th>
                <th scope="col" className="py-1 font-normal">
                  Why
                </th>
              </tr>
            </thead>
            <tbody>
              {shown
                .filter((value) => value.group === group)
                .map((value) => (
                  <ValueRow key={value.key} value={value} state={state} />
                ))}
            </tbody>
          </table>
        </section>
      ))}
    </>
  )
}
