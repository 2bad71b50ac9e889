import { GOVERNS, type Computed } from './computed'

/**
 * Net free area of crawl space vents. One to 150 of the floor; one to 1,500 where a sealed cover lies over the ground and openings stand
 * across from one another. International Residential Code R408, from memory.
 */
export function crawlVents(of: {
  readonly floor_ft2: number
  readonly covered: boolean
  readonly across: boolean
  /** What is there, free of screens and louvres; null: not measured. */
  readonly there_in2: number | null
}): Computed<{ readonly least_in2: number; readonly short_in2: number | null }> {
  const { floor_ft2, covered, across, there_in2 } = of
  const share = covered && across ? 1500 : 150
  const least = (floor_ft2 / share) * 144
  const short = there_in2 === null ? null : Math.max(0, least - there_in2)
  return {
    inputs: [
      { label: 'Floor', value: `${floor_ft2} ft²` },
      { label: 'Ground', value: covered ? 'covered, laps sealed' : 'no sealed cover' },
      { label: 'Openings', value: across ? 'across from one another' : 'not across' },
      ...(there_in2 === null ? [] : [{ label: 'There now', value: `${there_in2} in² free` }]),
    ],
    formula: `floor ÷ ${share} × 144`,
    result: { least_in2: least, short_in2: short },
    says: `${Math.round(least)} in² net free${short === null ? '' : short > 0 ? `: ${Math.round(short)} in² short` : ': there is that much'}.`,
    limit: `1 to ${share}`,
    source: 'International Residential Code R408.1 and R408.2, from memory',
    notes: [
      GOVERNS,
      ...(covered && !across ? ['The small share wants openings across from one another.'] : []),
    ],
  }
}

/** Ground cover with its laps and what runs up the walls, square feet to buy. R408.3: laps 6 in, 6 in up the wall, from memory. */
export function groundCover_ft2(of: {
  readonly floor_ft2: number
  readonly around_ft: number
  readonly roll_ft: number
}): number {
  const laps = of.floor_ft2 * (0.5 / (of.roll_ft - 0.5))
  return of.floor_ft2 + laps + of.around_ft * 0.5
}

/**
 * Net free area of attic vents: one to 150; one to 300 where 40 to 50 of a hundred stand in the upper part and the other conditions of
 * the code are met. International Residential Code R806.2, from memory.
 */
export function atticVents(of: {
  readonly attic_ft2: number
  readonly balanced: boolean
  readonly there_in2: number | null
}): Computed<{ readonly least_in2: number; readonly short_in2: number | null }> {
  const { attic_ft2, balanced, there_in2 } = of
  const share = balanced ? 300 : 150
  const least = (attic_ft2 / share) * 144
  const short = there_in2 === null ? null : Math.max(0, least - there_in2)
  return {
    inputs: [
      { label: 'Attic', value: `${attic_ft2} ft²` },
      { label: 'Upper part', value: balanced ? '40 to 50 of a hundred of it' : 'not balanced' },
      ...(there_in2 === null ? [] : [{ label: 'There now', value: `${there_in2} in² free` }]),
    ],
    formula: `attic ÷ ${share} × 144`,
    result: { least_in2: least, short_in2: short },
    says: `${Math.round(least)} in² net free${short === null ? '' : short > 0 ? `: ${Math.round(short)} in² short` : ': there is that much'}.`,
    limit: `1 to ${share}`,
    source: 'International Residential Code R806.2, from memory',
    notes: [GOVERNS, 'Vents that are changed keep at least the free area they had.'],
  }
}
