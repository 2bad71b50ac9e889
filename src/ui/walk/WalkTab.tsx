'use client'

import { useJob } from '../state/useJob'
import { FindingForm } from './FindingForm'
import { FindingList } from './FindingList'
import { HousePanel } from './HousePanel'

/** The walk: what was found, one finding in full, and the house with what was looked at. */
export function WalkTab() {
  const { job, chosen, drafting } = useJob()
  const finding = job.findings.find((each) => each.id === chosen[0]) ?? null
  const key = finding?.id ?? (drafting ? JSON.stringify(drafting.place) : 'none')
  return (
    <div className="grid grid-cols-[300px_minmax(0,1fr)_330px] gap-6 max-lg:grid-cols-1">
      <FindingList />
      <FindingForm key={key} finding={finding} />
      <HousePanel />
    </div>
  )
}
