'use client'

import { useCallback, useEffect, useMemo, useState } from 'react'
import type { Stage } from '../job/stages'
import {
  heightAt,
  keepHeights,
  readHeights,
  stepped,
  type DrawingHeight,
  type Heights,
} from './drawingHeight'

export type DrawingRoom = {
  readonly height: DrawingHeight
  readonly step: (by: 1 | -1) => void
  /** Between the walls and the band. */
  readonly turn: () => void
  readonly open: () => void
}

/** The browser's store; null where a browser refuses it. */
function storage(): Storage | null {
  try {
    return window.localStorage
  } catch {
    return null
  }
}

function useWindow(): { height: number; phone: boolean } {
  const read = (): { height: number; phone: boolean } =>
    typeof window === 'undefined'
      ? { height: 800, phone: false }
      : { height: window.innerHeight, phone: window.innerWidth < 640 }
  const [size, setSize] = useState(read)
  useEffect(() => {
    const follow = (): void => setSize(read())
    window.addEventListener('resize', follow)
    return () => window.removeEventListener('resize', follow)
  }, [])
  return size
}

/**
 * How much room the drawing takes at a stage, remembered on this device. `reading`: on a phone the list is being read, so the walls
 * are folded until it is back at its top, or until somebody opens them over it.
 */
export function useDrawing(stage: Stage, reading: boolean): DrawingRoom {
  const [kept, setKept] = useState<Heights>(() =>
    typeof window === 'undefined' ? {} : readHeights(storage()),
  )
  const size = useWindow()
  const height = heightAt(stage, kept, size)
  const set = useCallback(
    (next: DrawingHeight): void => {
      setKept((before) => {
        const after = { ...before, [stage]: next }
        keepHeights(storage(), after)
        return after
      })
    },
    [stage],
  )
  // Who opens it while he reads wants it, until he is back at the top.
  const [isWanted, setWanted] = useState(false)
  if (isWanted && !reading) setWanted(false)
  const isFolded = size.phone && reading && height === 'full' && !isWanted
  return useMemo(
    () => ({
      height: isFolded ? 'ribbon' : height,
      step: (by) => {
        setWanted(isFolded && by > 0)
        set(isFolded ? (by > 0 ? 'full' : 'ribbon') : stepped(height, by))
      },
      turn: () => {
        setWanted(isFolded)
        set(height === 'full' && !isFolded ? 'ribbon' : 'full')
      },
      open: () => {
        setWanted(true)
        set('full')
      },
    }),
    [height, isFolded, set],
  )
}
