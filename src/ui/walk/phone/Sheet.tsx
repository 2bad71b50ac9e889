'use client'

import { useRef, type ReactNode } from 'react'

/** Pulled down this far it closes. What was entered is kept either way. */
const CLOSE_PX = 70

/** A sheet over the list, below the drawing: the list keeps its place under it. */
export function Sheet({
  label,
  onClose,
  children,
}: {
  label: string
  onClose: () => void
  children: ReactNode
}) {
  const from = useRef<number | null>(null)
  return (
    <div
      role="group"
      aria-label={label}
      className="absolute inset-0 z-10 flex flex-col border-t border-ink bg-paper"
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose()
      }}
    >
      <div
        className="flex h-6 shrink-0 touch-none items-center justify-center"
        onPointerDown={(event) => {
          from.current = event.clientY
          event.currentTarget.setPointerCapture(event.pointerId)
        }}
        onPointerMove={(event) => {
          if (from.current === null || event.clientY - from.current < CLOSE_PX) return
          from.current = null
          onClose()
        }}
        onPointerUp={() => {
          from.current = null
        }}
      >
        <span aria-hidden className="h-1 w-12 bg-quiet" />
      </div>
      <div className="min-h-0 grow overflow-y-auto px-3 pb-4">{children}</div>
    </div>
  )
}
