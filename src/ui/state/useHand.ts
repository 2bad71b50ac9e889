'use client'

import { useSyncExternalStore } from 'react'

const KEY = 'detrimus.hand'
const watchers = new Set<() => void>()

function isLeft(): boolean {
  try {
    return window.localStorage.getItem(KEY) === 'left'
  } catch {
    return false
  }
}

function turn(): void {
  try {
    window.localStorage.setItem(KEY, isLeft() ? 'right' : 'left')
  } catch {
    // A device that keeps nothing stays right-handed.
  }
  for (const changed of watchers) changed()
}

function watch(changed: () => void): () => void {
  watchers.add(changed)
  return () => watchers.delete(changed)
}

/** Which thumb the bar is for; kept on this device. */
export function useHand(): { readonly isLeft: boolean; readonly turn: () => void } {
  return { isLeft: useSyncExternalStore(watch, isLeft, () => false), turn }
}
