'use client'

import { useCallback, useMemo, type ReactNode } from 'react'
import type { Mark } from '../../core/house'
import { drawPlan } from '../../core/house/drawPlan'
import type { JobDocument } from '../../core/job'
import { Button } from '../look'
import type { Frame } from './frame'
import { Marks } from './Marks'
import type { Tapped } from './Strip'
import { useSurveyDrawing } from './useSurveyDrawing'
import { useWidth } from './useWidth'
import { useZoom } from './useZoom'

/** Height of the plan on the screen, pixels: as much as the strip and its tape take. */
const HIGH = 292

/** The house from above, on the same stations and with the same marks as the strip. */
export function PlanPicture(props: {
  job: JobDocument
  chosen: readonly string[]
  surveys?: boolean
  onTap: (tapped: Tapped) => void
  tools?: ReactNode
}) {
  const { job, chosen, onTap } = props
  const surveys = useSurveyDrawing(props.surveys ?? false)?.drawSurveysOnPlan ?? null
  const [ref, width] = useWidth()
  const [frameRef, zoomed] = useZoom()
  const { zoom } = zoomed
  const { drawing, frame } = useMemo(() => {
    const fitAt = (px: number): number => {
      const drawn = drawPlan(job, { px, chosen: [] })
      return Math.max((drawn.right - drawn.left) / width, (drawn.top - drawn.bottom) / HIGH)
    }
    // Marks keep their size on the screen, so how much room they take depends on the scale itself: once more from the first.
    const fit = fitAt(fitAt(fitAt(100)))
    const px = fit / zoom
    const drawn = drawPlan(job, { px, chosen, surveys })
    return { drawing: drawn, frame: { left: drawn.left, top: drawn.top, px } satisfies Frame }
  }, [job, chosen, surveys, width, zoom])
  const tap = useCallback(
    (mark: Mark): void => {
      if (mark.of === 'finding') onTap({ kind: 'finding', ids: mark.ids })
      else if (mark.of === 'survey') onTap({ kind: 'survey', id: mark.ids[0]! })
      else if (mark.of === 'feature') onTap({ kind: 'feature', featureId: mark.ids[0]! })
      else onTap({ kind: 'side', sideId: mark.ids[0]! })
    },
    [onTap],
  )
  const w = (drawing.right - drawing.left) / frame.px
  const h = (drawing.top - drawing.bottom) / frame.px
  return (
    <section aria-label="Plan" className="no-print relative border-b border-ink" onKeyDown={zoomed.onKeyDown}>
      <div ref={ref}>
        <div
          ref={frameRef}
          className="relative overflow-auto overscroll-contain [touch-action:pan-x_pan-y]"
          style={{ height: HIGH }}
          tabIndex={zoom > 1 ? 0 : undefined}
          role="group"
          aria-label="The house from above"
        >
          <svg
            width={w}
            height={h}
            role="group"
            aria-label="The plan: walls from above"
            className="mx-auto block"
          >
            <Marks items={drawing.items} frame={frame} chosen={chosen} onTap={tap} />
          </svg>
        </div>
      </div>
      <div className="absolute top-1 right-2 flex gap-1 max-sm:static max-sm:justify-end max-sm:px-2">
        {props.tools}
        {zoom > 1 ? (
          <Button aria-label="Whole plan" onClick={zoomed.fit}>
            fit
          </Button>
        ) : null}
        <Button aria-label="Zoom in" onClick={() => zoomed.by(1.5)}>
          +
        </Button>
      </div>
    </section>
  )
}
