'use client'

import { useLayoutEffect, useMemo, useRef, useState } from 'react'
import { drawStrip, drawTape, stripSpans, TAPE_PX, type Mark } from '../../core/house'
import { featureBox } from '../../core/geometry'
import type { Coverage } from '../../core/coverage'
import type { JobDocument, Place } from '../../core/job'
import { inches, type Length } from '../../core/measure'
import type { Trace } from '../../core/trace'
import { Button } from '../look'
import { isMark, type Frame } from './frame'
import { ShapeSvg } from './svg'

/** What a tap on the strip means. */
export type Tapped =
  | { readonly kind: 'finding'; readonly ids: readonly string[] }
  | { readonly kind: 'source'; readonly letter: string }
  | { readonly kind: 'side'; readonly sideId: string }
  | { readonly kind: 'place'; readonly place: Extract<Place, { kind: 'side' }> }

type Props = {
  readonly job: JobDocument
  readonly coverage: Coverage | null
  readonly trace: Trace | null
  readonly chosen: readonly string[]
  readonly onTap: (tapped: Tapped) => void
}

/** Tallest the strip may stand on a desk, pixels. */
const TALLEST = 268

function useWidth(): [React.RefObject<HTMLDivElement | null>, number] {
  const ref = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(1240)
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(280, entry.contentRect.width))
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, width]
}

/** Place on a wall under a point of the drawing, snapped to inches, with the opening it lies on. */
function placeAt(
  job: JobDocument,
  sideId: string,
  station: number,
  height: number,
): Extract<Place, { kind: 'side' }> {
  const near = inches(8)
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
  return {
    kind: 'side',
    side_id: sideId,
    station: toInch(station),
    height: { value: toInch(height), from: 'grade' },
    feature_id: opening?.id ?? null,
  }
}

/** The strip with its tape: every stage's picture, and the way round the house. */
export function Strip({ job, coverage, trace, chosen, onTap }: Props) {
  const [ref, width] = useWidth()
  const [zoom, setZoom] = useState(1)
  const [only, setOnly] = useState(0)
  const phone = width < 640
  const spans = useMemo(() => stripSpans(job), [job])
  const shownSide = phone && spans.length > 1 ? spans[only % spans.length] : undefined
  const view = useMemo(() => {
    const sides = shownSide ? [shownSide.id] : null
    const rough = drawStrip(job, { px: 100, coverage: null, trace: null, chosen: [], only: sides })
    const fit = Math.max((rough.right - rough.left) / width, (rough.top - rough.bottom) / TALLEST)
    const px = fit / zoom
    return { px, drawing: drawStrip(job, { px, coverage, trace, chosen, only: sides }) }
  }, [job, coverage, trace, chosen, width, zoom, shownSide])
  if (spans.length === 0) return <div ref={ref} className="h-0" />
  const { px, drawing } = view
  const frame: Frame = { left: drawing.left, top: drawing.top, px }
  const w = Math.max(width, (drawing.right - drawing.left) / px)
  const h = (drawing.top - drawing.bottom) / px
  const tape = drawTape(drawing.sides, { left: drawing.left, right: drawing.left + w * px, px })
  const step = (by: number): void => setOnly((at) => (at + by + spans.length) % spans.length)

  function tap(mark: Mark, event?: React.MouseEvent<SVGGElement>): void {
    if (mark.of === 'finding') return onTap({ kind: 'finding', ids: mark.ids })
    if (mark.of === 'source') return onTap({ kind: 'source', letter: mark.ids[0]! })
    const sideId =
      mark.of === 'side' ? mark.ids[0]! : job.features.find((each) => each.id === mark.ids[0])?.side_id
    const span = drawing.sides.find((each) => each.id === sideId)
    if (!sideId || !span) return
    if (!event) {
      if (mark.of === 'side') return onTap({ kind: 'side', sideId })
      return onTap({ kind: 'place', place: placeAt(job, sideId, mark.box.left - span.x, mark.box.bottom) })
    }
    const svg = event.currentTarget.ownerSVGElement!.getBoundingClientRect()
    const at = {
      station: (event.clientX - svg.left) * px + frame.left - span.x,
      height: frame.top - (event.clientY - svg.top) * px,
    }
    return onTap({ kind: 'place', place: placeAt(job, sideId, Math.min(at.station, span.length), at.height) })
  }

  return (
    <section aria-label="Walls" className="no-print">
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
      <div
        ref={ref}
        className="relative overflow-x-auto overflow-y-hidden"
        tabIndex={zoom > 1 ? 0 : undefined}
        role="group"
        aria-label="Outside walls of the house"
      >
        <svg
          width={w}
          height={h}
          role="group"
          aria-label="The strip: outside walls unrolled"
          className="block"
        >
          {drawing.items.map((item, index) =>
            isMark(item) ? (
              <g
                key={`${item.of}-${item.ids.join()}`}
                role="button"
                tabIndex={0}
                aria-label={item.name}
                aria-pressed={item.of === 'finding' ? item.ids.some((id) => chosen.includes(id)) : undefined}
                className="cursor-pointer"
                onClick={(event) => tap(item, event)}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter' && event.key !== ' ') return
                  event.preventDefault()
                  tap(item)
                }}
              >
                {item.of === 'finding' ? (
                  <rect
                    x={(item.box.left - frame.left) / px}
                    y={(frame.top - item.box.top) / px}
                    width={(item.box.right - item.box.left) / px}
                    height={(item.box.top - item.box.bottom) / px}
                    fill="transparent"
                  />
                ) : null}
                {item.shapes.map((shape, at) => (
                  <ShapeSvg key={at} shape={shape} frame={frame} />
                ))}
              </g>
            ) : (
              <g key={index} aria-hidden className="pointer-events-none">
                <ShapeSvg shape={item} frame={frame} />
              </g>
            ),
          )}
        </svg>
        <svg width={w} height={TAPE_PX} aria-hidden className="block">
          {tape.map((shape, index) => (
            <ShapeSvg key={index} shape={shape} frame={{ left: drawing.left, top: TAPE_PX * px, px }} />
          ))}
        </svg>
        {phone ? null : (
          <div className="absolute top-1 right-2 flex gap-1">
            {zoom > 1 ? (
              <Button aria-label="Whole strip" onClick={() => setZoom(1)}>
                fit
              </Button>
            ) : null}
            <Button aria-label="Zoom in" onClick={() => setZoom((at) => Math.min(6, at * 1.5))}>
              +
            </Button>
          </div>
        )}
      </div>
    </section>
  )
}
