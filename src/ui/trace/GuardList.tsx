'use client'

import { Button } from '../look'
import { useJob } from '../state/useJob'
import { numberOf } from './words'

/** Mistakes easily made with what was found. They gate nothing. */
export function GuardList() {
  const { derived, choose } = useJob()
  const { guards, job } = derived
  if (guards.length === 0) return null
  return (
    <section aria-label="Before you conclude" className="mb-4">
      <h2 className="border-b border-ink pb-1 text-[17px]">Before you conclude</h2>
      <ul>
        {guards.map((guard) => (
          <li key={guard.kind} className="border-b border-rule py-1.5">
            {guard.says}{' '}
            <Button look="quiet" onClick={() => choose(guard.finding_ids)}>
              {guard.finding_ids.map((id) => numberOf(id, job)).join(', ')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
