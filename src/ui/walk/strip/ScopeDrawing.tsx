'use client'

import { useState } from 'react'
import { useDrag } from '@use-gesture/react'
import { snapStation } from '../../../core/geometry'
import type { SideSpan } from '../../../core/house'
import { formatLength, type Length } from '../../../core/measure'
import { useJob } from '../../state/useJob'
import { CATCH_PX, stretchBetween } from './dragging'
import type { On } from './on'

/** Dragging along a wall draws a stretch of the scope line, snapped to corners, openings and studs. */
export function ScopeDrawing({ drawing, frame }: On) {
  const { derived, walk } = useJob()
  const { job } = derived
  const { px } = frame
  const [drawn, setDrawn] = useState<{ span: SideSpan; from: Length; to: Length; caught: string } | null>(
    null,
  )
  const bind = useDrag(
    ({ xy: [x], initial: [x0], args, last, event, tap, currentTarget }) => {
      event.stopPropagation()
      const [span] = args as [SideSpan]
      const side = job.sides.find((each) => each.id === span.id)
      const svg = (currentTarget as SVGElement | null)?.ownerSVGElement?.getBoundingClientRect()
      if (!side || !svg) return
      const at = (screenX: number) =>
        snapStation((screenX - svg.left) * px + frame.left - span.x, side, job, {
          within: CATCH_PX * px,
          except: null,
        })
      const [a, b] = [at(x0), at(x)]
      const [from, to] = a.value < b.value ? [a.value, b.value] : [b.value, a.value]
      setDrawn(last ? null : { span, from, to, caught: b.name })
      if (!last) return
      const stretch = stretchBetween(a.value, b.value, { length: span.length as Length, tap })
      walk.setStretch({ id: null, side_id: span.id, ...stretch })
    },
    { filterTaps: true, pointer: { keys: false } },
  )
  const high = (frame.top - drawing.bottom) / px
  return (
    <g>
      {drawing.sides.map((span) => (
        <rect
          key={span.id}
          {...bind(span)}
          role="button"
          tabIndex={0}
          aria-label={`Scope line on side ${span.letter}: draw along the wall, or press Enter for the whole side`}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' && event.key !== ' ') return
            event.preventDefault()
            walk.setStretch({ id: null, side_id: span.id, from: 0 as Length, to: span.length as Length })
          }}
          x={(span.x - frame.left) / px}
          y={0}
          width={span.length / px}
          height={high}
          fill="transparent"
          style={{ cursor: 'crosshair', touchAction: 'none' }}
        />
      ))}
      {drawn ? (
        <g className="pointer-events-none">
          <rect
            x={(drawn.span.x + drawn.from - frame.left) / px}
            y={0}
            width={Math.max(1, (drawn.to - drawn.from) / px)}
            height={high}
            fill="rgba(23,35,43,0.12)"
            stroke="#17232B"
            strokeWidth={2}
          />
          <text
            role="status"
            x={(drawn.span.x + drawn.from - frame.left) / px + 6}
            y={20}
            fontSize={15}
            fontWeight={600}
            stroke="#FBFCFC"
            strokeWidth={4}
            paintOrder="stroke"
            fill="#17232B"
            className="font-head"
          >
            {formatLength(drawn.from)} to {formatLength(drawn.to)}
            {drawn.caught ? ` · ${drawn.caught}` : ''}
          </text>
        </g>
      ) : null}
    </g>
  )
}
