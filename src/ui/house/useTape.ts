'use client'

import { useRef } from 'react'

/** A pull of this many pixels opens or folds the drawing by one step. */
const STEP_PX = 36
const TAP_PX = 6

export type TapeHandle = {
  readonly onPointerDown: (event: React.PointerEvent) => void
  readonly onPointerMove: (event: React.PointerEvent) => void
  readonly onPointerUp: (event: React.PointerEvent) => void
}

/** The tape as a handle: pulled down it opens the drawing, pushed up it folds it, touched it changes between the two. */
export function useTape(of: { step: (by: 1 | -1) => void; touch: () => void }): TapeHandle {
  const from = useRef<{ y: number; moved: boolean } | null>(null)
  return {
    onPointerDown: (event) => {
      from.current = { y: event.clientY, moved: false }
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onPointerMove: (event) => {
      const held = from.current
      if (!held) return
      const by = event.clientY - held.y
      if (Math.abs(by) >= STEP_PX) {
        of.step(by > 0 ? 1 : -1)
        from.current = { y: event.clientY, moved: true }
      } else if (Math.abs(by) > TAP_PX) held.moved = true
    },
    onPointerUp: () => {
      const held = from.current
      from.current = null
      if (held && !held.moved) of.touch()
    },
  }
}
