'use client'

import { useState } from 'react'
import { useDrag } from '@use-gesture/react'
import {
  featureBox,
  findingBox,
  gripsOf,
  movedFeature,
  movedFinding,
  placeForAnother,
  snapStation,
  type Drag,
  type Grip,
  type WallBox,
} from '../../../core/geometry'
import { newId } from '../../../client/newId'
import { drawFeature, type Drawing, type SideSpan } from '../../../core/house'
import type { Feature, Finding, Side } from '../../../core/job'
import { feet, formatLength, inches, type Length } from '../../../core/measure'
import type { Frame } from '../../house/frame'
import { ShapeSvg } from '../../house/svg'
import { useJob } from '../../state/useJob'
import { nextFeatureNumber } from '../house/freshFeature'

type On = { readonly drawing: Drawing; readonly frame: Frame }

/** How near an edge must come to catch, pixels of the screen. */
const CATCH_PX = 8
const STILL: Drag = { grip: 'whole', along: 0, up: 0 }

/** What the walk adds to the strip: grips on what is chosen, or the scope line being drawn. */
export function StripTools(on: On) {
  // The job as edited this instant: two quick keys must not both start from the same place.
  const { job, walk, chosen, store } = useJob()
  if (walk.drawsScope) return <ScopeDrawing {...on} />
  const feature = job.features.find((each) => each.id === walk.featureId)
  const finding = chosen.length === 1 ? job.findings.find((each) => each.id === chosen[0]) : undefined
  const thing = feature ? { feature } : finding ? { finding } : null
  const box = feature ? featureBox(feature, job) : finding ? findingBox(finding, job) : null
  const side = job.sides.find((each) => each.id === box?.side_id)
  const span = on.drawing.sides.find((each) => each.id === box?.side_id)
  if (!thing || !box || !side || !span) return null
  return (
    <Grips
      key={feature?.id ?? finding?.id}
      {...on}
      thing={thing}
      box={box}
      side={side}
      span={span}
      onRemove={() => {
        if (feature) store.set('feature', feature.id, { removed: true })
        if (finding) store.set('finding', finding.id, { removed: true })
        walk.chooseFeature(null)
      }}
    />
  )
}

type Thing = { readonly feature: Feature } | { readonly finding: Finding }
type Held = On & {
  readonly thing: Thing
  readonly box: WallBox
  readonly side: Side
  readonly span: SideSpan
}

function nameOf(thing: Thing, side: Side): string {
  if ('finding' in thing) return `finding ${thing.finding.number ?? 'new'}`
  return `${thing.feature.kind.replaceAll('-', ' ')} ${side.letter}${thing.feature.number}`
}

/** Drag the whole, or an edge; arrows move by an inch, with Shift by a foot, with Alt they move the right or upper edge. */
function Grips(props: Held & { readonly onRemove: () => void }) {
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
    const step = event.shiftKey ? feet(1) : inches(1)
    const arrows: Record<string, Drag> = event.altKey
      ? {
          ArrowRight: { grip: 'right', along: step, up: 0 },
          ArrowLeft: { grip: 'right', along: -1 * step, up: 0 },
          ArrowUp: { grip: 'top', along: 0, up: step },
          ArrowDown: { grip: 'top', along: 0, up: -1 * step },
        }
      : {
          ArrowRight: { grip: 'whole', along: step, up: 0 },
          ArrowLeft: { grip: 'whole', along: -1 * step, up: 0 },
          ArrowUp: { grip: 'whole', along: 0, up: step },
          ArrowDown: { grip: 'whole', along: 0, up: -1 * step },
        }
    const by = arrows[event.key]
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

function boxAfter(
  thing: Thing,
  fields: object,
  job: Parameters<typeof featureBox>[1] & Parameters<typeof findingBox>[1],
): WallBox {
  if ('feature' in thing) return featureBox({ ...thing.feature, ...fields }, job)
  return findingBox({ ...thing.finding, ...fields }, job)!
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

/** Dragging along a wall draws a stretch of the scope line, snapped to corners, openings and studs. */
function ScopeDrawing({ drawing, frame }: On) {
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
      const whole = tap || to - from < inches(3)
      walk.setStretch({
        id: null,
        side_id: span.id,
        from: whole ? (0 as Length) : from,
        to: whole ? (span.length as Length) : to,
      })
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
