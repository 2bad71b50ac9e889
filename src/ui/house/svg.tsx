import type { Mark, Point, Shape } from '../../core/house'
import { INKS, LABEL_INKS } from '../look'

/** From house units, y up, to pixels, y down. */
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

/** Prints one shape. It computes nothing but the frame. */
export function ShapeSvg({ shape, frame }: { shape: Shape; frame: Frame }) {
  if (shape.kind === 'label') {
    const ink = LABEL_INKS[shape.ink]
    const at = toPixels(frame, shape.at)
    const width = shape.text.length * shape.size_px * 0.52 + 5
    const start =
      shape.anchor === 'end' ? at.x - width + 2 : shape.anchor === 'middle' ? at.x - width / 2 : at.x - 2.5
    return (
      <>
        {ink.plate ? (
          <rect
            x={start}
            y={at.y - shape.size_px * 0.86}
            width={width}
            height={shape.size_px * 1.1}
            fill={ink.plate}
          />
        ) : null}
        <text
          x={at.x}
          y={at.y}
          fill={ink.colour}
          fontSize={shape.size_px}
          fontWeight={600}
          textAnchor={shape.anchor}
          className="font-head select-none"
        >
          {shape.text}
        </text>
      </>
    )
  }
  const ink = INKS[shape.ink]
  const lines = shape.kind === 'polygon' ? [shape.points] : shape.lines
  return (
    <path
      d={pathOf(lines, frame, shape.kind === 'polygon')}
      fill={shape.kind === 'polygon' ? ink.fill : 'none'}
      stroke={ink.stroke}
      strokeWidth={ink.width_px}
      strokeDasharray={ink.dash}
      strokeLinejoin="round"
    />
  )
}

export function isMark(item: Shape | Mark): item is Mark {
  return item.kind === 'mark'
}
