import type { WayToLook } from '../../job'
import type { CauseId } from '../causes'
import type { Row } from '../row'
import type { SignId } from '../signs'

/**
 * What the trade looks at first for a sight, before any reckoning of what a look is worth: the look that fits the part. A finding is
 * meant by one of its signs, by its part, or by what is thought of it; `parts` beside signs narrows them.
 */
export type FirstLookRow = Omit<Row, 'name'> & {
  readonly signs: readonly SignId[]
  readonly parts: readonly string[]
  readonly causes: readonly CauseId[]
  /** Only where nobody touched it yet. */
  readonly untouched: boolean
  readonly says: string
  /** How one gets to it: what its price goes by. */
  readonly way: WayToLook
}

const look = (
  id: string,
  way: WayToLook,
  says: string,
  when: Partial<Pick<FirstLookRow, 'signs' | 'parts' | 'causes' | 'untouched'>>,
): FirstLookRow => ({
  id,
  way,
  source: 'common practice',
  signs: [],
  parts: [],
  causes: [],
  untouched: false,
  says,
  ...when,
})

export const FIRST_LOOKS: readonly FirstLookRow[] = [
  look(
    'floor-from-below',
    'crawl',
    'Look from below, or open the floor, before a price is given: a picture of the underside with the wet points lined up with the rooms above.',
    { parts: ['joist', 'subfloor', 'girder', 'floor', 'floor-insulation', 'finish-floor', 'underlayment'] },
  ),
  look(
    'levels',
    'other',
    'Survey the levels: doors, windows and floors with a level, outside along one course where there is one; write the date.',
    {
      signs: [
        'door-drags',
        'door-head-out-of-level',
        'ball-rolls',
        'falls-to-corner',
        'falls-to-one-side',
        'rises-at-corner',
        'crack-through-slab-edge',
        'crack-diagonal-at-opening',
        'course-line-drops',
      ],
    },
  ),
  look(
    'cracks-dated',
    'other',
    'Mark the crack, date it, measure its width at both ends and its offset; look again and measure what re-opened.',
    {
      signs: [
        'crack-filled-torn-again',
        'crack-filled-before',
        'crack-vertical',
        'crack-diagonal',
        'crack-stepped',
        'crack-through-slab-edge',
        'hairline-only',
      ],
    },
  ),
  look('plumb', 'other', 'Plumb offsets at three heights, by stations along the wall.', {
    signs: [
      'wall-bowed',
      'wall-leans-in-at-top',
      'wall-kicked-in-at-foot',
      'crack-horizontal',
      'horizontal-crack-inside',
    ],
  }),
  look(
    'attic-first',
    'other',
    'Look from the attic before it is priced; quantities are not fixed from the ground.',
    {
      signs: ['dip-in-field', 'ceiling-stain-below', 'ceiling-mould-below'],
      causes: ['roof-deck-weak'],
    },
  ),
  look(
    'hose-or-rain',
    'hose',
    'Hose test with somebody inside, or look again after rain. Infrared with nothing seen is no proof.',
    {
      signs: ['board-off-wall', 'inside-stain-one-bay', 'interior-stain-sound-cladding'],
      causes: ['penetration-unflashed'],
    },
  ),
  look(
    'behind-stucco',
    'open',
    'Open, probe or drill behind it with the owner’s leave; until then firm to the hand is not sound.',
    {
      signs: [
        'salts-below-window',
        'salts-near-roof-end',
        'roof-ends-on-wall-no-diverter',
        'rust-stain-through',
        'hollow-behind',
      ],
    },
  ),
  look('plate-behind', 'ladder', 'Feel or probe the wall plate behind the foot of the stucco.', {
    causes: ['weep-screed-missing'],
    signs: ['no-weep-screed', 'bloom-at-base'],
  }),
  look('run-water', 'other', 'Run water from above and see whether the ground pipe takes it.', {
    signs: ['leader-cut-short', 'leader-loose', 'ground-pipe-mouth-blocked', 'leader-blocked'],
    parts: ['ground-pipe'],
  }),
  look(
    'probe-look-alikes',
    'ladder',
    'Probe it with the awl: its look-alikes are rotten; until then an allowance.',
    {
      signs: ['several-openings-same-fault'],
      untouched: true,
    },
  ),
  look(
    'from-the-ladder',
    'ladder',
    'Touch it with the awl from the ladder: hard is paint, soft is wet wood.',
    {
      signs: ['creased-film'],
      untouched: true,
    },
  ),
  look('when-dry', 'dry-day', 'Look again when it is dry.', { signs: ['surface-wet-from-rain'] }),
  look('below-the-door', 'crawl', 'Probe rim and subfloor under the threshold, from below where one can.', {
    parts: ['threshold', 'jamb-foot'],
    causes: ['door-threshold'],
  }),
  look(
    'line-running',
    'appointment',
    'Watch the cold line running on a humid day; meter along it and away from it.',
    {
      signs: ['drips-along-pipe', 'cold-line-wet-on-humid-days'],
      causes: ['sweating-line'],
    },
  ),
  look(
    'fixture-tests',
    'appointment',
    'Pressure test of the supply and a fill test of tub, pan and toilet before the floor is closed.',
    {
      signs: ['near-tub-or-toilet', 'wet-below-fixture'],
      causes: ['plumbing-leak', 'pan-or-tub-joint'],
    },
  ),
  look('papers-first', 'other', 'Ask what was repaired here and how, with its papers.', {
    signs: [
      'freshly-painted',
      'new-paint-one-spot',
      'fresh-filler',
      'lines-only-from-angle',
      'tubes-broken-lately',
    ],
  }),
  look('behind-the-ledger', 'open', 'Open the wall behind the joist ends and look at sheathing and rim.', {
    causes: ['ledger-unflashed', 'ledger-attachment'],
  }),
  look('take-a-panel-off', 'open', 'Take a panel of the skirting off and measure the piers behind it.', {
    parts: ['skirting'],
  }),
  look('does-it-carry', 'ladder', 'See whether the column carries the roof before it is opened.', {
    parts: ['porch-column'],
  }),
  look('look-near', 'ladder', 'Look at the house trim near it for the same holes.', {
    signs: ['round-half-inch-holes'],
    parts: ['free-timber'],
  }),
]
