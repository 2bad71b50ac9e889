import { formatLength, inches, parseLength, type Length } from '../measure'
import { err, ok, type Result } from '../result'

/** Kinds that are said as one walks along a wall, and what they are called there. */
const KIND_WORDS = {
  window: ['w', 'win', 'window', 'windows'],
  door: ['d', 'door', 'doors', 'slider', 'sliders'],
  deck: ['deck'],
  porch: ['porch'],
  bay: ['bay', 'bays'],
  'chimney-chase': ['chase', 'chimney'],
  leader: ['downspout', 'downspouts', 'leader', 'leaders', 'ds'],
  penetration: ['pipe', 'pipes', 'hole', 'tap', 'lamp', 'meter'],
} as const
export type OpeningKind = keyof typeof KIND_WORDS

/** One thing on a wall as it was said: where its left end is, and whatever else was said of it. */
export type SaidOpening = {
  readonly kind: OpeningKind
  readonly station: Length
  /** Null: nobody said; a usual one is taken, as a guess. */
  readonly width: Length | null
  readonly floor: 1 | 2 | 3
}

export type OpeningsError =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'station-without-kind'; readonly word: string }
  | { readonly kind: 'kind-without-station'; readonly word: string }
  | { readonly kind: 'unknown-word'; readonly word: string }
  | { readonly kind: 'past-the-end'; readonly word: string; readonly length: Length }

const KIND_OF: ReadonlyMap<string, OpeningKind> = new Map(
  Object.entries(KIND_WORDS).flatMap(([kind, words]) =>
    words.map((word) => [word, kind as OpeningKind] as const),
  ),
)
const FLOORS: Readonly<Record<string, 1 | 2 | 3>> = {
  lower: 1,
  down: 1,
  upper: 2,
  up: 2,
  second: 2,
  third: 3,
  top: 3,
}
/** `3x30`: at three feet, thirty inches wide. */
const WITH_WIDTH = /^(.+?)x(.+)$/
/** `14 to 25`: from one station to another. */
const FROM_TO = /^(.+?)~(.+)$/

/**
 * Reads what stands on one wall, said from left to right as seen from outside: `w 3 10 29, d 19x36, upper w 3 10, porch 14 to 25`.
 * Stations are feet unless marked, widths behind an `x` inches; `upper` holds for the kind it stands before.
 *
 * Fails: see `OpeningsError`; `past-the-end` where the wall is measured and shorter.
 *
 * @param of `length` of the wall, null where nobody measured it
 * @example
 * parseOpenings('w 3 10x30, d 19', { length: null }).value.map((each) => each.kind) // => ['window', 'window', 'door']
 */
export function parseOpenings(
  text: string,
  of: { readonly length: Length | null },
): Result<readonly SaidOpening[], OpeningsError> {
  const apart = text
    .toLowerCase()
    .replaceAll(/[;,:]/g, ' ')
    .replaceAll(/\s*[x×]\s*(?=[\d.])/g, 'x')
    .replaceAll(/(?<=[\d'"])\s*(?:to|till|until|–|-(?=\s))\s*(?=\d)/g, '~')
    .replaceAll(/\b(?:at|and|on|the|floor|storey)\b/g, ' ')
    .split(/\s+/)
    .filter(Boolean)
  // Feet and inches may come apart at the blank: `29' 6"` is one length.
  const words: string[] = []
  for (const word of apart) {
    const before = words.at(-1)
    if (before?.endsWith("'") && /^\d[^~]*("|in)(~.*)?$/.test(word))
      words[words.length - 1] = `${before} ${word}`
    else words.push(word)
  }
  const said: SaidOpening[] = []
  let kind: OpeningKind | null = null
  let floor: 1 | 2 | 3 = 1
  let last = ''
  let count = 0
  for (const word of words) {
    const next = KIND_OF.get(word)
    if (next) {
      if (kind !== null && count === 0) return err({ kind: 'kind-without-station', word: last })
      // A floor said before a kind holds for that kind; without one it is the first.
      if (!(last in FLOORS)) floor = 1
      kind = next
      count = 0
      last = word
      continue
    }
    const level = FLOORS[word]
    if (level) {
      floor = level
      last = word
      continue
    }
    const ends = FROM_TO.exec(word)
    const split = ends ? null : WITH_WIDTH.exec(word)
    const station = parseLength(ends?.[1] ?? split?.[1] ?? word, { bare: 'feet' })
    const second = ends ?? split
    const size = second ? parseLength(second[2]!, { bare: ends ? 'feet' : 'inches' }) : null
    if (!station.ok || (size && !size.ok)) return err({ kind: 'unknown-word', word })
    if (kind === null) return err({ kind: 'station-without-kind', word })
    const width = size === null ? null : ends ? minus(size.value, station.value) : size.value
    if (width !== null && width <= 0) return err({ kind: 'unknown-word', word: word.replace('~', ' to ') })
    const made = { kind, station: station.value, width, floor }
    if (of.length !== null && made.station + (made.width ?? inches(1)) > of.length)
      return err({ kind: 'past-the-end', word, length: of.length })
    said.push(made)
    count += 1
    last = word
  }
  if (said.length === 0)
    return err(kind === null ? { kind: 'nothing' } : { kind: 'kind-without-station', word: last })
  return count === 0 ? err({ kind: 'kind-without-station', word: last }) : ok(said)
}

const minus = (to: Length, from: Length): Length => (to - from) as Length

/** Why a line of openings was not taken, and what to type. */
export function openingsWords(error: OpeningsError): string {
  switch (error.kind) {
    case 'nothing':
      return 'Type what stands there from left to right, such as: w 3 10 29, d 19.'
    case 'station-without-kind':
      return `“${error.word}” says where, but not what. Begin with w, d, deck, porch or another.`
    case 'kind-without-station':
      return `“${error.word}” wants to be told where: its left end, in feet from the left corner.`
    case 'unknown-word':
      return `“${error.word}” is neither a thing on a wall nor a length. Write it like w 3 10x30, d 19.`
    case 'past-the-end':
      return `“${error.word}” lies past the end of the wall, which is ${formatLength(error.length)} long.`
  }
}

/** What was read, told in a few words: `4 windows, 1 door`. */
export function tellOpenings(said: readonly SaidOpening[]): string {
  const counts = new Map<OpeningKind, number>()
  for (const each of said) counts.set(each.kind, (counts.get(each.kind) ?? 0) + 1)
  return [...counts]
    .map(
      ([kind, count]) =>
        `${count} ${kind.replace('chimney-chase', 'chase').replace('leader', 'downspout').replace('penetration', 'pipe')}${count === 1 ? '' : 's'}`,
    )
    .join(', ')
}
