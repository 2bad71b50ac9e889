import type { PieceRule } from '../catalogue'
import { inches, type Length } from '../measure'

/** A piece let into a member: where on it, or only how long. */
export type CutOut = { readonly from: number; readonly to: number }

/**
 * What is cut out for damage: past the soft by the cut-back at each end that is cut, never shorter than the least piece, and to
 * the member's end where the remnant would be shorter than that. At a free end nothing is cut back.
 *
 * @param member whole length, or null where it is not known: both ends are then cut
 * @param start of the damage from the member's start; null: not known, and the piece is only as long as the member at most
 */
export function cutOut(
  seen: Length,
  rule: PieceRule,
  member: { readonly length: Length; readonly start: Length | null } | null,
): CutOut {
  const back = inches(rule.cut_back_in)
  const least = inches(rule.least_in)
  if (member === null || member.start === null) {
    const need = Math.max(seen + 2 * back, least)
    return { from: 0, to: member === null ? need : Math.min(need, member.length) }
  }
  const { length, start } = member
  const open = (from: number): number => (from < least || from <= 0 ? 0 : from)
  const close = (to: number): number => (length - to < least || to >= length ? length : to)
  let from = open(Math.min(start, length) - back)
  let to = close(Math.min(length, start + seen) + back)
  if (to - from < least) to = close(Math.min(length, from + least))
  if (to - from < least) from = open(Math.max(0, to - least))
  return { from, to }
}

/** Pieces that would leave less than the least piece between them are one. */
export function merged(cuts: readonly CutOut[], rule: PieceRule): CutOut[] {
  const least = inches(rule.least_in)
  return [...cuts]
    .sort((a, b) => a.from - b.from)
    .reduce<CutOut[]>((kept, cut) => {
      const last = kept.at(-1)
      if (last && cut.from - last.to < Math.max(least, 1)) {
        return [...kept.slice(0, -1), { from: last.from, to: Math.max(last.to, cut.to) }]
      }
      return [...kept, cut]
    }, [])
}
