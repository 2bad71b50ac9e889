'use client'

import { openedFindings } from '../../core/job'
import { hitRate } from '../../core/open/hitRate'
import { useJob } from '../state/useJob'

/** How what was reckoned behind the opened places fits what was there, in this job. */
export function HitRateLine() {
  const { derived } = useJob()
  const { places, expected, found } = hitRate(openedFindings(derived.job))
  if (places === 0) return null
  return (
    <p className="py-1 text-[14px] text-quiet">
      Of {places} opened {places === 1 ? 'place' : 'places'}, {expected.toFixed(1)} layers were expected to be
      damaged; {found} {found === 1 ? 'was' : 'were'}.
    </p>
  )
}
