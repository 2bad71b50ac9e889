import type { HowMeasured } from '../job'
import { inches } from '../measure'
import { ANY_LENGTH, COUNT, countOf, feetOf, lengthOf } from './lengths'
import type { Reader } from './reader'
import type { Draft } from './said'
import type { Phrase } from './vocabulary'

export const MEASURED: readonly Phrase<HowMeasured>[] = [
  ['taped', 'taped'],
  ['paced|counted', 'counted'],
  ['scaled', 'scaled'],
  ['guessed|guess', 'guessed'],
]

/** What is counted by the piece: what stands behind a number that is no size. */
const COUNTED =
  'courses?|boards?|pcs|pieces|sheets|rows?|planks?|joists|posts|treads|steps|balusters|shakes|shingles|studs|hangers|rafters|rafter tails|brackets|columns|piers|footings|stringers|anchors|straps|vents|sills|sashes|tiles|bricks|blocks'
const ROUGH: Readonly<Record<string, number>> = {
  couple: 2,
  few: 3,
  several: 4,
  'half a dozen': 6,
  dozen: 12,
}
const ROUGH_COUNT = '(?:(?:an? )?(?:couple|few)(?: of)?|several|(?:a )?half a dozen|a dozen|dozen)'

/** `a few`, `half a dozen`, `3 or 4` (the larger, so that work is not left out), or a plain number. */
function roughly(text: string): { count: number; rough: boolean } {
  const said = text.trim()
  const either = new RegExp(`^(${COUNT}) (?:or|to) (${COUNT})$`).exec(said)
  if (either) return { count: Math.max(countOf(either[1]!), countOf(either[2]!)), rough: true }
  const word = Object.keys(ROUGH).find((each) => said.includes(each))
  if (word !== undefined) return { count: ROUGH[word]!, rough: word !== 'half a dozen' }
  return { count: countOf(said), rough: false }
}

/** `20 x 26 in`, `2x8`: a size both ways in inches, or a section. Only what runs has a field: it stays among the words, whole. */
export function takeSection(read: Reader, draft: Draft): void {
  const found = read.take(
    /(?<![\w./])(?:\d+\/)?\d+(?:\.\d+)? ?x ?\d+(?:\.\d+)?s?(?: ?(?:"|in\b\.?|inch\b|inches\b))?(?! ?(?:'|ft\b|feet|foot))(?!\w)/,
  )
  if (found) draft.left = [...draft.left, read.raw.slice(found.index, found.index + found[0].length)]
}

/** `joists 5-9` are five of them; `pier 4` is the fourth, and not four. @returns whether it says how many */
export function takeNumbered(read: Reader, draft: Draft): boolean {
  const several = read.take(
    `(?<=\\b(?:joists|posts|piers|supports|studs|rafters|treads|hangers) )(?:nos?\\.? |numbers? |#)?(${COUNT}) ?(?:through|thru|to|-|–) ?(${COUNT})\\b(?! ?(?:'|"|%|ft|feet|foot|in\\b|inch))`,
  )
  if (several) draft.count = Math.abs(countOf(several[2]!) - countOf(several[1]!)) + 1
  const one = read.take(
    `(?<=\\b(?:joist|post|pier|support|stud|rafter|tread) )(?:no\\.? |number |#)?(\\d{1,2})\\b(?! ?(?:['"%/x-]|ft\\b|feet|foot|in\\b|inch|of\\b|or\\b|to\\b))`,
  )
  if (one) draft.left = [...draft.left, read.raw.slice(one.index, one.index + one[0].length)]
  return several !== null
}

/** @returns what the counted noun says of the part: courses are of siding, boards are where a wall is spoken of. */
export function takeCount(read: Reader, draft: Draft): 'courses' | 'boards' | null {
  const bottom = read.take(`\\bbottom\\s+(${COUNT})\\s+(?:courses?|boards?)\\b`)
  if (bottom) {
    draft.part = 'base-course'
    draft.count = countOf(bottom[1]!)
    return null
  }
  const through = read.take(`\\bcourses? (${COUNT}) (?:through|thru|to|-) (${COUNT})\\b`)
  if (through) {
    draft.count = Math.abs(countOf(through[2]!) - countOf(through[1]!)) + 1
    return 'courses'
  }
  const amount = `(${COUNT} (?:or|to) ${COUNT}|${ROUGH_COUNT}|${COUNT})`
  const about = `(\\b(?:about|around|roughly|maybe) )?`
  const counted =
    read.take(`(?:\\bx\\s*)?${about}\\b${amount}\\s*(?:pcs|pieces|sheets)\\b(?:\\s+of\\b)?`) ??
    read.take(
      `(?:\\bx\\s*)?${about}\\b${amount}\\s*(courses?|rows?|boards?|planks?)\\b(?! (?:down|below|above|from)\\b)(?:\\s+of\\b)?`,
    ) ??
    read.take(
      `${about}\\b${amount} (?:of (?:the |those |these )?(?:${COUNT} )?)?(?=(?:\\w+ )?(?:${COUNTED})\\b(?! (?:down|below|above|from)\\b))`,
    ) ??
    read.take(`\\b()(${COUNT}) of (?:them|those|these)\\b`) ??
    read.take(`\\b()(${COUNT}) (?:out )?of (?:the )?(?:${COUNT})\\b(?! ?(?:'|"|%|feet|foot|ft|inch))`) ??
    read.take(
      `^\\s*()(${COUNT}) (?=(?:are |is )?(?:broken|cracked|soft|rotten|gone|missing|loose|split)\\b)`,
    ) ??
    read.take(`,\\s*(about |maybe |roughly )?(${ROUGH_COUNT}|${COUNT} (?:or|to) ${COUNT})\\s*$`) ??
    read.take(`\\b()(?:both) (?=(?:jamb )?(?:feet|legs|jambs)\\b)`) ??
    read.take(`\\b()(?:${ORDINAL}) (?=(?:tread|step|joist|post|baluster|rafter|board)\\b)`)
  if (!counted) return null
  const { count, rough } =
    counted[2] === undefined
      ? { count: counted[0].startsWith('both') ? 2 : 1, rough: false }
      : roughly(counted[2])
  draft.count = count
  draft.roughCount = rough || Boolean(counted[1])
  const noun = counted[3] ?? ''
  return /^(?:course|row)/.test(noun) ? 'courses' : /^(?:board|plank)/.test(noun) ? 'boards' : null
}

const ORDINAL = 'first|second|third|fourth|fifth|sixth|top|bottom|1st|2nd|3rd|[4-9]th'

/** `two to three feet`, `a couple of feet`: a length with what it may be. */
function takeRange(read: Reader, draft: Draft): boolean {
  const range = read.take(
    `\\b(?:about |maybe )?(${COUNT}) (?:to|or) (${COUNT}) (feet|foot|ft|inches|inch|in)\\b`,
  )
  if (range) {
    const unit = range[3]!.startsWith('f') ? 12 : 1
    const [low, high] = [countOf(range[1]!) * unit, countOf(range[2]!) * unit].sort((a, b) => a - b)
    draft.length = inches((low! + high!) / 2)
    draft.range = { low: inches(low!), high: inches(high!) }
    draft.how = 'guessed'
    return true
  }
  const few = read.take(/\b(?:an? )?(couple|few)(?: of)? (feet|foot|ft|inches|inch)\b/)
  if (!few) return false
  const unit = few[2]!.startsWith('f') ? 12 : 1
  const [low, usual, high] = few[1] === 'couple' ? [1.5, 2, 3] : [2, 3, 5]
  draft.length = inches(usual * unit)
  draft.range = { low: inches(low * unit), high: inches(high * unit) }
  draft.how = 'guessed'
  return true
}

/** Nobody tells that a board is soft over less: so little is the width of a crack, a step, or how far something moved. Our judgement. */
const SHORTEST = inches(2)

/** How far apart two things stand, how far out of true, or below what height: no length of what is spoken of. It stays among the words. */
const APART = [
  `(${ANY_LENGTH}) (?=apart\\b|gaps?\\b|(?:out of|off) (?:plumb|level)\\b|away\\b)`,
  `(?<=\\bgap (?:is |of |at (?:the )?\\w+ )*)(${ANY_LENGTH})`,
  // `swollen all over, below 4 ft`; *siding soft below 2 ft* is soft there over 2 ft.
  `(?<=(?:,|\\ball(?: over| of it)?|\\beverything|\\beverywhere) (?:below|above) )(${ANY_LENGTH})`,
]

/** How long it is; and where two lengths stand side by side, how far along. */
export function takeLength(read: Reader, draft: Draft): void {
  if (draft.length !== null) return
  for (const apart of APART) {
    const found = read.take(apart)
    if (found) draft.left = [...draft.left, found[1]!.trim()]
  }
  if (takeRange(read, draft)) return
  if (read.take(/\b(?:bottom|lower|top|upper) (?=foot\b(?! (?:of|and)))/) && read.take(/\bfoot\b/)) {
    draft.length = inches(12)
    return
  }
  const face = read.take(
    `\\b(${COUNT})(?: ?(?:'|ft|feet))?(?: (?:long|wide))? ?(?:by|x) ?(?=${COUNT} ?(?:'|ft|feet|foot)(?!\\w))`,
  )
  if (face) {
    // What it measures the other way stays among the words: only the run has a field.
    draft.length = feetOf(face[1]!)
    draft.left = [...draft.left, read.take(ANY_LENGTH)![0].trim()]
    return
  }
  const rough = read.take(
    `(?:~|\\b(?:about|around|roughly|approx(?:imately)?\\.?|maybe)\\s)\\s*(${ANY_LENGTH})`,
  )
  const length =
    rough ??
    read.take(`(${ANY_LENGTH})(\\s+or so\\b)?`) ??
    read.take(`\\bfor (${COUNT})(?![\\w%./'"]| (?:years|months|weeks|days))`)
  if (!length) return
  const long = feetOf(length[1]!)
  const behind = read.text.slice(length.index + length[0].length)
  if (
    long !== null &&
    long < SHORTEST &&
    !/^\s*(?:long|wide|piece|run|section|stretch|spot)\b/.test(behind)
  ) {
    draft.left = [...draft.left, length[1]!.trim()]
    return
  }
  draft.length = long
  draft.lengthFirst =
    /^\s*$/.test(read.raw.slice(0, length.index)) &&
    !/^\s*(?:of|long|piece|run|section|stretch)\b/.test(behind)
  if (rough || length[2] !== undefined) draft.how = 'guessed'
  // Two lengths and no word between them: where it stands comes before how long it is.
  const placed =
    draft.station !== null || draft.feature !== null || draft.height !== null || draft.where.opening !== null
  const second = placed ? null : read.take(`(${ANY_LENGTH})`)
  const other = second ? lengthOf(second[1]!) : null
  if (second && other !== null && other < SHORTEST) draft.left = [...draft.left, second[1]!.trim()]
  else if (second) {
    draft.station = draft.length
    draft.length = other
  }
}
