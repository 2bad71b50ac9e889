'use client'

import { memo, useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react'
import { Tabs } from 'radix-ui'
import type { JobStore } from '../../client/jobStore'
import { live, type Place } from '../../core/job'
import { PlanPicture } from '../house/PlanPicture'
import { Strip, type StripOverlay, type Tapped } from '../house/Strip'
import { Button, LinkButton, Notice } from '../look'
import { useAlive } from '../state/useAlive'
import { JobContext, useJobStore, useJobView, useKeptUp } from '../state/useJob'
import { sourceInView } from '../trace/sourceInView'
import { useGuess } from '../trace/useGuess'
import { usePipeline } from '../state/usePipeline'
import { useFirmWords, useWalk } from '../state/useWalk'
import { StripTools } from '../walk/strip/StripTools'
import { CautionBand } from './CautionBand'
import { fetchAhead, whenShown } from '../state/whenShown'
import { StretchDialog } from './dialogs'
import { JobHeader } from './JobHeader'
import { count, STAGE_NAMES, stageOf, STAGES, type Stage } from './stages'

const OPENING = <p className="p-6">Opening…</p>
/** A tab's page is loaded when it is first opened, or when the browser has nothing else to do. */
const WalkTab = whenShown(() => import('../walk/WalkTab').then((page) => page.WalkTab), OPENING)
const TraceTab = whenShown(() => import('../trace/TraceTab').then((page) => page.TraceTab), OPENING)
const ScopeTab = whenShown(() => import('../scope/ScopeTab').then((page) => page.ScopeTab), OPENING)
const CutTab = whenShown(() => import('../cut/CutTab').then((page) => page.CutTab), OPENING)
const PriceTab = whenShown(() => import('../price/PriceTab').then((page) => page.PriceTab), OPENING)
const BidTab = whenShown(() => import('../bid/BidTab').then((page) => page.BidTab), OPENING)
/** So long after the job stands the other tabs are fetched, so that none waits when it is opened. */
const FETCH_AFTER_MS = 1500
const NONE: readonly string[] = []

/**
 * A job: one page over its local store; tabs change without asking the server. The page may come from this device's cache, made for
 * another job: so which job it is says the address, once the page is alive.
 */
export function JobPage(props: { jobId: string }) {
  const alive = useAlive()
  if (!alive) return <p className="p-6">Opening the job…</p>
  return <AddressedJob jobId={window.location.pathname.split('/')[2] ?? props.jobId} />
}

function AddressedJob({ jobId }: { jobId: string }) {
  const opening = useJobStore(jobId)
  if (opening.kind === 'opening') return <p className="p-6">Opening the job…</p>
  if (opening.kind === 'failed') {
    return (
      <main className="flex max-w-xl flex-col items-start gap-3 p-6">
        <Notice tone="wrong" alert>
          {opening.words}
        </Notice>
        <LinkButton href={opening.signedOut ? '/sign-in' : '/jobs'}>
          {opening.signedOut ? 'Sign in' : 'To the jobs'}
        </LinkButton>
      </main>
    )
  }
  return <OpenJob store={opening.store} jobId={jobId} />
}

const drawTools = (on: StripOverlay): React.ReactNode => <StripTools {...on} />

const StageBody = memo(function StageBody({ stage, jobId }: { stage: Stage; jobId: string }) {
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
    case 'bid':
      return <BidTab jobId={jobId} />
  }
})

function OpenJob({ store, jobId }: { store: JobStore; jobId: string }) {
  const view = useJobView(store)
  const { derived, checks } = usePipeline(view.job)
  useKeptUp(store)
  useEffect(() => {
    const timer = setTimeout(() => {
      // What cannot be fetched now is fetched when it is opened, or comes from this device.
      fetchAhead()
    }, FETCH_AFTER_MS)
    return () => clearTimeout(timer)
  }, [])
  const [stage, setStage] = useState<Stage>(() =>
    typeof window === 'undefined' ? 'walk' : stageOf(window.location.pathname),
  )
  useEffect(() => {
    const back = (): void => setStage(stageOf(window.location.pathname))
    window.addEventListener('popstate', back)
    return () => window.removeEventListener('popstate', back)
  }, [])
  const [picked, choose] = useState<readonly string[] | null>(null)
  // A job of one finding opens on it: that is what was just put there, though it may come from the server after the page.
  const [first] = view.job.findings
  if (picked === null && first) choose(view.job.findings.length === 1 ? [first.id] : [])
  const chosen = picked ?? NONE
  const [drafting, setDrafting] = useState<{ place: Place } | null>(null)
  const [sideId, chooseSide] = useState<string | null>(null)
  const walk = useWalk()
  const firm = useFirmWords()
  const { chooseFeature } = walk
  const [pickedSource, pickSource] = useState<string | null>(null)
  const chooseOnly = useCallback(
    (ids: readonly string[]) => {
      setDrafting(null)
      pickSource(null)
      chooseFeature(null)
      choose(ids)
    },
    [chooseFeature],
  )
  const draft = useCallback(
    (place: Place | null) => {
      setDrafting(place ? { place } : null)
      if (place) choose([])
      if (place) chooseFeature(null)
    },
    [chooseFeature],
  )
  const context = useMemo(
    () =>
      derived
        ? {
            store,
            view,
            derived,
            checks,
            job: live(view.job),
            chosen,
            choose: chooseOnly,
            pickedSource,
            pickSource,
            drafting,
            draft,
            sideId,
            chooseSide,
            walk,
            firm,
          }
        : null,
    [store, view, derived, checks, chosen, chooseOnly, pickedSource, drafting, draft, sideId, walk, firm],
  )
  const go = useCallback(
    (next: string): void => {
      setStage(next as Stage)
      window.history.pushState(null, '', `/jobs/${jobId}/${next}`)
    },
    [jobId],
  )

  const tap = useCallback(
    (tapped: Tapped): void => {
      switch (tapped.kind) {
        case 'finding':
          context?.choose(tapped.ids)
          if (stage === 'walk' && walk.part !== 'find') walk.go('find')
          return
        case 'stretch': {
          const held = derived?.job.scope_stretches.find((each) => each.id === tapped.id)
          if (stage === 'walk' && held)
            walk.setStretch({ id: held.id, side_id: held.side_id, from: held.from, to: held.to })
          return
        }
        case 'feature': {
          const feature = derived?.job.features.find((each) => each.id === tapped.featureId)
          if (!feature) return
          chooseSide(feature.side_id)
          if (stage !== 'walk') return
          context?.choose([])
          chooseFeature(feature.id)
          if (walk.part !== 'find') walk.go('find')
          return
        }
        case 'source': {
          const source = derived?.trace.sources.find((each) => each.letter === tapped.letter)
          if (source) context?.choose(source.finding_ids)
          if (source) pickSource(source.letter)
          if (stage !== 'trace') go('trace')
          return
        }
        case 'side':
          chooseSide(tapped.sideId)
          return
        case 'place':
          chooseSide(tapped.place.side_id)
          if (stage !== 'walk' || walk.part !== 'find') return
          context?.draft(tapped.place)
      }
    },
    [context, derived, stage, walk, chooseFeature, go],
  )
  const guess = useGuess()
  // In Trace the source that is looked at, and what it reaches, stand out.
  const lit = useMemo(() => {
    const source = derived && sourceInView(derived.trace.sources, chosen, pickedSource)
    if (stage !== 'trace' || !source) return null
    return new Set([...source.finding_ids, ...source.also_ids, ...(source.letter ? [source.letter] : [])])
  }, [derived, chosen, pickedSource, stage])
  const { featureId, plan, setPlan } = walk
  const marked = useMemo(() => (featureId ? [...chosen, featureId] : chosen), [chosen, featureId])
  const turn = useMemo(
    () => (
      <Button aria-pressed={plan} onClick={() => setPlan(!plan)}>
        {plan ? 'strip' : 'plan'}
      </Button>
    ),
    [plan, setPlan],
  )
  // The tab changes at once; what it shows is drawn in slices, and what was there stands until it is.
  const shown = useDeferredValue(stage)
  if (!derived || !context) return <p className="p-6">Reckoning…</p>
  const walking = shown === 'walk'

  return (
    <JobContext value={context}>
      <JobHeader jobId={jobId} />
      <CautionBand />
      {walk.plan && derived.job.sides.length > 0 ? (
        <PlanPicture job={derived.job} chosen={marked} onTap={tap} tools={turn} />
      ) : (
        <Strip
          job={derived.job}
          coverage={walking || shown === 'bid' ? derived.coverage : null}
          trace={walking || (shown === 'trace' && guess.on) ? null : derived.trace}
          lit={lit}
          chosen={marked}
          onTap={tap}
          sideId={sideId}
          onSide={chooseSide}
          overlay={walking ? drawTools : undefined}
          tools={turn}
        />
      )}
      {walk.stretch ? <StretchDialog key={walk.stretch.id ?? 'new'} draft={walk.stretch} /> : null}
      <main>
        <Tabs.Root value={stage} onValueChange={go} activationMode="manual">
          <Tabs.List
            aria-label="Stages of the job"
            className="no-print flex gap-0 overflow-x-auto border-b border-ink px-4 max-sm:px-1"
          >
            {STAGES.map((each) => (
              <Tabs.Trigger
                key={each}
                value={each}
                className="min-h-11 min-w-24 shrink-0 border-x border-transparent px-4 pt-1 pb-1.5 text-left data-[state=active]:border-ink data-[state=active]:bg-tape max-sm:min-w-fit max-sm:px-2.5"
              >
                <span className="block font-head text-[18px] leading-tight font-semibold">
                  {STAGE_NAMES[each]}
                </span>
                <span className="block font-head text-[13px] leading-tight whitespace-nowrap text-quiet data-[state=active]:text-ink">
                  {count(each, derived)}
                </span>
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <div className="px-5 pt-1.5 pb-16 max-sm:px-3">
            <Tabs.Content value={stage} aria-busy={shown !== stage}>
              <StageBody stage={shown} jobId={jobId} />
            </Tabs.Content>
          </div>
        </Tabs.Root>
      </main>
    </JobContext>
  )
}
