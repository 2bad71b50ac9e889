import { COUNT, countOf } from './lengths'
import { OPENING_PHRASES, type OpeningWord } from './placeWords'
import { patternOf, type Reader } from './reader'

export type End = 'left' | 'right'

/** Which of the openings of a kind is meant. `there`: the one there is, or the one last spoken of. */
export type Which =
  | { readonly kind: 'nth'; readonly n: number }
  | { readonly kind: 'several'; readonly ns: readonly number[] }
  | { readonly kind: 'end'; readonly end: End }
  | { readonly kind: 'all' | 'there' | 'last' | 'middle' | 'next' | 'previous' }

/** An opening by a usual name: the second window, the patio door, the window left of the chimney. */
export type OpeningSaid = {
  readonly what: OpeningWord
  /** As it was called: a *meter* is not any hole in the wall. */
  readonly name: string
  readonly which: Which
  /** Upstairs is 2. */
  readonly floor: number | null
  readonly beside: { readonly of: OpeningSaid; readonly way: Way } | null
}
export type Way = End | 'near' | 'under' | 'over'

const ORDINALS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
] as const
const NTH = `(?:${ORDINALS.join('|')}|1st|2nd|3rd|[4-9]th)`

function nth(word: string): number {
  const named = ORDINALS.indexOf(word as (typeof ORDINALS)[number])
  return named >= 0 ? named + 1 : Number.parseInt(word, 10)
}

function whichBefore(words: string): Which {
  const of = words.trim()
  const end = /^(?:far )?(left|right)/.exec(of)
  if (end) return { kind: 'end', end: end[1] as End }
  if (patternOf(`^${NTH}$`).test(of)) return { kind: 'nth', n: nth(of) }
  if (of === 'last') return { kind: 'last' }
  if (of === 'middle' || of === 'center' || of === 'centre') return { kind: 'middle' }
  if (of === 'next') return { kind: 'next' }
  if (of === 'previous' || of === 'prior') return { kind: 'previous' }
  if (/^(?:both|all|each|every)/.test(of)) return { kind: 'all' }
  return { kind: 'there' }
}

const BEFORE = `(?:both|(?:all|each|every)(?: of)?(?: the)?(?: (?:${COUNT}))?|(?:far )?(?:left|right)(?:[ -]?hand)?(?: side)?|${NTH}|last|middle|cent(?:er|re)|only|next|previous|prior|same)`
const LIST = `${COUNT}(?:(?:\\s*,\\s*(?:and )?|\\s+and\\s+|\\s*&\\s*|\\s+)${COUNT}(?! *(?:courses?|boards?|feet|foot|ft|inch|inches|in|['"])))*`

/** `window sill` names a part, of whichever window. */
const OF_ANY = String.raw`(?! (?:sill|ledge|nose|nosing|casing|trim|head|sash|frame)s?\b)`
/**
 * The first opening named by a usual word. One with its number or its place in the row goes first: in `window sill rotten on window
 * two` the first *window* only says which sill.
 */
export function takeOpening(read: Reader, lead = ''): { said: OpeningSaid; lead: RegExpExecArray } | null {
  const named = OPENING_PHRASES.filter(([words]) => patternOf(words).test(read.text))
  if (named.length === 0 || !patternOf(lead).test(read.text)) return null
  const end = String.raw`(?![\w-])`
  const number = `(?: (?:number )?(${LIST})(?![\\d'"]|\\s*(?:feet|foot|ft|inch|inches|in|courses?|boards?)\\b))`
  const over = String.raw`(?: over\b(?! the))?`
  const start = `(?<![\\w'-])${lead}(?:the )?`
  for (const way of ['which', 'number', 'plain'] as const) {
    for (const [words, what] of named) {
      const found = read.take(
        way === 'which'
          ? `${start}(${BEFORE}) (?:the )?(${words})${end}${number}?${over}`
          : way === 'number'
            ? `${start}()(${words})${end}${number}${over}`
            : `${start}()(${words})${end}${what === 'window' ? OF_ANY : ''}()`,
      )
      if (!found) continue
      const [before, name, numbers] = found.slice(-3)
      const ns = (numbers?.match(patternOf(COUNT, 'g')) ?? []).map(countOf)
      const which: Which =
        ns.length > 1
          ? { kind: 'several', ns }
          : ns.length === 1
            ? { kind: 'nth', n: ns[0]! }
            : whichBefore(before ?? '')
      return { said: { what, name: name!, which, floor: null, beside: null }, lead: found }
    }
  }
  return null
}
