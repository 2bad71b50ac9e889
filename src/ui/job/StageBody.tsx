'use client'

import { memo } from 'react'
import { whenShown } from '../state/whenShown'
import type { Stage } from './stages'

const OPENING = <p className="p-6">Opening…</p>
/** A tab's page is loaded when it is first opened, or when the browser has nothing else to do. */
const WalkTab = whenShown(() => import('../walk/WalkTab').then((page) => page.WalkTab), OPENING)
const TraceTab = whenShown(() => import('../trace/TraceTab').then((page) => page.TraceTab), OPENING)
const ScopeTab = whenShown(() => import('../scope/ScopeTab').then((page) => page.ScopeTab), OPENING)
const CutTab = whenShown(() => import('../cut/CutTab').then((page) => page.CutTab), OPENING)
const PriceTab = whenShown(() => import('../price/PriceTab').then((page) => page.PriceTab), OPENING)
const PlanTab = whenShown(() => import('../plan/PlanTab').then((page) => page.PlanTab), OPENING)
const BidTab = whenShown(() => import('../bid/BidTab').then((page) => page.BidTab), OPENING)
const OpenTab = whenShown(() => import('../open/OpenTab').then((page) => page.OpenTab), OPENING)
const CloseTab = whenShown(() => import('../close/CloseTab').then((page) => page.CloseTab), OPENING)
/** What a stage shows below the drawing. */
export const StageBody = memo(function StageBody({ stage, jobId }: { stage: Stage; jobId: string }) {
  switch (stage) {
    case 'walk':
      return <WalkTab />
    case 'trace':
      return <TraceTab />
    case 'scope':
      return <ScopeTab />
    case 'cut':
      return <CutTab />
    case 'price':
      return <PriceTab />
    case 'plan':
      return <PlanTab />
    case 'bid':
      return <BidTab jobId={jobId} />
    case 'open':
      return <OpenTab />
    case 'close':
      return <CloseTab />
  }
})
