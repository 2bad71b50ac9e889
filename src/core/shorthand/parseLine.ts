import { partOf } from '../catalogue'
import { ANY_LENGTH, COUNT } from './lengths'
import { readOne } from './readOne'
import { patternOf } from './reader'
import type { Shorthand } from './said'
import type { LearntWord } from './word'

const SAME =
  /,?\s*\b(?:same|ditto)\b(?:\s+(?:on|at|for))?\s+((?:[a-z]{1,2}\d{1,3})(?:\s*(?:,|and|&)\s*(?:and\s+)?[a-z]{1,2}\d{1,3})*)\s*$/i

const SIDE = '(?:[A-H]|front|back|rear|left|right)'
const AND = '(?:, ?(?:and )?| and | ?& ?)'
/** `on A1 and A2`, `at windows C1, C2 and C4`: openings by their letters. */
const AT_OPENINGS = new RegExp(
  `\\b(?:(?:on|at|of|in|under|below|over|above) (?:the )?(?:windows? |win |doors? )?|(?:windows?|win|doors?) )([A-Za-z]{1,2}\\d{1,3}(?:${AND}[A-Za-z]{1,2}\\d{1,3})+)\\b`,
  'i',
)
/** `on A and B`, `on the front and left`: of sides, not of what has a left and a right itself. */
const ON_SIDES = new RegExp(
  `\\b[Oo]n (?:the |sides? )?(${SIDE}(?:${AND}(?:the )?${SIDE})+)\\b(?: (?:sides?|walls?))?` +
    '(?!\\d| (?:ends?|corners?|doors?|windows?|legs?|casings?|hand|of|jambs?|trim|posts?)\\b)',
)

/** So much on several sides may be all of it: it is charged once, and the other side stays in red. */
const SO_MUCH = patternOf(
  `(?:${ANY_LENGTH}|\\b${COUNT} (?:boards?|planks?|sheets?|pieces|pcs|places|shingles|shakes|panels))`,
  'i',
)
const EACH = /\b(?:each|apiece|per side|both)\b/i

/** What is said of several sides or openings at once, once for each. */
function eachPlace(piece: string): string[] {
  const openings = /\b(?:same|ditto|between)\b/i.test(piece) ? null : AT_OPENINGS.exec(piece)
  if (openings) {
    const list = openings[1]!
    return (list.match(/[a-z]{1,2}\d{1,3}/gi) ?? []).map((each) => piece.replace(list, each))
  }
  const found = ON_SIDES.exec(piece)
  if (!found || /["“]/.test(piece)) return [piece]
  if (SO_MUCH.test(piece.toLowerCase()) && !EACH.test(piece)) return [piece]
  const sides = found[1]!.match(new RegExp(`\\b${SIDE}\\b`, 'g')) ?? []
  return sides.map((side) =>
    piece.replace(found[0], side.length === 1 ? `on ${side}` : `on the ${side} side`),
  )
}

/** Pieces of a line between semicolons that stand outside quotes. */
function divide(line: string): string[] {
  // `good to fifteen feet then soft for six`: only the second half is damage, and it begins where the first ends.
  const told = line.replace(
    patternOf(
      `\\b(?:good|fine|sound|hard|ok|okay) (?:up )?(?:to|until|till) (${COUNT}|${ANY_LENGTH})(?: (?:feet|foot|ft))?,? (?:and )?then\\b`,
      'i',
    ),
    'at $1 feet',
  )
  // `again at thirty`: the same once more.
  const again = told.replace(/,?\s*\b(?:and )?again at\b/gi, '; same, at')
  // `all the front windows`: the windows, and where they are.
  const whole = again.replace(
    /\b((?:all|both|every|each)(?: of)?(?: the)?) (front|back|rear|left|right) (windows?|doors?)\b/gi,
    '$1 $3 on the $2 side',
  )
  return (whole.match(/(?:"[a-zA-Z][^"]*"|“[^”]*”|[^;])+/g) ?? [])
    .flatMap((part) => part.split(/,?\s+\b(?:and )?then\b\s+/i))
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .flatMap(eachPlace)
}

const namesPlace = (said: Shorthand): boolean =>
  said.feature !== null ||
  said.side !== null ||
  said.station !== null ||
  said.where.opening !== null ||
  said.where.beside !== null ||
  said.where.area !== null ||
  said.where.room !== null
const hasState = (said: Shorthand): boolean =>
  said.grade !== null || said.signs.length > 0 || said.probe !== null || said.reading !== null

/** How wood looks that is no grade and no sign of the list. */
const LOOKS = /\b(?:black(?:ened)?|dark|stained|wet|damp|mou?ldy|discolou?red)\b/i

/** Whether words after a comma or an *and* begin a finding of their own, given what was said before them. */
function begins(before: Shorthand, next: Shorthand): boolean {
  const isWhole = (before.part !== null || namesPlace(before)) && (hasState(before) || before.length !== null)
  if (!isWhole || next.note !== null || next.hold !== null) return false
  const isAnother = next.part !== null || namesPlace(next) || next.count !== null
  // `sheathing black behind it`: another part, there; `the siding runs behind it` is no finding.
  const isBehind =
    next.where.there && next.part !== null && next.part !== before.part && LOOKS.test(next.words)
  return (
    isAnother &&
    (hasState(next) || next.where.again || isBehind || (next.length !== null && next.station !== null))
  )
}

/** Where another finding may begin: after a comma or *and*, and where another opening is named. */
const BREAK = patternOf(
  `\\s*(?:,|\\band\\b)(?=\\s)|\\s+(?=(?:windows?|doors?) (?:number )?${COUNT}\\b|[a-z]\\d{1,2}\\b)`,
  'gi',
)
/** A line as pieces that are a finding each: `sill soft and head casing rotten`. */
function findingsIn(line: string, learnt: readonly LearntWord[]): string[] {
  return divide(line).flatMap((piece) => {
    if (/\bhold\b/i.test(piece)) return [piece]
    const found: string[] = []
    let from = 0
    for (const { index } of piece.matchAll(BREAK)) {
      if (index <= from) continue
      const before = piece.slice(from, index)
      if ((before.match(/["“”]/g) ?? []).length % 2 === 1) continue
      const after = piece.slice(index).replace(/^\s*(?:,\s*(?:and\b)?|and\b)?\s*/i, '')
      // Only up to the next break: what stands behind it may be another finding again.
      const next = after.split(/\s*,|\s+and\s/i)[0]!
      const [first, second] = [readOne(before, learnt)[0]!, readOne(next, learnt)[0]!]
      if (!begins(first, second)) continue
      found.push(before.trim())
      from = piece.length - after.length
    }
    return [...found, piece.slice(from).trim()]
  })
}

/** Whether what is said is of more than one place: several of them, an end or a stretch of the wall, or a part that has its own place. */
function isSpread({ count, where, part }: Shorthand): boolean {
  const isOnWall = where.both || where.stretch !== null || where.end !== null || where.station !== null
  return count !== null || isOnWall || part === 'corner-board' || partOf(part)?.ofOpening === true
}

/** What a finding takes from the one before it in the same line: where it is, and what it is about, if it does not say. */
function carriedOn(said: Shorthand, before: Shorthand | undefined): Shorthand {
  // `two feet further right`, `the sheathing behind it`: the place itself follows from the finding before, wherever that is put.
  if (!before || said.where.shift !== null || said.where.there) return said
  const { facing, sideBy, opening, beside, area, room } = before.where
  const isPlaced = said.feature !== null || said.where.opening !== null || said.where.beside !== null
  const hasOwnSide = said.side !== null || said.where.sideBy !== null || said.where.area !== null
  const isElsewhere = isPlaced || hasOwnSide || said.station !== null || said.where.room !== null
  return {
    ...said,
    part: said.part ?? (isElsewhere || said.count !== null ? before.part : null),
    grade:
      said.grade ?? (hasState(said) || !(said.where.again || said.station !== null) ? null : before.grade),
    side: said.side ?? (hasOwnSide || isPlaced ? null : before.side),
    station: said.station ?? (isElsewhere || isSpread(said) ? null : before.station),
    feature: said.feature ?? (isElsewhere ? null : before.feature),
    where: isElsewhere
      ? {
          ...said.where,
          facing: said.where.facing ?? (isPlaced || hasOwnSide ? null : facing),
          sideBy: said.where.sideBy ?? (isPlaced || hasOwnSide ? null : sideBy),
        }
      : { ...said.where, facing, sideBy, opening, beside, area, room },
  }
}

/** The same sight in other words: `no ground cover, bare soil`. */
function isSaid(next: Shorthand, before: Shorthand | undefined): boolean {
  if (!before || next.signs.length === 0 || next.left.length > 0) return false
  const meaning = (said: Shorthand): string => JSON.stringify({ ...said, left: [], words: '' })
  return meaning(next) === meaning(before)
}

/**
 * Reads one line, typed or dictated, as the findings it means. Semicolons divide findings, and so do commas, *and* and *then* where
 * what follows is one by itself; `same on B2 and B3` repeats the one before at other openings, without its reading and probe, which
 * belong to one place.
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
  const add = (words: string): void => {
    const before = found.at(-1)
    found.push(
      ...readOne(words, learnt)
        .map((each) => carriedOn(each, before))
        .filter((each) => !isSaid(each, before)),
    )
  }
  for (const part of findingsIn(line, learnt)) {
    const same = SAME.exec(part)
    const own = same ? part.slice(0, same.index).trim() : part
    if (own !== '') add(own)
    const model = found.at(-1)
    if (!same || !model) {
      if (same) add(part)
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
