import { Path, Svg, Text, View } from '@react-pdf/renderer'
import type { PictureMark } from '../../core/job'
import { formatLength } from '../../core/measure'

type Drawn = { readonly width_px: number; readonly height_px: number; readonly marks: readonly PictureMark[] }

/** A mark's strokes as one path, in points of the page. */
function pathOfMark(mark: PictureMark, w: number, h: number): string {
  switch (mark.kind) {
    case 'ring': {
      const [x, y, r] = [mark.at.x * w, mark.at.y * h, mark.radius * w]
      return `M${x - r} ${y}A${r} ${r} 0 1 0 ${x + r} ${y}A${r} ${r} 0 1 0 ${x - r} ${y}Z`
    }
    case 'text':
      return ''
    case 'length':
    case 'arrow': {
      const [x1, y1, x2, y2] = [mark.from.x * w, mark.from.y * h, mark.to.x * w, mark.to.y * h]
      const line = `M${x1} ${y1}L${x2} ${y2}`
      if (mark.kind === 'length') return line
      const turn = Math.atan2(y2 - y1, x2 - x1)
      const wing = (by: number): string =>
        `M${x2} ${y2}L${x2 - 6 * Math.cos(turn + by)} ${y2 - 6 * Math.sin(turn + by)}`
      return `${line}${wing(0.45)}${wing(-0.45)}`
    }
  }
}

/** Words that belong to a mark, and where they stand. */
function wordsOfMark(mark: PictureMark, w: number, h: number): { text: string; x: number; y: number } | null {
  if (mark.kind === 'text') return { text: mark.text, x: mark.at.x * w, y: mark.at.y * h }
  if (mark.kind !== 'length' || mark.length === null) return null
  return {
    text: formatLength(mark.length),
    x: ((mark.from.x + mark.to.x) / 2) * w,
    y: ((mark.from.y + mark.to.y) / 2) * h,
  }
}

/** What was drawn over a picture, laid over it on paper as on the screen. */
export function MarksPdf({ drawn, width }: { drawn: Drawn; width: number }) {
  const height = (width * drawn.height_px) / drawn.width_px
  return (
    <View style={{ position: 'absolute', left: 0, top: 0, width, height }}>
      <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
        {drawn.marks.map((mark, index) => {
          const d = pathOfMark(mark, width, height)
          if (d === '') return null
          return (
            <Path
              key={index}
              d={d}
              fill="none"
              stroke={mark.kind === 'length' ? '#1F5FAE' : '#C93A1C'}
              strokeWidth={1.2}
            />
          )
        })}
      </Svg>
      {drawn.marks.map((mark, index) => {
        const words = wordsOfMark(mark, width, height)
        if (!words) return null
        return (
          <Text
            key={index}
            style={{
              position: 'absolute',
              left: words.x,
              top: words.y - 7,
              fontFamily: 'Barlow',
              fontWeight: 600,
              fontSize: 7,
              lineHeight: 1,
              color: mark.kind === 'length' ? '#174A90' : '#17232B',
              backgroundColor: '#FBFAF6',
            }}
          >
            {words.text}
          </Text>
        )
      })}
    </View>
  )
}
