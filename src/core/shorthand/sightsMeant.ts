import MiniSearch from 'minisearch'
import { stemmer } from 'stemmer'
import { SIGN_IDS, SIGNS, type SignId } from '../catalogue/signs'
import { AS_SAID } from '../catalogue/signs/asSaid'
import { DEPTH_SIGNS, signFits } from '../catalogue/signs/fits'
import { EMPTY_WORDS, SAME_WORDS } from '../catalogue/signs/siteWords'
import { partName } from '../catalogue'
import type { ComponentId } from '../job'

/** What stands between two words. */
const BREAKS = /[\s,;.()"“”’'/-]+/
const MEANS = new Map(
  SAME_WORDS.flatMap((line) => {
    const words = line.split(' ')
    return words.map((word) => [stemmer(word), stemmer(words[0]!)] as const)
  }),
)

/** A word as it is searched: its stem, or that of the word it stands for; null: it says nothing. */
function termOf(word: string): string | null {
  const plain = word.toLowerCase()
  // A size tells of no sight: *down 1-1/8 in* is no hole of 1/8 in.
  if (plain === '' || EMPTY_WORDS.has(plain) || /^\d+$/.test(plain)) return null
  // What is blocked is full; a block is a thing one builds with.
  const stem = plain === 'blocked' ? stemmer('clogged') : stemmer(plain)
  return MEANS.get(stem) ?? stem
}

type Sight = { readonly id: string; readonly sign: SignId; readonly words: string }

/** One text for each way a sight is put: what is put in few words is not drowned by the others. */
function sights(): Sight[] {
  return SIGN_IDS.filter((sign) => !DEPTH_SIGNS.has(sign)).flatMap((sign) =>
    [SIGNS[sign].says, ...(AS_SAID[sign] ?? '').split(';')].flatMap((words, index) =>
      words.trim() === '' ? [] : [{ id: `${sign} ${index}`, sign, words }],
    ),
  )
}

let index: MiniSearch<Sight> | null = null

/** Made once, when it is first asked: some 70 ms on a slow machine. */
function searched(): MiniSearch<Sight> {
  if (index !== null) return index
  index = new MiniSearch<Sight>({
    fields: ['words'],
    storeFields: ['sign', 'words'],
    tokenize: (text) => text.split(BREAKS),
    processTerm: termOf,
  })
  index.addAll(sights())
  return index
}

/** A sign that words may mean, and how well they fit it: 1 is a sight put in just these words. */
export type SightMeant = { readonly sign: SignId; readonly fit: number }

/** Below this share of a sight’s words nothing is offered. Our judgement, from lines written before. */
const LEAST_FIT = 0.65
/** A sight of a single word is offered by that word alone; of more, two of them must be there. */
const LEAST_WORDS = 2
/** Words that weigh as much together are enough of any sight, however many it is put in. Our judgement: about three telling words. */
const ENOUGH = 12

const NO = termOf('missing')!
/** That it is bad, or has left its mark, was understood already and tells of no sight. */
const BAD = ['rot', 'stain'].flatMap((word) => termOf(word) ?? [])
/** What is said to be there fits a sight of something missing by so much less, and the other way round. Our judgement. */
const OPPOSITE = 0.6

/** Words that tell nothing of a finding on a part: its own name, and how bad it is. */
function untelling(component: ComponentId | null): ReadonlySet<string> {
  const name = component === null ? '' : partName(component)
  return new Set([NO, ...BAD, ...name.split(BREAKS).flatMap((word) => termOf(word) ?? [])])
}

/**
 * The signs somebody’s own words may mean, best first: to be offered, never taken for granted. Searched phrase by phrase, so that two
 * sights in one sentence are two.
 *
 * @param of.component the part they are of, where it is known: signs that cannot be seen on it are left out
 * @param of.noted signs that are noted already
 */
export function sightsMeant(
  words: string,
  of: { readonly component: ComponentId | null; readonly noted: readonly string[]; readonly most?: number },
): SightMeant[] {
  const phrases = [words, ...words.split(/[,;.]| and | but /)].filter((each) => each.trim() !== '')
  const noted = new Set(of.noted)
  const nothing = untelling(of.component)
  const best = new Map<SignId, number>()
  for (const phrase of phrases) {
    const said = new Set(phrase.split(BREAKS).flatMap((word) => termOf(word) ?? []))
    for (const hit of searched().search(phrase, { combineWith: 'OR', fuzzy: false })) {
      const sign = hit.sign as SignId
      if (noted.has(sign) || !signFits(sign, of.component)) continue
      const fit = fitOf(hit.words as string, said, nothing)
      if (fit > (best.get(sign) ?? 0)) best.set(sign, fit)
    }
  }
  return [...best]
    .filter(([, fit]) => fit >= LEAST_FIT)
    .map(([sign, fit]) => ({ sign, fit }))
    .sort((a, b) => b.fit - a.fit || (a.sign < b.sign ? -1 : 1))
    .slice(0, of.most ?? 6)
}

/** How rare a term is among all sights: what stands in many says little. */
function weightOf(term: string): number {
  const all = searched()
  const holds = all.search(term, { processTerm: (each) => each, fuzzy: false }).length
  return Math.log(1 + all.documentCount / (1 + holds))
}
const WEIGHTS = new Map<string, number>()
function weight(term: string): number {
  const held = WEIGHTS.get(term)
  if (held !== undefined) return held
  const made = weightOf(term)
  WEIGHTS.set(term, made)
  return made
}

/** Share of a sight’s own words that were said, by how much each of them tells; what is said to be missing is not what is there. */
function fitOf(sight: string, said: ReadonlySet<string>, nothing: ReadonlySet<string>): number {
  const terms = [...new Set(sight.split(BREAKS).flatMap((word) => termOf(word) ?? []))]
  const held = terms.filter((term) => said.has(term))
  const telling = terms.filter((term) => !nothing.has(term)).length
  const heldTelling = held.filter((term) => !nothing.has(term)).length
  if (telling > 0 && heldTelling === 0) return 0
  if (held.length < Math.min(LEAST_WORDS, terms.length)) return 0
  const sum = (of: readonly string[]): number => of.reduce((total, term) => total + weight(term), 0)
  const opposite = terms.includes(NO) !== said.has(NO)
  return Math.min(1, sum(held) / Math.min(sum(terms), ENOUGH)) * (opposite ? OPPOSITE : 1)
}
