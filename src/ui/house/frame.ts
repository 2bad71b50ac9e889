import type { Mark, Point, Shape } from '../../core/house'

/** From house units, y up, to pixels, y down. Shared by the printers of screen and paper. */
export type Frame = { readonly left: number; readonly top: number; readonly px: number }

const x = (frame: Frame, value: number): number => Math.round(((value - frame.left) / frame.px) * 10) / 10
const y = (frame: Frame, value: number): number => Math.round(((frame.top - value) / frame.px) * 10) / 10

export function toPixels(frame: Frame, [px, py]: Point): { x: number; y: number } {
  return { x: x(frame, px), y: y(frame, py) }
}

/** The `d` of separate strokes, or of one closed outline. */
export function pathOf(lines: readonly (readonly Point[])[], frame: Frame, closed: boolean): string {
  return lines
    .map(
      (points) =>
        `M${points.map((p) => `${x(frame, p[0])} ${y(frame, p[1])}`).join('L')}${closed ? 'Z' : ''}`,
    )
    .join('')
}

export function isMark(item: Shape | Mark): item is Mark {
  return item.kind === 'mark'
}
