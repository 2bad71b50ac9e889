import { shownBox } from '../geometry'
import type { JobDocument } from '../job'
import { box, polygon, type Drawing, type Mark, type Point, type Shape } from './drawing'
import { drawStrip } from './drawStrip'

/** Thinnest and shortest a stretch of damage is drawn, pixels. */
const DAMAGE_PX = { thick: 3, least: 5 }

/**
 * The strip folded: stations are exact and stand over the tape, heights are pressed together. It is a diagram: nothing is measured
 * or put down on it, and of the findings only their extent is left.
 *
 * @param of.px house units to a pixel along the walls
 * @param of.height_px how high the picture is to stand
 */
export function drawRibbon(
  job: JobDocument,
  of: { readonly px: number; readonly height_px: number; readonly only: readonly string[] | null },
): Drawing {
  const bare = drawStrip(
    { ...job, findings: [], scope_stretches: [] },
    { px: of.px, coverage: null, trace: null, chosen: [], only: of.only },
  )
  const high = of.height_px * of.px
  const share = high / (bare.top - bare.bottom)
  const fold = (y: number): number => (y - bare.bottom) * share
  const folded = ([x, y]: Point): Point => [x, fold(y)]
  const press = (shape: Shape): Shape[] => {
    if (shape.kind === 'label' || shape.ink === 'course') return []
    return shape.kind === 'polygon'
      ? [{ ...shape, points: shape.points.map(folded) }]
      : [{ ...shape, lines: shape.lines.map((line) => line.map(folded)) }]
  }
  const items = bare.items.flatMap((item): (Shape | Mark)[] => {
    if (item.kind !== 'mark') return press(item)
    const shapes = item.shapes.flatMap(press)
    // Sides can be pointed at; what stands on them is too flat for that.
    return item.of === 'side'
      ? [{ ...item, shapes, box: { ...item.box, bottom: fold(item.box.bottom), top: fold(item.box.top) } }]
      : shapes
  })
  const damage = job.findings.flatMap((finding): Shape[] => {
    const at = shownBox(finding, job)
    const span = bare.sides.find((each) => each.id === at?.side_id)
    if (!at || !span) return []
    const y = fold((at.bottom + at.top) / 2)
    const left = span.x + at.left
    const right = Math.max(span.x + at.right, left + DAMAGE_PX.least * of.px)
    const half = (DAMAGE_PX.thick / 2) * of.px
    return [polygon('damage-solid', box(left, y - half, right, y + half))]
  })
  return {
    left: bare.left,
    right: bare.right,
    bottom: 0,
    top: high,
    items: [...items, ...damage],
    sides: bare.sides,
  }
}
