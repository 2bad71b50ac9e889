'use client'

import { methodOf } from '../../core/catalogue'
import type { EntityOf } from '../../core/job'
import { Panel, SelectField } from '../look'
import { useJob } from '../state/useJob'

type Permit = EntityOf['job']['permit']
const CHOICES: readonly { value: Permit; label: string }[] = [
  { value: 'unknown', label: 'nobody asked yet' },
  { value: 'needed', label: 'needed: its fee is in the price, once' },
  { value: 'not-needed', label: 'not needed' },
]

/** What the building office said of a permit, where work is chosen that may take one. */
export function PermitField() {
  const { derived, job, store } = useJob()
  const asks = derived.scope.items.filter(
    ({ item, standing }) => standing === 'ours' && (methodOf(item.method)?.needs ?? []).includes('permit'),
  )
  if (asks.length === 0) return null
  return (
    <Panel
      title="Permit"
      aside={asks.length === 1 ? '1 item may take one' : `${asks.length} items may take one`}
    >
      <div className="py-2">
        <SelectField
          label="The building office says"
          value={job.job.permit}
          onChange={(value) => void store.set('job', 'job', { permit: value as Permit })}
          choices={[...CHOICES]}
        />
      </div>
    </Panel>
  )
}
