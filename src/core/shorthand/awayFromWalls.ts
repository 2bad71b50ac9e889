import { partOf } from '../catalogue'
import type { Side } from '../job'
import { findOpenings } from './findOpening'
import type { On } from './onHouse'
import { asking, nameOf, placed, type PlacedLine } from './placedLine'
import type { Shorthand } from './said'

/** What is nowhere but under the house. */
const UNDER_THE_HOUSE: ReadonlySet<string> = new Set([
  'floor-insulation',
  'crawl-floor',
  'pier',
  'home-pier',
  'prop',
  'tie-strap',
])

/** Seen from a room, what lies under it. */
const BELOW = /\b(?:below|under|beneath)\b/i

/** What is nowhere but on the roof. */
const ON_THE_ROOF: ReadonlySet<string> = new Set(['roof-covering', 'skylight', 'pipe-collar'])

/** What has floors, posts and stairs as a deck has. */
const OTHER_THAN_DECK = /\b(?:stoop|bulkhead|cellar|basement|sun ?rooms?|carport|pergola)\b/i

/** The opening below which something under the house lies: by its letter and number, which Trace reads, where only one can be meant. */
function underOpening(said: Shorthand, side: Side | null, { job, near }: On): string {
  const opening = said.where.beside?.of ?? said.where.opening
  if (!opening) return ''
  const found = findOpenings(opening, job, near, side)
  const [only, ...others] = found.kind === 'these' ? found.features : []
  return `below the ${only && others.length === 0 ? nameOf(only, job) : opening.what.replace('-', ' ')}`
}

const LEADS = /^(?:under|below|beneath|beside|near|at|by|along|behind|between|around|in|on|off|over)$/i
const SMALL = /^(?:the|a|an|its|of|to|and|middle|front|back|left|right)$/i

/**
 * Where under the house or on the roof, of what nobody has read yet: `under the middle beam`, and not what else was said. It is printed
 * beside the name of the space, for somebody who was not there.
 */
function whereIn(said: Shorthand): string {
  const numbered = /\b(?:pier|post|support|joist) (?:no\.? |number |#)?(\d{1,2})\b/i.exec(said.words)
  if (numbered && said.left.some((word) => word.includes(numbered[1]!))) return numbered[0].toLowerCase()
  const unread = new Set(said.left)
  const words = said.words.match(/[^\s,;:()"]+/g) ?? []
  const from = words.findIndex((word, at) => LEADS.test(word) && said.left.includes(words[at + 1] ?? ''))
  const start =
    from >= 0
      ? from
      : words.findIndex(
          (word, at) =>
            LEADS.test(word) && SMALL.test(words[at + 1] ?? '') && unread.has(words[at + 2] ?? ''),
        )
  if (start < 0) return ''
  const rest = words.slice(start + 1)
  const end = rest.findIndex((word) => !unread.has(word) && !SMALL.test(word))
  const held = (end < 0 ? rest : rest.slice(0, end))
    .join(' ')
    .replace(/(?: (?:the|a|an|its|of|to|and))+$/i, '')
  return `${words[start]!} ${held}`.slice(0, 100)
}

/** Below, above and inside the house. */
export function awayFromWalls(said: Shorthand, side: Side | null, on: On): PlacedLine | null {
  const { area, room } = said.where
  const words = whereIn(said)
  const row = partOf(said.part)
  const bySide = side !== null && (said.side !== null || said.where.sideBy !== null)
  const inCrawl = [underOpening(said, side, on), words].filter(Boolean).join(', ').slice(0, 100)
  if (area === 'crawl' && !bySide) return placed(said, { kind: 'crawl', words: inCrawl })
  const onRoof =
    area === 'roof' || (said.part !== null && ON_THE_ROOF.has(said.part) && said.feature === null)
  if (onRoof && !bySide) return placed(said, { kind: 'roof', words })
  const under = said.part !== null && UNDER_THE_HOUSE.has(said.part)
  // A door of a room is none of the doors on the walls.
  const isInside =
    row === null ||
    row.id === 'door' ||
    room === 'attic' ||
    (under && room === 'basement') ||
    ['floor-frame', 'inside', 'wall-frame'].includes(row.assembly)
  if (room !== null && isInside && said.where.opening === null && said.feature === null)
    return placed(said, { kind: 'room', room })
  const last = on.near.last?.place
  const goesOn = last?.kind === 'crawl' && row?.assembly === 'floor-frame'
  // Below a room is under the house: which one stays among the words.
  const isAway = room === null || (under && BELOW.test(said.words))
  if ((under || goesOn) && !bySide && isAway && said.where.opening === null && said.feature === null)
    return placed(said, { kind: 'crawl', words: room === null ? words : `under the ${room}` })
  const onDeck =
    area === 'deck' ||
    row?.assembly === 'deck' ||
    (last?.kind === 'deck' && said.where.area === null && row?.assembly === 'floor-frame')
  if (!onDeck || said.feature !== null || (bySide && said.station !== null)) return null
  const decks = on.job.features.filter((each) => each.kind === 'deck')
  const here = decks.filter((each) => each.side_id === (side ?? on.near.side)?.id)
  // The floor of a porch on a side that was named, the stairs of a cellar: of the same parts, and none of a deck on another side.
  const isOther = OTHER_THAN_DECK.test(said.words) || (bySide && here.length === 0)
  if (isOther && area !== 'deck' && !/\bdecks?\b/i.test(said.words)) return null
  const among = here.length > 0 ? here : decks
  if (among.length === 0)
    return area === 'deck' ? placed(said, { kind: 'deck', feature_id: null, words }) : null
  const part = said.part === 'joist' ? 'deck-joist' : said.part === 'girder' ? 'deck-beam' : said.part
  return asking(
    { ...said, part },
    'Which deck?',
    among.map((each) => ({
      says: nameOf(each, on.job),
      said: { ...said, part },
      // What else was said is kept with the finding: the name of the deck is where it is.
      place: { kind: 'deck', feature_id: each.id, words: '' },
    })),
  )
}
