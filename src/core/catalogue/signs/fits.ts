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

/** What a film that fails shows. */
const SHOWS_FILM: ReadonlySet<SignId> = new Set<SignId>([
  'chalk-cracks-bare-spots',
  'uniform-across-sunny-face',
  'primer-gone',
  'drops-no-longer-bead',
  'blistered-round-laps',
  'creased-film',
  'bleeding-through',
  'paint-shed-from-metal',
  'paint-shed-from-concrete',
  'peels-one-side',
  'wrinkled-film-hard-below',
])
/** What is looked for in a film that fails: where wood is gone and no film was seen to fail, there is no flake and no blister. */
const IN_FILM: ReadonlySet<SignId> = new Set<SignId>([
  'cut-blister-shows-film',
  'flake-shows-bare-wood',
  'flake-shows-old-paint',
])

/**
 * Whether a sign can be looked for in what was seen.
 *
 * @param grade how deep it goes; null where nobody looked. Of one up to the film's own depth, the film may be what fails.
 */
export function signFitsSeen(sign: SignId, grade: number | null, seen: ReadonlySet<string>): boolean {
  return !IN_FILM.has(sign) || grade === null || grade <= 1 || [...SHOWS_FILM].some((each) => seen.has(each))
}

/** Whether a sign can be looked for at a part at all: nobody asks of a deck post whether its sill is soft. */
export function signFits(sign: SignId, component: ComponentId | null): boolean {
  return component === null || !OF_OPENINGS.has(sign) || partOf(component)?.awayFromOpenings !== true
}
