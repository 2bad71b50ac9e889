'use client'

import { memo, useCallback, useDeferredValue, useMemo, type ReactNode } from 'react'
import { drawStrip, drawTape, stripSpans, TAPE_PX, type Drawing, type Mark } from '../../core/house'
import { featureBox, groundAt } from '../../core/geometry'
import type { Coverage } from '../../core/coverage'
import type { JobDocument, Place } from '../../core/job'
import { inches, type Length } from '../../core/measure'
import type { Trace } from '../../core/trace'
import { Button } from '../look'
import type { Frame } from './frame'
import { Marks } from './Marks'
import { ShapeSvg } from './svg'
import { useWidth } from './useWidth'
import { useZoom } from './useZoom'

/** What a tap on the strip means. */
export type Tapped =
  | { readonly kind: 'finding'; readonly ids: readonly string[] }
  | { readonly kind: 'source'; readonly letter: string }
  | { readonly kind: 'stretch'; readonly id: string }
  | { readonly kind: 'side'; readonly sideId: string }
  | { readonly kind: 'feature'; readonly featureId: string }
  | { readonly kind: 'place'; readonly place: Extract<Place, { kind: 'side' }> }

/** What an overlay is drawn with. */
export type StripOverlay = { readonly drawing: Drawing; readonly frame: Frame }

type Props = {
  readonly job: JobDocument
  readonly coverage: Coverage | null
  readonly trace: Trace | null
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
}

/** Tallest the strip may stand on a desk, pixels. */
const TALLEST = 268

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
  const { job, coverage, trace, chosen, onTap } = props
  const [ref, width] = useWidth()
  const [frameRef, zoomed] = useZoom()
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
    return Math.max((rough.right - rough.left) / width, (rough.top - rough.bottom) / TALLEST)
  }, [job, width, shownId])
  const view = useMemo(() => {
    const only = shownId ? [shownId] : null
    const px = fit / drawnZoom
    const drawing = drawStrip(job, { px, coverage, trace, chosen, only })
    const frame: Frame = { left: drawing.left, top: drawing.top, px }
    return { px, drawing, frame, fitHeight: (drawing.top - drawing.bottom) / fit }
  }, [job, coverage, trace, chosen, fit, drawnZoom, shownId])
  const { px, drawing, frame, fitHeight } = view

  const tap = useCallback(
    (mark: Mark, event?: React.MouseEvent<SVGGElement>): void => {
      if (mark.of === 'finding') return onTap({ kind: 'finding', ids: mark.ids })
      if (mark.of === 'source') return onTap({ kind: 'source', letter: mark.ids[0]! })
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

  return (
    <section aria-label="Walls" className="no-print relative" onKeyDown={zoomed.onKeyDown}>
      {shownSide ? (
        <div className="flex items-center justify-between px-2 py-1">
          <Button aria-label="Side before" className="min-w-14" onClick={() => step(-1)}>
            ‹
          </Button>
          <span className="font-head text-lg font-semibold">
            {shownSide.letter} {shownSide.facing}
          </span>
          <Button aria-label="Next side" className="min-w-14" onClick={() => step(1)}>
            ›
          </Button>
        </div>
      ) : null}
      <div ref={ref}>
        <div
          ref={frameRef}
          className={`relative overflow-auto overscroll-contain [touch-action:pan-x_pan-y] ${zoom > 1 ? 'cursor-grab active:cursor-grabbing' : ''}`}
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
            className="sticky bottom-0 block"
          >
            {tape.map((shape, index) => (
              <ShapeSvg key={index} shape={shape} frame={{ left: drawing.left, top: TAPE_PX * px, px }} />
            ))}
          </svg>
        </div>
      </div>
      <div className="absolute top-1 right-2 flex gap-1 max-sm:static max-sm:flex-wrap max-sm:justify-end max-sm:px-2 max-sm:pt-1">
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
