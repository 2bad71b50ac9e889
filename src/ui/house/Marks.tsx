'use client'

import isEqual from 'fast-deep-equal'
import { memo, useCallback, useLayoutEffect, useRef } from 'react'
import type { Mark, Shape } from '../../core/house'
import { isMark, type Frame } from './frame'
import { ShapeSvg } from './svg'

type Tap = (mark: Mark, event?: React.MouseEvent<SVGGElement>) => void
type Props = {
  readonly items: readonly (Shape | Mark)[]
  readonly frame: Frame
  readonly chosen: readonly string[]
  /** Findings and letters of sources to keep in full ink while all others are dimmed; null: nothing is. */
  readonly lit?: ReadonlySet<string> | null
  readonly onTap: Tap
}

/**
 * Prints a drawing's shapes and marks. Each mark is a button: a tap, Enter or the space bar points at it.
 *
 * A drawing is made anew with every edit, and most of it is as it was: what looks the same is left standing.
 */
export const Marks = memo(function Marks({ items, frame, chosen, lit = null, onTap }: Props) {
  const latest = useRef(onTap)
  useLayoutEffect(() => {
    latest.current = onTap
  })
  const tap = useCallback<Tap>((mark, event) => latest.current(mark, event), [])
  return items.map((item, index) =>
    isMark(item) ? (
      <MarkButton
        key={`${item.of}-${item.ids.join()}`}
        mark={item}
        frame={frame}
        isPressed={
          item.of === 'finding' || item.of === 'feature' || item.of === 'piece'
            ? item.ids.some((id) => chosen.includes(id))
            : undefined
        }
        isDim={isDim(item, lit)}
        onTap={tap}
      />
    ) : (
      <Ground key={index} shape={item} frame={frame} />
    ),
  )
})

type MarkProps = {
  readonly mark: Mark
  readonly frame: Frame
  readonly isPressed: boolean | undefined
  readonly isDim: boolean
  readonly onTap: Tap
}

const MarkButton = memo(function MarkButton({ mark, frame, isPressed, isDim: dim, onTap }: MarkProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={mark.name}
      aria-pressed={isPressed}
      className={`cursor-pointer ${dim ? 'opacity-35' : ''}`}
      onClick={(event) => onTap(mark, event)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return
        event.preventDefault()
        onTap(mark)
      }}
    >
      {mark.of === 'finding' || mark.of === 'piece' || mark.thin ? (
        <HitArea mark={mark} frame={frame} />
      ) : null}
      {mark.shapes.map((shape, at) => (
        <ShapeSvg key={at} shape={shape} frame={frame} />
      ))}
    </g>
  )
}, isEqual)

const Ground = memo(function Ground({ shape, frame }: { shape: Shape; frame: Frame }) {
  return (
    <g aria-hidden className="pointer-events-none">
      <ShapeSvg shape={shape} frame={frame} />
    </g>
  )
}, isEqual)

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
