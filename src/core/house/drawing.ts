/**
 * A drawing as a list of shapes in house coordinates: x along the strip, y up from the ground, in 64ths of an inch.
 * SVG and PDF are thin printers of the same list; neither computes anything about the house.
 */
export type Point = readonly [x: number, y: number]

/** What a shape is, not what colour it has. */
export type Ink =
  | 'ground'
  | 'foundation'
  | 'wall'
  | 'masonry'
  | 'course'
  | 'roof'
  | 'trim'
  | 'glass'
  | 'door'
  | 'skirt'
  | 'screen'
  | 'outline'
  | 'gutter'
  | 'gutter-line'
  | 'hidden'
  | 'scope-out'
  | 'scope-apart'
  | 'scope-line'
  | 'plan-floor'
  | 'deck'
  | 'not-seen'
  | 'damage'
  | 'damage-fill'
  | 'damage-solid'
  | 'sound'
  | 'awl'
  | 'awl-fill'
  | 'awl-untouched'
  | 'water'
  | 'water-path'
  | 'open-end'
  | 'level'
  | 'level-line'
  | 'contour'
  | 'day-done'
  | 'day-shown'
  | 'day-later'
  | 'tape'
  | 'tape-tick'
  | 'tape-foot'

export type LabelInk =
  'damage-text' | 'water-text' | 'tape-text' | 'ink-text' | 'chosen-text' | 'scope-text' | 'sound-text'

export type Shape =
  | { readonly kind: 'polygon'; readonly ink: Ink; readonly points: readonly Point[] }
  /** Separate strokes of one ink, kept together so that a wall of courses is one path. */
  | { readonly kind: 'strokes'; readonly ink: Ink; readonly lines: readonly (readonly Point[])[] }
  | {
      readonly kind: 'label'
      readonly ink: LabelInk
      readonly at: Point
      readonly text: string
      /** Height of the letters in screen pixels: labels do not grow with the house. */
      readonly size_px: number
      readonly anchor: 'start' | 'middle' | 'end'
    }

/** Shapes that belong to one thing and can be pointed at. */
export type Mark = {
  readonly kind: 'mark'
  readonly of: 'side' | 'feature' | 'finding' | 'source' | 'stretch' | 'survey' | 'piece'
  /** One id, or several when findings that would overlap were gathered. */
  readonly ids: readonly string[]
  /** Said by a screen reader. */
  readonly name: string
  readonly shapes: readonly Shape[]
  /** A line or a row of marks too thin for a finger: taken anywhere in its box, as findings and pieces are. */
  readonly thin?: true
  /** Area to point at. */
  readonly box: {
    readonly left: number
    readonly right: number
    readonly bottom: number
    readonly top: number
  }
}

export type SideSpan = {
  readonly id: string
  readonly letter: string
  readonly facing: string
  readonly x: number
  readonly length: number
  /** Not measured: the end is open. */
  readonly open: boolean
}

export type Drawing = {
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  readonly items: readonly (Shape | Mark)[]
  readonly sides: readonly SideSpan[]
}

export const polygon = (ink: Ink, points: readonly Point[]): Shape => ({ kind: 'polygon', ink, points })
export const strokes = (ink: Ink, lines: readonly (readonly Point[])[]): Shape => ({
  kind: 'strokes',
  ink,
  lines,
})

export function box(left: number, bottom: number, right: number, top: number): Point[] {
  return [
    [left, bottom],
    [right, bottom],
    [right, top],
    [left, top],
  ]
}

/**
 * Hatching of a simple polygon, already clipped to it: slanted strokes a given distance apart.
 *
 * Units: distances as the points. Ends: a polygon without area gives no stroke.
 */
export function hatch(points: readonly Point[], spacing: number): Point[][] {
  // Along u = x + y every stroke of a 45° hatch is a constant; crossings of the outline pair up from left to right.
  const us = points.map(([x, y]) => x + y)
  const low = Math.min(...us)
  const high = Math.max(...us)
  const strokes: Point[][] = []
  for (let u = Math.ceil(low / spacing) * spacing; u < high; u += spacing) {
    const crossings: Point[] = []
    points.forEach((from, index) => {
      const to = points[(index + 1) % points.length]!
      const a = from[0] + from[1] - u
      const b = to[0] + to[1] - u
      if (a < 0 === b < 0) return
      const t = a / (a - b)
      crossings.push([from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])])
    })
    crossings.sort((p, q) => p[0] - q[0])
    for (let i = 0; i + 1 < crossings.length; i += 2) strokes.push([crossings[i]!, crossings[i + 1]!])
  }
  return strokes
}
