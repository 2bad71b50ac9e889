'use client'

import { Tabs } from 'radix-ui'
import { useJob } from '../state/useJob'
import { WALK_PARTS, type WalkPart } from '../state/useWalk'
import { BeforePanel } from './papers/BeforePanel'
import { FeaturePanel } from './house/FeaturePanel'
import { FindingForm } from './findings/FindingForm'
import { FindingList } from './findings/FindingList'
import { FramingPanel } from './house/FramingPanel'
import { HousePanel } from './house/HousePanel'
import { ListPanel } from './papers/ListPanel'
import { LookedPanel } from './looked/LookedPanel'
import { MeasuresPanel } from './house/MeasuresPanel'
import { PhotosPanel } from './photos/PhotosPanel'
import { ScopeLinePanel } from './strip/ScopeLinePanel'
import { ToldPanel } from './findings/ToldPanel'

const PARTS = Object.keys(WALK_PARTS) as WalkPart[]

/** Finding, one finding in full or one opening with its parts, and the house. */
function FindPart() {
  const { job, chosen, drafting, walk } = useJob()
  const finding = job.findings.find((each) => each.id === chosen[0]) ?? null
  const feature = job.features.find((each) => each.id === walk.featureId) ?? null
  const key = finding?.id ?? (drafting ? JSON.stringify(drafting.place) : 'none')
  return (
    <div className="grid grid-cols-[300px_minmax(0,1fr)_330px] gap-6 max-lg:grid-cols-1">
      <FindingList />
      {feature ? (
        <FeaturePanel key={feature.id} feature={feature} />
      ) : (
        <FindingForm key={key} finding={finding} />
      )}
      <HousePanel />
    </div>
  )
}

/** The walk in its parts, in the order one comes to them; finding is the one it opens on. */
export function WalkTab() {
  const { walk } = useJob()
  return (
    <Tabs.Root value={walk.part} onValueChange={(part) => walk.go(part as WalkPart)} activationMode="manual">
      <Tabs.List aria-label="Parts of the walk" className="flex gap-1 overflow-x-auto pb-1.5">
        {PARTS.map((part) => (
          <Tabs.Trigger
            key={part}
            value={part}
            className="min-h-8 shrink-0 border-b-2 border-transparent px-2 font-head text-[15px] text-quiet data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink touch:min-h-11 touch:px-3"
          >
            {WALK_PARTS[part]}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="before">
        <BeforePanel />
      </Tabs.Content>
      <Tabs.Content value="find">
        <FindPart />
      </Tabs.Content>
      <Tabs.Content value="looked">
        <LookedPanel />
      </Tabs.Content>
      <Tabs.Content value="framing">
        <FramingPanel />
      </Tabs.Content>
      <Tabs.Content value="scope">
        <ScopeLinePanel />
      </Tabs.Content>
      <Tabs.Content value="list">
        <ListPanel />
      </Tabs.Content>
      <Tabs.Content value="photos">
        <PhotosPanel />
      </Tabs.Content>
      <Tabs.Content value="measures">
        <MeasuresPanel />
      </Tabs.Content>
      <Tabs.Content value="told">
        <ToldPanel />
      </Tabs.Content>
    </Tabs.Root>
  )
}
