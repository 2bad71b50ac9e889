import { scaledLength, type PictureSize } from '../../core/geometry'
import type { PictureCanvas, PictureMark } from '../../core/job'
import { formatLength } from '../../core/measure'

/** Marks drawn over a picture, in its own pixels. The picture itself stays as it was taken. */
export function MarksOnPicture(props: {
  marks: readonly PictureMark[]
  canvas: PictureCanvas | null
  size: PictureSize
  chosen?: number | null
}) {
  const { marks, canvas, size, chosen } = props
  const w = size.width_px
  const h = size.height_px
  const thick = w / 200
  const letters = w / 32
  const words = {
    fontSize: letters,
    fontWeight: 700,
    stroke: '#FBFCFC',
    strokeWidth: letters / 5,
    paintOrder: 'stroke',
  }
  return marks.map((mark, index) => {
    const wide = index === chosen ? thick * 1.8 : thick
    switch (mark.kind) {
      case 'arrow': {
        const [x1, y1, x2, y2] = [mark.from.x * w, mark.from.y * h, mark.to.x * w, mark.to.y * h]
        const turn = Math.atan2(y2 - y1, x2 - x1)
        const tip = thick * 5
        const side = (by: number): string =>
          `${x2 - tip * Math.cos(turn + by)},${y2 - tip * Math.sin(turn + by)}`
        return (
          <g key={index} stroke="#C93A1C" strokeWidth={wide} fill="#C93A1C">
            <line x1={x1} y1={y1} x2={x2} y2={y2} />
            <polygon points={`${x2},${y2} ${side(0.45)} ${side(-0.45)}`} />
          </g>
        )
      }
      case 'ring':
        return (
          <circle
            key={index}
            cx={mark.at.x * w}
            cy={mark.at.y * h}
            r={mark.radius * w}
            fill="none"
            stroke="#C93A1C"
            strokeWidth={wide}
          />
        )
      case 'text':
        return (
          <text
            key={index}
            x={mark.at.x * w}
            y={mark.at.y * h}
            fill="#17232B"
            {...words}
            className="font-head"
          >
            {mark.text}
          </text>
        )
      case 'length': {
        const length = mark.length ?? (canvas ? scaledLength(mark.from, mark.to, canvas, size) : null)
        const [x1, y1, x2, y2] = [mark.from.x * w, mark.from.y * h, mark.to.x * w, mark.to.y * h]
        return (
          <g key={index}>
            <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#1F5FAE" strokeWidth={wide} />
            <circle cx={x1} cy={y1} r={thick * 1.4} fill="#1F5FAE" />
            <circle cx={x2} cy={y2} r={thick * 1.4} fill="#1F5FAE" />
            <text
              x={(x1 + x2) / 2}
              y={(y1 + y2) / 2 - letters * 0.4}
              textAnchor="middle"
              fill="#174A90"
              {...words}
              className="font-head"
            >
              {length === null ? 'no scale' : formatLength(length)}
            </text>
          </g>
        )
      }
    }
  })
}
