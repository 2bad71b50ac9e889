'use client'

import { memo, useCallback, useDeferredValue, useMemo, useRef, type ReactNode } from 'react'
import {
  drawStrip,
  drawTape,
  stripSpans,
  TAPE_PX,
  type DayPiece,
  type Drawing,
  type Mark,
  type SideSpan,
} from '../../core/house'
import { featureBox, groundAt } from '../../core/geometry'
import type { Coverage } from '../../core/coverage'
import type { JobDocument, Place } from '../../core/job'
import { formatLength, inches, type Length } from '../../core/measure'
import type { Trace } from '../../core/trace'
import { Button } from '../look'
import type { Frame } from './frame'
import { Marks } from './Marks'
import { ShapeSvg } from './svg'
import type { TapeHandle } from './useTape'
import { useSurveyDrawing } from './useSurveyDrawing'
import { useWidth } from './useWidth'
import { useZoom } from './useZoom'

/** What a tap on the strip means. */
export type Tapped =
  | { readonly kind: 'finding'; readonly ids: readonly string[] }
  | { readonly kind: 'source'; readonly letter: string }
  | { readonly kind: 'stretch'; readonly id: string }
  | { readonly kind: 'survey'; readonly id: string }
  | { readonly kind: 'piece'; readonly key: string }
  | { readonly kind: 'side'; readonly sideId: string }
  | { readonly kind: 'feature'; readonly featureId: string }
  | { readonly kind: 'place'; readonly place: Extract<Place, { kind: 'side' }> }

/** What an overlay is drawn with. */
export type StripOverlay = { readonly drawing: Drawing; readonly frame: Frame }

type Props = {
  readonly job: JobDocument
  readonly coverage: Coverage | null
  readonly trace: Trace | null
  readonly surveys?: boolean
  /** Which part is worked on which day, in place of what was found. */
  readonly days?: readonly DayPiece[] | null
  /** What is lit while all else is dimmed; null: nothing is. */
  readonly lit?: ReadonlySet<string> | null
  readonly chosen: readonly string[]
  readonly onTap: (tapped: Tapped) => void
  /** Side to show on a phone, one at a time. */
  readonly sideId: string | null
  readonly onSide: (id: string) => void
  /** What a stage draws over the walls and edits there. */
  readonly overlay?: (on: StripOverlay) => ReactNode
  readonly tools?: ReactNode
  /** The tape is the handle of the drawing. */
  readonly tape?: TapeHandle
}

/** Tallest the strip may stand on a desk and on a phone, pixels. */
const TALLEST = 268
const TALLEST_PHONE = 232

/** Across the drawing so far, and mostly level: the next side. */
const SWIPE_PX = 56

const nameOf = (span: SideSpan): string =>
  `${span.letter} ${span.facing[0]!.toUpperCase()}${span.facing.slice(1)}`

/** A neighbour's name as the way to it. */
function SideStep({
  label,
  span,
  onStep,
}: {
  label: string
  span: SideSpan | undefined
  onStep: () => void
}) {
  const isNext = label === 'Next side'
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onStep}
      className={`flex h-11 items-center gap-1 px-3 font-head text-[17px] text-chalk-text ${isNext ? 'justify-end' : ''}`}
    >
      {isNext ? null : <span aria-hidden>‹</span>}
      <span aria-hidden>{span ? nameOf(span) : ''}</span>
      {isNext ? <span aria-hidden>›</span> : null}
    </button>
  )
}

/** Place on a wall under a point of the drawing, snapped to inches, with the opening it lies on. */
function placeAt(
  job: JobDocument,
  sideId: string,
  station: number,
  height: number,
): Extract<Place, { kind: 'side' }> {
  const near = inches(8)
  const side = job.sides.find((each) => each.id === sideId)
  const opening = job.features.find((feature) => {
    const at = featureBox(feature, job)
    return (
      feature.side_id === sideId &&
      station >= at.left - near &&
      station <= at.right + near &&
      height >= at.bottom - near &&
      height <= at.top + near
    )
  })
  const toInch = (value: number): Length => (Math.max(0, Math.round(value / 64)) * 64) as Length
  const held = toInch(station)
  return {
    kind: 'side',
    side_id: sideId,
    station: held,
    height: { value: toInch(height - (side ? groundAt(side, held) : 0)), from: 'grade' },
    feature_id: opening?.id ?? null,
  }
}

/** The strip with its tape: every stage's picture, and the way round the house. */
export const Strip = memo(function Strip(props: Props) {
  const { job, coverage, trace, chosen, days = null, onTap } = props
  const surveys = useSurveyDrawing(props.surveys ?? false)?.drawSurveysOnStrip ?? null
  const [ref, width] = useWidth()
  const [frameRef, zoomed] = useZoom()
  const from = useRef<{ x: number; y: number } | null>(null)
  const { zoom } = zoomed
  // A zoom step first scales what is drawn, at once, and draws it anew in its own time.
  const drawnZoom = useDeferredValue(zoom)
  const phone = width < 640
  const spans = useMemo(() => stripSpans(job), [job])
  const at = Math.max(
    0,
    spans.findIndex((span) => span.id === props.sideId),
  )
  const shownSide = phone && spans.length > 1 ? spans[at] : undefined
  const shownId = shownSide?.id
  const fit = useMemo(() => {
    const only = shownId ? [shownId] : null
    const bare = { ...job, findings: [], scope_stretches: [] }
    const rough = drawStrip(bare, { px: 100, coverage: null, trace: null, chosen: [], only })
    return Math.max(
      (rough.right - rough.left) / width,
      (rough.top - rough.bottom) / (phone ? TALLEST_PHONE : TALLEST),
    )
  }, [job, width, phone, shownId])
  const view = useMemo(() => {
    const only = shownId ? [shownId] : null
    const px = fit / drawnZoom
    const drawing = drawStrip(job, { px, coverage, trace, chosen, only, surveys, days })
    const frame: Frame = { left: drawing.left, top: drawing.top, px }
    return { px, drawing, frame, fitHeight: (drawing.top - drawing.bottom) / fit }
  }, [job, coverage, trace, chosen, surveys, days, fit, drawnZoom, shownId])
  const { px, drawing, frame, fitHeight } = view

  const tap = useCallback(
    (mark: Mark, event?: React.MouseEvent<SVGGElement>): void => {
      if (mark.of === 'finding') return onTap({ kind: 'finding', ids: mark.ids })
      if (mark.of === 'source') return onTap({ kind: 'source', letter: mark.ids[0]! })
      if (mark.of === 'piece') return onTap({ kind: 'piece', key: mark.ids[0]! })
      if (mark.of === 'survey') return onTap({ kind: 'survey', id: mark.ids[0]! })
      if (mark.of === 'stretch') return onTap({ kind: 'stretch', id: mark.ids[0]! })
      if (mark.of === 'feature') return onTap({ kind: 'feature', featureId: mark.ids[0]! })
      const sideId = mark.ids[0]!
      const span = drawing.sides.find((each) => each.id === sideId)
      if (!span) return undefined
      if (!event) return onTap({ kind: 'side', sideId })
      const svg = event.currentTarget.ownerSVGElement!.getBoundingClientRect()
      const station = (event.clientX - svg.left) * px + frame.left - span.x
      const height = frame.top - (event.clientY - svg.top) * px
      return onTap({ kind: 'place', place: placeAt(job, sideId, Math.min(station, span.length), height) })
    },
    [drawing, frame, job, onTap, px],
  )

  if (spans.length === 0) return <div ref={ref} className="h-0" />
  const w = Math.max(width, (drawing.right - drawing.left) / px)
  const h = (drawing.top - drawing.bottom) / px
  const scale = zoom / drawnZoom
  const tape = drawTape(drawing.sides, { left: drawing.left, right: drawing.left + w * px, px })
  const step = (by: number): void => {
    const next = spans[(at + by + spans.length) % spans.length]
    if (next) props.onSide(next.id)
  }

  const swipe = {
    onTouchStart: (event: React.TouchEvent) => {
      const touch = event.touches.item(0)
      from.current = event.touches.length === 1 ? { x: touch.clientX, y: touch.clientY } : null
    },
    onTouchEnd: (event: React.TouchEvent) => {
      const touch = event.changedTouches.item(0)
      const held = from.current
      from.current = null
      if (!held) return
      const [dx, dy] = [touch.clientX - held.x, touch.clientY - held.y]
      if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(dy)) step(dx < 0 ? 1 : -1)
    },
  }

  return (
    <section aria-label="Walls" className="no-print relative" onKeyDown={zoomed.onKeyDown}>
      {shownSide ? (
        <div className="grid h-11 grid-cols-[1fr_auto_1fr] items-center">
          <SideStep label="Side before" span={spans.at(at - 1)} onStep={() => step(-1)} />
          <span className="font-head text-[19px] font-semibold">
            {nameOf(shownSide)} {shownSide.open ? '' : formatLength(shownSide.length as Length)}
          </span>
          <SideStep label="Next side" span={spans[(at + 1) % spans.length]} onStep={() => step(1)} />
        </div>
      ) : null}
      <div ref={ref}>
        <div
          ref={frameRef}
          {...(shownSide && zoom === 1 ? swipe : {})}
          className={`relative overflow-auto overscroll-contain ${shownSide && zoom === 1 ? '[touch-action:pan-y]' : '[touch-action:pan-x_pan-y]'} ${zoom > 1 ? 'cursor-grab active:cursor-grabbing' : ''}`}
          style={zoom > 1 ? { height: fitHeight + TAPE_PX } : { overflow: 'hidden' }}
          tabIndex={zoom > 1 ? 0 : undefined}
          role="group"
          aria-label="Outside walls of the house"
        >
          <svg
            width={w * scale}
            height={h * scale}
            viewBox={`0 0 ${w} ${h}`}
            role="group"
            aria-label="The strip: outside walls unrolled"
            className="block"
          >
            <Marks items={drawing.items} frame={frame} chosen={chosen} lit={props.lit} onTap={tap} />
            {props.overlay?.({ drawing, frame })}
          </svg>
          <svg
            width={w * scale}
            height={TAPE_PX}
            viewBox={`0 0 ${w} ${TAPE_PX}`}
            preserveAspectRatio="none"
            aria-hidden
            {...props.tape}
            className={`sticky bottom-0 block ${props.tape ? 'cursor-ns-resize touch-none' : ''}`}
          >
            {tape.map((shape, index) => (
              <ShapeSvg key={index} shape={shape} frame={{ left: drawing.left, top: TAPE_PX * px, px }} />
            ))}
          </svg>
        </div>
      </div>
      <div
        className={`absolute right-2 flex gap-1 max-sm:right-0 max-sm:flex-col max-sm:items-end ${shownSide ? 'top-12' : 'top-1'}`}
      >
        {props.tools}
        {zoom > 1 ? (
          <>
            <Button aria-label="Whole strip" onClick={zoomed.fit}>
              fit
            </Button>
            <Button aria-label="Zoom out" onClick={() => zoomed.by(1 / 1.5)}>
              −
            </Button>
          </>
        ) : null}
        <Button aria-label="Zoom in" onClick={() => zoomed.by(1.5)}>
          +
        </Button>
      </div>
    </section>
  )
})
