import type { Pair } from '../catalogue/spanish/owner'

/** What a text reads in another language, and what of it no row knows: that stands as it was. */
export type Reading = { readonly text: string; readonly unknown: readonly string[] }

/** A text read into another language. */
export type Reader = (text: string) => Reading

type Slot = { readonly name: string; readonly kind: 'read' | 'typed' | 'figure' }
type Template = {
  /** What stands in it word for word: without it nothing fits. The longest piece. */
  readonly anchor: string
  /** It is a sentence of the program's own whatever fills it; one with few words of its own fits much that somebody typed. */
  readonly isSure: boolean
  /** Little of its own about what was typed: it is tried when nothing else fits. */
  readonly isLast: boolean
  readonly pattern: RegExp
  readonly slots: readonly Slot[]
  readonly other: string
}

/** Figures, measures and the marks of sides and windows are said alike in every language. */
const IS_FIGURE = /^(?:[\d.,:+−–\-×'"/°%$ ]|\b[A-Z]\d{0,3}\b)+$/
/** The same where it fills a sentence, or a day of the calendar. */
const FIGURE = String.raw`([\d.,:+−–\-×'"/°%$ ]+|[A-Z]\d{0,3}|[A-Z][a-z]+ \d{1,2}, \d{4})`
/** What fills the middle of a sentence is no sentence. */
const HOLDS_SENTENCES = /[.?!] [A-Z0-9“]/

/** So many texts are remembered: more than the pages of a day say, and no more than a server may keep. */
const MOST_KNOWN = 20_000
/** So many letters of its own make a sentence surely the program's. */
const SURE = 12

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`)

function templateOf([english, other]: Pair): Template {
  const slots: Slot[] = []
  const pieces = english.split(/\{([^}]*)\}/)
  const pattern = pieces
    .map((piece, index) => {
      if (index % 2 === 0) return escaped(piece)
      const kind = piece.startsWith('~') ? 'typed' : piece.endsWith('#') ? 'figure' : 'read'
      slots.push({ name: piece.replace(/[~#]/g, ''), kind })
      return kind === 'figure' ? FIGURE : '(.+?)'
    })
    .join('')
  const anchor = pieces.filter((_, index) => index % 2 === 0).toSorted((a, b) => b.length - a.length)[0]!
  const own = pieces.filter((_, index) => index % 2 === 0).join('').length
  const isSure = own >= SURE
  const isLast = !isSure && slots.some(({ kind }) => kind === 'typed')
  return { anchor, isSure, isLast, pattern: new RegExp(`^${pattern}$`), slots, other }
}

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

/** Where a text falls apart into what is said on its own: the widest seam first. Each stands between the parts again. */
const SEAMS: readonly { readonly at: RegExp; readonly between: string; readonly loose: boolean }[] = [
  { at: / {5}/, between: '     ', loose: true },
  { at: / · /, between: ' · ', loose: true },
  { at: /(?<=[.?!]) (?=[A-Z0-9“])/, between: ' ', loose: true },
  { at: /; /, between: '; ', loose: true },
  // Inside a sentence: all of it is read, or none. Half of what somebody typed is worse than none.
  { at: /\. /, between: '. ', loose: false },
  { at: / and (?=\S+$)/, between: ' y ', loose: false },
  { at: /, /, between: ', ', loose: false },
]

const SENTENCES = /(?<=[.?!]) (?=[A-ZÁÉÍÓÚÑ¿¡])/

/** A row of several sentences, sentence by sentence, where both languages have as many: they are said apart as well. */
function sentencesOf([english, other]: Pair): Pair[] {
  const [from, to] = [english.split(SENTENCES), other.split(SENTENCES)]
  return from.length > 1 && from.length === to.length
    ? from.map((each, index): Pair => [each, to[index]!])
    : []
}

/**
 * A reader made of rows, English beside another language: what stands there word for word, sentences with what fills them, and what is
 * made of several of these. What somebody typed, and what no row knows, is left as it is and named.
 *
 * @param days how a day of the calendar is said
 */
export function readerOf(pairs: readonly Pair[], days: (english: string) => string | null): Reader {
  const whole = new Map<string, string>()
  const templates: Template[] = []
  for (const row of pairs.flatMap((each) => [each, ...sentencesOf(each)])) {
    if (row[0].includes('{')) templates.push(templateOf(row))
    else if (!whole.has(row[0])) whole.set(row[0], row[1])
  }
  const known = new Map<string, Reading>()

  const read = (text: string): Reading => {
    const before = known.get(text)
    if (before) return before
    // Read inside itself it is not known; so no row can lead back to the text it came from.
    known.set(text, { text, unknown: [text] })
    const reading = readFresh(text)
    known.set(text, reading)
    return reading
  }

  const wordForWord = (text: string): string | null => {
    const exact = whole.get(text)
    if (exact !== undefined) return exact
    const small = whole.get(lower(text))
    if (small !== undefined) return upper(small)
    const large = whole.get(upper(text))
    return large === undefined ? null : lower(large)
  }

  const fill = (template: Template, found: RegExpExecArray): Reading | null => {
    const said = new Map<string, string>()
    const unknown: string[] = []
    for (const [index, { name, kind }] of template.slots.entries()) {
      const part = found[index + 1]!
      if (kind === 'figure' && !isFigure(part)) return null
      if (index < template.slots.length - 1 && HOLDS_SENTENCES.test(part)) return null
      const reading: Reading = kind === 'typed' ? { text: part, unknown: [] } : read(part)
      said.set(name, reading.text)
      unknown.push(...reading.unknown)
    }
    const text = template.other.replace(/\{([^}^]+)(\^?)\}/g, (_, name: string, high: string) => {
      const words = said.get(name) ?? ''
      return high ? upper(words) : words
    })
    return { text, unknown }
  }

  const isFigure = (text: string): boolean => IS_FIGURE.test(text) || days(text) !== null

  function* fitting(text: string, last = false): Generator<Reading> {
    for (const template of templates) {
      if (template.isLast !== last || !text.includes(template.anchor)) continue
      const found = template.pattern.exec(text)
      const reading = found && fill(template, found)
      if (reading && (template.isSure || reading.unknown.length === 0)) yield reading
    }
  }

  function* apart(text: string): Generator<Reading> {
    for (const { at, between, loose } of SEAMS) {
      const parts = text.split(at)
      if (parts.length < 2 || parts.some((part) => part === '')) continue
      const readings: Reading[] = []
      for (const part of parts) {
        const reading = read(part)
        if (!loose && reading.unknown.length > 0) break
        readings.push(reading)
      }
      if (readings.length < parts.length) continue
      yield {
        text: readings.map((each) => each.text).join(between),
        unknown: readings.flatMap((each) => each.unknown),
      }
    }
  }

  /** Every way to read a text, the likeliest first. */
  function* ways(text: string): Generator<Reading> {
    yield* fitting(text)
    const [turn, back] = text === lower(text) ? [upper, lower] : [lower, upper]
    for (const reading of fitting(turn(text))) yield { ...reading, text: back(reading.text) }
    yield* apart(text)
    yield* fitting(text, true)
  }

  const readFresh = (text: string): Reading => {
    if (text.trim() === '') return { text, unknown: [] }
    const said = days(text) ?? (IS_FIGURE.test(text) ? text : wordForWord(text))
    if (said !== null) return { text: said, unknown: [] }
    const cost = ({ unknown }: Reading): number => unknown.reduce((sum, each) => sum + each.length + 1, 0)
    let best: Reading = { text, unknown: [text] }
    for (const way of ways(text)) {
      if (way.unknown.length === 0) return way
      if (cost(way) < cost(best)) best = way
    }
    return best
  }

  return (text) => {
    if (known.size > MOST_KNOWN) known.clear()
    return read(text.replaceAll('\u00a0', ' '))
  }
}
