'use client'

import { dayWords } from '../../core/measure'
import { Button } from '../look'
import { useJob } from '../state/useJob'
import { usePlanEdits } from './usePlanEdits'
import { useSoonerPlan } from './useSoonerPlan'

/** Looks for an order of the work that ends sooner. It is offered, not taken: everybody’s days move only when somebody says so. */
export function SoonerPlan() {
  const { job } = useJob()
  const edits = usePlanEdits()
  const search = useSoonerPlan()
  const taken = (job.plan?.order.length ?? 0) > 0
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[14px]">
      {search.state === 'searching' ? (
        <>
          <label className="flex items-center gap-2 text-quiet">
            Looking for an order that ends sooner
            <progress max={1} value={search.share} className="h-2 w-24" />
          </label>
          <Button look="quiet" onClick={search.stop}>
            Stop
          </Button>
        </>
      ) : (
        <Button look="quiet" onClick={search.start}>
          Look for an order that ends sooner
        </Button>
      )}
      <span role="status">
        {search.state === 'none'
          ? search.proven
            ? 'None can: this is the soonest.'
            : 'None was found.'
          : search.state === 'failed'
            ? 'The search could not run in this browser. The plan stands.'
            : ''}
      </span>
      {search.state === 'better' ? (
        <p className="flex flex-wrap items-center gap-2">
          One ends on {dayWords(search.last)}, {search.sooner_days} day{search.sooner_days === 1 ? '' : 's'}{' '}
          sooner.
          <Button onClick={() => edits.plan({ order: [...search.order] })}>Take it</Button>
        </p>
      ) : null}
      {taken ? (
        <Button look="quiet" onClick={() => edits.plan({ order: [] })}>
          Back to the usual order
        </Button>
      ) : null}
    </div>
  )
}
