import type { Row } from '../row'
import type { CautionEffect, CautionKind, CautionRow } from './caution'

type Written = {
  readonly id: string
  readonly name: string
  readonly kind?: CautionKind
  readonly rank: number
  readonly canHappen: string
  readonly doNow: string
  readonly who: string
  readonly onWork?: string
  readonly effect?: CautionEffect
}

/** A caution that what is seen raises by itself: it warns, and stops nothing. Common practice. */
const seen = (of: Written): CautionRow => ({
  source: 'common practice',
  kind: 'other',
  gates: 'nothing',
  effect: 'warns',
  onWork: '',
  endsWithRebuild: false,
  holdsFor: 'place',
  ...of,
})

const ENGINEER = 'licensed engineer'

export const SEEN_CAUTIONS: readonly CautionRow[] = [
  seen({
    id: 'floor-gives',
    name: 'floor in doubt',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the floor gives under a person or a heavy thing',
    doNow:
      'Loads off this floor, furniture and machines too; nobody stands there before it is shored. Cover every opening in the floor and set a barrier.',
    who: 'everyone on the place',
  }),
  seen({
    id: 'jacking',
    name: 'lifting',
    rank: 4,
    canHappen: 'a lifted load slips or a pipe breaks',
    doNow:
      'Jacking by an experienced crew only: small steps, cribbing, one caller, gas off; nobody under a lifted load.',
    who: 'experienced crew',
  }),
  seen({
    id: 'wall-pushed',
    name: 'wall pushed in',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the wall can fail inwards',
    doNow:
      'Engineer advised; before any work from 2 in of bow, a foot that slid, or a crack that grows. Keep people and stored weight out of its fall zone.',
    who: ENGINEER,
  }),
  seen({
    id: 'old-steel',
    name: 'old brace in the way',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the wall moves when the old brace comes out',
    doNow: 'Shore the wall before old steel is taken out.',
    who: ENGINEER,
  }),
  seen({
    id: 'tendons',
    name: 'tendons in the slab',
    kind: 'engineer',
    rank: 2,
    canHappen: 'a cut tendon lets go with great force',
    doNow:
      'No drilling, coring, cutting or chipping of the edge before tendons are located. Keep out of the line of a tendon.',
    who: 'slab specialist or engineer',
    onWork: 'Tendons in the slab: they are located before anything is drilled or cut.',
  }),
  seen({
    id: 'roof-soft',
    name: 'roof may be soft',
    rank: 3,
    canHappen: 'a foot goes through the roof',
    doNow: 'Do not step there. Look from the attic first.',
    who: 'roofer',
  }),
  seen({
    id: 'wall-open',
    name: 'wall open',
    kind: 'open-wall',
    rank: 3,
    canHappen: 'weather and animals get in; a bearing stud may stand bare',
    doNow:
      'Close it against the weather today; look for animals before it is closed; shore before a bearing stud is cut.',
    who: 'us',
  }),
  seen({
    id: 'wires-loose',
    name: 'wiring open or loose',
    kind: 'wiring',
    rank: 3,
    canHappen: 'shock or fire',
    doNow: 'Power off and hands off. Licensed electrician first.',
    who: 'licensed electrician',
  }),
  seen({
    id: 'garage-door',
    name: 'overhead door',
    rank: 3,
    canHappen: 'the door falls, or its spring lets go',
    doNow: 'Do not operate the door; keep clear of its spring and of where it falls. Door trade.',
    who: 'door trade',
  }),
  seen({
    id: 'guard-gaps',
    name: 'openings in a guard',
    rank: 3,
    canHappen: 'a child slips through or is caught',
    doNow: 'Child hazard: openings let a 4 in ball pass. Keep children away until it is closed.',
    who: 'everyone on the place',
  }),
  seen({
    id: 'deck-load',
    name: 'a load nobody reckoned',
    kind: 'engineer',
    rank: 3,
    canHappen: 'the deck comes down under it',
    doNow:
      'An engineer reckons it before it stands there. If it stands there already: keep off, take it away.',
    who: ENGINEER,
  }),
  seen({
    id: 'droppings',
    name: 'droppings',
    rank: 5,
    canHappen: 'dust of droppings makes ill',
    doNow:
      'No dry sweeping: wet it, mask and gloves; much of it is for a specialist. Do not seal animals in.',
    who: 'pest trade',
  }),
  seen({
    id: 'bees',
    name: 'bees in the wood',
    kind: 'pest',
    rank: 6,
    canHappen: 'they return and drill again',
    doNow: 'Treat them before the holes are filled, or they return.',
    who: 'pest trade',
  }),
  seen({
    id: 'stored-goods',
    name: 'goods at the wall',
    kind: 'pest',
    rank: 6,
    canHappen: 'insects and damp come in unseen',
    doNow: 'Clear stored goods, wood and mulch 18 in from the wall.',
    who: 'owner',
  }),
]

/** Which signs raise which caution, on any part unless parts are named, and what is then said to be there. */
export type CautionBySign = Omit<Row, 'name'> & {
  readonly signs: readonly string[]
  readonly parts: readonly string[] | null
  readonly says: string
}
const by = (id: string, says: string, signs: readonly string[], parts: readonly string[] | null = null) => ({
  id,
  source: 'common practice' as const,
  signs,
  parts,
  says,
})

const FLOORS = [
  'joist',
  'girder',
  'subfloor',
  'floor',
  'finish-floor',
  'underlayment',
  'mudsill',
  'rim-joist',
]

/** No sign here says that nothing is wrong: looked for and not there, it raises nothing. */
export const CAUTIONS_BY_SIGN: readonly CautionBySign[] = [
  by('floor-gives', 'floor in doubt', ['broken-through', 'comes-off-in-thin-sheets'], FLOORS),
  by('floor-gives', 'floor in doubt', ['sinks-at-one-spot', 'heavy-thing-stands-there']),
  by('jacking', 'it will have to be lifted', [
    'falls-to-middle',
    'pier-leaning',
    'daylight-in-bearing',
    'washout-at-pier',
    'shims-fanned',
    'support-not-plumb',
    'soft-end-at-bearing',
  ]),
  by('wall-pushed', 'wall pushed in or bowed', [
    'wall-bowed',
    'wall-leans-in-at-top',
    'wall-kicked-in-at-foot',
    'horizontal-crack-inside',
    'plumb-out-half-in',
  ]),
  by('old-steel', 'old brace cut, loose or cast in', ['brace-cut-or-loose']),
  by('tendons', 'slab with tendons', ['rust-spots-in-pairs', 'tendon-pocket-open']),
  by('roof-soft', 'dip in the roof', ['dip-in-field']),
  by('wall-open', 'wall open', ['board-missing', 'hole-showing-studs']),
  by('wires-loose', 'wiring open or loose', [
    'conductor-ends-open',
    'receptacle-loose',
    'box-hangs-loose',
    'aluminium-seen',
  ]),
  by('garage-door', 'overhead door off its track or its spring loose', ['off-its-track', 'spring-broken']),
  by('guard-gaps', 'openings in the guard over 4 in', ['opening-over-4-in']),
  by('deck-load', 'a load nobody reckoned', ['load-never-engineered', 'deck-sags-under-load']),
  by('droppings', 'droppings or marks of animals', ['droppings-or-hair', 'boot-chewed']),
  by('bees', 'holes of bees', ['round-half-inch-holes']),
  by('stored-goods', 'goods stacked against the wall', ['stacked-against-wall']),
]
