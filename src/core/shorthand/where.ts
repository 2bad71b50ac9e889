import type { Side } from '../job'
import type { Length } from '../measure'
import { ANY_LENGTH, COUNT, feetOf, lengthOf } from './lengths'
import { ROOM_PHRASES, type OpeningWord } from './placeWords'
import { patternOf, type Reader } from './reader'
import { takeAsFarAs, takeBeside, type Beside } from './takeBeside'
import { takeOpening, type End, type OpeningSaid, type Which } from './takeOpening'

/** Where a line says that something is, before it is looked for on a house. */
export type Where = {
  readonly facing: Side['facing'] | null
  /** The way a wall looks: which side that is, follows from the way the front looks. */
  readonly compass: CompassPoint | null
  /** The side that has a garage door or a chimney; the next one in walking order. */
  readonly sideBy: OpeningWord | 'next' | null
  readonly opening: OpeningSaid | null
  /** Beside, under or over something: the station follows from it. */
  readonly beside: Beside | null
  /** As far as that thing, from a corner of its wall. */
  readonly fromCorner: boolean
  readonly end: End | null
  /** Both ends, both corners. */
  readonly both: boolean
  /** The stretch lies at that end (`last six feet`), rather than the station being counted from there. */
  readonly atEnd: boolean
  /** Counted from a corner nobody named. */
  readonly cornerUnsaid: boolean
  readonly station: Length | null
  readonly to: Length | 'corner' | null
  readonly stretch: 'whole' | 'middle' | null
  /** Steps from where the last finding was: to the right, or to the left when below zero. */
  readonly shift: Length | null
  /** The same place as the last finding. */
  readonly there: boolean
  readonly again: boolean
  readonly area: 'crawl' | 'roof' | 'deck' | null
  readonly room: string | null
}

/** The four winds a wall is called by. */
export type CompassPoint = 'N' | 'E' | 'S' | 'W'

export const NOWHERE: Where = {
  facing: null,
  compass: null,
  sideBy: null,
  opening: null,
  beside: null,
  fromCorner: false,
  end: null,
  both: false,
  atEnd: false,
  cornerUnsaid: false,
  station: null,
  to: null,
  stretch: null,
  shift: null,
  there: false,
  again: false,
  area: null,
  room: null,
}
type Draft = { -readonly [K in keyof Where]: Where[K] }

/** The words for the sides of a house. */
export const FACING: Readonly<Record<string, NonNullable<Side['facing']>>> = {
  front: 'front',
  right: 'right',
  back: 'back',
  rear: 'back',
  left: 'left',
}
const END = '(left|right)(?:[ -]?hand)?'
const FACE = '(front|back|rear)'
const WALL = '(?:side|wall|elevation|face)'
/** A length with its unit, or a bare number of feet. */
const FEET = `(?:${ANY_LENGTH}|${COUNT})`
function takeFacing(read: Reader, draft: Draft): void {
  const winds =
    read.take(
      /\b(?:on |at |along |around |in )?(?:the )?(?:(?:whole|entire) )?(north|south|east|west)(?:ern)?(?:[ -]facing)? (?:side|walls?|elevation|face|(?=(?:gable|eaves?|corner|end|windows?|doors?)\b))/,
    ) ?? read.take(/\bon the (north|south|east|west)\b/)
  if (winds) draft.compass = winds[1]!.charAt(0).toUpperCase() as CompassPoint
  const strong =
    read.take(
      `\\b(?:on |at |along |around |in )?(?:the )?(?:(front|back|rear|left|right)(?:[ -]?hand)?) ${WALL}\\b`,
    ) ??
    read.take(
      `\\b(?:on|along|around|at|down) (?:the )?(front|back|rear|left|right)(?: side)?\\b(?! (?:edge|end|corner|hand|door|casing|leg|jamb|trim|bottom|top|upper|lower|half|window|post)s?\\b)`,
    )
  if (strong) {
    draft.facing = FACING[strong[1]!]!
    // `rear elevation 30 feet soffit`: what follows the side at the head of a line is how far along.
    const along =
      strong.index === 0
        ? read.take(`^\\s*(?:,\\s*)?(${ANY_LENGTH})(?! (?:of|long)\\b)(?: (?:in|along|over)\\b)?`)
        : null
    if (along) draft.station = lengthOf(along[1]!)
    return
  }
  const by = read.take(/\b(?:on |at )?(?:the )?(garage|chimney|deck|porch|entry) side\b/)
  if (by)
    draft.sideBy = (
      {
        garage: 'garage-door',
        chimney: 'chimney',
        deck: 'deck',
        porch: 'porch',
        entry: 'front-door',
      } as const
    )[by[1] as 'garage']
  else if (read.take(/\b(?:next side|around the corner|other side of the corner)\b/)) draft.sideBy = 'next'
}

/** What ends or turns at a corner of the house. */
const ENDS_AT_CORNER = /\b(?:corner|returns?|gutters?|down ?spouts?|leaders?|fascia|soffit|eaves?)\b/

/** Corners and ends, and lengths counted from them. */
function takeEnds(read: Reader, draft: Draft): void {
  if (read.take(/\b(?:on |at )?both (?:ends|sides|corners)\b/) ?? read.take(/\bboth(?= corner)/)) {
    draft.both = true
    return
  }
  const from = read.take(
    `\\b(?:start(?:s|ing)? )?(?:at )?(${FEET})(?: in)?(?: over)? from (?:the )?(?:${FACE} )?${END}(?: (?:hand )?(?:corner|end|side))?\\b`,
  )
  if (from) {
    draft.station = feetOf(from[1]!)
    if (from[2] !== undefined) draft.facing ??= FACING[from[2]]!
    draft.end = from[3] as End
    return
  }
  const last = read.take(
    `\\b(?:the )?(last|first)(?: (${COUNT}|${ANY_LENGTH})(?: (?:feet|foot|ft)\\b)?| (?=foot\\b|feet\\b))(?: of\\b)?`,
  )
  if (last) {
    draft.atEnd = true
    const onlyFoot = last[2] === undefined
    if (onlyFoot) read.take(/\bf(?:oo|ee)t\b(?: of\b)?/)
    draft.end = last[1] === 'last' ? 'right' : 'left'
    draft.station = null
    draft.to = onlyFoot ? lengthOf('1 ft') : feetOf(last[2]!)
    read.take(`\\b(?:at |on )?(?:the )?(?:${END}) end\\b`)
    return
  }
  // `eave return front left`: of what ends or turns at a corner, the corner.
  const ending = ENDS_AT_CORNER.test(read.text)
    ? read.take(
        `\\b(?:at |on )?(?:the )?(front|back|rear) (left|right)\\b(?! (?:end|corner|hand|side|of|leg|casing|jamb|window|door)\\b)`,
      )
    : null
  if (ending) {
    draft.facing ??= FACING[ending[1]!]!
    draft.end = ending[2] as End
    draft.atEnd = true
    return
  }
  // `corner board left front`: whichever comes first.
  const turned = /\bcorner\b/.test(read.text)
    ? read.take(`\\b(left|right) ${FACE}\\b(?! (?:side|wall|door))`)
    : null
  if (turned) {
    draft.facing ??= FACING[turned[2]!]!
    draft.end = turned[1] as End
    draft.atEnd = true
    return
  }
  const corner =
    read.take(`\\b(?:at |on |by |in )?(?:the )?(?:${FACE} )?${END}(?: side)? (?=corner board|corner trim)`) ??
    read.take(
      `\\b(?:at |on |by |in )?(?:the )?(?:${FACE} )?${END} (?:end|corner)\\b(?! of (?:the )?(?!wall|side|house|run|front|back|rear|left|right|fascia|soffit|board)\\w)`,
    )
  if (corner) {
    if (corner[1] !== undefined) draft.facing ??= FACING[corner[1]]!
    draft.end = corner[2] as End
    draft.atEnd = true
    return
  }
  if (read.take(/\bfrom the corner(?: in| over)?\b/)) draft.cornerUnsaid = true
}

/** Stations and stretches along a wall. */
function takeStations(read: Reader, draft: Draft): void {
  const toCorner = read.take(`\\bfrom (${FEET}) (?:to|till|until) (?:the )?(?:corner|end)\\b`)
  if (toCorner) {
    draft.station = feetOf(toCorner[1]!)
    draft.to = 'corner'
    return
  }
  const range =
    read.take(`\\bfrom (${FEET})(?: in)? (?:to|till|until) (${FEET})(?: (?:in|feet|foot|ft)\\b)?`) ??
    read.take(
      `(?<![\\w./-])(\\d{1,3}) to (\\d{1,3})\\b(?!\\s*(?:'|"|%|feet|foot|ft|inch|inches|in\\b|boards?|courses?|/))`,
    ) ??
    // `12'-24'`, `14-20`: what no length in feet and inches can be.
    read.take(
      /(?<![\w./-])(\d{1,3}) ?(?:'|ft\b) ?(?:-|–|to) ?(\d{1,3}) ?(?:'|ft\b)(?! ?(?:long|wide|high|tall|of|\d))/,
    ) ??
    read.take(
      /(?<![\w./-])(\d{1,3})-(1[2-9]|[2-9]\d)(?![\w./-]| ?(?:'|"|%|x\b|ft|feet|foot|in\b|inch|boards|years|days))/,
    ) ??
    // `soft eight to twelve`: two numbers by themselves are from where to where.
    read.take(
      `(?<=(?:soft|rotten|rotted|bad|gone|shot|peeling) )(${COUNT}) to (${COUNT})\\b(?!\\s*(?:'|"|%|feet|foot|ft|inch|inches|in\\b|boards?|courses?|pieces?|joists?|/))`,
    )
  if (range) {
    draft.station = feetOf(range[1]!)
    draft.to = feetOf(range[2]!)
    return
  }
  if (
    read.take(
      /\b(?:the )?(?:full|whole|entire) (?:length|run|thing|way)\b|\ball (?:the way )?(?:along|across|down)\b|\bend to end\b|\bwall to wall\b/,
    ) ??
    read.take(
      /\b(?:the )?(?:whole|entire|full)\b(?! (?:of|member|board|sill|unit|window|door|bottom|top|corner|end)\b)/,
    )
  ) {
    draft.stretch = 'whole'
    return
  }
  if (
    read.take(
      /\b(?:in |at )?(?:the )?middle (?:of(?: the)?)?(?= |$)|\b(?:half ?way|midway)(?: (?:along|down|across)(?: the)?)?\b/,
    )
  ) {
    draft.stretch = 'middle'
    return
  }
  const shift = read.take(
    `\\b(${FEET})(?: (?:further|farther|more))? (?:to the |over to the |further )?(?:(left|right))\\b(?! (?:casing|leg|jamb|corner|end|hand|window|door|side))`,
  )
  if (shift) {
    const by = feetOf(shift[1]!)
    if (by !== null) draft.shift = (by * (shift[2] === 'left' ? -1 : 1)) as Length
    return
  }
  const feetIn = String.raw`(?:'|(?:ft|feet|foot)\b\.?)`
  const at =
    read.take(
      `(?<!\\binside (?:about |around |roughly )?)\\b(?:about |around |roughly )?(${ANY_LENGTH}) (?:in|along|over|down)\\b(?!\\s*(?:\\d|the (?:ground|dirt|siding|sill|bottom|boards?|foundation|slab|lowest|first)\\b|it\\b))(?: (?:from|on) the (?:side|wall))?`,
    ) ??
    read.take(`(?<![\\w.])(\\d{1,3}(?:\\.\\d+)?\\s*${feetIn}) in\\b`) ??
    read.take(`(?<![\\w.])(${COUNT}) (?:over|along)\\b`) ??
    read.take(
      `(?<!\\binside )(?:\\b(?:start(?:s|ing)? at|begins? at|at|about|around)|@)\\s*(?:about |around )?(${ANY_LENGTH}) (?:in|along|over|from the corner)\\b`,
    ) ??
    read.take(
      `(?:\\b(?:start(?:s|ing)? (?:at )?|begins? (?:at )?|at )|@\\s*)(?:about |around )?(${ANY_LENGTH})(?! up\\b| high\\b| off\\b)(?: in\\b)?`,
    ) ??
    read.take(
      `\\b(?:at|starting at) (?:about |around )?(${COUNT})(?![\\w%./'"]|\\s*(?:%|percent|inch|inches|in\\b|o'clock|degrees|corners|places|spots|ends|joints|windows|doors))`,
    )
  if (at) draft.station = feetOf(at[1]!)
}

/** What goes down one way: of floors, what drains and what leans. */
const TILTS = /\bfloors?\b.*\b(?:slop|fall|dip|run|tilt|pitch|roll|drop|sag)|\b(?:lean|tip)(?:s|ing|ped)?\b/

const SLOPES = /\b(?:slop|fall|dip|lean|tilt|drop|sag|out of (?:plumb|level))/

/** The room that is named first: *the hall floor gives when I go to the bath* is of the hall. */
function firstRoom(read: Reader): string | null {
  const found = ROOM_PHRASES.flatMap(([pattern, room]) => {
    const match = patternOf(`(?<![\\w'-])(?:${pattern})(?![\\w-])`).exec(read.text)
    return match ? [{ room, at: match.index, size: match[0].length }] : []
  }).toSorted((a, b) => a.at - b.at || b.size - a.size)
  const [first] = found
  if (first) read.blank(first.at, first.size)
  return first?.room ?? null
}

/** A load that nobody reckoned is a matter of the deck: a wish for it stays a finding, and that is where it is. */
export const HEAVY_LOAD = /\b(?:hot ?tubs?|spa|pool(?= on (?:the |a )?deck))\b/i

/** A door of a room, a cellar or a shed, which is none of those on the walls. */
const OTHER_DOOR =
  /\b(?:bulkhead|cellar|basement|crawl(?: ?space)?|attic|shed|cabinet|closets?|bed ?rooms?|bath(?: ?rooms?)?|hall(?: ?way)?|pocket|interior|inside) doors?\b/i

function takeAreas(read: Reader, draft: Draft): void {
  if (
    read.take(
      /\b(?:in |under )?(?:the )?crawl(?: ?space)?\b(?!(?: ?space)? (?:vents?|floors?)\b)|\bunder (?:the )?(?:house|floor)\b/,
    )
  )
    draft.area = 'crawl'
  else if (
    read.take(
      /(?<!\bwhere (?:the )?)\b(?:on |up on )?(?:the )?roof\b(?! (?:hits|meets|ends|joins|dies|runs|comes|stops|deck|decking|sheathing|beams?|posts?|columns?|edge|rafter|line|end|leak|plane|coverings?|metal|shingles?|flashings?|boots?|collars?)\b)/,
    )
  )
    draft.area = 'roof'
  else if (
    read.take(
      /\b(?:on |under |behind |at )(?:the )?deck\b(?! (?:boards?|joists?|beams?|posts?|footings?|doors?|side))/,
    )
  )
    draft.area = 'deck'
  else if (HEAVY_LOAD.test(read.text) || /\bbehind (?:the |a )?ledger\b/.test(read.text)) draft.area = 'deck'
  // Under the house a room only says below which one it is: that stays among the words.
  const room = draft.area === 'crawl' ? null : firstRoom(read)
  if (room !== null) draft.room = room
}

/**
 * Reads where a line says that something is and blanks it out. What it does not understand it leaves to those who read on.
 *
 * Letters with numbers (`A2`, `B 12'`) are read elsewhere; this is for the words people use.
 */
export function takeWhere(read: Reader): Where {
  const draft: Draft = { ...NOWHERE }
  // `a six foot run` is a size: its article is no side's letter.
  read.text = read.text.replaceAll(
    /\b(an?)(?= (?:\d|\w+ (?:foot|feet|ft|inch))[^,]*? (?:run|piece|section|stretch)\b)/g,
    (word) => ' '.repeat(word.length),
  )
  if (
    read.take(
      /\b(?:the )?(?:same|ditto)(?: again| thing)?\b(?! (?:window|door|place|spot|one)\b)(?: (?:on|at|for)\b)?/,
    )
  )
    draft.again = true
  if (
    read.take(
      /\b(?:same (?:window|door|place|spot|one)|behind it|below it|under it|above it|next to it|there too|also)\b/,
    )
  )
    draft.there = true
  else if (read.take(/\btoo\b|\bas well\b/)) draft.there = true
  const floor =
    read.take(
      /\b(?:on (?:the )?)?(up ?stairs|second floor|second stor(?:e?y)|upper(?: floor| level)?|top floor)\b/,
    ) ??
    read.take(
      /\b(?:on (?:the )?)?(down ?stairs|ground floor|first floor|main floor|lower(?: floor| level)?)\b/,
    )
  // `an inch in eight feet` is a slope: neither a place nor a length.
  if (SLOPES.test(read.raw.toLowerCase()))
    read.take(`\\b(?:${ANY_LENGTH}) (?:in|over|per|across) (?:${FEET})(?: ?(?:feet|foot|ft))?\\b`)
  // `the floor slopes toward the chimney`: the way it goes is not where it is.
  if (TILTS.test(read.raw.toLowerCase())) read.take(/\btowards? (?:the )?(?:\w+ ){0,2}\w+(?=\s*(?:$|[,.;]))/)
  const asFarAs = takeAsFarAs(read)
  if (asFarAs) {
    draft.fromCorner = true
    draft.beside = asFarAs.beside
    draft.end = asFarAs.end
  } else {
    takeEnds(read, draft)
    draft.beside = takeBeside(read)
  }
  takeAreas(read, draft)
  takeFacing(read, draft)
  const opening = OTHER_DOOR.test(read.raw) ? null : takeOpening(read)
  // `back side window on the right`: the side is named already.
  const onSide =
    opening?.said.which.kind === 'there' && draft.facing !== null
      ? read.take(/\bon the (left|right)\b/)
      : null
  const which: Which | undefined = onSide ? { kind: 'end', end: onSide[1] as End } : opening?.said.which
  const every = opening
    ? null
    : read.take(
        `\\b(?:both|all|every|each)(?: of)?(?: the)?(?: (?:${COUNT}))? (?=(?:sills?|(?:sill )?noses?|head casings?|casings?|sash(?:es)?|heads)\\b)`,
      )
  if (every)
    draft.opening = { what: 'window', name: 'window', which: { kind: 'all' }, floor: null, beside: null }
  if (opening) {
    draft.opening = {
      ...opening.said,
      which: which!,
      floor: floor ? (/^(?:up|second|top)/.test(floor[1]!) ? 2 : 1) : null,
      beside: draft.beside && !draft.beside.to ? draft.beside : null,
    }
    if (draft.opening.beside) draft.beside = null
  } else if (/\b(?:next|previous) one\b/.test(read.text)) {
    const step = read.take(/\b(next|previous) one(?: over| along| down)?\b/)!
    draft.opening = {
      what: 'window',
      name: 'window',
      which: { kind: step[1] as 'next' },
      floor: null,
      beside: null,
    }
  }
  if (draft.facing === null) takeFacing(read, draft)
  takeStations(read, draft)
  return draft
}
