import type { House } from '../job'

/**
 * The federal lead renovation rule, as the thresholds we hold against it.
 *
 * Source: 40 CFR 745.82 and 745.83 (housing built before 1978; minor repair at most 6 ft² a room inside or 20 ft² outside,
 * never for window replacement, demolition or a prohibited practice), from memory. State rules may be stricter; local code governs.
 */
export const LEAD_RULE = {
  built_before: 1978,
  inside_ft2_per_room: 6,
  outside_ft2: 20,
  source: '40 CFR 745.82, .83',
} as const

export type LeadVerdict =
  | { readonly kind: 'not-old' }
  | { readonly kind: 'old-but-minor' }
  | {
      readonly kind: 'applies'
      readonly because: 'area-outside' | 'area-inside' | 'window-replaced' | 'prohibited-method'
    }

/** Whether paint must be taken for lead paint: built before 1978, or year unknown. Unknown counts as old. */
export function isLeadPresumed(year: House['year_built'] | null): boolean {
  return year === null || year.kind === 'unknown' || year.year < LEAD_RULE.built_before
}

/**
 * Whether work comes under the lead rule.
 *
 * Ends: exactly 20 ft² outside (6 ft² in a room) is still minor; more is not.
 *
 * @example
 * leadRule({ year: { kind: 'known', year: 1978 }, outside_ft2: 500, inside_ft2: 0, windowReplaced: true, prohibitedMethod: false }) // => { kind: 'not-old' }
 * leadRule({ year: { kind: 'unknown' }, outside_ft2: 21, inside_ft2: 0, windowReplaced: false, prohibitedMethod: false }) // => { kind: 'applies', because: 'area-outside' }
 */
export function leadRule(of: {
  year: House['year_built'] | null
  outside_ft2: number
  inside_ft2: number
  windowReplaced: boolean
  prohibitedMethod: boolean
}): LeadVerdict {
  if (!isLeadPresumed(of.year)) return { kind: 'not-old' }
  if (of.windowReplaced) return { kind: 'applies', because: 'window-replaced' }
  if (of.prohibitedMethod) return { kind: 'applies', because: 'prohibited-method' }
  if (of.outside_ft2 > LEAD_RULE.outside_ft2) return { kind: 'applies', because: 'area-outside' }
  if (of.inside_ft2 > LEAD_RULE.inside_ft2_per_room) return { kind: 'applies', because: 'area-inside' }
  return { kind: 'old-but-minor' }
}
