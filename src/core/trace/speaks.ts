import { causesShownBy } from '../catalogue/causes'
import { signOf, type SignId } from '../catalogue/signs'
import { DEPTH_SIGNS } from '../catalogue/signs/fits'
import type { Finding } from '../job'
import { SEARCH } from './modelTypes'
import type { Reason } from './weigh'

/**
 * How one place stands to others: it sharpens a cause that has a sign of its own, and never makes a source that nobody saw or drew.
 * Our judgement.
 */
export const CONTRASTS: ReadonlySet<SignId> = new Set<SignId>([
  'dry-elsewhere',
  'one-of-many-alike',
  'one-spot-only',
  'one-bay-only',
  'one-board-only',
  'only-at-one-end',
  'worst-at-one-spot',
  'both-ends-same',
  'independent-of-rain',
  'only-after-rain',
  'dry-and-hard-all-round',
])

/** Whether a reason speaks for its cause by what was seen there: how deep it goes is no cause, and neither is what was not found. */
export function speaksFor(reason: Reason): boolean {
  const { sign, how, present, counted } = reason
  // A word of the owner is not enough, unless it is of what only he can know.
  if (how === 'told' && !signOf(sign).heard) return false
  return present && counted > SEARCH.speaks && !DEPTH_SIGNS.has(sign)
}

/** Whether a reason speaks for its cause by itself, not only by how one place stands to others. */
export function isOwnSign(reason: Reason): boolean {
  return speaksFor(reason) && !CONTRASTS.has(reason.sign)
}

/** Sound wood may still show something: streaks, mildew, a wave, holes. Whether a sign there brings a cause into play. */
export function shownAtSound(finding: Finding): boolean {
  return (
    causesShownBy(
      finding.signs.flatMap((each) =>
        each.present && !(CONTRASTS as ReadonlySet<string>).has(each.sign) ? [each.sign] : [],
      ),
    ).size > 0
  )
}
