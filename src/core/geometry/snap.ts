import { FEATURE_WORDS, type JobDocument, type Side } from '../job'
import { inches, type Length } from '../measure'
import { foundationTop, wallTop } from './heights'
import { casingOf, drawnLength, featureBox } from './walls'

/** What a dragged edge caught on; `inch` when nothing nearer was there. */
export type Caught = 'corner' | 'opening' | 'stud' | 'course' | 'line' | 'inch'
export type Snap = { readonly value: Length; readonly caught: Caught; readonly name: string }

/** Studs at 16 in from the left corner: common practice, and a help for drawing only. Nobody found them. */
const STUDS = inches(16)
/** A course of lap siding as the strip draws it; the true exposure is taped. */
const COURSE = inches(8)

type Line = { readonly at: number; readonly caught: Caught; readonly name: string; readonly rank: number }

function nearest(value: number, lines: readonly Line[], within: number): Line | null {
  return lines
    .filter((line) => Math.abs(line.at - value) <= within)
    .reduce<Line | null>((best, line) => {
      if (!best || line.rank < best.rank) return line
      if (line.rank > best.rank) return best
      return Math.abs(line.at - value) < Math.abs(best.at - value) ? line : best
    }, null)
}

function toInch(value: number): Length {
  return (Math.round(value / 64) * 64) as Length
}

/**
 * A station pulled to what is near it: a corner first, then the edge of an opening or of its casing, then a stud; else a whole inch.
 *
 * Units: 64ths; `within` is how near counts, in the same.
 * Ends: kept on the side. Ties: the stronger kind wins, then the nearer.
 */
export function snapStation(
  value: number,
  side: Side,
  job: JobDocument,
  of: { readonly within: number; readonly except: string | null },
): Snap {
  const length = drawnLength(side, job)
  const openings = job.features
    .filter((feature) => feature.side_id === side.id && feature.id !== of.except)
    .flatMap((feature): Line[] => {
      const box = featureBox(feature, job)
      const casing = casingOf(feature)
      const name = `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}`
      const edges = [box.left, box.right, ...(casing > 0 ? [box.left - casing, box.right + casing] : [])]
      return edges.map((at) => ({ at, caught: 'opening', name, rank: 1 }))
    })
  // Drawn past a corner is drawn to the corner.
  const reached = Math.max(0, side.length === null ? value : Math.min(value, length))
  const stud = Math.round(reached / STUDS) * STUDS
  const lines: Line[] = [
    { at: 0, caught: 'corner', name: 'left corner', rank: 0 },
    ...(side.length === null
      ? []
      : [{ at: length, caught: 'corner' as const, name: 'right corner', rank: 0 }]),
    ...openings,
    { at: stud, caught: 'stud', name: 'stud at 16 in', rank: 2 },
  ]
  const found = nearest(reached, lines, of.within)
  const at = found?.at ?? toInch(reached)
  const held = Math.max(0, side.length === null ? at : Math.min(at, length)) as Length
  return found && held === found.at
    ? { value: held, caught: found.caught, name: found.name }
    : { value: held, caught: 'inch', name: '' }
}

/** A height above the house's zero pulled to the wall's lines, to openings, then to a course; else a whole inch. */
export function snapHeight(
  value: number,
  side: Side,
  job: JobDocument,
  of: { readonly within: number; readonly except: string | null },
): Snap {
  const foot = foundationTop(job.house, side)
  const course = foot + Math.round((value - foot) / COURSE) * COURSE
  const lines: Line[] = [
    { at: foot, caught: 'line', name: 'top of the foundation', rank: 0 },
    { at: wallTop(side, job.house), caught: 'line', name: 'top of the wall', rank: 0 },
    ...job.features
      .filter((feature) => feature.side_id === side.id && feature.id !== of.except)
      .flatMap((feature): Line[] => {
        const box = featureBox(feature, job)
        const name = `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}`
        return [box.bottom, box.top].map((at) => ({ at, caught: 'opening', name, rank: 1 }))
      }),
    { at: course, caught: 'course', name: 'course of siding', rank: 2 },
  ]
  const found = nearest(value, lines, of.within)
  return found
    ? { value: found.at as Length, caught: found.caught, name: found.name }
    : { value: toInch(value), caught: 'inch', name: '' }
}
