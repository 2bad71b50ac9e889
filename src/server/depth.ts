/** Deepest nesting anything of ours has is under 20; beyond this a reader's stack could end. */
const DEEPEST = 64

/**
 * Whether JSON is nested deeper than anything of ours, told before it is parsed. Brackets inside texts do not count.
 *
 * @example
 * isTooDeep('[[1]]') // => false
 * isTooDeep('['.repeat(100)) // => true
 */
export function isTooDeep(text: string): boolean {
  let depth = 0
  let inText = false
  for (let at = 0; at < text.length; at += 1) {
    const letter = text.charCodeAt(at)
    if (inText) {
      if (letter === 0x5c) at += 1
      else if (letter === 0x22) inText = false
    } else if (letter === 0x22) inText = true
    else if (letter === 0x5b || letter === 0x7b) {
      depth += 1
      if (depth > DEEPEST) return true
    } else if (letter === 0x5d || letter === 0x7d) depth -= 1
  }
  return false
}
