'use client'

import { useCallback, useEffect, useMemo, useState } from 'react'
import { loadWords, teach } from '../../client/words'
import type { LearntWord } from '../../core/shorthand'
import type { Length } from '../../core/measure'

/** The parts of the walk, in the order one comes to them. */
export const WALK_PARTS = {
  before: 'Before',
  find: 'Find',
  looked: 'Looked at',
  framing: 'Framing',
  surveys: 'Surveys',
  scope: 'Scope line',
  list: 'List',
  photos: 'Photos',
  measures: 'Measures',
  told: 'Told',
} as const
export type WalkPart = keyof typeof WALK_PARTS

/** A stretch being drawn or corrected on the scope line; without an id it is new. */
export type StretchDraft = {
  readonly id: string | null
  readonly side_id: string
  readonly from: Length
  readonly to: Length
}

export type Walk = {
  readonly part: WalkPart
  readonly go: (part: WalkPart) => void
  /** The window, door or other feature that is chosen on the strip. */
  readonly featureId: string | null
  readonly chooseFeature: (id: string | null) => void
  /** Dragging along a wall draws the scope line instead of panning. */
  readonly drawsScope: boolean
  readonly setDrawsScope: (on: boolean) => void
  readonly stretch: StretchDraft | null
  readonly setStretch: (stretch: StretchDraft | null) => void
  /** The house from above instead of the strip. */
  readonly plan: boolean
  readonly setPlan: (on: boolean) => void
  /** The survey that is open. */
  readonly surveyId: string | null
  readonly openSurvey: (id: string | null) => void
  readonly photoId: string | null
  readonly openPhoto: (id: string | null) => void
}

function partInAddress(): WalkPart {
  const named = typeof window === 'undefined' ? '' : window.location.hash.slice(1)
  return named in WALK_PARTS ? (named as WalkPart) : 'find'
}

/** What of the walk is on the screen. The part stands in the address, so that a reload comes back to it. */
export function useWalk(): Walk {
  const [part, setPart] = useState<WalkPart>(partInAddress)
  const [featureId, chooseFeature] = useState<string | null>(null)
  const [drawsScope, setDrawsScope] = useState(false)
  const [stretch, setStretch] = useState<StretchDraft | null>(null)
  const [plan, setPlan] = useState(false)
  const [photoId, openPhoto] = useState<string | null>(null)
  const [surveyId, openSurvey] = useState<string | null>(null)
  useEffect(() => {
    const follow = (): void => setPart(partInAddress())
    window.addEventListener('hashchange', follow)
    return () => window.removeEventListener('hashchange', follow)
  }, [])
  const go = useCallback((next: WalkPart): void => {
    setPart(next)
    setDrawsScope(next === 'scope')
    window.history.replaceState(null, '', `#${next}`)
  }, [])
  return useMemo(
    () => ({
      part,
      go,
      featureId,
      chooseFeature,
      drawsScope,
      setDrawsScope,
      stretch,
      setStretch,
      plan,
      setPlan,
      surveyId,
      openSurvey,
      photoId,
      openPhoto,
    }),
    [part, go, featureId, drawsScope, stretch, plan, photoId, surveyId],
  )
}

export type FirmWords = {
  readonly words: readonly LearntWord[]
  readonly teach: (word: LearntWord) => Promise<void>
}

/** The firm's own words for shorthand, from this device where there is no signal. */
export function useFirmWords(): FirmWords {
  const [words, setWords] = useState<readonly LearntWord[]>([])
  useEffect(() => {
    let gone = false
    void loadWords().then((loaded) => {
      if (!gone) setWords(loaded)
    })
    return () => {
      gone = true
    }
  }, [])
  return useMemo(() => ({ words, teach: async (word) => setWords(await teach([...words], word)) }), [words])
}
