'use client'

import { useDeferredValue, useState } from 'react'
import type { FirmValuesAnswer } from '../../core/contract'
import { typedValue } from '../../core/firmValues'
import { Button, CONTROL } from '../look'
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

function shippedWords({ shipped, takes }: Value): string {
  const name = takes.kind === 'choice' ? takes.of.find(({ id }) => id === shipped)?.name : undefined
  return name ?? String(shipped)
}

/** Where one's own is typed or chosen. What cannot be read says so at the field and stays there to be mended. */
function OwnField(props: {
  value: Value
  own: Value['own']
  wrong: string | null
  set: (text: string) => void
}) {
  const { value, own, wrong, set } = props
  const { takes } = value
  const label = `Ours for ${value.name}`
  if (takes.kind === 'choice') {
    return (
      <select
        className={CONTROL}
        aria-label={label}
        value={own === null ? '' : String(own)}
        onChange={(event) => set(event.target.value)}
      >
        <option value="">as shipped</option>
        {takes.of
          .filter(({ id }) => id !== value.shipped)
          .map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
      </select>
    )
  }
  const common = {
    className: CONTROL,
    'aria-label': label,
    'aria-invalid': wrong !== null,
    defaultValue: own === null ? '' : String(own),
    key: `${value.key} ${String(own)}`,
    onBlur: (event: { target: { value: string } }) => set(event.target.value),
  }
  return (
    <>
      {takes.kind === 'words' ? (
        <textarea {...common} key={common.key} rows={2} />
      ) : (
        <input
          {...common}
          key={common.key}
          inputMode={takes.kind === 'number' ? 'decimal' : 'text'}
          placeholder={takes.kind === 'lengths' ? '8, 12, 16' : undefined}
        />
      )}
      {wrong ? (
        <p role="alert" className="text-[13px] text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </>
  )
}

function ValueRow({ value, state }: { value: Value; state: FirmValuesState }) {
  const [wrong, setWrong] = useState<string | null>(null)
  const change = state.changes[value.key]
  const own = change === undefined ? value.own : change.value
  const reason = change?.reason ?? value.reason
  function set(text: string): void {
    const next = typedValue(value.takes, text)
    setWrong(next.ok ? null : `“${text.trim()}” is no number.`)
    if (next.ok && next.value !== own) state.change({ key: value.key, value: next.value, reason })
  }
  return (
    <tr className={`border-b border-rule align-top ${change ? 'bg-paper' : ''}`}>
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {value.name}
        <span className="block text-[13px] text-quiet">
          {[value.unit, value.source].filter(Boolean).join(' · ')}
        </span>
      </th>
      <td className="py-1.5 pr-3 font-head">{shippedWords(value)}</td>
      <td className="py-1.5 pr-2">
        <OwnField value={value} own={own} wrong={wrong} set={set} />
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

function GroupRows({ rows, state }: { rows: readonly Value[]; state: FirmValuesState }) {
  return (
    <table className="w-full table-fixed">
      <colgroup>
        <col className="w-[34%]" />
        <col className="w-[22%]" />
        <col className="w-[24%]" />
        <col className="w-[20%]" />
      </colgroup>
      <thead>
        <tr className="text-left text-[13px] text-quiet">
          <th scope="col" className="py-1 font-normal">
            What
          </th>
          <th scope="col" className="py-1 pr-3 font-normal">
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
        {rows.map((value) => (
          <ValueRow key={value.key} value={value} state={state} />
        ))}
      </tbody>
    </table>
  )
}

/**
 * What the stages reckon with, by group: as shipped, and the firm's own. There are well over a thousand, so groups are folded until one
 * is opened or a search finds something in them.
 */
export function ValueTable(props: { state: FirmValuesState; search: string; onlyOwn: boolean }) {
  const { state, onlyOwn } = props
  const search = useDeferredValue(props.search)
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set())
  const all = found(state.kept?.values ?? [], search)
  const shown = onlyOwn ? all.filter(({ key, own }) => own !== null || key in state.changes) : all
  const groups = [...new Set(shown.map(({ group }) => group))]
  const isSought = search.trim() !== '' || onlyOwn
  if (shown.length === 0) return <p>{onlyOwn ? 'Nothing of our own here yet.' : 'Nothing is called so.'}</p>
  return (
    <>
      {groups.map((group) => {
        const rows = shown.filter((value) => value.group === group)
        const own = rows.filter(({ key, own: mine }) => mine !== null || key in state.changes).length
        const isOpen = isSought || opened.has(group)
        return (
          <section key={group} aria-label={group}>
            <h2 className="flex items-center gap-3 border-b border-ink pb-1 text-[18px]">
              <span className="grow">{group}</span>
              <span className="font-normal text-[14px] text-quiet">
                {rows.length}
                {own > 0 ? `, ${own} our own` : ''}
              </span>
              {isSought ? null : (
                <Button
                  look="quiet"
                  aria-expanded={isOpen}
                  aria-label={`${isOpen ? 'Fold' : 'Open'}: ${group}`}
                  onClick={() => {
                    const next = new Set(opened)
                    if (!next.delete(group)) next.add(group)
                    setOpened(next)
                  }}
                >
                  {isOpen ? 'Fold' : 'Open'}
                </Button>
              )}
            </h2>
            {isOpen ? <GroupRows rows={rows} state={state} /> : null}
          </section>
        )
      })}
    </>
  )
}
