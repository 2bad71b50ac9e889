'use client'

import { CONTROL, Field } from '../look'

/** A day, by the browser’s own calendar. Empty: none. */
export function DayField(props: {
  label: string
  value: string | null
  onChange: (day: string | null) => void
  hint?: string
  error?: string | null
}) {
  const { label, value, onChange, hint, error } = props
  return (
    <Field label={label} hint={hint} error={error}>
      {(tied) => (
        <input
          {...tied}
          type="date"
          className={CONTROL}
          value={value ?? ''}
          onChange={(event) => {
            const day = event.target.value
            if (day === '' || /^\d{4}-\d\d-\d\d$/.test(day)) onChange(day === '' ? null : day)
          }}
        />
      )}
    </Field>
  )
}
