'use client'

import { useState } from 'react'
import { parseMoney, type Cents } from '../../core/measure'
import { moneyWords } from '../../core/words'
import { Button, TextField } from '../look'

/** A price typed by hand, with its reason. */
export function TypePrice(props: {
  label: string
  now: Cents
  /** It stands on the bid with its reason. */
  needsReason?: boolean
  onClose: () => void
  onSay: (cents: Cents, reason: string) => void
}) {
  const [text, setText] = useState((props.now / 100).toFixed(2))
  const [reason, setReason] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <form
      aria-label={props.label}
      className="flex flex-wrap items-end gap-2 py-2 pl-6"
      onSubmit={(event) => {
        event.preventDefault()
        const cents = parseMoney(text)
        if (!cents.ok) {
          setWrong(moneyWords(cents.error))
          return
        }
        if (props.needsReason && (reason.trim() === '' || cents.value < 0)) {
          setWrong('Say an amount above $0 and why: both stand on the bid.')
          return
        }
        props.onSay(cents.value, reason)
        props.onClose()
      }}
    >
      <TextField
        label={props.label}
        value={text}
        onChange={setText}
        error={wrong}
        inputMode="decimal"
        autoFocus
      />
      <TextField
        label={props.needsReason ? 'Why' : 'Why (if you like)'}
        value={reason}
        onChange={setReason}
      />
      <Button type="submit" look="main">
        It stands
      </Button>
      <Button onClick={props.onClose}>Leave it</Button>
    </form>
  )
}
