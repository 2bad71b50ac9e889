import { featureBox, findingBox, type Drag, type Grip, type WallBox } from '../../../core/geometry'
import type { Feature, Finding, Side } from '../../../core/job'
import { feet, inches, type Length } from '../../../core/measure'

/** How near an edge must come to catch, pixels of the screen. */
export const CATCH_PX = 8
export const STILL: Drag = { grip: 'whole', along: 0, up: 0 }

/** What is held on the strip: something that stands on the wall, or a finding. */
export type Thing = { readonly feature: Feature } | { readonly finding: Finding }

export function nameOf(thing: Thing, side: Side): string {
  if ('finding' in thing) return `finding ${thing.finding.number ?? 'new'}`
  return `${thing.feature.kind.replaceAll('-', ' ')} ${side.letter}${thing.feature.number}`
}

/** Where it lies with some of its fields changed. */
export function boxAfter(
  thing: Thing,
  fields: object,
  job: Parameters<typeof featureBox>[1] & Parameters<typeof findingBox>[1],
): WallBox {
  if ('feature' in thing) return featureBox({ ...thing.feature, ...fields }, job)
  return findingBox({ ...thing.finding, ...fields }, job)!
}

/**
 * The drag that a key stands for: an arrow moves the whole by an inch, with Shift by a foot; with Alt it moves the right or the
 * upper edge. Null for any other key.
 */
export function keyDrag(key: string, held: { readonly shift: boolean; readonly alt: boolean }): Drag | null {
  const step = held.shift ? feet(1) : inches(1)
  const grip = (edge: Grip): Grip => (held.alt ? edge : 'whole')
  switch (key) {
    case 'ArrowRight':
      return { grip: grip('right'), along: step, up: 0 }
    case 'ArrowLeft':
      return { grip: grip('right'), along: -1 * step, up: 0 }
    case 'ArrowUp':
      return { grip: grip('top'), along: 0, up: step }
    case 'ArrowDown':
      return { grip: grip('top'), along: 0, up: -1 * step }
    default:
      return null
  }
}

/** The stretch of a wall between two stations, either way round; a tap, or next to nothing, is the whole side. */
export function stretchBetween(
  a: Length,
  b: Length,
  of: { readonly length: Length; readonly tap: boolean },
): { from: Length; to: Length } {
  const [from, to] = a < b ? [a, b] : [b, a]
  const whole = of.tap || to - from < inches(3)
  return whole ? { from: 0 as Length, to: of.length } : { from, to }
}
