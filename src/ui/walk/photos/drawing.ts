import { onWall } from '../../../core/geometry'
import type { EntityOf, PictureCanvas, PictureMark, PicturePoint } from '../../../core/job'
import type { Length } from '../../../core/measure'

/** What a tap or a stroke on a picture draws, and what one is told of it. */
export const TOOLS = {
  finding: { name: 'Finding', hint: 'Tap where it is soft. With a scale it stands on the strip at once.' },
  arrow: { name: 'Arrow', hint: 'Draw from the tail to the tip, or tap both.' },
  ring: { name: 'Ring', hint: 'Draw from the middle outwards, or tap both.' },
  text: { name: 'Text', hint: 'Type the words, then tap where they stand.' },
  length: { name: 'Length', hint: 'Draw along it, or tap both ends.' },
  scale: { name: 'Scale', hint: 'Tap both ends of something you know: a door is 80 in.' },
  outline: {
    name: 'Outline',
    hint: 'Tap its corners in order, then finish. It becomes a free outline on the side.',
  },
} as const
export type Tool = keyof typeof TOOLS

/** Tools that want two points: a stroke, or two taps. */
const PAIRS: ReadonlySet<Tool> = new Set<Tool>(['arrow', 'ring', 'length', 'scale'])
/** Points nearer than this, as a share of the width, are one tap. */
const TAP = 0.012

/** A drawing under way: nothing of it is kept before it is made. */
export type Drawing = {
  readonly tool: Tool
  /** First of two points. */
  readonly from: PicturePoint | null
  /** Where the pointer is. */
  readonly at: PicturePoint | null
  readonly corners: readonly PicturePoint[]
}

/** What a press, a stroke or a tap came to. */
export type Made =
  | { readonly kind: 'pair'; readonly tool: Tool; readonly from: PicturePoint; readonly to: PicturePoint }
  | { readonly kind: 'tap'; readonly tool: Tool; readonly at: PicturePoint }

export function beginWith(tool: Tool): Drawing {
  return { tool, from: null, at: null, corners: [] }
}

const apart = (a: PicturePoint, b: PicturePoint): number => Math.hypot(a.x - b.x, a.y - b.y)

export function pressed(drawing: Drawing, point: PicturePoint): Drawing {
  const first = PAIRS.has(drawing.tool) && drawing.from === null
  return { ...drawing, from: first ? point : drawing.from, at: point }
}

export function moved(drawing: Drawing, point: PicturePoint): Drawing {
  return drawing.from ? { ...drawing, at: point } : drawing
}

/** The pointer let go: the end of a stroke, the second of two taps, or a tap by itself. */
export function released(drawing: Drawing, point: PicturePoint): { drawing: Drawing; made: Made | null } {
  const { tool, from } = drawing
  if (!PAIRS.has(tool)) {
    const corners = tool === 'outline' ? [...drawing.corners, point] : drawing.corners
    return { drawing: { ...drawing, corners }, made: { kind: 'tap', tool, at: point } }
  }
  if (from === null || apart(from, point) <= TAP) return { drawing, made: null }
  return { drawing: { ...drawing, from: null, at: null }, made: { kind: 'pair', tool, from, to: point } }
}

/** The mark that two points make; null where they make none, as for a scale. */
export function markOf(made: Extract<Made, { kind: 'pair' }>): PictureMark | null {
  const { tool, from, to } = made
  if (tool === 'arrow') return { kind: 'arrow', from, to }
  if (tool === 'length') return { kind: 'length', from, to, length: null }
  if (tool === 'ring') return { kind: 'ring', at: from, radius: Math.max(0.01, Math.min(1, apart(from, to))) }
  return null
}

/** A mark moved by a share of the picture; it stays on it. */
export function shifted(mark: PictureMark, dx: number, dy: number): PictureMark {
  const within = (value: number): number => Math.min(1, Math.max(0, value))
  const move = (point: PicturePoint): PicturePoint => ({ x: within(point.x + dx), y: within(point.y + dy) })
  return mark.kind === 'ring' || mark.kind === 'text'
    ? { ...mark, at: move(mark.at) }
    : { ...mark, from: move(mark.from), to: move(mark.to) }
}

/** How far an arrow key moves a mark, and in which direction; null for another key. */
export function keyShift(key: string, large: boolean): readonly [dx: number, dy: number] | null {
  const step = large ? 0.05 : 0.01
  const by: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-step, 0],
    ArrowRight: [step, 0],
    ArrowUp: [0, -step],
    ArrowDown: [0, step],
  }
  return by[key] ?? null
}

/** A free outline on a side from corners on its picture; null while there are fewer than three on the wall. */
export function outlineFrom(
  corners: readonly PicturePoint[],
  of: {
    readonly canvas: PictureCanvas
    readonly size: { readonly width_px: number; readonly height_px: number }
    readonly id: string
    readonly number: number
    readonly what: string
  },
): Extract<EntityOf['feature'], { kind: 'outline' }> | null {
  const points = corners.flatMap((corner) => {
    const wall = onWall(corner, of.canvas, of.size)
    return wall ? [{ station: Math.max(0, wall.station) as Length, height: wall.height }] : []
  })
  if (points.length < 3) return null
  const stations = points.map((point) => point.station)
  const left = Math.min(...stations) as Length
  return {
    id: of.id,
    size_how: 'scaled',
    removed: false,
    kind: 'outline',
    side_id: of.canvas.side_id,
    number: of.number,
    station: left,
    width: (Math.max(...stations) - left) as Length,
    what: of.what.trim() || 'outline',
    points,
  }
}
