'use client'

import { useState } from 'react'
import { findingNumber } from '../../core/house'
import { CAUSE_IDS, causeOf, isCause } from '../../core/trace'
import { Button, SelectField, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { useJob } from '../state/useJob'
import { useStateCause } from './useStateCause'

/** A person states the cause he knows; his name stands by it. */
export function KnowCauseDialog(props: {
  open: boolean
  onClose: () => void
  findingIds: readonly string[]
}) {
  const { derived, view } = useJob()
  const state = useStateCause()
  const [cause, setCause] = useState('')
  const [reason, setReason] = useState('')
  const numbers = derived.job.findings
    .filter((finding) => props.findingIds.includes(finding.id))
    .map((finding) => findingNumber(finding, derived.job))
  return (
    <Dialog
      open={props.open}
      onClose={props.onClose}
      title={`I know the cause of ${numbers.join(', ') || 'this'}`}
    >
      <div className="flex flex-col gap-3">
        <SelectField
          label="Cause"
          value={cause}
          onChange={setCause}
          choices={[
            { value: '', label: 'choose…' },
            ...CAUSE_IDS.map((id) => ({ value: id, label: causeOf(id).name })),
          ]}
        />
        <TextField label="Why (if you like)" value={reason} onChange={setReason} />
        <p className="text-[13px] text-quiet">
          The bid will say “consistent with”, in the judgement of {view.member.name}.
        </p>
        <div className="flex justify-end gap-2">
          <Button onClick={props.onClose}>Leave it</Button>
          <Button
            look="main"
            disabled={cause === '' || props.findingIds.length === 0}
            onClick={() => {
              if (isCause(cause)) state(cause, props.findingIds, reason)
              props.onClose()
            }}
          >
            State it
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
