'use client'

import { useState } from 'react'
import type { Finding } from '../../core/job'
import { Button, TextField } from '../look'
import { useJob } from '../state/useJob'

const readPercent = (text: string): number | null => {
  const value = Number(text.trim().replace(/\s*%$/, ''))
  return text.trim() !== '' && value >= 0 && value <= 100 ? value : null
}

/** The chance that what is behind a place is damaged, as somebody who knows the house puts it; it stands over what is reckoned. */
export function ChanceByHand({
  finding_id,
  name,
  said,
  reckoned,
}: {
  finding_id: string
  name: string
  said: Finding['behind']
  reckoned: { readonly backing: number | null; readonly framing: number }
}) {
  const { store } = useJob()
  const [typing, setTyping] = useState(false)
  const whole = (share: number): string => String(Math.round(share * 100))
  const [backing, setBacking] = useState(whole(reckoned.backing ?? 0))
  const [framing, setFraming] = useState(whole(reckoned.framing))
  const [reason, setReason] = useState(said?.reason ?? '')
  const read = [readPercent(backing), readPercent(framing)] as const
  const wrong = read.includes(null)
  if (!typing)
    return (
      <span className="flex gap-2 pt-1">
        <Button aria-label={`Say the chance behind ${name}`} onClick={() => setTyping(true)}>
          Say it otherwise
        </Button>
        {said ? (
          <Button onClick={() => store.set('finding', finding_id, { behind: null })}>
            Back to what is reckoned
          </Button>
        ) : null}
      </span>
    )
  return (
    <form
      aria-label={`Chance behind ${name}`}
      className="grid grid-cols-2 gap-2 py-1"
      onSubmit={(event) => {
        event.preventDefault()
        const [backing_percent, framing_percent] = read
        if (backing_percent === null || framing_percent === null) return
        store.set('finding', finding_id, { behind: { backing_percent, framing_percent, reason } })
        setTyping(false)
      }}
    >
      {reckoned.backing === null ? null : (
        <TextField label="Behind it damaged, %" inputMode="decimal" value={backing} onChange={setBacking} />
      )}
      <TextField label="Framing damaged, %" inputMode="decimal" value={framing} onChange={setFraming} />
      <div className="col-span-2">
        <TextField
          label="Why"
          value={reason}
          onChange={setReason}
          error={wrong ? 'A number from 0 to 100 each.' : null}
        />
      </div>
      <div className="col-span-2 flex gap-2">
        <Button type="submit" look="main" disabled={wrong}>
          It stands
        </Button>
        <Button onClick={() => setTyping(false)}>Leave it</Button>
      </div>
    </form>
  )
}
