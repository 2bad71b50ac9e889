'use client'

import type { ComponentProps } from 'react'
import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form'
import type { Length } from '../../core/measure'
import { CheckField, SelectField, TextField } from './Field'
import { LengthField } from './LengthField'

/** `T` is what the form's schema makes of what is typed. */
type At<V extends FieldValues, T> = { readonly control: Control<V, unknown, T>; readonly name: FieldPath<V> }

const textOf = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : ''

/** The value of a field of a form, how it is set, and what its schema says of it. */
function useBound<V extends FieldValues, T>({ control, name }: At<V, T>) {
  const { field, fieldState } = useController({ control, name })
  return { value: field.value as unknown, onChange: field.onChange, error: fieldState.error?.message ?? null }
}

/** A text field of a form. */
export function BoundText<V extends FieldValues, T>(
  props: At<V, T> & Omit<ComponentProps<typeof TextField>, 'value' | 'onChange' | 'error' | 'name'>,
) {
  const { control, name, ...rest } = props
  const { value, ...bound } = useBound({ control, name })
  return <TextField {...rest} {...bound} value={textOf(value)} />
}

/** A number of a form, kept as a number: what is not one yet stays as it is typed, and the schema says so. */
export function BoundNumber<V extends FieldValues, T>(props: At<V, T> & { label: string; hint?: string }) {
  const { control, name, ...rest } = props
  const { value, error, onChange } = useBound({ control, name })
  return (
    <TextField
      {...rest}
      error={error}
      inputMode="decimal"
      value={textOf(value)}
      onChange={(text) => onChange(text.trim() !== '' && String(Number(text)) === text ? Number(text) : text)}
    />
  )
}

/** A choice of a form. Numbers among the choices are kept as numbers. */
export function BoundSelect<V extends FieldValues, T>(
  props: At<V, T> & Omit<ComponentProps<typeof SelectField>, 'value' | 'onChange' | 'error' | 'name'>,
) {
  const { control, name, ...rest } = props
  const { value, error, onChange } = useBound({ control, name })
  return (
    <SelectField
      {...rest}
      error={error}
      value={textOf(value)}
      onChange={(text) => onChange(typeof value === 'number' ? Number(text) : text)}
    />
  )
}

/** A tick of a form. */
export function BoundCheck<V extends FieldValues, T>(props: At<V, T> & { label: string }) {
  const { control, name, label } = props
  const { value, onChange } = useBound({ control, name })
  return <CheckField label={label} checked={value === true} onChange={onChange} />
}

/** A length of a form; what cannot be read stays on the screen, and the last good one stands. */
export function BoundLength<V extends FieldValues, T>(
  props: At<V, T> & Omit<ComponentProps<typeof LengthField>, 'value' | 'onChange' | 'error'>,
) {
  const { control, name, ...rest } = props
  const { value, onChange } = useBound({ control, name })
  return (
    <LengthField
      {...rest}
      value={value as Length | null}
      onChange={(length) => {
        if (length !== null || rest.optional) onChange(length)
      }}
    />
  )
}
