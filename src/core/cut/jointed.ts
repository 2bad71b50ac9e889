import { dressedSize, inches, type Length } from '../measure'

/** Gap left where two boards butt. Common practice. */
const BUTT_GAP = inches(1 / 8)

/** What a joint takes of the wood: a scarf the thickness of the stock, half on each side; a butt leaves a gap. */
export function jointTakes(joint: 'scarf' | 'butt', section: string): number {
  return joint === 'scarf' ? (dressedSize(section)?.thickness ?? inches(0.75)) : -1 * BUTT_GAP
}

/**
 * A run longer than the longest board as lengths with joints between: whole boards first, then what is left, and where that would
 * be shorter than the least piece, the one before gives way. Never in equal parts: they waste the end of every board.
 *
 * Ends: null where no joint is allowed, or the yard's boards are too short for the least piece.
 */
export function jointed(
  run: Length,
  of: { readonly joint: 'scarf' | 'butt' | 'none'; readonly least: Length; readonly section: string },
  longestStock: Length,
): Length[] | null {
  if (run <= longestStock) return [run]
  if (of.joint === 'none') return null
  const takes = jointTakes(of.joint, of.section)
  const gains = longestStock - takes
  if (gains <= 0) return null
  const lengths: number[] = []
  let left: number = run
  while (left > longestStock) {
    lengths.push(longestStock)
    left -= gains
  }
  if (left < of.least && lengths.length > 0) {
    const short = of.least - left
    const last = lengths.length - 1
    if (lengths[last]! - short < of.least) return null
    lengths[last]! -= short
    left = of.least
  }
  return [...lengths, left] as Length[]
}
