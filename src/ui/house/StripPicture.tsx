import { drawTape, TAPE_PX, type Drawing } from '../../core/house'
import { isMark, type Frame } from './frame'
import { ShapeSvg } from './svg'

/** The strip as a picture that scales with the page, for a bid. Its numbers stay readable where it is drawn wide. */
export function StripPicture({ drawing, px }: { drawing: Drawing; px: number }) {
  const frame: Frame = { left: drawing.left, top: drawing.top, px }
  const width = (drawing.right - drawing.left) / px
  const height = (drawing.top - drawing.bottom) / px
  const tape = drawTape(drawing.sides, { left: drawing.left, right: drawing.right, px })
  const findings = drawing.items.filter((item) => isMark(item) && item.of === 'finding')
  return (
    <svg
      viewBox={`0 0 ${width.toFixed(0)} ${(height + TAPE_PX).toFixed(0)}`}
      role="img"
      aria-label={`Walls ${drawing.sides.map((side) => side.facing).join(', ')}, ${findings.length} places marked: ${findings.map((mark) => (isMark(mark) ? mark.name : '')).join('. ')}`}
      className="block h-auto w-full min-w-[560px]"
    >
      {drawing.items
        .flatMap((item) => (isMark(item) ? item.shapes : [item]))
        .map((shape, index) => (
          <ShapeSvg key={index} shape={shape} frame={frame} />
        ))}
      {tape.map((shape, index) => (
        <ShapeSvg
          key={index}
          shape={shape}
          frame={{ left: drawing.left, top: (height + TAPE_PX) * px, px }}
        />
      ))}
    </svg>
  )
}
