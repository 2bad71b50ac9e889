'use client'

import { useEffect, useState } from 'react'
import { derive, type Derived } from '../../core/pipeline'
import type { JobDocument } from '../../core/job'

/** Today in a time zone, for the date on a bid's preview. */
function today(timeZone: string): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(new Date())
  } catch {
    return new Date().toISOString().slice(0, 10)
  }
}

/**
 * Everything derived from the job, asynchronously: the last result stands until the next is there. The caller cannot tell
 * whether it was reckoned here or in a worker.
 */
export function usePipeline(job: JobDocument): Derived | null {
  const [derived, setDerived] = useState<Derived | null>(null)
  useEffect(() => {
    let gone = false
    const timer = setTimeout(() => {
      if (!gone) setDerived(derive(job, today(job.job.time_zone)))
    }, 0)
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [job])
  return derived
}
