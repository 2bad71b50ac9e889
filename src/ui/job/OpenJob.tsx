'use client'

import { useCallback, useDeferredValue, useEffect, useMemo, useState } from 'react'
import { Tabs } from 'radix-ui'
import type { JobStore } from '../../client/jobStore'
import { live, type Place } from '../../core/job'
import { onTheWalls, pieceKey } from '../../core/plan/onTheWalls'
import { HouseView } from '../house/HouseView'
import type { StripOverlay, Tapped } from '../house/Strip'
import { useDrawing } from '../house/useDrawing'
import { Button } from '../look'
import { JobContext, useJobView, useKeptUp } from '../state/useJob'
import { useIsPhone } from '../state/useIsPhone'
import { sourceInView } from '../trace/sourceInView'
import { useGuess } from '../trace/useGuess'
import { useAround } from '../state/useAround'
import { usePipeline } from '../state/usePipeline'
import { nearOf } from '../state/near'
import { usePlanView } from '../state/usePlanView'
import { useFirmWords, useWalk } from '../state/useWalk'
import { isLowPower } from '../state/lowPower'
import { fetchAheadOfPictures } from '../../client/pictureStore'
import { fetchAhead } from '../state/whenShown'
import { StripTools } from '../walk/strip/StripTools'
import { CautionBand } from './CautionBand'
import { StretchDialog } from './dialogs'
import { JobFrame } from './JobFrame'
import { JobHeader } from './JobHeader'
import { KeysDialog } from './KeysDialog'
import { StageMenu, StageTabs } from './StageBar'
import { withWordHere } from '../state/withWordHere'
import { StageBody } from './StageBody'
import { STAGE_NAMES, stageOf, STAGES, type Stage } from './stages'
import { useKeys, type KeyRow } from './useKeys'
import { WhereIWas } from './WhereIWas'

/** So long after the job stands the other tabs are fetched, so that none waits when it is opened. */
const FETCH_AFTER_MS = 1500
/** A list pushed up this far on a phone is being read: the walls fold until it is back at its top. */
const READING_PX = 24
const NONE: readonly string[] = []

const drawTools = (on: StripOverlay): React.ReactNode => <StripTools {...on} />

/** A job that is open: the house over its stages, and what is chosen in both. */
export function OpenJob({ store, jobId }: { store: JobStore; jobId: string }) {
  const view = useJobView(store)
  const isPhone = useIsPhone()
  const heard = useAround(jobId, view)
  const around = useMemo(() => withWordHere(heard, view.job), [heard, view.job])
  const [stage, setStage] = useState<Stage>(() =>
    typeof window === 'undefined' ? 'walk' : stageOf(window.location.pathname),
  )
  const { derived, checks } = usePipeline(view.job, around, stage === 'trace')
  useKeptUp(store)
  const isShown = derived !== null
  useEffect(() => {
    // On a slow line whatever is fetched before the job stands is in its way.
    if (!isShown) return undefined
    let stop = (): void => undefined
    const timer = setTimeout(() => {
      // What cannot be fetched now is fetched when it is opened, or comes from this device.
      if (isLowPower()) return
      fetchAheadOfPictures()
      stop = fetchAhead()
    }, FETCH_AFTER_MS)
    return () => {
      clearTimeout(timer)
      stop()
    }
  }, [isShown])
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
  const planned = usePlanView()
  const firm = useFirmWords()
  const { chooseFeature } = walk
  const [pickedSource, pickSource] = useState<string | null>(null)
  const chooseOnly = useCallback(
    (ids: readonly string[]) => {
      setDrafting(null)
      pickSource(null)
      chooseFeature(null)
      choose(ids)
      // The wall it is on comes into view, and stays what a next line is about.
      const place = store.read().job.findings.find((each) => each.id === ids[0])?.place
      if (place?.kind === 'side') chooseSide(place.side_id)
    },
    [chooseFeature, store],
  )
  const draft = useCallback(
    (place: Place | null) => {
      setDrafting(place ? { place } : null)
      if (place) choose([])
      if (place) chooseFeature(null)
    },
    [chooseFeature],
  )
  const [aside, setAside] = useState<HTMLElement | null>(null)
  const [sheet, setSheet] = useState<HTMLElement | null>(null)
  const [foot, setFoot] = useState<HTMLElement | null>(null)
  const slots = useMemo(() => ({ aside, sheet, foot }), [aside, sheet, foot])
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
            planned,
            around,
            firm,
            slots,
            near: nearOf(live(view.job), { chosen, sideId, isPhone }),
          }
        : null,
    [
      store,
      view,
      derived,
      checks,
      chosen,
      chooseOnly,
      pickedSource,
      drafting,
      draft,
      sideId,
      walk,
      planned,
      around,
      firm,
      slots,
      isPhone,
    ],
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
        case 'survey':
          walk.openSurvey(tapped.id)
          if (stage !== 'walk') go('walk')
          walk.go('surveys')
          return
        case 'piece': {
          const unit = derived?.plan.units.find((each) => pieceKey(each) === tapped.key)
          if (unit) planned.chooseUnit(unit.key)
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
    [context, derived, stage, walk, planned, chooseFeature, go],
  )
  const guess = useGuess()
  // In Trace the source that is looked at, and what it reaches, stand out.
  const lit = useMemo(() => {
    const source = derived && sourceInView(derived.trace.sources, chosen, pickedSource)
    if (stage !== 'trace' || !source) return null
    return new Set([...source.finding_ids, ...source.also_ids, ...(source.letter ? [source.letter] : [])])
  }, [derived, chosen, pickedSource, stage])
  const { featureId, plan, setPlan } = walk
  // On the walls of the plan days are drawn: what is chosen there is a piece of work.
  const days = useMemo(
    () => (derived && stage === 'plan' ? onTheWalls(derived, planned.day) : null),
    [derived, stage, planned.day],
  )
  const marked = useMemo(() => {
    if (stage === 'plan') {
      const unit = derived?.plan.units.find(({ key }) => key === planned.unit)
      return unit ? [pieceKey(unit)] : NONE
    }
    return featureId ? [...chosen, featureId] : chosen
  }, [chosen, derived, featureId, planned.unit, stage])
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
  const [isReading, setReading] = useState(false)
  const room = useDrawing(stage, isReading)
  const [showsKeys, setShowsKeys] = useState(false)
  const stepSide = (by: 1 | -1): void => {
    const sides = derived?.job.sides ?? []
    const at = sides.findIndex((each) => each.id === sideId)
    const next = sides[(Math.max(at, by > 0 ? -1 : 0) + by + sides.length) % sides.length]
    if (next) chooseSide(next.id)
  }
  const keys: KeyRow[] = [
    ...STAGES.map((each, index) => ({
      keys: [String(index + 1)],
      does: `${each[0]!.toUpperCase()}${each.slice(1)}`,
      run: () => go(each),
    })),
    { keys: ['f', 'F'], does: 'fold the drawing, pull it down', run: room.turn },
    { keys: ['l', '/'], does: 'to the line, from anywhere', run: () => toTheLine(stage, go) },
    { keys: ['['], does: 'side before', run: () => stepSide(-1) },
    { keys: [']'], does: 'next side', run: () => stepSide(1) },
    {
      keys: ['u', 'U'],
      does: 'undo',
      run: () => {
        if (view.canUndo && !view.undoWantsReason) store.undo()
      },
    },
    { keys: ['?'], does: 'these keys', run: () => setShowsKeys(true) },
  ]
  useKeys(keys)
  if (!derived || !context) return <JobFrame says="Reckoning…" />
  const walking = shown === 'walk'

  return (
    <JobContext value={context}>
      <div className="flex h-dvh flex-col overflow-x-hidden overflow-y-auto overscroll-x-none print:block print:h-auto print:overflow-visible">
        <a
          href="#work"
          className="absolute -top-20 left-2 z-50 bg-paper px-3 py-2 font-head font-semibold text-chalk-text focus:top-2"
        >
          To the work
        </a>
        <JobHeader jobId={jobId} />
        <CautionBand />
        <WhereIWas jobId={jobId} stage={stage} go={go} />
        <HouseView
          derived={derived}
          stage={shown}
          room={room}
          plan={walk.plan && shown !== 'plan'}
          coverage={walking || shown === 'bid' ? derived.coverage : null}
          trace={walking || shown === 'plan' || (shown === 'trace' && guess.on) ? null : derived.trace}
          surveys={walking ? walk.part === 'surveys' : shown === 'trace'}
          days={days}
          lit={lit}
          chosen={marked}
          onTap={tap}
          sideId={sideId}
          onSide={chooseSide}
          overlay={walking ? drawTools : undefined}
          tools={shown === 'plan' ? null : turn}
        />
        {walk.stretch ? <StretchDialog key={walk.stretch.id ?? 'new'} draft={walk.stretch} /> : null}
        {showsKeys ? <KeysDialog rows={keys} onClose={() => setShowsKeys(false)} /> : null}
        <main className="relative flex min-h-52 grow flex-col print:block" id="work" tabIndex={-1}>
          <Tabs.Root
            value={stage}
            onValueChange={go}
            activationMode="manual"
            className="flex min-h-0 grow flex-col print:block"
          >
            {isPhone ? (
              <StageMenu stage={stage} derived={derived} go={go} aside={setAside} />
            ) : (
              <StageTabs derived={derived} room={room} />
            )}
            <Tabs.Content
              value={stage}
              aria-busy={shown !== stage}
              {...(isPhone ? { 'aria-labelledby': undefined, 'aria-label': STAGE_NAMES[stage] } : {})}
              onScroll={(event) => setReading(event.currentTarget.scrollTop > READING_PX)}
              className="min-h-0 grow overflow-y-auto px-5 pt-1.5 pb-4 max-sm:px-3 print:overflow-visible"
            >
              <StageBody stage={shown} jobId={jobId} />
            </Tabs.Content>
          </Tabs.Root>
          {isPhone ? <div ref={setSheet} /> : null}
        </main>
        {isPhone ? <div ref={setFoot} className="shrink-0" /> : null}
      </div>
    </JobContext>
  )
}

/** One key to the line from anywhere: the walk opens with the cursor in it. */
function toTheLine(stage: Stage, go: (stage: string) => void): void {
  if (stage !== 'walk') go('walk')
  const focus = (tries: number): void => {
    const line = document.querySelector<HTMLInputElement>('[data-line]')
    if (line) line.focus()
    else if (tries > 0) setTimeout(() => focus(tries - 1), 50)
  }
  focus(20)
}
