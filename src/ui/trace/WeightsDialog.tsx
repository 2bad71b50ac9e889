'use client'

import { useState } from 'react'
import { causeOf, signOf, type CauseId, type SignId, type Source } from '../../core/trace'
import { Button, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { useJob } from '../state/useJob'
import { FirmWeights } from './FirmWeights'

/** How much each sign counts for a cause: as shipped, and as the firm has it in this job, with its reason. */
export function WeightsDialog({
  source,
  open,
  onClose,
}: {
  source: Source
  open: boolean
  onClose: () => void
}) {
  const signs = [...new Set(source.reasons.map((reason) => reason.sign))]
  return (
    <Dialog open={open} onClose={onClose} title={`Weights: ${causeOf(source.cause).name}`}>
      <p className="text-[14px] text-quiet">
        How much commoner a sign is with this cause than with others at such a place. Above 1 it speaks for
        it, below 1 against. Judgement, not measurement. Changed here it holds for this job.
      </p>
      <ul>
        {signs.map((sign) => (
          <WeightRow key={sign} cause={source.cause} sign={sign} />
        ))}
      </ul>
      <FirmWeights />
      <div className="mt-3 flex justify-end">
        <Button onClick={onClose}>Done</Button>
      </div>
    </Dialog>
  )
}

function shippedRatio(cause: CauseId, sign: SignId): number | null {
  const { supports, refutes } = causeOf(cause)
  return [...supports, ...refutes].find((each) => each.sign === sign)?.ratio ?? null
}

function WeightRow({ cause, sign }: { cause: CauseId; sign: SignId }) {
  const { store, view } = useJob()
  const { likelihood_overrides: overrides } = view.job.settings
  const mayChange = view.member.may.includes('change-settings')
  const own = overrides.find((each) => each.cause === cause && each.sign === sign)
  const shipped = shippedRatio(cause, sign)
  const [ratio, setRatio] = useState(own ? String(own.ratio) : '')
  const [reason, setReason] = useState(own?.reason ?? '')
  const [wrong, setWrong] = useState<string | null>(null)
  const others = overrides.filter((each) => each.cause !== cause || each.sign !== sign)
  const says = signOf(sign).says

  function keep(): void {
    const value = Number(ratio)
    if (ratio.trim() === '' || !(value > 0 && value <= 1000))
      return setWrong('A number above 0, at most 1000.')
    if (reason.trim() === '') return setWrong('Say why: the next person will ask.')
    setWrong(
      store.set('settings', 'settings', {
        likelihood_overrides: [...others, { cause, sign, ratio: value, reason: reason.trim() }],
      }),
    )
  }
  return (
    <li className="border-b border-rule py-2">
      <div role="group" aria-label={says}>
        <p>
          {says}: shipped × {shipped ?? 1}
          {own ? `, ours × ${own.ratio} (${own.reason})` : ''}
        </p>
        <div className="grid grid-cols-[6rem_1fr_auto] items-end gap-2 max-sm:grid-cols-1">
          <TextField label="Our ratio" inputMode="decimal" value={ratio} onChange={setRatio} error={wrong} />
          <TextField label="Reason" value={reason} onChange={setReason} />
          {mayChange ? <Button onClick={keep}>Keep</Button> : null}
        </div>
        {own && mayChange ? (
          <Button
            look="quiet"
            onClick={() => {
              store.set('settings', 'settings', { likelihood_overrides: others })
              setRatio('')
              setReason('')
            }}
          >
            Back to the shipped weight
          </Button>
        ) : null}
      </div>
    </li>
  )
}
