import { partOf } from '../catalogue'
import type { ComponentId, Grade } from '../job'
import { inches } from '../measure'
import type { SignId } from '../catalogue/signs'
import { Reader } from './reader'
import { isKnownWord, learntPhrases } from './learntWord'
import type { LearntWord } from './word'
import { ANY_LENGTH, COUNT, countOf, feetOf, lengthOf, PROBE_SIZE, WRITTEN_LENGTH } from './lengths'
import type { Draft, Shorthand } from './said'
import { takeHardware, takeParts } from './takeParts'
import { MEASURED, takeCount, takeLength, takeNumbered, takeSection } from './takeSizes'
import { FACING, NOWHERE, takeWhere } from './where'
import { GRADE_PHRASES, KNOWN_PHRASES, MATERIAL_PHRASES, SMALL_WORDS } from './vocabulary'
import { NO_FLASHING, SIGN_PHRASES } from './signWords'

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
  const verb = String.raw`\b(?:probe[ds]?|awl|knife|screwdriver)\b(?:\s+(?:sank|sinks|went|goes)(?:\s+in)?)?\s+`
  const into = read.take(
    `${verb}(${PROBE_SIZE})\\s*"?\\s*(?:in|into|of)\\s+(${PROBE_SIZE})\\s*(?:"|inch\\b|inches\\b)?`,
  )
  const found = into ?? read.take(`${verb}(${PROBE_SIZE})\\s*(?:"|inch\\b|inches\\b|in\\b)?`)
  const depth = found ? lengthOf(found[1]!) : null
  if (depth !== null) draft.probe = { depth, thickness: into ? lengthOf(into[2]!) : null }
}

function takeReading(read: Reader, draft: Draft): void {
  const number = String.raw`(\d+(?:\.\d+)?)`
  const reference = String.raw`(?:\s*,?\s*(?:(?:ref(?:erence)?|dry spot|dry)\s*${number}\s*%?|${number}\s*%? (?:an? (?:foot|yard|few feet) away|${COUNT} feet away|elsewhere|beside it|next to it)))?`
  const word = String.raw`(?:\b(?:(?:the )?(?:meter|mc|moisture)\s+(?:reads?|says|shows|is)|meter|mc|moisture|reads?|reading|pinned)\s+)`
  const found =
    read.take(`${word}${number}\\s*(?:%|percent\\b)?${reference}`) ??
    read.take(`${number}\\s*(?:%|percent\\b)${reference}`)
  if (!found) return
  const dry = found[2] ?? found[3]
  draft.reading = { percent: Number(found[1]), reference: dry === undefined ? null : Number(dry) }
}

function takePlace(read: Reader, draft: Draft): void {
  const graded =
    read.take(/\b(?:g|gr|grade)\s?([0-4])\b/) ?? read.take(/\b(?:gr|grade) (zero|one|two|three|four)\b/)
  if (graded && draft.grade === null)
    draft.grade = (/\d/.test(graded[1]!) ? Number(graded[1]) : countOf(graded[1]!)) as Grade
  // `x 20` is how many; `12 x 20` and `2 x 8` are sizes.
  const times = read.take(
    /(?<!\d\s?(?:'|"|ft|feet|in)?\s?)\bx\s?(\d{1,3})\b(?!\s*(?:courses?|boards?|pcs|pieces|sheets))/,
  )
  if (times) draft.count = Number(times[1])
  const feature = read.take(/(?:\b(?:window|win|door|deck)\s+)?\b([a-z]{1,2})(\d{1,3})\b/)
  if (feature) draft.feature = `${feature[1]!.toUpperCase()}${feature[2]}`
  // `4' up 14'`: what stands behind *up* is the height, and what stands before it the station.
  const height =
    read.take(`\\b(?:up|h)\\s+(${ANY_LENGTH})`) ??
    read.take(
      `(?<!\\b(?:by|x) )(${ANY_LENGTH})\\s*(?:up\\b(?! from (?:the )?(?:sill|bottom|foot|threshold|floor|step))|high\\b|off the ground\\b|above (?:the )?(?:ground|grade)\\b)`,
    )
  if (height) draft.height = lengthOf(height[1]!)
  const run = read.take(
    `\\b(?:side\\s+)?([a-z])\\s+(${COUNT})(?: ?(?:'|ft|feet))? to (${COUNT})(?: ?(?:'|ft\\b|feet\\b|foot\\b))?`,
  )
  if (run) {
    draft.side = run[1]!.toUpperCase()
    draft.station = feetOf(run[2]!)
    draft.length = inches((countOf(run[3]!) - countOf(run[2]!)) * 12)
    return
  }
  const side = read.take(`\\b(?:side\\s+)?([a-z])\\s*(?:at\\s+|@\\s*)?(${WRITTEN_LENGTH})`)
  if (side) {
    draft.side = side[1]!.toUpperCase()
    draft.station = lengthOf(side[2]!)
    return
  }
  const alone = read.take(/\bside ([a-z])\b/)
  if (alone) draft.side = alone[1]!.toUpperCase()
  else takeLetter(read, draft)
}

/** No article stands before siding, or before boards: `A siding soft` is of side A. `A few boards`, `A piece of siding` have theirs. */
const BEFORE_NO_ARTICLE =
  /^(\s*)(A)(?= (?!(?:few|couple|lot|bit|pair|dozen|half|number|handful|row|bunch)\b)(?:(?!of\b)[a-z-]+ ){0,2}?(?:siding|lap|clap ?boards|cladding|trim|stucco|shingles|shakes|gutters|boards|casings|sills|eaves|joists|sheathing|framing|paint|caulk(?:ing)?|mulch|soil|ground)\b(?! (?:board|nail|piece|corner|joint|vent|spot|panel|screw|hanger|bracket|strip|return)\b))/

/** A side by its letter alone, written large: `B door drags`, `bloom on D`. An A at the head of a line is an article, but where none can stand. */
function takeLetter(read: Reader, draft: Draft): void {
  if (draft.feature !== null) return
  const found =
    /^(\s*)([B-H])(?= [a-z])/.exec(read.raw) ??
    // `B 5 courses soft`: so many of them, no 5 ft.
    /^(\s*)([A-H])(?= \d+ (?:courses?|boards?|rows?|planks?|pieces|shingles|shakes|sheets|panels|lengths)\b)/.exec(
      read.raw,
    ) ??
    BEFORE_NO_ARTICLE.exec(read.raw) ??
    // `nails pop along the B wall`, `holes, C gable`.
    /(\b(?:the )?)([A-H])(?= (?:wall|side|gable|elevation|face|eave|corner)\b)/.exec(read.raw) ??
    /(\b(?:on|at|along|over|of) )([A-H])(?=$|[\s,.;:])/.exec(read.raw) ??
    // `stucco cracked off, B, 2x3 ft`: by itself between commas.
    /(, ?)([A-H])(?=\s*(?:$|[,.;:]))/.exec(read.raw) ??
    // `slab edge B spalled`: in the middle of a line that is not written large throughout.
    (/[a-z]{3}/.test(read.raw)
      ? /((?<!\b(?:plan|grade|type|class|option|unit|apt|vitamin|by|the)) )([A-H])(?= [a-z])/.exec(read.raw)
      : null) ??
    /((?<!\b(?:plan|grade|type|class|option|unit|apt|vitamin)) )([A-H])(?=[.\s]*$)/.exec(read.raw)
  if (!found || read.text.slice(found.index, found.index + found[0].length).trim() === '') return
  draft.side = found[2]!
  read.blank(found.index, found[0].length)
}

/** A facing by itself. Beside an opening *left* and *right* mean its legs, and of a part its left end or the side to the left. */
function takeFacing(read: Reader, draft: Draft): void {
  if (draft.side !== null || draft.feature !== null) return
  const facing =
    read.take(`\\b(?:at the )?(front|right|back|rear|left)\\b\\s*(?:at\\s+|@\\s*)?(${WRITTEN_LENGTH})`) ??
    read.take(
      /(?<!\b(?:runs?|running|ran|comes?|came|coming|goes|went|falls?|drains?|flows?|slopes?|puts?|sets?|cuts?|pull(?:s|ed)|bent|fold(?:s|ed)|go|put|laid|lay|nailed|screwed|water) )\b(?:at the |the )?(front|back|rear)\b(?! (?:door|side|edge|of (?:the |a |each )?(?:boards?|siding|trim|casings?|sheathing|clap ?boards?|gutters?|fascia|ledger)|(?:was |is )?(?:never )?primed))/,
    )
  if (!facing) return
  draft.side = FACING[facing[1]!]!
  if (facing[2] !== undefined) draft.station = lengthOf(facing[2])
}

/** The firm's own words go before everything but quotes: whatever marks they hold, they mean what was taught. */
function takeLearnt(read: Reader, draft: Draft, words: readonly LearntWord[]): void {
  draft.material = read.phrase(learntPhrases(words, 'material', ({ material }) => material))?.means ?? null
  draft.part = read.phrase(learntPhrases(words, 'part', ({ part }) => part))?.means ?? null
  draft.grade = read.phrase(learntPhrases(words, 'grade', ({ grade }) => grade as Grade))?.means ?? null
  const nothing = learntPhrases(words, 'nothing', () => true)
  while (read.phrase(nothing)) continue
}

function takeMeaning(read: Reader, draft: Draft, on: ComponentId | null): ComponentId[] {
  const suspected = read.phrase([['suspect(?:ed)?|probably|likely|perhaps', true]]) ?? read.take(/\?/)
  if (suspected) draft.suspected = true
  draft.material ??= read.phrase(MATERIAL_PHRASES)?.means ?? null
  const parts = draft.part === null ? takeParts(read, on) : []
  draft.part ??= parts[0] ?? null
  const grade = read.phrase(GRADE_PHRASES)
  if (grade && draft.grade === null) draft.grade = grade.means
  draft.known = read.phrase(KNOWN_PHRASES)?.means ?? null
  return parts.slice(1)
}

/** Signs are read before parts and grades: `sealant gone` is no missing part. They come in the order they were said. */
function takeSigns(
  read: Reader,
  words: readonly LearntWord[],
): { readonly signs: (SignId | typeof NO_FLASHING)[]; readonly on: ComponentId | null } {
  const phrases = [
    ...learntPhrases(words.filter(isKnownWord), 'sign', (meaning) => meaning.sign as SignId),
    ...SIGN_PHRASES,
  ]
  const found: { means: SignId | typeof NO_FLASHING; at: number; on: ComponentId | null }[] = []
  for (let sign = read.phrase(phrases); sign; sign = read.phrase(phrases)) found.push(sign)
  const said = found.sort((a, b) => a.at - b.at)
  return { signs: [...new Set(said.map(({ means }) => means))], on: said.find(({ on }) => on)?.on ?? null }
}

/** Which sight it is that flashing is missing; null: at a place of which nobody said where it belongs. */
function flashingMissing({ part, feature, where }: Draft): SignId | null {
  if (part === 'ledger') return 'no-metal-at-ledger'
  const isAtOpening = feature !== null || where.opening !== null || (part !== null && partOf(part)?.ofOpening)
  return isAtOpening || part === null ? 'no-metal-at-casing-top' : null
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

/** One step of a stair, told from the stair. */
const STEP = /\b(?:bottom|top|first|second|third|fourth|last|middle|lowest) step\b/

/** The mortar on top of a chimney is no moulding. */
const CHIMNEY_CROWN = /\bchimney(?:'s)? crown\b|\bcrown of the chimney\b/i

/** A post under what carries the floor, and not under a deck. */
const CARRIES_FLOOR =
  /\bunder (?:the )?(?:middle|cent(?:er|re)|main|carrying|floor|house)(?: (?:beam|girder|line))?\b|\bsills? beam\b/i

const LEAF_RAIL = /\b(?:bottom|lower|top|upper|lock|meeting|middle) rail\b/i

/** Parts that are called by a short name where only one of the kind can be meant. */
function partHere(
  part: ComponentId | null,
  { where, grade, words }: Pick<Draft, 'where' | 'grade' | 'words'>,
): ComponentId | null {
  if (where.opening?.what.endsWith('door') && part === 'window-sill') return 'threshold'
  // A rail of a leaf keeps nobody from falling.
  if (part === 'guard' && LEAF_RAIL.test(words))
    return where.opening?.what.endsWith('door') ? 'door' : where.opening ? 'sash' : part
  if (part === 'crown-moulding' && CHIMNEY_CROWN.test(words)) return null
  if ((where.area === 'crawl' || where.room === 'basement') && part === 'deck-post') return 'pier'
  if (where.area === null && part === 'deck-post' && CARRIES_FLOOR.test(words)) return 'pier'
  if (part === 'stair' && STEP.test(words.toLowerCase())) return 'stair-tread'
  if (where.area === 'deck' && part === 'joist') return 'deck-joist'
  if (where.area === 'deck' && part === 'girder') return 'deck-beam'
  // The row is of a floor; what lies in an attic is no part of ours.
  if (part === 'floor-insulation' && where.room === 'attic') return null
  // Boards on the rafters.
  if (part === 'sheathing' && (where.room === 'attic' || /\battic\b/i.test(words))) return 'roof-deck'
  // A roof that is soft is so under its covering.
  if (where.area === 'roof' && part === null && grade !== null && grade > 0) return 'roof-deck'
  // Shingles on a roof are the roofer's: the part of that name is on walls.
  if (where.area === 'roof' && part === 'shingle' && !/\b(?:dormer|cheeks?|gable|wall)\b/i.test(words))
    return 'roof-covering'
  return part
}

/** Trim of a door or window: over it its head, beside it a leg; where neither is said, it is not known which. */
function trimOf(read: Reader, { where }: Draft): ComponentId | null {
  const what = where.opening?.what ?? ''
  if (!what.endsWith('door') && what !== 'window') return null
  const part = /\b(?:head|top|over|above)\b/.test(read.raw.toLowerCase())
    ? 'head-casing'
    : /\b(?:sides?|left|right|bottom|lower|legs?)\b/.test(read.raw.toLowerCase())
      ? 'side-casing'
      : null
  return part !== null && read.take(/\btrim\b/) ? part : null
}

/** What stands at a place, where no part of it is named and something is wrong: `downspout missing`, `door soft at the bottom`. */
function itself({ where, grade }: Draft, isShown: boolean): ComponentId | null {
  if (where.opening === null || where.beside !== null || where.opening.beside !== null) return null
  // Of a downspout nothing but itself can be meant; a door has a threshold, jambs and a head.
  if (!isShown && grade === null && where.opening.what !== 'downspout') return null
  return ITSELF[where.opening.what] ?? null
}
/** Parts of which an opening has two. */
const TWO_AT_AN_OPENING: ReadonlySet<ComponentId> = new Set(['jamb-foot', 'side-casing'])

const ITSELF: Readonly<Record<string, ComponentId>> = {
  downspout: 'downspout',
  door: 'door',
  'garage-door': 'overhead-door',
}

/**
 * Reads words as one finding; as several only where parts are named together (`fascia and soffit rotten`). Places and sizes are read
 * before parts, parts before grades, so that a word is understood as what it belongs to.
 */
export function readOne(words: string, learnt: readonly LearntWord[]): Shorthand[] {
  const read = new Reader(words)
  const draft: Draft = {
    words: words.trim(),
    side: null,
    feature: null,
    where: NOWHERE,
    station: null,
    height: null,
    part: null,
    material: null,
    length: null,
    how: null,
    lengthFirst: false,
    range: null,
    count: null,
    roughCount: false,
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
  read.take(/^\s*(?:(?:okay|ok|alright|all right|um|uh|so|and|now|well)\b[ ,]*)+(?=\S+ \S)/)
  takeNotes(read, draft)
  takeLearnt(read, draft, learnt)
  // A name of plywood siding that looks like a length.
  if (read.take(/\bt-?1-?11\b/)) draft.part ??= 'panel-siding'
  takeProbe(read, draft)
  takeReading(read, draft)
  takeHardware(read, draft)
  const { signs, on } = takeSigns(read, learnt)
  takeSection(read, draft)
  const isNumbered = takeNumbered(read, draft)
  takePlace(read, draft)
  draft.where = takeWhere(read)
  if (draft.side === null && draft.feature === null) draft.side = draft.where.facing
  draft.station ??= draft.where.station
  if (draft.where.atEnd && typeof draft.where.to === 'number') draft.length = draft.where.to
  takeFacing(read, draft)
  const noun = isNumbered ? null : takeCount(read, draft)
  takeLength(read, draft)
  const how = read.phrase(MEASURED)
  if (how) draft.how = how.means
  const more = takeMeaning(read, draft, on)
  draft.part = partHere(draft.part, draft)
  if (draft.part === null || draft.part === 'overhead-door') draft.part = trimOf(read, draft) ?? draft.part
  const isLap = noun === 'courses' || (noun === 'boards' && draft.where.beside) || /\bbutts?\b/i.test(words)
  if (draft.part === null && isLap) draft.part = 'lap-siding'
  if (draft.part === null && draft.where.room !== null && read.take(/\bwalls?\b/))
    draft.part = draft.where.room === 'basement' ? 'foundation-wall' : 'interior-wall'
  if (draft.part === null && draft.where.beside?.way === 'over' && read.take(/\btrim\b/))
    draft.part = 'head-casing'
  if (draft.part === null && on !== null && draft.where.opening?.what === 'chimney') draft.part = on
  if (draft.part === null && draft.where.opening?.what === 'chimney' && !CHIMNEY_CROWN.test(words))
    draft.part = 'chase-face'
  if (draft.part === null && draft.where.atEnd && read.take(/\bboards?\b/)) draft.part = 'corner-board'
  // The frame of a door rots at its feet; that of a window may be any part of it.
  if (draft.part === null && draft.where.opening?.what.endsWith('door') && read.take(/\bframes?\b/))
    draft.part = 'jamb-foot'
  // What is missing is as bad as it gets.
  if (signs.includes('shakes-gone')) draft.grade ??= 4
  draft.part ??= on ?? itself(draft, signs.length > 0)
  // Metal that is missing over an opening is missing from its head.
  if (draft.part === null && signs.includes(NO_FLASHING) && draft.where.beside?.way === 'over')
    draft.part = 'head-casing'
  const noMetal = flashingMissing(draft)
  draft.signs = signs.flatMap((sign) => (sign === NO_FLASHING ? (noMetal ?? []) : [sign]))
  draft.left = [
    ...draft.left,
    ...(noMetal === null && signs.includes(NO_FLASHING) ? ['no flashing'] : []),
    ...leftWords(read),
  ]
  // A door that is rotten on both sides is so at two jambs.
  const hasTwo =
    draft.where.both &&
    draft.where.opening !== null &&
    draft.part !== null &&
    TWO_AT_AN_OPENING.has(draft.part)
  if (hasTwo) draft.count ??= 2
  // `sill and both legs`: there are two of the legs, and not of the sill.
  const areLegs = more.length > 0 && /\bboth (?:jamb )?(?:feet|legs|jambs)\b/i.test(words)
  return [draft.part, ...more].map((part) => ({
    ...draft,
    part,
    count: areLegs && !(part !== null && TWO_AT_AN_OPENING.has(part)) ? null : draft.count,
  }))
}
