import { partOf } from '..'
import type { ComponentId } from '../../job'
import type { SignId } from '.'

/** How deep it goes: said by the grade of each finding and counted from it, not ticked. */
export const DEPTH_SIGNS: ReadonlySet<SignId> = new Set<SignId>(['grade-1-or-less', 'deep-or-gone'])

/** Signs of a window or door: they say nothing of a part that can be at none. */
const OF_OPENINGS: ReadonlySet<SignId> = new Set<SignId>([
  'no-metal-at-casing-top',
  'head-and-both-legs-soft',
  'stain-at-head-corners-inside',
  'metal-tucked-at-head',
  'head-hard-and-dry',
  'metal-stops-short',
  'rot-at-head-corner-only',
  'legs-soft-from-top',
  'no-end-dams',
  'metal-past-casing-with-dams',
  'middle-of-head-soft',
  'sill-and-lower-jamb-only',
  'framing-below-soft-head-dry',
  'corner-key-open',
  'nail-fin-unit-no-pan',
  'jamb-soft-above-mid',
  'hose-on-corner-dry',
  'sill-flat-or-back-sloped',
  'weeps-painted-shut',
  'sill-wet-behind-storm',
  'lower-rail-and-sill-soft',
  'weeps-open',
  'no-storm-sash',
  'sill-centre-subfloor-soft',
  'landing-flush',
  'no-pan-at-door',
  'sweep-worn',
  'only-jamb-feet-soft',
  'several-openings-same-fault',
])

/** Whether a sign can be looked for at a part at all: nobody asks of a deck post whether its sill is soft. */
export function signFits(sign: SignId, component: ComponentId | null): boolean {
  return component === null || !OF_OPENINGS.has(sign) || partOf(component)?.awayFromOpenings !== true
}
