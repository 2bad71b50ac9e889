import type { SignId } from '../../src/core/trace'

/** Who walks the house. What he overlooks is the same for all: it lies in the chances of each sign. */
export type Walker = {
  readonly name: string
  /** How often he writes down what is not there, beside the ordinary walker: 1 as often, 0 never. */
  readonly slips: number
  /** How often he says *not there* of a fault he looked for and did not see, 0 to 1. */
  readonly saysAbsent: number
}

/** Writes down what he sees, now and then what is not there, and nothing of what he looked for in vain. */
export const ORDINARY: Walker = { name: 'ordinary', slips: 1, saysAbsent: 0 }
/** The same, but says in three of five cases what he looked for and did not find. */
export const TELLS_ABSENT: Walker = { name: 'says what is not there', slips: 1, saysAbsent: 0.6 }
/** Writes down nothing that is not there. */
export const NO_SLIPS: Walker = { name: 'invents no sign', slips: 0, saysAbsent: 0 }
/** Both. */
export const CAREFUL: Walker = { name: 'both', slips: 0, saysAbsent: 0.6 }
export const WALKERS = [ORDINARY, TELLS_ABSENT, NO_SLIPS, CAREFUL] as const

/** Of faults that are there and were overlooked, he says *not there* so much less often than of those that are not. */
const OVERLOOKED = 0.15

/**
 * What one looks for at a place because it may be wrong there, and can answer with no. Not the shape of the damage and not the age
 * of the wood: nobody says of a board that it is not old.
 */
const LOOKED_FOR: ReadonlySet<SignId> = new Set<SignId>([
  'no-metal-at-casing-top',
  'metal-stops-short',
  'no-end-dams',
  'corner-key-open',
  'weeps-painted-shut',
  'sill-wet-behind-storm',
  'sill-flat-or-back-sloped',
  'open-joint',
  'soft-near-joint',
  'dark-both-sides-of-joint',
  'no-metal-under-first-shingle',
  'wash-marks-behind-gutter',
  'debris-at-gutter-lip',
  'standing-water-in-gutter',
  'gutter-back-fall',
  'hangers-pulled',
  'dirt-specks-to-18-in',
  'bottom-covered-by-soil',
  'soft-only-where-covered',
  'erosion-at-outlet',
  'short-or-missing-elbow',
  'splash-trench-below',
  'mineral-arc',
  'head-aimed-at-wall',
  'foot-end-grain-on-hard-surface',
  'end-grain-grey-unprimed',
  'back-or-edge-bare',
  'cupped-paint-lost-at-edge',
  'roof-ends-on-wall-no-diverter',
  'fan-stain-below-roof-end',
  'rust-or-holes-on-cover',
  'flat-cover-ponds',
  'soft-at-or-below-hole',
  'no-block-or-hood',
  'no-metal-at-ledger',
  'stain-below-ledger',
  'landing-flush',
  'sweep-worn',
  'ground-bare',
  'wet-below-fixture',
  'meter-dial-moves',
  'tub-joint-open',
  'mud-tubes',
])

/** How likely a walker says of a sign he did not see that it is not there. */
export function saysAbsent(walker: Walker, sign: SignId, isSo: boolean): number {
  return LOOKED_FOR.has(sign) ? walker.saysAbsent * (isSo ? OVERLOOKED : 1) : 0
}
