import type { ComponentId } from '../job'
import { patternOf, Reader } from './reader'
import type { Draft } from './said'
import { PART_PHRASES } from './vocabulary'

const PART_OF: Partial<Record<ComponentId, ComponentId>> = {
  'stair-tread': 'stair',
  stringer: 'stair',
  guard: 'stair',
}
/** Words before a part that is only where the other one is: `post on loose brick`, `sheathing behind siding`. */
const ONLY_WHERE =
  /\b(?:on|onto|under|below|behind|beneath|over|above|against|beside|near|around|by|to|from|at)(?: (?:the|a|its|loose|bare))*\s*$/

/** Not *the siding runs behind it*: there the other thing is what is spoken of. */
const BEHIND_IT =
  /(?<!\b(?:runs?|goes|carries on|continues|tucked|slips?|laps?) )\b(?:behind|under|below|beneath) (?:it|them)\b/

const DAMAGED = /\b(?:soft|rot(?:s|ten|ted)?|punky|mushy|spongy|decayed|swollen)\b/i

/** `fence post tied to the siding, trim soft there`: where only what stands behind the comma is damaged, its part is meant. */
function damagedIn<T extends { readonly at: number }>(line: string, parts: readonly T[]): T | undefined {
  const damaged = DAMAGED.exec(line)
  if (!damaged) return undefined
  const comma = line.lastIndexOf(',', damaged.index)
  return comma < 0 ? undefined : parts.find(({ at }) => at > comma && at < damaged.index)
}

/**
 * The part that is meant, and the ones named with it by *and*; the others stay words.
 *
 * @param on the one part on which a sight that was said is seen; null: it may be any
 */
export function takeParts(read: Reader, on: ComponentId | null = null): ComponentId[] {
  const scan = new Reader(read.text)
  const found: { part: ComponentId; at: number; end: number }[] = []
  for (const [pattern, part] of PART_PHRASES) {
    const one = patternOf(`(?<![\\w'-])(?:${pattern})(?:'s)?(?![\\w-])`)
    for (let match = one.exec(scan.text); match; match = one.exec(scan.text)) {
      scan.blank(match.index, match[0].length)
      found.push({ part, at: match.index, end: match.index + match[0].length })
    }
  }
  found.sort((a, b) => a.at - b.at)
  // `deck stairs second tread`: the whole is only where its part is.
  const parts = found.filter((each) => !found.some((other) => PART_OF[other.part] === each.part))
  // `gutter pulled off, fascia soft behind it`: what the other thing hides is meant.
  const hidden = BEHIND_IT.exec(read.raw.toLowerCase())
  const isWhereOnly = ({ at }: { at: number }): boolean => ONLY_WHERE.test(read.text.slice(0, at))
  const last = hidden && parts.length > 1 ? parts.findLast(({ end }) => end <= hidden.index) : undefined
  // `deck ledger soft, stain on the foundation under it`: the foundation is only where the stain is.
  const behind = last && isWhereOnly(last) ? undefined : last
  const own = parts.filter((each) => !isWhereOnly(each))
  const meant = (behind === parts[0] ? undefined : behind) ?? damagedIn(read.raw, own) ?? own[0] ?? parts[0]
  if (!meant) return []
  const together = [meant]
  // `no hangers on the deck joists`: the sight said on which part; the other is where.
  const isWhere = isWhereOnly(meant)
  for (const next of found.slice(found.indexOf(meant) + 1)) {
    if (!/^\s*(?:,|and|&|plus|\+)\s*$/.test(read.text.slice(together.at(-1)!.end, next.at))) break
    together.push(next)
  }
  for (const { at, end } of together) read.blank(at, end - at)
  // `stair rail loose`: so does one that names a piece of the whole.
  if (on !== null && (isWhere || PART_OF[on] === meant.part)) return [on]
  return [...new Set(together.map(({ part }) => part))]
}

/** Hardware that is missing is no member that is gone. It stays among the words. */
const HARDWARE =
  /\b(?:gutter |fascia |down ?spout )?(?:(?<!joist )hanger|strap|clip|bracket|screw|nail|bolt|lag|staple|end cap|(?<!drip |chimney |flue )cap|splash block|screen|knob|weatherstrip(?:ping)?)s? (?:is |are |was |were )?(?:missing|gone|loose|out|off)\b/

export function takeHardware(read: Reader, draft: Draft): void {
  for (let found = read.take(HARDWARE); found; found = read.take(HARDWARE)) {
    // *fascia hanger missing*: the board is still what is spoken of.
    const part = /^fascia /.test(found[0])
    if (part) read.text = `${read.text.slice(0, found.index)}fascia${read.text.slice(found.index + 6)}`
    draft.left = [...draft.left, read.raw.slice(found.index + (part ? 7 : 0), found.index + found[0].length)]
  }
}
