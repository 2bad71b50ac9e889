'use client'

import { useRef, type PointerEvent } from 'react'
import { Button } from '../look/Button'
import { useOwnerWords } from './OwnerTongue'
import { drawnOn, type Stroke } from './ownerChoice'

/** A signature drawn with finger, pen or mouse. It stands beside the typed name and is asked of nobody. */
export function SignaturePad({
  strokes,
  onDraw,
}: {
  strokes: readonly Stroke[]
  onDraw: (strokes: readonly Stroke[]) => void
}) {
  const say = useOwnerWords()
  const field = useRef<SVGSVGElement>(null)
  const down = useRef(false)
  const add = (event: PointerEvent, isNew: boolean): void => {
    const box = field.current?.getBoundingClientRect()
    if (!box) return
    const at = {
      across: (event.clientX - box.left) / box.width,
      down: (event.clientY - box.top) / box.height,
    }
    onDraw(drawnOn(strokes, at, isNew))
  }
  return (
    <div>
      <p id="signature-label" className="text-[14px]">
        {say('signature')}
      </p>
      <svg
        ref={field}
        role="img"
        aria-labelledby="signature-label"
        viewBox="0 0 10000 3000"
        className="h-32 w-full touch-none border border-quiet bg-white"
        onPointerDown={(event) => {
          down.current = true
          event.currentTarget.setPointerCapture(event.pointerId)
          add(event, true)
        }}
        onPointerMove={(event) => (down.current ? add(event, false) : undefined)}
        onPointerUp={() => (down.current = false)}
        onPointerCancel={() => (down.current = false)}
        preserveAspectRatio="none"
      >
        {strokes.map((stroke, index) => (
          <polyline
            key={index}
            points={stroke.map(([across, below]) => `${across},${below * 0.3}`).join(' ')}
            fill="none"
            stroke="#17232B"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      {strokes.length > 0 ? (
        <Button look="quiet" onClick={() => onDraw([])}>
          {say('drawAgain')}
        </Button>
      ) : null}
    </div>
  )
}
