import type { Shape } from '../../core/house'
import { INKS, LABEL_INKS } from '../look'
import { pathOf, toPixels, type Frame } from './frame'

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
