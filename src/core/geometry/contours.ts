import Delaunator from 'delaunator'

/** A height over a plan; heights in whatever unit the step is in. */
export type Height = { readonly x: number; readonly y: number; readonly z: number }
type XY = readonly [x: number, y: number]
export type Contour = { readonly z: number; readonly lines: readonly (readonly [XY, XY])[] }

/**
 * Lines of equal height through scattered points: straight in each triangle of the Delaunay triangulation, as one would draw them by hand
 * between three readings.
 *
 * @param step between two lines; a multiple of it that is the height of a point itself is passed just above it
 * @returns none with fewer than three points or a flat plan
 */
export function contours(points: readonly Height[], step: number): Contour[] {
  if (points.length < 3 || step <= 0) return []
  const triangles = new Delaunator(points.flatMap(({ x, y }) => [x, y])).triangles
  const [low, high] = [Math.min(...points.map((p) => p.z)), Math.max(...points.map((p) => p.z))]
  const found: Contour[] = []
  for (let at = Math.ceil(low / step); at * step < high; at += 1) {
    // A hair above, so that a line through a corner is one line.
    const z = at * step + step * 1e-6
    const lines: [XY, XY][] = []
    for (let t = 0; t < triangles.length; t += 3) {
      const corners = [0, 1, 2].map((k) => points[triangles[t + k]!]!)
      const crossed = corners.flatMap((a, k): XY[] => {
        const b = corners[(k + 1) % 3]!
        if (a.z < z === b.z < z) return []
        const share = (z - a.z) / (b.z - a.z)
        return [[a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)]]
      })
      if (crossed.length === 2) lines.push([crossed[0]!, crossed[1]!])
    }
    if (lines.length > 0) found.push({ z: at * step, lines })
  }
  return found
}
