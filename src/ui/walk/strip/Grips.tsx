'use client'

import { useState } from 'react'
import { useDrag } from '@use-gesture/react'
import { newId } from '../../../client/newId'
import {
  gripsOf,
  movedFeature,
  movedFinding,
  placeForAnother,
  type Drag,
  type Grip,
  type WallBox,
} from '../../../core/geometry'
import { drawFeature, type SideSpan } from '../../../core/house'
import type { Feature, Side } from '../../../core/job'
import { formatLength, type Length } from '../../../core/measure'
import { ShapeSvg } from '../../house/svg'
import { useJob } from '../../state/useJob'
import { nextFeatureNumber } from '../house/freshFeature'
import { boxAfter, CATCH_PX, keyDrag, nameOf, STILL, type Thing } from './dragging'
import type { On } from './on'

type Held = On & {
  readonly thing: Thing
  readonly box: WallBox
  readonly side: Side
  readonly span: SideSpan
}

/** Drag the whole, or an edge; arrows move by an inch, with Shift by a foot, with Alt they move the right or upper edge. */
export function Grips(props: Held & { readonly onRemove: () => void }) {
  const { thing, box, side, span, frame } = props
  const { job, store, view, walk } = useJob()
  const { px } = frame
  const [drag, setDrag] = useState<Drag>(STILL)
  const [said, setSaid] = useState('')

  function moved(by: Drag, within: number): ReturnType<typeof movedFeature> {
    const context = { job, side, within }
    return 'feature' in thing
      ? movedFeature(thing.feature, by, context)
      : (movedFinding(thing.finding, by, context) as unknown as ReturnType<typeof movedFeature>)
  }
  function keep(by: Drag, within: number): void {
    const { fields } = moved(by, within)
    if (Object.keys(fields).length === 0) return
    const refused =
      'feature' in thing
        ? store.set('feature', thing.feature.id, fields)
        : store.set('finding', thing.finding.id, fields)
    setSaid(refused ?? '')
  }
  function another(): void {
    if (!('feature' in thing)) return
    const { feature } = thing
    const copy = {
      ...feature,
      id: newId(),
      number: nextFeatureNumber(view.job, feature.side_id),
      station: placeForAnother(feature, job),
    }
    if (store.create('feature', copy) === null) walk.chooseFeature(copy.id)
  }

  const dragging = drag !== STILL
  const shown = dragging ? moved(drag, CATCH_PX * px) : null
  const now = shown ? boxAfter(thing, shown.fields, job) : box
  const screen = {
    left: (span.x + now.left - frame.left) / px,
    right: (span.x + now.right - frame.left) / px,
    top: (frame.top - now.top) / px,
    bottom: (frame.top - now.bottom) / px,
  }
  const caught = shown?.caught.map((each) => each.name).join(', ')
  const words = shown
    ? `${formatLength(now.left)}, ${formatLength((now.right - now.left) as Length)} wide${caught ? ` · ${caught}` : ''}`
    : said

  function onKeyDown(event: React.KeyboardEvent): void {
    const by = keyDrag(event.key, { shift: event.shiftKey, alt: event.altKey })
    if (by) keep(by, 0)
    else if (event.key === 'd') another()
    else if (event.key === 'Delete') props.onRemove()
    else return
    event.preventDefault()
    event.stopPropagation()
  }

  return (
    <g
      role="group"
      tabIndex={0}
      aria-label={`Move ${nameOf(thing, side)}: arrows by an inch, with Shift by a foot, with Alt its right or upper edge; D for another like it, Delete to remove`}
      onKeyDown={onKeyDown}
    >
      {shown && 'feature' in thing
        ? drawFeature({ ...thing.feature, ...shown.fields } as Feature, job, span.x).map((shape, index) => (
            <ShapeSvg key={index} shape={shape} frame={frame} />
          ))
        : null}
      <GripArea grip="whole" screen={screen} px={px} onDrag={setDrag} onKeep={keep} />
      <rect
        x={screen.left}
        y={screen.top}
        width={Math.max(1, screen.right - screen.left)}
        height={Math.max(1, screen.bottom - screen.top)}
        fill="none"
        stroke="#17232B"
        strokeWidth={2}
        strokeDasharray="4 3"
        className="pointer-events-none"
      />
      {gripsOf(thing).map((grip) => (
        <GripArea key={grip} grip={grip} screen={screen} px={px} onDrag={setDrag} onKeep={keep} />
      ))}
      {words ? (
        <text
          role="status"
          x={screen.left}
          y={Math.max(14, screen.top - 10)}
          fontSize={14}
          fontWeight={600}
          fill="#17232B"
          stroke="#FBFCFC"
          strokeWidth={4}
          paintOrder="stroke"
          className="font-head"
        >
          {words}
        </text>
      ) : null}
    </g>
  )
}

/** Cursor and centre of each grip on the box, as shares of its width and height. */
const GRIP_AT: Record<Grip, { x: number; y: number; cursor: string }> = {
  whole: { x: 0.5, y: 0.5, cursor: 'move' },
  left: { x: 0, y: 0.5, cursor: 'ew-resize' },
  right: { x: 1, y: 0.5, cursor: 'ew-resize' },
  top: { x: 0.5, y: 0, cursor: 'ns-resize' },
  bottom: { x: 0.5, y: 1, cursor: 'ns-resize' },
}

function GripArea(props: {
  grip: Grip
  screen: { left: number; right: number; top: number; bottom: number }
  px: number
  onDrag: (drag: Drag) => void
  onKeep: (drag: Drag, within: number) => void
}) {
  const { grip, screen, px } = props
  const bind = useDrag(
    ({ movement: [dx, dy], last, tap, canceled, event }) => {
      event.stopPropagation()
      const drag: Drag = { grip, along: dx * px, up: -dy * px }
      props.onDrag(last ? STILL : drag)
      if (last && !tap && !canceled) props.onKeep(drag, CATCH_PX * px)
    },
    { filterTaps: true, threshold: 3, pointer: { keys: false } },
  )
  const at = GRIP_AT[grip]
  const x = screen.left + (screen.right - screen.left) * at.x
  const y = screen.top + (screen.bottom - screen.top) * at.y
  const wide = screen.right - screen.left
  const tall = screen.bottom - screen.top
  if (grip === 'whole') {
    return (
      <rect
        {...bind()}
        data-grip="whole"
        x={x - Math.max(22, wide / 2)}
        y={y - Math.max(22, tall / 2)}
        width={Math.max(44, wide)}
        height={Math.max(44, tall)}
        fill="transparent"
        style={{ cursor: at.cursor, touchAction: 'none' }}
      />
    )
  }
  // Small things keep their grips apart: they move outwards, so that a thumb can tell them from the whole.
  const out = {
    x: (at.x - 0.5) * 2 * Math.max(6, 26 - wide / 2),
    y: (at.y - 0.5) * 2 * Math.max(6, 26 - tall / 2),
  }
  return (
    <g {...bind()} data-grip={grip} style={{ cursor: at.cursor, touchAction: 'none' }}>
      <rect x={x + out.x - 14} y={y + out.y - 14} width={28} height={28} fill="transparent" />
      <rect
        x={x + out.x - 5}
        y={y + out.y - 5}
        width={10}
        height={10}
        fill="#FBFCFC"
        stroke="#17232B"
        strokeWidth={2}
      />
    </g>
  )
}
