'use client'

import type { EntityOf } from '../../core/job'
import { permitOf } from '../../core/takeoff/permitOf'
import { Panel, SelectField } from '../look'
import { useJob } from '../state/useJob'

type Permit = EntityOf['job']['permit']
const CHOICES: readonly { value: Permit; label: string }[] = [
  { value: 'unknown', label: 'nobody asked yet' },
  { value: 'needed', label: 'needed: its fee is in the price, once' },
  { value: 'not-needed', label: 'not needed' },
]

export const PERMIT_UNASKED = 'Nobody asked the building office about a permit: no fee is in the price.'

/** What the building office said of a permit, where work is chosen that may take one. */
export function PermitField() {
  const { derived, job, store } = useJob()
  const { asking, charged } = permitOf(derived.scope, derived.takeoff)
  if (asking === 0) return null
  return (
    <Panel title="Permit" aside={asking === 1 ? '1 item may take one' : `${asking} items may take one`}>
      <div className="py-2">
        <SelectField
          label="The building office says"
          value={job.job.permit}
          onChange={(value) => void store.set('job', 'job', { permit: value as Permit })}
          choices={[...CHOICES]}
        />
        {job.job.permit === 'unknown' ? (
          <p className="pt-1.5 text-[14px] text-quiet">
            {charged
              ? 'Until somebody asks, the price keeps the fee its work usually takes.'
              : PERMIT_UNASKED}
          </p>
        ) : null}
      </div>
    </Panel>
  )
}
