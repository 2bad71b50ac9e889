/** Offsets of a wall from a plumb line at one station, inches: positive leans in, towards the inside. Measured at three heights. */
export type PlumbStation = {
  readonly station_ft: number
  readonly foot_in: number
  readonly middle_in: number
  readonly top_in: number
}
export type WallShape = {
  readonly station_ft: number
  /** Top against foot: positive leans in at the top. */
  readonly lean_in: number
  /** Middle against the line from foot to top: positive bellies in. */
  readonly bow_in: number
  /** Foot against where it was built; known only where something marks it. */
  readonly slide_in: number | null
}

/** Shapes of a wall by station: lean, bow, and slide of its foot against a mark. */
export function wallShapes(
  stations: readonly PlumbStation[],
  built_foot_in: number | null = null,
): WallShape[] {
  return stations.map(({ station_ft, foot_in, middle_in, top_in }) => ({
    station_ft,
    lean_in: top_in - foot_in,
    bow_in: middle_in - (foot_in + top_in) / 2,
    slide_in: built_foot_in === null ? null : foot_in - built_foot_in,
  }))
}

/** From here on an engineer is advised, and from here on he goes first. Common practice. */
export const WALL_GATES = { advised: { out_in: 1, slide_in: 0.5 }, first: { out_in: 2 } } as const
export type WallGate = 'none' | 'engineer-advised' | 'engineer-first'

/** Which gate the worst station of a wall meets. */
export function wallGate(shapes: readonly WallShape[]): WallGate {
  const out = Math.max(0, ...shapes.flatMap(({ lean_in, bow_in }) => [Math.abs(lean_in), Math.abs(bow_in)]))
  const slide = Math.max(0, ...shapes.map(({ slide_in }) => Math.abs(slide_in ?? 0)))
  if (out >= WALL_GATES.first.out_in) return 'engineer-first'
  return out >= WALL_GATES.advised.out_in || slide >= WALL_GATES.advised.slide_in
    ? 'engineer-advised'
    : 'none'
}
