'use client'

import { useEffect, useState } from 'react'
import type { MoistureSaid } from '../../../client/devices'
import { toFahrenheit } from '../../../core/measure'
import type { UseFormReturn } from 'react-hook-form'
import { Button } from '../../look'
import { BoundText } from '../../look/bound'
import { useDevices } from '../../state/useDevices'
import type { FactSaid, FactValues } from './factForm'

/** A moisture reading: typed, or taken from a meter that streams, at the spot and at a dry one beside it. */
export function MeterFields({ form }: { form: UseFormReturn<FactValues, unknown, FactSaid> }) {
  const { control, setValue } = form
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
    setValue(field, said.percent.toFixed(1))
    if (said.wood_temperature_c !== null)
      setValue('temperature_c', `${toFahrenheit(said.wood_temperature_c)} F`)
    setValue('instrument', meter.name)
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
        <BoundText control={control} name="percent" label="Reading, %" inputMode="decimal" />
        <BoundText
          control={control}
          name="reference"
          label="Dry reference spot, %"
          inputMode="decimal"
          hint="on the same member; may stay empty"
        />
        <BoundText control={control} name="species" label="Species, if known" />
        <BoundText
          control={control}
          name="species_points"
          label="Meter’s table, points"
          inputMode="text"
          hint="what it adds for that species, such as -1.5"
        />
        <BoundText control={control} name="temperature_c" label="Wood temperature, °F" hint="or say °C" />
        <BoundText control={control} name="instrument" label="Meter" />
      </div>
    </div>
  )
}
