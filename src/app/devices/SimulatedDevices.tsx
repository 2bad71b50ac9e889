'use client'

import { useEffect, useState } from 'react'
import {
  FIRST_TRUTH,
  keepTruth,
  readTruth,
  simulatedMeter,
  simulatedReceiver,
  type Truth,
} from '../../sim/devices'
import type { LevelSaid, MoistureSaid } from '../../client/devices'
import { CheckField } from '../../ui/look'

type Slide = {
  readonly field: 'moisture_percent' | 'moisture_noise' | 'wood_temperature_c' | 'level_in' | 'level_noise_in'
  readonly label: string
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly step: number
}
const METER: readonly Slide[] = [
  { field: 'moisture_percent', label: 'True moisture', unit: '%', min: 6, max: 60, step: 0.5 },
  { field: 'moisture_noise', label: 'Noise', unit: '%', min: 0, max: 5, step: 0.1 },
  { field: 'wood_temperature_c', label: 'Temperature of the wood', unit: '°C', min: -10, max: 40, step: 1 },
]
const RECEIVER: readonly Slide[] = [
  { field: 'level_in', label: 'True height over the beam', unit: 'in', min: -12, max: 12, step: 1 / 16 },
  { field: 'level_noise_in', label: 'Noise', unit: 'in', min: 0, max: 0.5, step: 1 / 64 },
]

/** Both devices with their truth and noise to move, and what they say meanwhile. */
export function SimulatedDevices() {
  // The first truth on the server and at the first drawing; this browser's own right after.
  const [truth, setTruth] = useState<Truth>(FIRST_TRUTH)
  const [moisture, setMoisture] = useState<MoistureSaid | null>(null)
  const [level, setLevel] = useState<LevelSaid | null>(null)
  useEffect(() => {
    const timer = setTimeout(() => setTruth(readTruth()), 0)
    return () => clearTimeout(timer)
  }, [])
  useEffect(() => {
    if (!truth.streaming) return undefined
    const stops = [simulatedMeter.listen(setMoisture), simulatedReceiver.listen(setLevel)]
    return () => {
      for (const stop of stops) if (typeof stop === 'function') stop()
    }
  }, [truth.streaming])
  function set(fields: Partial<Truth>): void {
    const next = { ...truth, ...fields }
    keepTruth(next)
    setTruth(next)
  }
  const slides = (list: readonly Slide[]) =>
    list.map(({ field, label, unit, min, max, step }) => (
      <label key={field} className="grid grid-cols-[11rem_1fr_5rem] items-center gap-3 py-1">
        <span className="font-head text-[15px]">{label}</span>
        <input
          type="range"
          min={min}
          max={max}
          step={step}
          value={truth[field]}
          className="min-h-11 accent-spruce"
          onChange={(event) => set({ [field]: Number(event.target.value) })}
        />
        <span className="text-right font-head">
          {truth[field].toFixed(step < 0.5 ? 2 : 1)} {unit}
        </span>
      </label>
    ))
  return (
    <>
      <CheckField
        label="Switched on, streaming"
        checked={truth.streaming}
        onChange={(streaming) => set({ streaming })}
      />
      <section aria-label="Moisture meter" className="border border-ink bg-paper p-4">
        <h2 className="flex items-baseline justify-between border-b border-ink pb-1 text-[17px]">
          Moisture meter
          <output aria-label="Meter says" className="text-[30px]">
            {truth.streaming && moisture ? `${moisture.percent.toFixed(1)} %` : 'off'}
          </output>
        </h2>
        {slides(METER)}
      </section>
      <section aria-label="Laser receiver" className="border border-ink bg-paper p-4">
        <h2 className="flex items-baseline justify-between border-b border-ink pb-1 text-[17px]">
          Laser receiver
          <output aria-label="Receiver says" className="text-[30px]">
            {truth.streaming && level
              ? level.on_beam
                ? 'on the beam'
                : `${level.inches > 0 ? '+' : '−'}${Math.abs(level.inches).toFixed(2)} in`
              : 'off'}
          </output>
        </h2>
        {slides(RECEIVER)}
      </section>
    </>
  )
}
