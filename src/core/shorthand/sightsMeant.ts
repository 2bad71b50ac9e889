import MiniSearch from 'minisearch'
import { stemmer } from 'stemmer'
import { SIGN_IDS, SIGNS, type SignId } from '../catalogue/signs'
import { AS_SAID } from '../catalogue/signs/asSaid'
import { DEPTH_SIGNS, signFits } from '../catalogue/signs/fits'
import { partName } from '../catalogue'
import type { ComponentId } from '../job'

/** What stands between two words. */
const BREAKS = /[\s,;.()"“”’'/-]+/
/** Words that say nothing of what is seen. */
const EMPTY = new Set(
  'a an the and or of to in on at by for with from is are was were be been it its this that there here right just very some all as up down out over into off has have had one two ft foot feet inch inches side front back left'.split(
    ' ',
  ),
)

/** Words of the trade that mean one thing here, each line one meaning; stems of either find the other. */
const SAME = [
  'rot rotten rotted soft mushy mush punky decayed decay spongy crumble crumbly mealy',
  'downspout leader rainpipe',
  'dirt soil earth ground mud muddy',
  'caulk caulked sealant sealed sealing bead glued',
  'overflow overflows spill spills over pour pours',
  'missing gone absent lacking without none never not no nothing nobody',
  'pitch pitches slope slopes fall falls tilt tilted uphill downhill lean leans',
  'clogged plugged blocked packed choked full',
  'metal flashing flashed cap',
  'hit hits spray sprays soak soaks',
  'peel peels peeling flake flakes lift lifts shed sheds',
  'patio walk slab paving driveway concrete sidewalk paver',
  'vine vines ivy shrub bush plant creeper stem',
  'mould mold mildew algae',
  'crawl crawlspace',
  'toilet tub shower sink fixture bath bathroom washing dishwasher washer',
  'damp wet moist clammy soggy',
  'puddle pond ponds stand stands standing sit sits lies pools trapped',
  'loose wobbly wobble wobbles move moves flop flops shaky rock rocks',
  'sawdust dust frass shavings',
  'powder flour',
  'pellet droppings',
  'sag sags dip swayback sagging',
  'post prop pier column support',
  'behind hidden under beneath below underneath',
  'hose duct',
  'insulation batts batt',
  'notch notched hacked cut cuts sawn chopped',
  'speck specks freckle freckles splash splashes splashed spatter',
  'bow bows bowed bellied belly bulge bulges bulged buckled',
  'tight jammed',
  'bare raw unprimed unpainted',
  'smear smeared goop gooped tar tarred slathered',
  'short shy',
  'bounce bounces bouncy springy trampoline gives',
  'crack cracked split splits',
  'swollen swell swelled puffed fat',
  'stain stained ring mark',
  'hole holes bore pinhole pinholes',
  'tiny pin pinhole pinholes',
  'nail nailed nails toenailed',
  'tunnel gallery galleries',
  'tube tubes',
  'tie ties tying',
  'pecked hammered drilled',
  'chew chewed gnaw gnawed',
  'nest droppings',
  'drop dropped sunk sank settled settling',
  'cover covered covering plastic barrier',
  'mulch bark',
  'heaped piled stacked',
  'foggy fogged fog cloudy',
  'boot collar rubber',
  'break broke broken snapped',
  'leak leaks leaking drip drips dripping',
] as const
const MEANS = new Map(
  SAME.flatMap((line) => {
    const words = line.split(' ')
    return words.map((word) => [stemmer(word), stemmer(words[0]!)] as const)
  }),
)

/** A word as it is searched: its stem, or that of the word it stands for; null: it says nothing. */
function termOf(word: string): string | null {
  const plain = word.toLowerCase()
  if (plain === '' || EMPTY.has(plain)) return null
  const stem = stemmer(plain)
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

/** Made once, when it is first asked: it takes a few milliseconds. */
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

const NO = stemmer('missing')
/** How bad it is was understood already, and tells of no sight. */
const GRADE = ['rot', 'stain'].map((word) => MEANS.get(stemmer(word)) ?? stemmer(word))

/** Words that tell nothing of a finding on a part: its own name, and how bad it is. */
function untelling(component: ComponentId | null): ReadonlySet<string> {
  const name = component === null ? '' : partName(component)
  return new Set([NO, ...GRADE, ...name.split(BREAKS).flatMap((word) => termOf(word) ?? [])])
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
  return Math.min(1, sum(held) / Math.min(sum(terms), ENOUGH)) * (opposite ? 0.6 : 1)
}
