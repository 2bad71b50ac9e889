'use client'

import { handOver } from '../../client/handOver'
import { planEntries } from '../../core/plan'
import { fileName } from '../lists/fileName'
import { Button } from '../look'
import { useJob } from '../state/useJob'

/** The plan as a calendar file, and on paper. */
export function PlanOut() {
  const { derived } = useJob()
  async function calendar(): Promise<void> {
    const { calendarFile } = await import('../../core/print/calendarFile')
    const file = calendarFile(planEntries(derived), { made: new Date(), what: 'plan' })
    handOver(new Blob([file], { type: 'text/calendar' }), fileName(derived.job.job.title, 'plan', 'ics'))
  }
  return (
    <div role="group" aria-label="The plan as files" className="flex flex-wrap gap-x-3">
      <Button look="quiet" onClick={() => void calendar()}>
        Calendar file
      </Button>
      <Button look="quiet" onClick={() => window.print()}>
        Print
      </Button>
    </div>
  )
}
