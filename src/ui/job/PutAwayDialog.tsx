'use client'

import { useState } from 'react'
import type { Caution } from '../../core/caution'
import { Button, TextField } from '../look'
import { Dialog } from '../look/Dialog'

/** A caution is put away only with a reason; it stays on the list and on the bid. */
export function PutAwayDialog(props: {
  readonly caution: Caution
  readonly onClose: () => void
  readonly onPutAway: (reason: string) => void
}) {
  const { where, what, canHappen } = props.caution
  const [reason, setReason] = useState('')
  return (
    <Dialog open onClose={props.onClose} title="Put this caution away">
      <div className="flex flex-col gap-3">
        <p>
          {where}: {what}. {canHappen ? `If not minded, ${canHappen}.` : ''} It stays on the list and on the
          bid, with your name.
        </p>
        <TextField label="Why is it minded?" value={reason} onChange={setReason} autoFocus />
        <div className="flex justify-end gap-2">
          <Button onClick={props.onClose}>Leave it</Button>
          <Button look="main" disabled={reason.trim() === ''} onClick={() => props.onPutAway(reason)}>
            Put away
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
