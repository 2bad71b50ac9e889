import type { ComponentId, Grade, HowKnown, HowMeasured, MaterialId, Side } from '../job'
import type { Length } from '../measure'
import type { SignId } from '../catalogue/signs'
import { isKnownWord, learntPhrases } from './learntWord'
import type { LearntWord } from './word'
import { ANY_LENGTH, COUNT, countOf, lengthOf, PROBE_SIZE, WRITTEN_LENGTH } from './lengths'
import {
  GRADE_PHRASES,
  KNOWN_PHRASES,
  MATERIAL_PHRASES,
  NO_FLASHING,
  PART_PHRASES,
  SIGN_PHRASES,
  SMALL_WORDS,
  type Phrase,
} from './vocabulary'

/** What one line of shorthand says of one finding. Null and empty: not said. */
export type Shorthand = {
  /** The line as it came. It is always kept. */
  readonly words: string
  /** A letter, or a facing. */
  readonly side: string | null
  /** Letter and number of an opening or a deck. */
  readonly feature: string | null
  readonly station: Length | null
  readonly height: Length | null
  readonly part: ComponentId | null
  readonly material: MaterialId | null
  readonly length: Length | null
  readonly how: HowMeasured | null
  readonly count: number | null
  readonly signs: readonly SignId[]
  readonly grade: Grade | null
  readonly probe: { readonly depth: Length; readonly thickness: Length | null } | null
  readonly reading: { readonly percent: number; readonly reference: number | null } | null
  readonly suspected: boolean
  readonly known: HowKnown | null
  readonly hold: string | null
  readonly note: string | null
  /** Words that nothing placed: shown, never dropped. */
  readonly left: readonly string[]
}

type Draft = { -readonly [K in keyof Shorthand]: Shorthand[K] } & { signs: SignId[] }

/** The text of a line with what was already understood blanked out, so that nothing is read twice. */
class Reader {
  text: string
  constructor(readonly raw: string) {
    // One character for one, so that places stay true.
    this.text = raw.toLowerCase().replaceAll(/[’′‘]/g, "'").replaceAll(/[”″“]/g, '"')
  }

  /** The first match of a pattern, blanked out; null when there is none. */
  take(pattern: string | RegExp): RegExpExecArray | null {
    const found = (typeof pattern === 'string' ? new RegExp(pattern) : pattern).exec(this.text)
    if (found) this.blank(found.index, found[0].length)
    return found
  }

  blank(from: number, size: number): void {
    this.text = this.text.slice(0, from) + ' '.repeat(size) + this.text.slice(from + size)
  }

  /** The first phrase of a list that is said, as a whole word. */
  phrase<T>(phrases: readonly Phrase<T>[]): { readonly means: T; readonly at: number } | null {
    for (const [pattern, means] of phrases) {
      const found = this.take(`(?<![\\w'-])(?:${pattern})(?:'s)?(?![\\w-])`)
      if (found) return { means, at: found.index }
    }
    return null
  }
}

const FACINGS: Readonly<Record<string, Side['facing']>> = {
  front: 'front',
  right: 'right',
  back: 'back',
  rear: 'back',
  left: 'left',
}

function takeNotes(read: Reader, draft: Draft): void {
  const note = /(?<!\S)"([a-z][^"]*)"/.exec(read.text)
  if (note) {
    draft.note = read.raw.slice(note.index + 1, note.index + note[0].length - 1)
    read.blank(note.index, note[0].length)
  }
  const hold = /\bhold\b:?\s+(.+)$/.exec(read.text)
  if (hold) {
    draft.hold = read.raw.slice(hold.index + hold[0].length - hold[1]!.length).trim()
    read.blank(hold.index, hold[0].length)
  }
}

function takeProbe(read: Reader, draft: Draft): void {
  const verb = String.raw`\b(?:probe[ds]?|awl)\b(?:\s+(?:sank|went|goes))?\s+`
  const into = read.take(
    `${verb}(${PROBE_SIZE})\\s*"?\\s*(?:in|into|of)\\s+(${PROBE_SIZE})\\s*(?:"|inch\\b|inches\\b)?`,
  )
  const found = into ?? read.take(`${verb}(${PROBE_SIZE})\\s*(?:"|inch\\b|inches\\b|in\\b)?`)
  const depth = found ? lengthOf(found[1]!) : null
  if (depth !== null) draft.probe = { depth, thickness: into ? lengthOf(into[2]!) : null }
}

function takeReading(read: Reader, draft: Draft): void {
  const number = String.raw`(\d+(?:\.\d+)?)`
  const reference = String.raw`(?:\s*,?\s*(?:ref(?:erence)?|dry spot|dry)\s*${number}\s*%?)?`
  const word = String.raw`(?:\b(?:meter|mc|moisture|reads?|reading|pinned)\s+)`
  const found =
    read.take(`${word}${number}\\s*(?:%|percent\\b)?${reference}`) ??
    read.take(`${number}\\s*(?:%|percent\\b)${reference}`)
  if (!found) return
  draft.reading = { percent: Number(found[1]), reference: found[2] === undefined ? null : Number(found[2]) }
}

function takePlace(read: Reader, draft: Draft): void {
  const graded =
    read.take(/\b(?:g|gr|grade)\s?([0-4])\b/) ?? read.take(/\b(?:gr|grade) (zero|one|two|three|four)\b/)
  if (graded && draft.grade === null)
    draft.grade = (/\d/.test(graded[1]!) ? Number(graded[1]) : countOf(graded[1]!)) as Grade
  const times = read.take(/\bx\s?(\d{1,3})\b(?!\s*(?:courses?|boards?|pcs|pieces|sheets))/)
  if (times) draft.count = Number(times[1])
  const feature = read.take(/(?:\b(?:window|win|door|deck)\s+)?\b([a-z]{1,2})(\d{1,3})\b/)
  if (feature) draft.feature = `${feature[1]!.toUpperCase()}${feature[2]}`
  // `4' up 14'`: what stands behind *up* is the height, and what stands before it the station.
  const height =
    read.take(`\\b(?:up|h)\\s+(${ANY_LENGTH})`) ??
    read.take(`(${ANY_LENGTH})\\s*(?:up\\b|high\\b|off the ground\\b|above (?:the )?(?:ground|grade)\\b)`)
  if (height) draft.height = lengthOf(height[1]!)
  const side = read.take(`\\b(?:side\\s+)?([a-z])\\s*(?:at\\s+|@\\s*)?(${WRITTEN_LENGTH})`)
  if (side) {
    draft.side = side[1]!.toUpperCase()
    draft.station = lengthOf(side[2]!)
  }
  // Beside an opening *left* and *right* mean its legs; a facing needs no opening.
  if (draft.side !== null || draft.feature !== null) return
  const facing = read.take(
    `\\b(?:at the )?(front|right|back|rear|left)\\b(?:\\s*(?:at\\s+|@\\s*)?(${WRITTEN_LENGTH}))?`,
  )
  if (!facing) return
  draft.side = FACINGS[facing[1]!]!
  if (facing[2] !== undefined) draft.station = lengthOf(facing[2])
}

const MEASURED: readonly Phrase<HowMeasured>[] = [
  ['taped', 'taped'],
  ['paced|counted', 'counted'],
  ['scaled', 'scaled'],
  ['guessed|guess', 'guessed'],
]

function takeSize(read: Reader, draft: Draft): void {
  const bottom = read.take(`\\bbottom\\s+(${COUNT})\\s+(?:courses?|boards?)\\b`)
  if (bottom) {
    draft.part = 'base-course'
    draft.count = countOf(bottom[1]!)
  }
  const counted =
    read.take(`(?:\\bx\\s*)?\\b(${COUNT})\\s*(?:courses?|boards?|pcs|pieces|sheets)\\b(?:\\s+of\\b)?`) ??
    read.take(`\\b(${COUNT})\\s+(?=(?:joists|posts|treads|steps|balusters)\\b)`)
  if (counted) draft.count = countOf(counted[1]!)
  const roughly = read.take(
    `(?:~|\\b(?:about|around|roughly|approx(?:imately)?\\.?|maybe)\\s)\\s*(${ANY_LENGTH})`,
  )
  const length = roughly ?? read.take(`(${ANY_LENGTH})(\\s+or so\\b)?`)
  if (length) {
    draft.length = lengthOf(length[1]!)
    if (roughly || length[2] !== undefined) draft.how = 'guessed'
  }
  const how = read.phrase(MEASURED)
  if (how) draft.how = how.means
}

/** The firm's own words go before everything but quotes: whatever marks they hold, they mean what was taught. */
function takeLearnt(read: Reader, draft: Draft, words: readonly LearntWord[]): void {
  draft.material = read.phrase(learntPhrases(words, 'material', ({ material }) => material))?.means ?? null
  draft.part = read.phrase(learntPhrases(words, 'part', ({ part }) => part))?.means ?? null
  draft.grade = read.phrase(learntPhrases(words, 'grade', ({ grade }) => grade as Grade))?.means ?? null
  const nothing = learntPhrases(words, 'nothing', () => true)
  while (read.phrase(nothing)) continue
}

function takeMeaning(read: Reader, draft: Draft): void {
  const suspected = read.phrase([['suspect(?:ed)?|probably|likely|perhaps', true]]) ?? read.take(/\?/)
  if (suspected) draft.suspected = true
  draft.material ??= read.phrase(MATERIAL_PHRASES)?.means ?? null
  draft.part ??= read.phrase(PART_PHRASES)?.means ?? null
  const grade = read.phrase(GRADE_PHRASES)
  if (grade && draft.grade === null) draft.grade = grade.means
  draft.known = read.phrase(KNOWN_PHRASES)?.means ?? null
}

/** Signs are read before parts and grades: `sealant gone` is no missing part. They come in the order they were said. */
function takeSigns(read: Reader, words: readonly LearntWord[]): (SignId | typeof NO_FLASHING)[] {
  const phrases = [
    ...learntPhrases(words.filter(isKnownWord), 'sign', (meaning) => meaning.sign as SignId),
    ...SIGN_PHRASES,
  ]
  const found: { means: SignId | typeof NO_FLASHING; at: number }[] = []
  for (let sign = read.phrase(phrases); sign; sign = read.phrase(phrases)) found.push(sign)
  return [...new Set(found.sort((a, b) => a.at - b.at).map((each) => each.means))]
}

function leftWords(read: Reader): string[] {
  const words: string[] = []
  for (const match of read.text.matchAll(/[^\s,;:.()"]+/g)) {
    const word = match[0].replaceAll(/^['-]+|['-]+$/g, '')
    if (word === '' || SMALL_WORDS.has(word)) continue
    words.push(read.raw.slice(match.index, match.index + match[0].length))
  }
  return words
}

function parseOne(words: string, learnt: readonly LearntWord[]): Shorthand {
  const read = new Reader(words)
  const draft: Draft = {
    words: words.trim(),
    side: null,
    feature: null,
    station: null,
    height: null,
    part: null,
    material: null,
    length: null,
    how: null,
    count: null,
    signs: [],
    grade: null,
    probe: null,
    reading: null,
    suspected: false,
    known: null,
    hold: null,
    note: null,
    left: [],
  }
  takeNotes(read, draft)
  takeLearnt(read, draft, learnt)
  takeProbe(read, draft)
  takeReading(read, draft)
  const signs = takeSigns(read, learnt)
  takePlace(read, draft)
  takeSize(read, draft)
  takeMeaning(read, draft)
  draft.signs = signs.map((sign) =>
    sign === NO_FLASHING ? (draft.part === 'ledger' ? 'no-metal-at-ledger' : 'no-metal-at-casing-top') : sign,
  )
  draft.left = leftWords(read)
  return draft
}

const SAME =
  /,?\s*\b(?:same|ditto)\b(?:\s+(?:on|at|for))?\s+((?:[a-z]{1,2}\d{1,3})(?:\s*(?:,|and|&)\s*(?:and\s+)?[a-z]{1,2}\d{1,3})*)\s*$/i

/** Findings divided by semicolons that stand outside quotes. */
function divide(line: string): string[] {
  return (line.match(/(?:"[a-zA-Z][^"]*"|“[^”]*”|[^;])+/g) ?? [])
    .map((part) => part.trim())
    .filter((part) => part !== '')
}

/**
 * Reads one line, typed or dictated, as the findings it means. Semicolons divide findings; `same on B2 and B3` repeats the one
 * before at other openings, without its reading and probe, which belong to one place.
 *
 * `learnt` are the firm's own words; they go before the standard ones.
 *
 * It never refuses: what it cannot place stands in `left`, and the words are always kept.
 *
 * @example
 * parseLine('A4 casing 2\' soft').map((each) => each.feature) // => ['A4']
 * parseLine('A4 casing soft, same on A8').length // => 2
 */
export function parseLine(line: string, learnt: readonly LearntWord[] = []): Shorthand[] {
  const found: Shorthand[] = []
  for (const part of divide(line)) {
    const same = SAME.exec(part)
    const own = same ? part.slice(0, same.index).trim() : part
    if (own !== '') found.push(parseOne(own, learnt))
    const model = found.at(-1)
    if (!same || !model) {
      if (same) found.push(parseOne(part, learnt))
      continue
    }
    for (const feature of same[1]!.match(/[a-z]{1,2}\d{1,3}/gi) ?? []) {
      found.push({
        ...model,
        feature: feature.toUpperCase(),
        station: null,
        height: null,
        probe: null,
        reading: null,
      })
    }
  }
  return found
}
