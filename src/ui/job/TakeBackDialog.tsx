'use client'

import { useState } from 'react'
import { Button, TextField } from '../look'
import { Dialog } from '../look/Dialog'

/** A hazard is taken back only with a reason: it stays in the record. */
export function TakeBackDialog(props: {
  readonly onClose: () => void
  readonly onTake: (reason: string) => void
}) {
  const [reason, setReason] = useState('')
  return (
    <Dialog open onClose={props.onClose} title="Take this hazard back">
      <div className="flex flex-col gap-3">
        <p>It stays in the record; the bid no longer says it. Why is it no hazard any more?</p>
        <TextField label="Reason" value={reason} onChange={setReason} autoFocus />
        <div className="flex justify-end gap-2">
          <Button onClick={props.onClose}>Leave it</Button>
          <Button look="main" disabled={reason.trim() === ''} onClick={() => props.onTake(reason)}>
            Take it back
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
