import { GOVERNS, type Computed } from './computed'

/** What is set out along a wall. Spacings and distances are what is usual, for a price; the maker and the engineer say what is built. */
export const LAYOUTS = {
  anchors: { name: 'Wall anchors', spacing_ft: 5.5, out_ft: 12.5, past_paving_ft: 2 },
  straps: { name: 'Straps', spacing_ft: 6, out_ft: null, past_paving_ft: null },
  braces: { name: 'Braces', spacing_ft: 5, out_ft: null, past_paving_ft: null },
  piers: { name: 'Piers', spacing_ft: 6.5, out_ft: null, past_paving_ft: null },
} as const
export type LayoutKind = keyof typeof LAYOUTS

/**
 * Anchors, straps, braces or piers along a stretch of wall, evenly, no further apart than asked and half a spacing off the ends.
 *
 * @param of.to_line_ft from the wall to the property line; null: not measured
 */
export function layOut(of: {
  readonly what: LayoutKind
  readonly from_ft: number
  readonly to_ft: number
  readonly spacing_ft: number | null
  readonly paving_ft: number | null
  readonly to_line_ft: number | null
}): Computed<{
  readonly stations_ft: readonly number[]
  readonly out_ft: number | null
  readonly fits: boolean | null
}> {
  const usual = LAYOUTS[of.what]
  const spacing = of.spacing_ft ?? usual.spacing_ft
  const run = Math.max(0, of.to_ft - of.from_ft)
  const count = run <= 0 || spacing <= 0 ? 0 : Math.max(1, Math.ceil(run / spacing - 1e-9))
  const stations = Array.from({ length: count }, (_, index) => of.from_ft + ((index + 0.5) * run) / count)
  const out =
    usual.out_ft === null
      ? null
      : Math.max(usual.out_ft, of.paving_ft === null ? 0 : of.paving_ft + usual.past_paving_ft)
  const fits = out === null || of.to_line_ft === null ? null : out <= of.to_line_ft + 1e-9
  return {
    inputs: [
      { label: 'Stretch', value: `${of.from_ft} to ${of.to_ft} ft` },
      { label: 'At the most apart', value: `${spacing} ft${of.spacing_ft === null ? ', as is usual' : ''}` },
      ...(of.paving_ft === null ? [] : [{ label: 'Paving, from the wall', value: `${of.paving_ft} ft` }]),
      ...(of.to_line_ft === null ? [] : [{ label: 'To the property line', value: `${of.to_line_ft} ft` }]),
    ],
    formula: 'count = stretch ÷ spacing, rounded up; first and last half a space off the ends',
    result: { stations_ft: stations, out_ft: out, fits },
    says: [
      count === 0
        ? 'No stretch yet.'
        : `${count} ${usual.name.toLowerCase()} at ${stations.map((each) => `${+each.toFixed(1)} ft`).join(', ')}.`,
      out === null ? '' : `Plates ${out} ft out${of.paving_ft === null ? '' : ', beyond the paving'}.`,
      fits === false ? 'That lies over the property line: another way, or the neighbour’s leave.' : '',
      out !== null && of.to_line_ft === null ? 'Measure to the property line.' : '',
    ]
      .filter(Boolean)
      .join(' '),
    limit: null,
    source: 'usual spacings and distances: common practice',
    notes: [
      'For a price only: the maker of the system and the engineer say how many and where. Call before digging: pipes and cables.',
      GOVERNS,
    ],
  }
}
