'use client'

import { Tabs } from 'radix-ui'
import { useJob } from '../state/useJob'
import { WALK_PARTS, type WalkPart } from '../state/useWalk'
import { whenShown } from '../state/whenShown'
import { FindingForm } from './findings/FindingForm'
import { FindingList } from './findings/FindingList'
import { HousePanel } from './house/HousePanel'

/** Finding is what the walk opens on; its other parts are loaded when they are shown. */
const BeforePanel = whenShown(() => import('./papers/BeforePanel').then((file) => file.BeforePanel))
const FeaturePanel = whenShown(() => import('./house/FeaturePanel').then((file) => file.FeaturePanel))
const FramingPanel = whenShown(() => import('./house/FramingPanel').then((file) => file.FramingPanel))
const ListPanel = whenShown(() => import('./papers/ListPanel').then((file) => file.ListPanel))
const LookedPanel = whenShown(() => import('./looked/LookedPanel').then((file) => file.LookedPanel))
const MeasuresPanel = whenShown(() => import('./house/MeasuresPanel').then((file) => file.MeasuresPanel))
const PhotosPanel = whenShown(() => import('./photos/PhotosPanel').then((file) => file.PhotosPanel))
const ScopeLinePanel = whenShown(() => import('./strip/ScopeLinePanel').then((file) => file.ScopeLinePanel))
const ToldPanel = whenShown(() => import('./findings/ToldPanel').then((file) => file.ToldPanel))

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
