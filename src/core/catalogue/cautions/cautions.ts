import { rowsById } from '../row'
import type { CautionRow } from './caution'
import { SEEN_CAUTIONS } from './bySign'

export type { CautionEffect, CautionKind, CautionRow } from './caution'

type Written = Omit<CautionRow, 'source' | 'endsWithRebuild'> & Partial<CautionRow>
const caution = (of: Written): CautionRow => ({
  source: 'common practice',
  endsWithRebuild: false,
  ...of,
})
const FALLS = 'it can come down under people without warning'
const EATEN = 'new wood is eaten too'

const KNOWN: readonly CautionRow[] = [
  caution({
    id: 'keep-off',
    endsWithRebuild: true,
    name: 'keep off',
    kind: 'keep-off',
    rank: 1,
    canHappen: FALLS,
    doNow:
      'Keep off. Barrier at the door today; look from below only; shore before anyone stands on it. A qualified builder of its trade re-evaluates it.',
    who: 'everyone on the place',
    gates: 'task',
    effect: 'stops',
    onWork: 'On the keep-off list: no patch is sold here. Shore, then rebuild by the trade.',
    holdsFor: 'what-hangs-on-it',
  }),
  caution({
    id: 'gas-smell',
    name: 'smell of gas',
    kind: 'gas',
    rank: 1,
    canHappen: 'explosion',
    doNow: '',
    who: 'gas utility, from outside',
    gates: 'task',
    effect: 'warns',
    onWork: 'Smell of gas: nobody begins here before the gas utility has cleared it.',
    holdsFor: 'house',
  }),
  caution({
    id: 'open-wall',
    name: 'open wall',
    kind: 'open-wall',
    rank: 2,
    canHappen: 'weather and animals get in; a bearing stud may stand bare',
    doNow: '',
    who: 'us',
    gates: 'nothing',
    effect: 'warns',
    onWork: '',
    holdsFor: 'place',
  }),
  caution({
    id: 'structural-decay',
    endsWithRebuild: true,
    name: 'carries load and is soft',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the floor or wall above can give',
    doNow: 'Take loads off; shore before it is cut. An engineer says what it must carry.',
    who: 'licensed engineer',
    gates: 'task',
    effect: 'waits',
    onWork: 'It carries load and is soft: an engineer goes first.',
    holdsFor: 'what-hangs-on-it',
  }),
  caution({
    id: 'wall-bowed',
    name: 'wall bowed',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the wall can fail inwards',
    doNow: '',
    who: 'licensed engineer',
    gates: 'task',
    effect: 'waits',
    onWork: 'The wall is bowed: an engineer goes first.',
    holdsFor: 'place',
  }),
  caution({
    id: 'wall-off-plumb',
    name: 'wall out of plumb',
    kind: 'engineer',
    rank: 4,
    canHappen: 'the wall can go on moving',
    doNow: 'An engineer looks at it before its repair is chosen.',
    who: 'licensed engineer',
    gates: 'nothing',
    effect: 'warns',
    onWork: 'The wall is out of plumb: an engineer is advised.',
    holdsFor: 'place',
  }),
  caution({
    id: 'structure',
    name: 'structure in doubt',
    kind: 'engineer',
    rank: 3,
    canHappen: 'what it carries can give',
    doNow: '',
    who: 'licensed engineer',
    gates: 'task',
    effect: 'waits',
    onWork: 'What carries load here is in doubt: an engineer goes first.',
    holdsFor: 'place',
  }),
  caution({
    id: 'wiring',
    name: 'wiring',
    kind: 'wiring',
    rank: 3,
    canHappen: 'shock or fire',
    doNow: '',
    who: 'licensed electrician',
    gates: 'nothing',
    effect: 'warns',
    onWork: '',
    holdsFor: 'place',
  }),
  caution({
    id: 'lead',
    name: 'lead paint',
    kind: 'lead',
    rank: 4,
    canHappen: 'lead dust harms children and crew',
    doNow:
      'Lead-safe work: containment before washing or cutting, pamphlet given, records kept; or a test first.',
    who: 'certified firm',
    gates: 'task',
    effect: 'warns',
    onWork: '',
    holdsFor: 'house',
  }),
  caution({
    id: 'pest-signs',
    name: 'wood-eating insects',
    kind: 'pest',
    rank: 5,
    canHappen: EATEN,
    doNow: 'Activity confirmed and treated before wood is closed in; ask for earlier records.',
    who: 'licensed pest control',
    gates: 'nothing',
    effect: 'warns',
    onWork: 'Signs of insects: activity is confirmed and treated before new wood is closed in.',
    holdsFor: 'place',
  }),
  caution({
    id: 'pest-active',
    name: 'insects active',
    kind: 'pest',
    rank: 5,
    canHappen: EATEN,
    doNow: '',
    who: 'licensed pest control',
    gates: 'nothing',
    effect: 'warns',
    onWork: 'Insects are active: they are treated before new wood is closed in.',
    holdsFor: 'place',
  }),
  caution({
    id: 'other',
    name: 'hazard',
    kind: 'other',
    rank: 5,
    canHappen: 'someone can be hurt',
    doNow: '',
    who: 'us',
    gates: 'nothing',
    effect: 'warns',
    onWork: '',
    holdsFor: 'place',
  }),
  caution({
    id: 'no-pressure-wash',
    name: 'no pressure washing',
    kind: 'no-pressure-wash',
    rank: 6,
    canHappen: 'pressure drives water into the laps and the boards swell',
    doNow: 'No pressure washing. By hand, low pressure.',
    who: 'us',
    gates: 'nothing',
    effect: 'warns',
    onWork: 'No pressure washing on hardboard: by hand, low pressure.',
    holdsFor: 'place',
  }),
]
/** Every caution: of the keep-off list and the hazards somebody noted, and those that what is seen raises by itself. */
export const CAUTIONS: readonly CautionRow[] = [...KNOWN, ...SEEN_CAUTIONS]
const ROWS = rowsById(CAUTIONS)

/** @throws Error for a caution no row has: whoever raises one must say what it means. */
export function cautionOf(id: string): CautionRow {
  const row = ROWS.get(id)
  if (!row) throw new Error(`no caution is called ${id}`)
  return row
}

/** Seen on a member, these keep people off by themselves, whatever its wood. */
export const KEEP_OFF_BY_SIGN: readonly {
  readonly part: string
  readonly sign: string
  readonly says: string
}[] = [
  { part: 'ledger', sign: 'ledger-nails-only', says: 'ledger nailed only' },
  { part: 'ledger', sign: 'ledger-gap-over-eighth', says: 'gap over 1/8" at the ledger' },
  { part: 'ledger', sign: 'ledger-on-veneer', says: 'ledger on veneer' },
  { part: 'guard', sign: 'guard-no-end-posts', says: 'guard without posts at its ends' },
  { part: 'guard', sign: 'guard-moves', says: 'guard moves or has no structural posts' },
  { part: 'deck-beam', sign: 'beam-beside-posts', says: 'beam not on its post' },
  { part: 'deck-post', sign: 'post-on-loose-pad', says: 'post without a footing' },
  { part: 'deck-beam', sign: 'beam-missing', says: 'no beam where one belongs' },
  { part: 'joist-hanger', sign: 'connector-absent', says: 'hangers absent' },
  { part: 'stringer', sign: 'broken-through', says: 'stringer broken through' },
  { part: 'stair', sign: 'broken-through', says: 'stair broken through' },
  { part: 'deck-joist', sign: 'broken-through', says: 'deck joist broken through' },
]

/** The keep-off list as it is ticked on site: what each line says, and the part that it makes unsafe; null: all of it. */
export const KEEP_OFF_LIST: Readonly<
  Record<string, { readonly says: string; readonly part: string | null }>
> = {
  'ledger-on-veneer': { says: 'ledger on veneer', part: 'ledger' },
  'ledger-nailed-only': { says: 'ledger nailed only', part: 'ledger' },
  'ledger-loose': { says: 'ledger loose', part: 'ledger' },
  'rim-soft': { says: 'rim soft', part: 'ledger' },
  'gap-opening': { says: 'gap at the ledger and opening', part: 'ledger' },
  'post-base-soft': { says: 'post base or bearing soft', part: 'deck-post' },
  'beam-not-on-post': { says: 'beam not on its post', part: 'deck-beam' },
  'hangers-missing-at-height': { says: 'hangers missing at height', part: 'joist-hanger' },
  'stair-not-attached': { says: 'stair not attached or stringer cracked', part: 'stair' },
  'guard-moves': { says: 'guard moves or has no structural posts', part: 'guard' },
  'load-never-designed': { says: 'load it was never built for', part: null },
  leaning: { says: 'leaning', part: null },
  'freestanding-unbraced': { says: 'freestanding without bracing', part: null },
}

/** Seen there, wood-eating insects may be at work. Looked for and not there, they raise nothing. */
export const PEST_SIGNS: readonly string[] = [
  'mud-tubes',
  'tubes-broken-lately',
  'mud-lined-galleries',
  'mud-in-galleries',
  'galleries-kind-unknown',
  'clean-smooth-galleries',
  'frass-or-holes',
  'frass-with-insect-parts',
  'fresh-frass',
  'pin-holes-with-powder',
  'hard-six-sided-pellets',
  'large-insects-in-wet-wood',
]

/** Claddings that pressure washing ruins. */
export const NO_PRESSURE_ON: readonly string[] = ['hardboard-lap']
