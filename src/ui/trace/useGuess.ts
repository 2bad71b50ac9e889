'use client'

import { useState, useSyncExternalStore } from 'react'
import type { CauseId } from '../../core/trace'

const KEY = 'detrimus-guess-first'
const listeners = new Set<() => void>()
const read = (): boolean => {
  try {
    return window.localStorage.getItem(KEY) === 'yes'
  } catch {
    return false
  }
}

export type Guess = {
  /** Off by default; kept on this device. */
  readonly on: boolean
  readonly turn: (on: boolean) => void
  readonly guesses: Readonly<Record<string, CauseId>>
  readonly guess: (finding_id: string, cause: CauseId) => void
}

/** For an apprentice: answers stay hidden until he has made a guess of his own. */
export function useGuess(): Guess {
  const on = useSyncExternalStore(
    (tell) => {
      listeners.add(tell)
      return () => listeners.delete(tell)
    },
    read,
    () => false,
  )
  const [guesses, setGuesses] = useState<Readonly<Record<string, CauseId>>>({})
  return {
    on,
    turn: (next) => {
      try {
        window.localStorage.setItem(KEY, next ? 'yes' : 'no')
      } catch {
        // A browser that keeps nothing: the choice lasts as long as the page.
      }
      for (const tell of listeners) tell()
    },
    guesses,
    guess: (id, cause) => setGuesses((before) => ({ ...before, [id]: cause })),
  }
}
