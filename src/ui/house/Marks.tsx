'use client'

import { memo } from 'react'
import type { Mark, Shape } from '../../core/house'
import { isMark, type Frame } from './frame'
import { ShapeSvg } from './svg'

type Props = {
  readonly items: readonly (Shape | Mark)[]
  readonly frame: Frame
  readonly chosen: readonly string[]
  /** Findings and letters of sources to keep in full ink while all others are dimmed; null: nothing is. */
  readonly lit?: ReadonlySet<string> | null
  readonly onTap: (mark: Mark, event?: React.MouseEvent<SVGGElement>) => void
}

/** Prints a drawing's shapes and marks. Each mark is a button: a tap, Enter or the space bar points at it. */
export const Marks = memo(function Marks({ items, frame, chosen, lit = null, onTap }: Props) {
  return items.map((item, index) =>
    isMark(item) ? (
      <g
        key={`${item.of}-${item.ids.join()}`}
        role="button"
        tabIndex={0}
        aria-label={item.name}
        aria-pressed={
          item.of === 'finding' || item.of === 'feature'
            ? item.ids.some((id) => chosen.includes(id))
            : undefined
        }
        className={`cursor-pointer ${isDim(item, lit) ? 'opacity-35' : ''}`}
        onClick={(event) => onTap(item, event)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return
          event.preventDefault()
          onTap(item)
        }}
      >
        {item.of === 'finding' ? <HitArea mark={item} frame={frame} /> : null}
        {item.shapes.map((shape, at) => (
          <ShapeSvg key={at} shape={shape} frame={frame} />
        ))}
      </g>
    ) : (
      <g key={index} aria-hidden className="pointer-events-none">
        <ShapeSvg shape={item} frame={frame} />
      </g>
    ),
  )
})

function isDim(mark: Mark, lit: ReadonlySet<string> | null): boolean {
  if (!lit || (mark.of !== 'finding' && mark.of !== 'source')) return false
  return !mark.ids.some((id) => lit.has(id))
}

function HitArea({ mark, frame }: { mark: Mark; frame: Frame }) {
  const { px } = frame
  return (
    <rect
      x={(mark.box.left - frame.left) / px}
      y={(frame.top - mark.box.top) / px}
      width={(mark.box.right - mark.box.left) / px}
      height={(mark.box.top - mark.box.bottom) / px}
      fill="transparent"
    />
  )
}
