'use client'

import { useId, type ReactNode } from 'react'

/** Look of a single-line control, for those a form reads itself. */
export const CONTROL =
  'w-full rounded-(--radius) border border-quiet bg-white px-2 min-h-9 touch:min-h-11 text-ink aria-invalid:border-crayon aria-invalid:border-2'

type Told = { label: string; hint?: string; error?: string | null }

/** A label over a control, with a hint and an error that a screen reader ties to it. */
export function Field({
  label,
  hint,
  error,
  children,
}: Told & {
  children: (tied: {
    id: string
    'aria-invalid': boolean
    'aria-describedby': string | undefined
  }) => ReactNode
}) {
  const id = useId()
  const told = [hint ? `${id}-hint` : '', error ? `${id}-error` : ''].filter(Boolean).join(' ')
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-head text-[14px] font-medium text-ink">
        {label}
      </label>
      {children({ id, 'aria-invalid': Boolean(error), 'aria-describedby': told || undefined })}
      {hint ? (
        <p id={`${id}-hint`} className="text-[13px] text-quiet">
          {hint}
        </p>
      ) : null}
      {error ? (
        <p id={`${id}-error`} role="alert" className="text-[13px] font-medium text-crayon-text">
          {error}
        </p>
      ) : null}
    </div>
  )
}

type Text = Told & {
  value: string
  onChange: (value: string) => void
  type?: string
  placeholder?: string
  autoComplete?: string
  autoFocus?: boolean
  inputMode?: 'text' | 'decimal' | 'numeric' | 'email'
  onBlur?: () => void
  required?: boolean
}

export function TextField({ label, hint, error, value, onChange, ...rest }: Text) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(tied) => (
        <input
          {...tied}
          {...rest}
          className={CONTROL}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  )
}

export function TextAreaField({
  label,
  hint,
  error,
  value,
  onChange,
  rows = 2,
  onBlur,
}: Text & { rows?: number }) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(tied) => (
        <textarea
          {...tied}
          rows={rows}
          className={`${CONTROL} py-1.5`}
          value={value}
          onBlur={onBlur}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  )
}

export type Choice = { readonly value: string; readonly label: string }

export function SelectField({
  label,
  hint,
  error,
  value,
  onChange,
  choices,
}: Told & { value: string; onChange: (value: string) => void; choices: readonly Choice[] }) {
  return (
    <Field label={label} hint={hint} error={error}>
      {(tied) => (
        <select {...tied} className={CONTROL} value={value} onChange={(e) => onChange(e.target.value)}>
          {choices.map((choice) => (
            <option key={choice.value} value={choice.value}>
              {choice.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}

export function CheckField(props: { label: string; checked: boolean; onChange: (checked: boolean) => void }) {
  return (
    <label className="flex min-h-9 items-center gap-2 touch:min-h-11">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-spruce"
        checked={props.checked}
        onChange={(e) => props.onChange(e.target.checked)}
      />
      <span>{props.label}</span>
    </label>
  )
}
