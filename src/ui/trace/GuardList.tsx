'use client'

import { Button, Panel } from '../look'
import { useJob } from '../state/useJob'
import { numberOf } from './words'

/** Mistakes easily made with what was found. They gate nothing. */
export function GuardList() {
  const { derived, choose } = useJob()
  const { guards, job } = derived
  if (guards.length === 0) return null
  return (
    <div className="mb-4">
      <Panel title="Before you conclude">
        <ul>
          {guards.map((guard) => (
            <li key={guard.id} className="border-b border-rule py-1.5">
              {guard.says}{' '}
              <Button look="quiet" onClick={() => choose(guard.finding_ids)}>
                {guard.finding_ids.map((id) => numberOf(id, job)).join(', ')}
              </Button>
            </li>
          ))}
        </ul>
      </Panel>
    </div>
  )
}
