import type { JobDocument, Side } from '../job'
import { formatLength, type Length } from '../measure'
import { drawnLength, featureBox } from './walls'

/** Something that stands out from the wall and hides what is above it. */
type Screen = {
  readonly name: string
  readonly left: number
  readonly right: number
  readonly depth: number
  readonly edge: number
}

export type SightLine = {
  /** Share of the band that can be seen at all, by area, 0 to 1. */
  readonly visible: number
  /** How steeply one looks at its top, degrees from square on. */
  readonly steepest_deg: number
  readonly words: string
}

/** Looking more slantwise than this, a board shows less than half its face. cos 60° = ½. */
const SLANT_DEG = 60

function screensOf(side: Side, job: JobDocument): Screen[] {
  return job.features
    .filter((feature) => feature.side_id === side.id)
    .flatMap((feature): Screen[] => {
      const box = featureBox(feature, job)
      const name = `${feature.kind.replaceAll('-', ' ')} ${side.letter}${feature.number}`
      const { left, right } = box
      switch (feature.kind) {
        case 'small-roof':
          return [{ name, left, right, depth: feature.depth, edge: box.bottom }]
        case 'porch':
          return [{ name, left, right, depth: feature.depth, edge: box.top }]
        case 'bay':
          return [{ name, left, right, depth: feature.depth, edge: box.top }]
        default:
          return []
      }
    })
}

/** Lowest height of the wall that shows over the edge of a screen, from an eye at a distance. */
function showsFrom(screen: Screen, stood: { from_wall: number; eye: number }): number {
  if (stood.from_wall <= screen.depth) return Number.POSITIVE_INFINITY
  const slope = (screen.edge - stood.eye) / (stood.from_wall - screen.depth)
  return screen.edge + slope * screen.depth
}

/**
 * What of a band of a wall is seen from where one stood, straight out from it: roofs and bays in front hide what is right above
 * them.
 *
 * Units: 64ths of an inch; heights above the ground one stands on.
 * Ends: standing under a screen, nothing above it is seen.
 * Source: plane geometry, similar triangles. The slant beyond which a look counts for little is our judgement.
 */
export function sightLine(
  side: Side,
  band: { readonly bottom: number; readonly top: number },
  stood: { readonly from_wall: Length; readonly eye: Length },
  job: JobDocument,
): SightLine {
  const length = drawnLength(side, job)
  const high = Math.max(1, band.top - band.bottom)
  const hidden = screensOf(side, job).map((screen) => {
    const from = Math.min(band.top, Math.max(band.bottom, screen.edge))
    const to = Math.min(band.top, Math.max(from, showsFrom(screen, stood)))
    const wide = Math.max(0, Math.min(length, screen.right) - Math.max(0, screen.left))
    return { screen, tall: to - from, area: (to - from) * wide }
  })
  const covered = hidden.filter((each) => each.area > 0)
  const visible = Math.max(0, 1 - covered.reduce((sum, each) => sum + each.area, 0) / (high * length))
  const steepest_deg =
    (Math.atan2(Math.abs(band.top - stood.eye), Math.max(1, stood.from_wall)) * 180) / Math.PI
  const words = [
    `From ${formatLength(stood.from_wall)} off`,
    covered.length === 0
      ? 'nothing in front hides it'
      : covered
          .map(
            ({ screen, tall }) =>
              `${formatLength(Math.round(tall) as Length)} above the ${screen.name} hidden`,
          )
          .join(', '),
    steepest_deg > SLANT_DEG
      ? `looked up at ${steepest_deg.toFixed(0)}°: less than half its face shows, count it as not seen close`
      : `looked up at ${steepest_deg.toFixed(0)}°`,
  ].join('; ')
  return { visible, steepest_deg, words: `${words}.` }
}
