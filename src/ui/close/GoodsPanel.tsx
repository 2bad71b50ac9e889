'use client'

import { useState } from 'react'
import type { Reckoned, Tally } from '../../core/close/tally'
import { Button, Panel, SelectField, TextField } from '../look'
import { crewMessages } from '../messages/crew'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { useCloseEdits } from './useCloseEdits'

const OTHER = ''
const numberOf = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= 100_000 ? value : null
}

/** What was bought or taken along, and what of it was left: beside what had been reckoned. */
export function GoodsPanel({ tally, reckoned }: { tally: Tally; reckoned: Reckoned }) {
  const { derived, store } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const rows = derived.job.bought_goods
  return (
    <Panel title={say('goods')} aside={rows.length > 0 ? String(rows.length) : ''}>
      <GoodForm reckoned={reckoned} />
      {rows.length === 0 ? <p className="py-3 text-quiet">{say('noGoods')}</p> : null}
      <ul aria-label={say('goods')}>
        {tally.goods.map(({ what, unit, bought, left, estimate }) => (
          <li
            key={`${what}/${unit}`}
            className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1"
          >
            <span className="min-w-0 grow font-semibold">{what}</span>
            <span className="tabular-nums">{say('used', { used: round(bought - left), unit })}</span>
            <span className="text-[14px] text-quiet tabular-nums">
              {estimate === null ? '' : say('reckonedFor', { estimate: round(estimate) })}
              {left > 0 ? ` · ${say('leftOver', { left: round(left) })}` : ''}
            </span>
          </li>
        ))}
      </ul>
      <details className="py-1">
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          {say('change')}
        </summary>
        <ul>
          {rows.map((row) => (
            <li key={row.id} className="flex items-baseline gap-3 border-b border-rule py-1 text-[15px]">
              <span className="min-w-0 grow">
                {row.what}: {row.quantity} {row.unit}, {row.on}, {row.by}
              </span>
              <Button look="quiet" onClick={() => store.set('bought_good', row.id, { removed: true })}>
                {say('takeBack')}
              </Button>
            </li>
          ))}
        </ul>
      </details>
    </Panel>
  )
}

const round = (value: number): string => String(Math.round(value * 100) / 100)

function GoodForm({ reckoned }: { reckoned: Reckoned }) {
  const { job } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const edits = useCloseEdits()
  const known = [
    ...reckoned.cut.sections.map(({ section, name }) => ({ value: section, label: name, unit: 'ft' })),
    ...reckoned.cut.goods
      .filter(({ kind }) => kind === 'bought')
      .map(({ good, name, unit }) => ({ value: good, label: name, unit })),
  ]
  const [good, setGood] = useState(known[0]?.value ?? OTHER)
  const [what, setWhat] = useState('')
  const [unit, setUnit] = useState('')
  const [bought, setBought] = useState('')
  const [left, setLeft] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const row = known.find(({ value }) => value === good)
  const quantity = numberOf(bought)
  const over = left.trim() === '' ? 0 : numberOf(left)

  function add(): void {
    if (quantity === null || over === null) return setWrong(say('aNumber'))
    if (over > quantity) return setWrong(say('moreLeft'))
    const said = edits.buy({
      good: row ? good : null,
      what: (row?.label ?? what.trim()) || say('good'),
      unit: row?.unit ?? unit.trim(),
      quantity,
      left: over,
      on: today(job.job.time_zone),
    })
    setWrong(said)
    if (said !== null) return
    setBought('')
    setLeft('')
    setWhat('')
  }
  return (
    <form
      className="grid grid-cols-[minmax(0,2fr)_1fr_1fr_auto] items-end gap-2 py-2 max-sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <div className="max-sm:col-span-2">
        <SelectField
          label={say('good')}
          value={row ? good : OTHER}
          choices={[...known, { value: OTHER, label: say('otherTime') }]}
          onChange={setGood}
        />
      </div>
      {row ? null : (
        <div className="col-span-full grid grid-cols-2 gap-2">
          <TextField label={say('good')} value={what} onChange={(text) => setWhat(text.slice(0, 200))} />
          <TextField label={say('unit')} value={unit} onChange={(text) => setUnit(text.slice(0, 40))} />
        </div>
      )}
      <TextField
        label={row ? `${say('bought')}, ${row.unit}` : say('bought')}
        inputMode="decimal"
        value={bought}
        onChange={setBought}
      />
      <TextField label={say('left')} inputMode="decimal" value={left} onChange={setLeft} />
      <Button type="submit" className="max-sm:col-span-2">
        {say('add')}
      </Button>
      {wrong ? (
        <p role="alert" className="col-span-full text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </form>
  )
}
