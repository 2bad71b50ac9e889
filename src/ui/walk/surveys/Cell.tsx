'use client'

import { useEffect, useId, useRef, useState } from 'react'
import { inches } from '../../../core/measure'
import { Button, CONTROL } from '../../look'
import { useDevices } from '../../state/useDevices'
import { today } from '../../state/today'
import { useJob } from '../../state/useJob'
import { readCell, showCell, type CellSpec, type CellValue } from './cells'

type Props = {
  readonly spec: CellSpec
  readonly value: CellValue
  readonly onSave: (value: CellValue) => void
  /** In a table the head of the column is the label; the name then also says the row. */
  readonly inTable?: string
}

/**
 * One value of a survey. It is kept on leaving the field or with Enter; what cannot be read stays as it was typed and says what to do,
 * and the last good value stands.
 */
export function Cell({ spec, value, onSave, inTable }: Props) {
  const id = useId()
  const { job } = useJob()
  const day = today(job.job.time_zone)
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const name = inTable ? `${spec.label}, ${inTable}` : undefined
  const head = inTable ? null : (
    <label htmlFor={id} className="font-head text-[14px] font-medium">
      {spec.label}
    </label>
  )
  if (spec.kind === 'choice' || spec.kind === 'number-choice' || spec.kind === 'yes-no') {
    return (
      <div className="flex flex-col gap-1">
        {head}
        <select
          id={id}
          aria-label={name}
          className={CONTROL}
          value={spec.kind === 'yes-no' ? (value === true ? 'yes' : 'no') : showCell(spec, value)}
          onChange={(event) => {
            const made = readCell(spec, event.target.value, day)
            if (made.ok) onSave(made.value)
          }}
        >
          {choicesOf(spec).map((choice) => (
            <option key={choice.value} value={choice.value}>
              {choice.label}
            </option>
          ))}
        </select>
      </div>
    )
  }
  function keep(): void {
    if (typed === null) return
    const made = readCell(spec, typed, day)
    setWrong(made.ok ? null : made.words)
    if (!made.ok) return
    setTyped(null)
    if (made.value !== value) onSave(made.value)
  }
  return (
    <div className="flex flex-col gap-1">
      {head}
      <span className="flex items-stretch gap-1">
        <input
          id={id}
          aria-label={name}
          aria-invalid={wrong !== null}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          autoComplete="off"
          inputMode={spec.kind === 'number' ? 'decimal' : 'text'}
          className={CONTROL}
          value={typed ?? showCell(spec, value)}
          onChange={(event) => {
            setTyped(event.target.value)
            setWrong(null)
          }}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep()
          }}
        />
        {spec.kind === 'signed' && spec.laser ? (
          <Laser
            name={name ?? spec.label}
            onTake={(taken) => {
              setTyped(null)
              setWrong(null)
              onSave(taken)
            }}
            onWrong={setWrong}
          />
        ) : null}
      </span>
      {spec.hint && !wrong && !inTable ? <p className="text-[13px] text-quiet">{spec.hint}</p> : null}
      {wrong ? (
        <p id={`${id}-wrong`} role="alert" className="text-[13px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </div>
  )
}

function choicesOf(spec: CellSpec): readonly { readonly value: string; readonly label: string }[] {
  const none = spec.optional ? [{ value: '', label: '?' }] : []
  if (spec.kind === 'choice') return [...none, ...spec.choices]
  if (spec.kind === 'number-choice')
    return [
      ...none,
      ...spec.choices.map((value) => ({ value: String(value), label: `${value}${spec.unit ?? ''}` })),
    ]
  return [
    { value: 'yes', label: 'yes' },
    { value: 'no', label: 'no' },
  ]
}

/** Takes the next reading of the laser receiver. */
function Laser(props: { name: string; onTake: (value: number) => void; onWrong: (words: string) => void }) {
  const { receiver } = useDevices()
  const [waits, setWaits] = useState(false)
  const stop = useRef<(() => void) | null>(null)
  useEffect(() => () => stop.current?.(), [])
  return (
    <Button
      aria-label={`${props.name}: take it from the laser receiver`}
      onClick={() => {
        stop.current?.()
        setWaits(true)
        const begun = receiver.listen((said) => {
          stop.current?.()
          stop.current = null
          setWaits(false)
          props.onTake(inches(said.inches) + 0)
        })
        if (typeof begun === 'function') stop.current = begun
        else {
          setWaits(false)
          props.onWrong(begun.words)
        }
      }}
    >
      {waits ? '…' : 'laser'}
    </Button>
  )
}
