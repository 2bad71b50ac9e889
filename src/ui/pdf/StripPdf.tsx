import { Path, Svg, View } from '@react-pdf/renderer'
import type { Drawing, Shape } from '../../core/house'
import { isMark, pathOf, toPixels, type Frame } from '../house/frame'
import { INKS, LABEL_INKS } from '../look/inks'
import { paintOf } from './paintOf'
import { Words } from './paper'

/** Pixels the core draws a row for. */
const ROW_PX = 760

/** Prints the same shapes as the screen; labels become text laid over the drawing. */
export function StripPdf({
  drawing,
  px: drawnAt,
  width,
  alt,
}: {
  drawing: Drawing
  px: number
  width: number
  /** What it shows, for whoever does not see it. */
  alt: string
}) {
  // Rows share one scale: the widest fills the page, and labels shrink as the row does.
  const px = (drawnAt * ROW_PX) / width
  const frame: Frame = { left: drawing.left, top: drawing.top, px }
  const height = (drawing.top - drawing.bottom) / px
  const scale = width / ROW_PX
  const shapes = drawing.items.flatMap((item): readonly Shape[] => (isMark(item) ? item.shapes : [item]))
  return (
    <View style={{ width, height, position: 'relative', marginBottom: 4 }}>
      <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} {...{ alt }}>
        {shapes.map((shape, index) => {
          if (shape.kind === 'label') return null
          const ink = INKS[shape.ink]
          const d = pathOf(
            shape.kind === 'polygon' ? [shape.points] : shape.lines,
            frame,
            shape.kind === 'polygon',
          )
          if (d === '') return null
          return (
            <Path
              key={index}
              d={d}
              {...(shape.kind === 'polygon' ? paintOf(ink.fill) : { fill: 'none' })}
              stroke={ink.stroke}
              strokeWidth={ink.width_px * scale}
              {...(ink.dash ? { strokeDasharray: ink.dash } : {})}
            />
          )
        })}
      </Svg>
      {shapes.map((shape, index) => {
        if (shape.kind !== 'label') return null
        const at = toPixels(frame, shape.at)
        const size = shape.size_px * scale
        const wide = shape.text.length * size * 0.55
        return (
          <Words
            key={index}
            tag="Artifact"
            style={{
              position: 'absolute',
              left: shape.anchor === 'end' ? at.x - wide : at.x - 1,
              top: at.y - size,
              fontFamily: 'Barlow',
              fontWeight: 600,
              fontSize: size,
              lineHeight: 1,
              color: LABEL_INKS[shape.ink].colour,
              backgroundColor: '#FBFAF6',
            }}
          >
            {shape.text}
          </Words>
        )
      })}
    </View>
  )
}
