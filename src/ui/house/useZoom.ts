'use client'

import { useLayoutEffect, useRef, useState } from 'react'
import { useGesture } from '@use-gesture/react'

const FURTHEST = 14

export type Zoom = {
  readonly zoom: number
  /** Zooms by a factor, keeping what is under a point of the screen where it is; the middle without one. */
  readonly by: (factor: number, at?: readonly [x: number, y: number]) => void
  readonly fit: () => void
  readonly onKeyDown: (event: React.KeyboardEvent) => void
}

type Anchor = { readonly x: number; readonly y: number; readonly shareX: number; readonly shareY: number }

/**
 * Zoom and pan of a drawing in a scrolling frame: scrolling stays the browser's own, so that it is smooth under a thumb. Pinch, a
 * wheel with Ctrl, the keys + − 0, and dragging with the mouse.
 */
export function useZoom(): [React.RefObject<HTMLDivElement | null>, Zoom] {
  const ref = useRef<HTMLDivElement>(null)
  const [zoom, setZoom] = useState(1)
  const anchor = useRef<Anchor | null>(null)

  function to(next: number, at?: readonly [x: number, y: number]): void {
    const frame = ref.current
    if (frame) {
      const rect = frame.getBoundingClientRect()
      const [x, y] = at ? [at[0] - rect.left, at[1] - rect.top] : [rect.width / 2, rect.height / 2]
      anchor.current = {
        x,
        y,
        shareX: (frame.scrollLeft + x) / Math.max(1, frame.scrollWidth),
        shareY: (frame.scrollTop + y) / Math.max(1, frame.scrollHeight),
      }
    }
    setZoom(Math.min(FURTHEST, Math.max(1, next)))
  }

  // After the drawing has its new size, what was under the point goes back under it.
  useLayoutEffect(() => {
    const frame = ref.current
    const held = anchor.current
    anchor.current = null
    if (!frame || !held) return
    frame.scrollLeft = held.shareX * frame.scrollWidth - held.x
    frame.scrollTop = held.shareY * frame.scrollHeight - held.y
  }, [zoom])

  useGesture(
    {
      onPinch: ({ offset: [scale], origin }) => to(scale, origin),
      onDrag: ({ delta: [dx, dy], event, pinching, cancel, tap }) => {
        const mouse = 'pointerType' in event && event.pointerType === 'mouse'
        if (pinching || !mouse) {
          cancel()
          return
        }
        if (tap || !ref.current) return
        ref.current.scrollLeft -= dx
        ref.current.scrollTop -= dy
      },
    },
    {
      target: ref,
      pinch: {
        scaleBounds: { min: 1, max: FURTHEST },
        from: () => [zoom, 0],
        eventOptions: { passive: false },
      },
      drag: { filterTaps: true, enabled: zoom > 1, pointer: { capture: false } },
    },
  )

  const zooming: Zoom = {
    zoom,
    by: (factor, at) => to(zoom * factor, at),
    fit: () => to(1),
    onKeyDown: (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === '+' || event.key === '=') to(zoom * 1.5)
      else if (event.key === '-') to(zoom / 1.5)
      else if (event.key === '0') to(1)
      else return
      event.preventDefault()
    },
  }
  return [ref, zooming]
}
