import type { Side } from '../job'
import { parseDay } from '../measure'
import { HEAVY_LOAD } from './where'

/** What a line says of the job and not of a place on the house: rain that is coming, what the owner asked for, what must stay, what other firms said. */
export type SaidOfJob =
  | { readonly kind: 'rain'; /** `YYYY-MM-DD` */ readonly day: string }
  | { readonly kind: 'asked' | 'must_stay' | 'told'; readonly words: string }

/** A side as it is called. */
type Lettered = Pick<Side, 'letter' | 'facing'>

/** What falls, blows or comes, and how it is said to come. */
const RAIN =
  '(?:heavy |hard |some |more |light )?(?:rain|showers?|storms?|thunderstorms?|a storm|wet weather)'
const WHEN = '(tonight|today|this evening|this afternoon|later|later today|tomorrow|tomorrow night)'
const COMES = '(?:coming|due|expected|forecast|forecasted|called for|on the way)'
const RAINS: readonly RegExp[] = [
  `^(?:it|it'll|it's|they say it) ?(?:will|is going to|is supposed to|going to|supposed to|should|may)? ?(?:be )?rain(?:ing)? ${WHEN}$`,
  `^${RAIN} (?:is |are )?${COMES}(?: in)?(?: for)? ${WHEN}$`,
  `^${RAIN} ${WHEN}$`,
  `^${WHEN},? ?(?:it will |it'll )?(?:be )?${RAIN}$`,
].map((each) => new RegExp(each, 'i'))

const ASKED =
  /^(?:the )?(?:owners?|clients?|customers?|tenants?|he|she|they) (?:wants?|would like|asks? for|asked for|is asking for) (.+)$/i
/** Wishes and dates without somebody who has them. */
const ASKED_BARE =
  /^((?:a |separate )*price (?:for|it) .+|price (?:it |this |that )?(?:two|three|four|[234]|both|several) ways.*|(?:sale|closing|moving(?: out| in)?) (?:is )?in .+|.+ (?:go|goes|come|comes) off (?:and (?:go |come )?(?:back )?on(?: again)?|for good))$/i
/** `fix only what leaks, he says`: a wish, and whose it is said last. */
const ASKED_LAST =
  /^((?:only |just )?(?:fix|do|mend|repair|price|replace|paint|keep) .+?),? (?:the )?(?:owner|client|customer|he|she|they) (?:says?|said)$/i
const STAYS = [
  /^(?:the )?(.+?) (?:must|has to|have to|is to|are to|should) (?:stay|be left|be kept)(?: (?:as (?:it is|they are)|where (?:it is|they are)))?$/i,
  /^leave (?:the )?(.+?) (?:alone|as (?:it is|they are)|where (?:it is|they are))$/i,
]
/** Kin and neighbours give advice. An inspector or a plumber has looked: what he says stays a finding. */
const KIN =
  /^(?:(?:his|her|their|my|our|the|owner[’']s|an?) )?(?:brother|sister|father|mother|son|daughter|wife|husband|uncle|cousin|friend|neighbou?r|handyman)(?:[- ]in[- ]law)? (?:says?|said|thinks?|thought|told|wants? to|wanted to|recommend(?:s|ed)?) .+$/i
/** What other firms said of the house is told, not seen: it comes before the walk and is no finding. */
const TOLD =
  /^(?:the |an?other |a |one |two |three |other |both |previous |last |first )*(?:firms?|contractors?|compan(?:y|ies)|outfits?|bidders?|sales(?:man|men|people|person))(?: before(?: me| us)?)?(?: have| has)? (?:said|says?|told|quoted|proposed|recommend(?:s|ed)?|wants? to|wanted to|bid) .+$/i

/** What stands at a house and is no part of what is mended; a line that only says where it is tells of nothing wrong. */
const THINGS =
  '(?:(?:electric(?:al|ity)?|gas|water|power) )?meters?|(?:electric(?:al)?|gas|water|power) (?:panel|main)|(?:heating )?(?:oil|propane|fuel|gas|septic|water) tanks?|heat pumps?|a ?\\/? ?c(?: unit)?s?|ac units?|condensers?|air conditioners?|generators?|satellite dish(?:es)?|service (?:drop|mast|entrance)|mini-?splits?|well ?head'
const AT =
  '(?:on|by|at|beside|near|next to|behind|along|in|against|under|in front of|outside|inside|right|just|the|a|an|there|wall|side|corner|yard|garage|house|porch|deck|patio|fence|steps?|drive(?:way)?|front|back|rear|left|right|north|south|east|west|[a-h])'
const STANDS = new RegExp(
  `^(?:(?:there is|there's|there are|they have|he has|she has) )?(?:the |an? |two |three |old |new |big |small )*(?:[a-h],? )?(?:${THINGS})(?:,? ${AT})*$`,
  'i',
)

/** `B shutters …`, `meter on D`: the letter of a side as places are called everywhere; an A before one thing is an article. */
function withSides(words: string, sides: readonly Lettered[]): string {
  const named = (letter: string): string => {
    const side = sides.find((each) => each.letter === letter)
    return side ? `${side.facing} ${side.letter}` : letter
  }
  return words
    .replace(/^([A-H]),? (?=(\w+))/, (all, letter: string, next: string) =>
      named(letter) !== letter && (letter !== 'A' || /s$/.test(next)) ? `${named(letter)}: ` : all,
    )
    .replace(/(?<= (?:on|at|by) )([A-H])(?![\w-])/g, (_, letter: string) => named(letter))
}

function rainOn(line: string, today: string): string | null {
  const when = RAINS.map((each) => each.exec(line)?.[1]).find((each) => each !== undefined)
  if (when === undefined) return null
  const day = parseDay(when.toLowerCase().startsWith('tomorrow') ? 'tomorrow' : 'today', today)
  return day.ok ? day.value : null
}

/**
 * What a line says of the whole job, where it says nothing else; it is kept there and is no finding.
 *
 * @param today `YYYY-MM-DD`
 * @param sides of the house: their letters are written as places are called everywhere
 * Ends: null for any other line.
 *
 * @example
 * saidOfJob('it will rain tonight', '2026-05-04') // => { kind: 'rain', day: '2026-05-04' }
 * saidOfJob('the patio must stay', '2026-05-04') // => { kind: 'must_stay', words: 'patio' }
 * saidOfJob('electric meter on D', '2026-05-04', [{ letter: 'D', facing: 'left' }]) // => { kind: 'must_stay', words: 'electric meter on left D' }
 * saidOfJob('leaks when it rains', '2026-05-04') // => null
 */
export function saidOfJob(line: string, today: string, sides: readonly Lettered[] = []): SaidOfJob | null {
  const plain = line
    .replaceAll('’', "'")
    .replaceAll(/[.!]+$/g, '')
    .replaceAll(/\s+/g, ' ')
    .trim()
  const day = rainOn(plain, today)
  if (day !== null) return { kind: 'rain', day }
  const asked = (ASKED.exec(plain) ?? ASKED_BARE.exec(plain) ?? ASKED_LAST.exec(plain))?.[1]
  if (asked !== undefined)
    return HEAVY_LOAD.test(asked) ? null : { kind: 'asked', words: withSides(asked, sides) }
  if (TOLD.test(plain) || KIN.test(plain)) return { kind: 'told', words: withSides(plain, sides) }
  // What hangs or stands there stays, and everybody works round it.
  if (STANDS.test(plain)) return { kind: 'must_stay', words: withSides(plain, sides) }
  const stays = STAYS.map((each) => each.exec(plain)?.[1]).find((each) => each !== undefined)
  return stays === undefined ? null : { kind: 'must_stay', words: withSides(stays, sides) }
}

/** A sentence more in a field that may hold some already; what stands there is not written twice. */
export function withSaid(held: string, words: string): string {
  if (held.toLowerCase().includes(words.toLowerCase())) return held
  return held.trim() === '' ? words : `${held.trim().replace(/[.;]$/, '')}; ${words}`
}
