'use client'

import { useState } from 'react'
import {
  dayWords,
  monthWords,
  parseDay,
  parseHours,
  parseMonth,
  parseNumber,
  parsePercent,
  parsePitch,
  parseTemperature_c,
  toFahrenheit,
  type Month,
  type SaidError,
  type SaidRange,
} from '../../core/measure'
import type { Result } from '../../core/result'
import { saidWords } from '../../core/words'
import { TextField } from './Field'

type Reading<T> = {
  readonly read: (text: string) => Result<T, SaidError>
  readonly show: (value: T) => string
  /** Examples of what can be typed, for whoever typed something else. */
  readonly such: string
  readonly inputMode?: 'text' | 'numeric' | 'decimal'
}

type Props<T> = {
  readonly label: string
  readonly value: T | null
  readonly onChange: (value: T) => void
  /** What empty means; absent: the field may not be empty. */
  readonly onClear?: () => void
  readonly hint?: string
}

/**
 * A field that reads what is typed as it is said on site. What cannot be read says so, stays as it was typed, and the last good value
 * stands; on leaving the field a value that was read is shown as it was understood.
 */
function ReadField<T>({
  label,
  value,
  onChange,
  onClear,
  hint,
  read,
  show,
  such,
  inputMode,
}: Props<T> & Reading<T>) {
  const [typed, setTyped] = useState<string | null>(null)
  const isBlank = typed !== null && typed.trim() === ''
  const made = typed === null || (isBlank && onClear) ? null : read(typed)
  const error = made && !made.ok ? saidWords(made.error, such) : null
  return (
    <TextField
      label={label}
      hint={error ? undefined : hint}
      error={error}
      inputMode={inputMode ?? 'text'}
      autoComplete="off"
      value={typed ?? (value === null ? '' : show(value))}
      onChange={(text) => {
        setTyped(text)
        if (text.trim() === '') {
          onClear?.()
          return
        }
        const next = read(text)
        if (next.ok) onChange(next.value)
      }}
      onBlur={() => {
        if (!error) setTyped(null)
      }}
    />
  )
}

const plain = (value: number): string => String(value)

export function NumberField(props: Props<number> & { range: SaidRange; such?: string }) {
  const { range, such, ...rest } = props
  return (
    <ReadField
      {...rest}
      read={(text) => parseNumber(text, range)}
      show={plain}
      such={such ?? `a number from ${range.least} to ${range.most}, such as 3 or three`}
      inputMode={range.whole ? 'numeric' : 'decimal'}
    />
  )
}

export function HoursField(props: Props<number>) {
  return (
    <ReadField
      {...props}
      read={(text) => parseHours(text, { least: 0, most: 10_000 })}
      show={(hours) => (hours > 48 && hours % 24 === 0 ? `${hours / 24} days` : plain(hours))}
      such="hours or days, such as 30, two days or since yesterday"
    />
  )
}

export function PercentField(props: Props<number>) {
  return <ReadField {...props} read={parsePercent} show={plain} such="a share, such as 30, 30 % or a third" />
}

export function PitchField(props: Props<number>) {
  return (
    <ReadField
      {...props}
      read={(text) => parsePitch(text, { least: 0, most: 36 })}
      show={plain}
      such="a pitch, such as 6, 6 in 12 or 30°"
    />
  )
}

/** Kept in degrees Celsius, shown in Fahrenheit, typed in either. */
export function TemperatureField(props: Props<number> & { range: SaidRange }) {
  const { range, ...rest } = props
  return (
    <ReadField
      {...rest}
      read={(text) => parseTemperature_c(text, range)}
      show={(celsius) => plain(toFahrenheit(celsius))}
      such="a temperature, such as 52 or 11 C"
    />
  )
}

export function DayField(props: Props<string> & { today: string }) {
  const { today, ...rest } = props
  return (
    <ReadField
      {...rest}
      read={(text) => parseDay(text, today)}
      show={(day) => dayWords(day).replaceAll('\u00a0', ' ')}
      such="a day, such as yesterday, last Tuesday, May 4 or 2026-05-04"
    />
  )
}

/** When something was, as near as anybody can say: a year, or a month of it. */
export function MonthField(props: Props<Month> & { today: string }) {
  const { today, ...rest } = props
  return (
    <ReadField
      {...rest}
      read={(text) => parseMonth(text, today)}
      show={monthWords}
      such="a month or a year, such as May 2024, last winter, two years ago or 2021"
    />
  )
}
