'use client'

import { newId } from '../../client/newId'
import { partName } from '../../core/catalogue'
import { findingNumber } from '../../core/house'
import { dayWords } from '../../core/measure'
import { rainAhead, stopGapsFor } from '../../core/scope'
import { Button, Notice } from '../look'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

/** Rain that is said for today or tomorrow, and what is open to it: closed with one touch, on this bid beside the repair to come. */
export function RainAheadPanel() {
  const { derived, store } = useJob()
  const { job } = derived
  const ahead = rainAhead(job, today(job.job.time_zone))
  if (ahead === null || ahead.finding_ids.length === 0) return null
  const open = job.findings.filter(({ id }) => ahead.finding_ids.includes(id))
  const named = open.map((each) => `${findingNumber(each, job)} ${partName(each.component!)}`).join(', ')
  return (
    <Notice tone="waiting">
      <h2 className="text-[15px] font-semibold">Rain on {dayWords(ahead.day)}</h2>
      <p className="pb-2">
        Open to it: {named}. Closed for the night it is priced on its own; the repair is still to be chosen.
      </p>
      <Button onClick={() => store.createAll('work_item', stopGapsFor(ahead.finding_ids, job, newId))}>
        Make {open.length === 1 ? 'it' : 'them'} dry ({open.length})
      </Button>
    </Notice>
  )
}
