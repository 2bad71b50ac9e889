'use client'

import { Tabs } from 'radix-ui'
import { useEffect, useRef } from 'react'
import { createPortal } from 'react-dom'
import { PANES } from '../look'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { WALK_PARTS, type WalkPart } from '../state/useWalk'
import { whenShown } from '../state/whenShown'
import { FindingForm } from './findings/FindingForm'
import { FindingList } from './findings/FindingList'
import { HousePanel } from './house/HousePanel'
import { PhoneFind } from './phone/PhoneFind'

/** Finding is what the walk opens on; its other parts are loaded when they are shown. */
const BeforePanel = whenShown(() => import('./papers/BeforePanel').then((file) => file.BeforePanel))
const FeaturePanel = whenShown(() => import('./house/FeaturePanel').then((file) => file.FeaturePanel))
const FramingPanel = whenShown(() => import('./house/FramingPanel').then((file) => file.FramingPanel))
const ListPanel = whenShown(() => import('./papers/ListPanel').then((file) => file.ListPanel))
const LookedPanel = whenShown(() => import('./looked/LookedPanel').then((file) => file.LookedPanel))
const MeasuresPanel = whenShown(() => import('./house/MeasuresPanel').then((file) => file.MeasuresPanel))
const PhotosPanel = whenShown(() => import('./photos/PhotosPanel').then((file) => file.PhotosPanel))
const ScopeLinePanel = whenShown(() => import('./strip/ScopeLinePanel').then((file) => file.ScopeLinePanel))
const SurveysPanel = whenShown(() => import('./surveys/SurveysPanel').then((file) => file.SurveysPanel))
const ToldPanel = whenShown(() => import('./findings/ToldPanel').then((file) => file.ToldPanel))

const PARTS = Object.keys(WALK_PARTS) as WalkPart[]

/** Finding, one finding in full or one opening with its parts, and the house. */
function FindPart() {
  const { job, chosen, drafting, walk } = useJob()
  const finding = job.findings.find((each) => each.id === chosen[0]) ?? null
  const feature = job.features.find((each) => each.id === walk.featureId) ?? null
  const key = finding?.id ?? (drafting ? JSON.stringify(drafting.place) : 'none')
  return (
    <div className={`grid grid-cols-[300px_minmax(0,1fr)_330px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
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

const BODY = 'lg:min-h-0 lg:grow lg:overflow-y-auto'

/** The walk in its parts, in the order one comes to them; finding is the one it opens on. */
export function WalkTab() {
  const { walk, slots } = useJob()
  const isPhone = useIsPhone()
  const listed = useRef<HTMLDivElement>(null)
  // Eleven parts are wider than a phone: the one that is open is in view.
  useEffect(() => {
    listed.current
      ?.querySelector('[data-state=active]')
      ?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [walk.part, slots.aside])
  const list = (
    <Tabs.List
      ref={listed}
      aria-label="Parts of the walk"
      className="flex shrink-0 gap-1 overflow-x-auto sm:pb-1"
    >
      {PARTS.map((part) => (
        <Tabs.Trigger
          key={part}
          value={part}
          className="min-h-7 shrink-0 border-b-2 border-transparent px-2 font-head text-[15px] text-quiet data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink touch:min-h-11 touch:px-3"
        >
          {WALK_PARTS[part]}
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  )
  return (
    <Tabs.Root
      value={walk.part}
      onValueChange={(part) => walk.go(part as WalkPart)}
      activationMode="manual"
      className="lg:flex lg:h-full lg:flex-col"
    >
      {isPhone ? (slots.aside ? createPortal(list, slots.aside) : null) : list}
      <Tabs.Content value="before" className={BODY}>
        <BeforePanel />
      </Tabs.Content>
      <Tabs.Content value="find" className={BODY}>
        {isPhone ? <PhoneFind /> : <FindPart />}
      </Tabs.Content>
      <Tabs.Content value="looked" className={BODY}>
        <LookedPanel />
      </Tabs.Content>
      <Tabs.Content value="framing" className={BODY}>
        <FramingPanel />
      </Tabs.Content>
      <Tabs.Content value="surveys" className={BODY}>
        <SurveysPanel />
      </Tabs.Content>
      <Tabs.Content value="scope" className={BODY}>
        <ScopeLinePanel />
      </Tabs.Content>
      <Tabs.Content value="list" className={BODY}>
        <ListPanel />
      </Tabs.Content>
      <Tabs.Content value="photos" className={BODY}>
        <PhotosPanel />
      </Tabs.Content>
      <Tabs.Content value="measures" className={BODY}>
        <MeasuresPanel />
      </Tabs.Content>
      <Tabs.Content value="told" className={BODY}>
        <ToldPanel />
      </Tabs.Content>
    </Tabs.Root>
  )
}
