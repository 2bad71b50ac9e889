'use client'

import { useEffect, useRef, useState } from 'react'
import { TextAreaField, TextField } from './Field'

/** Typing rests this long before it is kept; leaving the field keeps it at once. */
const REST_MS = 700

/**
 * A text field that keeps what is typed by itself: after a short rest, on leaving, and when it goes from the screen.
 * One edit a rest, not one a letter.
 */
export function SavedTextField(props: {
  label: string
  value: string
  onSave: (value: string) => void
  lines?: number
  type?: string
  hint?: string
  error?: string | null
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const pending = useRef<{ text: string; save: (value: string) => void } | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)

  function keep(): void {
    clearTimeout(timer.current)
    const last = pending.current
    pending.current = null
    if (last) last.save(last.text)
  }
  useEffect(() => keep, [])

  const shared = {
    label: props.label,
    hint: props.hint,
    error: props.error,
    value: typed ?? props.value,
    onChange: (text: string) => {
      setTyped(text)
      pending.current = { text, save: props.onSave }
      clearTimeout(timer.current)
      timer.current = setTimeout(keep, REST_MS)
    },
    onBlur: () => {
      keep()
      setTyped(null)
    },
  }
  return props.lines ? (
    <TextAreaField {...shared} rows={props.lines} />
  ) : (
    <TextField {...shared} type={props.type} />
  )
}
