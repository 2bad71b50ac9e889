import { inches, NUMBER_WORDS, parseLength, type Length } from '../measure'

export { NUMBER_WORDS }
const UNITS = 'one|two|three|four|five|six|seven|eight|nine'
/** Longer words first: *six* stands in *sixteen*. */
const WORD = Object.keys(NUMBER_WORDS)
  .toSorted((a, b) => b.length - a.length)
  .join('|')
const SPOKEN_NUMBER = `(?:(?:twenty|thirty|forty|fifty|sixty)[ -](?:${UNITS})|${WORD})`
/** A count: digits or a spoken number. */
export const COUNT = `(?:\\d{1,3}|${SPOKEN_NUMBER})`

const MIXED = String.raw`(?:\d+[ -]+\d+/\d+|\d+/\d+|\d+\.\d+|\d+)`
const FOOT = String.raw`(?:'|(?:ft|feet|foot)\b\.?)`
const INCH = String.raw`(?:"|(?:inches|inch|in)\b\.?)`
/** What after a bare number says that it was no inches: it counts something, or begins a length of its own. */
const NO_INCHES = String.raw`(?!\s*(?:'|ft|feet|foot|%|percent|x\b|courses?|boards?|pcs|pieces|sheets|up\b|high\b|[\d/.]))`

/** A length in figures, as a pattern. Feet and inches first, so that the longest reading wins. */
export const WRITTEN_LENGTH = [
  String.raw`\d+\s*${FOOT}\s*-?\s*${MIXED}\s*${INCH}`,
  String.raw`\d+\s*${FOOT}\s*-?\s*${MIXED}${NO_INCHES}`,
  String.raw`\d+(?:\.\d+)?\s*${FOOT}`,
  String.raw`\d+-(?:\d|1[01])(?!\d)(?:\s+\d+/\d+)?(?![\d/])\s*"?`,
  String.raw`${MIXED}\s*${INCH}`,
  String.raw`\d+(?:\.\d+)?\s*(?:mm|cm|m)\b`,
].join('|')

/** What behind a number says that it counts or begins something else. */
const NOT_INCHES = String.raw`feet|foot|ft\b|in\b|inch|courses?|boards?|rows?|joists|posts|treads|of\b|to\b|or\b|by\b|up\b|windows?|and a half`
/** A length in words: `a foot and a half`, `three feet six inches`, `half an inch`. */
export const SPOKEN_LENGTH = [
  String.raw`\bhalf an? (?:foot|inch)\b`,
  String.raw`(?<!\w )\bfoot and a half\b|(?<=bottom |top |last |first )foot and a half\b`,
  String.raw`\b(?:${SPOKEN_NUMBER}|\d+) (?:feet|foot|ft) (?:${SPOKEN_NUMBER})\b(?! *(?:${NOT_INCHES}))`,
  String.raw`\b(?:${SPOKEN_NUMBER}|an?)(?: and a half)? (?:feet|foot)(?: and a half\b| (?:and )?${SPOKEN_NUMBER} (?:inches|inch)\b|\b)`,
  String.raw`\b(?:${SPOKEN_NUMBER}|an?)(?: and a half)? (?:inches|inch)(?: and a half)?\b`,
].join('|')

/** Spoken before written, so that `31 foot six` is read whole. */
export const ANY_LENGTH = `(?:${SPOKEN_LENGTH}|${WRITTEN_LENGTH})`
/** A size without a unit is inches: what a probe sinks. */
export const PROBE_SIZE = `(?:${MIXED}|${SPOKEN_LENGTH})`

/** A spoken or written count as a number. */
export function countOf(text: string): number {
  const words = text.trim().split(/[ -]/)
  if (/^\d+$/.test(text.trim())) return Number(text)
  return words.reduce((sum, word) => sum + (NUMBER_WORDS[word] ?? 0), 0)
}

function spokenInches(text: string): number | null {
  const half = /^half an? (foot|inch)$/.exec(text)
  if (half) return half[1] === 'foot' ? 6 : 0.5
  if (text === 'foot and a half') return 18
  const number = (word: string | undefined): number =>
    word === undefined ? 0 : /^an?$/.test(word) ? 1 : countOf(word)
  const bare = new RegExp(`^(${SPOKEN_NUMBER}|\\d+) (?:feet|foot|ft) (${SPOKEN_NUMBER})$`).exec(text)
  if (bare) return countOf(bare[1]!) * 12 + countOf(bare[2]!)
  const found = new RegExp(
    `^(${SPOKEN_NUMBER}|an?)( and a half)? (feet|foot|inches|inch)( and a half)?(?: (?:and )?(${SPOKEN_NUMBER}) (?:inches|inch))?$`,
  ).exec(text)
  if (!found) return null
  const amount = number(found[1]) + (found[2] || found[4] ? 0.5 : 0)
  return found[3]!.startsWith('f') ? amount * 12 + number(found[5]) : amount
}

/** The length a matched text means, or null when it means none after all. */
export function lengthOf(text: string): Length | null {
  const tidy = text.trim().replace(/\.$/, '')
  const spoken = spokenInches(tidy)
  if (spoken !== null) return inches(spoken)
  const read = parseLength(tidy)
  return read.ok ? read.value : null
}

/** A length, where a bare number means feet: stations are said so. */
export function feetOf(text: string): Length | null {
  const bare = new RegExp(`^${COUNT}$`).test(text.trim())
  return bare ? inches(countOf(text) * 12) : lengthOf(text)
}
