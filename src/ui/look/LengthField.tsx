'use client'

import { useState } from 'react'
import { formatLength, parseLength, type Length } from '../../core/measure'
import { lengthWords } from '../../core/words'
import { TextField } from './Field'

/**
 * A length typed as the trade writes it. What cannot be read stays on the screen with what to do; the last good value stands.
 */
export function LengthField(props: {
  label: string
  value: Length | null
  onChange: (value: Length | null) => void
  bare?: 'feet' | 'inches'
  hint?: string
  optional?: boolean
  autoFocus?: boolean
}) {
  const { value, bare = 'inches', optional = false } = props
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? (value === null ? '' : formatLength(value))
  const read = typed === null ? null : parseLength(typed, { bare })
  const blank = typed !== null && typed.trim() === ''
  const error = read && !read.ok && !(blank && optional) ? lengthWords(read.error) : null
  // "2 1/2" is inches wherever it is typed: where feet are meant it says so before the field is left.
  const isFraction = bare === 'feet' && /^\s*-?(\d+\s+)?\d+\/\d+\s*$/.test(typed ?? '')
  const hint = isFraction && read?.ok ? `reads ${formatLength(read.value)}` : props.hint
  return (
    <TextField
      label={props.label}
      hint={error ? undefined : hint}
      error={error}
      value={shown}
      autoComplete="off"
      autoFocus={props.autoFocus}
      onChange={(text) => {
        setTyped(text)
        const parsed = parseLength(text, { bare })
        if (parsed.ok) props.onChange(parsed.value)
        else if (text.trim() === '' && optional) props.onChange(null)
      }}
      onBlur={() => {
        if (typed !== null && (blank || parseLength(typed, { bare }).ok)) setTyped(null)
      }}
    />
  )
}
