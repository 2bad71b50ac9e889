'use client'

import { useEffect, useState } from 'react'
import type { MoistureSaid } from '../../../client/devices'
import { Button, TextField } from '../../look'
import { useDevices } from '../../state/useDevices'

/** A reading as it is typed or taken from a meter, before it is written down. */
export type MeterReading = {
  readonly percent: string
  readonly reference: string
  readonly species: string
  readonly temperature_c: string
  readonly instrument: string
}
export const NO_READING: MeterReading = {
  percent: '',
  reference: '',
  species: '',
  temperature_c: '',
  instrument: '',
}

/** A moisture reading: typed, or taken from a meter that streams, at the spot and at a dry one beside it. */
export function MeterFields(props: { value: MeterReading; onChange: (value: MeterReading) => void }) {
  const { value, onChange } = props
  const { meter } = useDevices()
  const [listens, setListens] = useState(false)
  const [said, setSaid] = useState<MoistureSaid | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  useEffect(() => {
    if (!listens) return undefined
    const begun = meter.listen(setSaid)
    if (typeof begun === 'function') return begun
    const timer = setTimeout(() => {
      setWrong(begun.words)
      setListens(false)
    }, 0)
    return () => clearTimeout(timer)
  }, [listens, meter])

  function take(field: 'percent' | 'reference'): void {
    if (!said) return
    onChange({
      ...value,
      [field]: said.percent.toFixed(1),
      temperature_c: said.wood_temperature_c === null ? value.temperature_c : String(said.wood_temperature_c),
      instrument: meter.name,
    })
  }

  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-2 border border-rule bg-white p-2">
        {listens ? (
          <>
            <output
              aria-label="Meter"
              className="w-20 text-right font-head text-[26px] leading-none font-semibold"
            >
              {said ? `${said.percent.toFixed(1)} %` : '…'}
            </output>
            <Button disabled={!said} onClick={() => take('percent')}>
              Take it here
            </Button>
            <Button disabled={!said} onClick={() => take('reference')}>
              as the dry spot
            </Button>
            <Button look="quiet" onClick={() => setListens(false)}>
              Stop
            </Button>
          </>
        ) : (
          <Button
            onClick={() => {
              setWrong(null)
              setListens(true)
            }}
          >
            Listen to the meter
          </Button>
        )}
        {wrong ? (
          <span role="alert" className="text-[13px] font-medium text-crayon-text">
            {wrong}
          </span>
        ) : null}
      </div>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Reading, %"
          inputMode="decimal"
          value={value.percent}
          onChange={(percent) => onChange({ ...value, percent })}
        />
        <TextField
          label="Dry reference spot, %"
          inputMode="decimal"
          value={value.reference}
          onChange={(reference) => onChange({ ...value, reference })}
          hint="on the same member; may stay empty"
        />
        <TextField
          label="Species, if known"
          value={value.species}
          onChange={(species) => onChange({ ...value, species })}
        />
        <TextField
          label="Wood temperature, °C"
          inputMode="decimal"
          value={value.temperature_c}
          onChange={(temperature_c) => onChange({ ...value, temperature_c })}
        />
        <TextField
          label="Meter"
          value={value.instrument}
          onChange={(instrument) => onChange({ ...value, instrument })}
        />
      </div>
    </div>
  )
}
