import type { CheckId } from '../../job'
import type { SignId } from '../signs'

/** What a check needs before it may be done: a look, a probe, the owner’s word to open, or a licensed trade. */
export type Permit = 'look' | 'probe' | 'open' | 'trade'

/**
 * A check: minutes, who may do it, what it sees and how well, and the signs it can show. Our judgement.
 * `waits`: days until its answer.
 */
export type Check = {
  readonly name: string
  readonly minutes: number
  readonly waits: number
  readonly permit: Permit
  readonly sensitivity: number
  readonly specificity: number
  /** What fools it. */
  readonly falseFriends: string
  readonly shows: readonly SignId[]
}

const check = (
  name: string,
  [minutes, waits]: readonly [number, number],
  permit: Permit,
  [sensitivity, specificity]: readonly [number, number],
  falseFriends: string,
  shows: readonly SignId[],
): Check => ({ name, minutes, waits, permit, sensitivity, specificity, falseFriends, shows })

export const CHECKS: Readonly<Record<CheckId, Check>> = {
  probe: check('Thumb or awl at six places', [3, 0], 'probe', [0.75, 0.95], 'rot behind a sound face', [
    'deck-edge-soft-along-run',
    'head-hard-and-dry',
    'head-and-both-legs-soft',
    'rot-at-head-corner-only',
    'sill-and-lower-jamb-only',
    'legs-soft-from-top',
    'soft-near-joint',
    'fades-upward',
    'soft-below-roof-end',
    'foot-soft-above-hard',
    'soft-end-at-bearing',
    'dry-and-hard-all-round',
    'filler-hollow-awl-passes',
  ]),
  'pin-meter': check(
    'Pin meter against a dry reference',
    [3, 0],
    'probe',
    [0.85, 0.8],
    'salts, borate, copper, decayed wood; saturates over 30 %',
    [
      'wet-over-22',
      'dry-elsewhere',
      'rim-wet-along-length',
      'sill-wet-behind-storm',
      'fascia-back-dry-after-storm',
      'damp-wood-here',
      'subfloor-over-18-in-summer',
      'every-bay-alike',
      'along-one-wall',
      'wet-below-fixture',
      'dry-through-wet-season',
    ],
  ),
  'pinless-sweep': check('Pinless meter sweep', [3, 0], 'look', [0.7, 0.75], 'metal, foil, lath, gaps', [
    'wet-above-band',
    'wet-above-bead',
    'damp-behind-plants',
  ]),
  'long-pins': check('Long insulated pins through a joint', [10, 0], 'probe', [0.85, 0.9], 'a nail', [
    'sheathing-dry-at-three-spots',
    'wet-above-bead',
    'sheathing-soft-at-ledger',
  ]),
  infrared: check(
    'Infrared after a change of temperature',
    [10, 0],
    'look',
    [0.55, 0.55],
    'shadow, air leaks, studs; needs 10 °F',
    ['wet-path-from-attic', 'inside-stain-one-bay'],
  ),
  hose: check(
    'Hose from the bottom up, ten minutes a step, somebody inside',
    [60, 0],
    'open',
    [0.8, 0.9],
    'no wind pressure; too brief; begun high it tells nothing',
    [
      'corner-key-open',
      'no-metal-at-casing-top',
      'stain-at-head-corners-inside',
      'open-joint',
      'one-piece-or-smeared-flashing',
      'soft-at-or-below-hole',
      'roof-ends-on-wall-no-diverter',
    ],
  ),
  'lift-a-course': check('Lift one course or board', [15, 0], 'open', [0.95, 0.98], 'shows only that spot', [
    'barrier-seen-faulty',
    'barrier-seen-right',
    'metal-tucked-at-head',
    'no-metal-at-casing-top',
    'no-metal-at-ledger',
    'back-or-edge-bare',
    'sheathing-soft-at-ledger',
    'behind-dry-except-at-joint',
  ]),
  borescope: check('Mirror or borescope through a 1/2 in hole', [10, 0], 'open', [0.7, 0.9], 'insulation', [
    'barrier-seen-faulty',
    'interior-stain-sound-cladding',
    'fresh-strands',
  ]),
  'ladder-look': check('Look at the edge from a ladder', [8, 0], 'look', [0.85, 0.9], '', [
    'no-metal-under-first-shingle',
    'wash-marks-behind-gutter',
    'standing-water-in-gutter',
    'gutter-back-fall',
    'debris-at-gutter-lip',
    'no-metal-at-casing-top',
    'metal-stops-short',
    'rust-or-holes-on-cover',
    'roof-ends-on-wall-no-diverter',
    'end-cap-touches-siding',
    'cracked-collar',
    'one-piece-or-smeared-flashing',
    'open-hem-crown-stained',
    'mortar-smeared-flashing',
  ]),
  'attic-look': check(
    'Look over the spot from the attic',
    [10, 0],
    'look',
    [0.75, 0.9],
    'insulation hides the eave',
    [
      'rusty-nail-tips-all-bays',
      'stain-directly-below-pipe',
      'wet-path-from-attic',
      'attic-dry-over-line',
      'deck-wet-upslope-of-chimney',
      'all-faces-damp-at-top',
      'duct-disconnected',
      'no-rafter-ties',
    ],
  ),
  'crawl-look': check(
    'Look at the spot from the crawl space',
    [20, 0],
    'look',
    [0.85, 0.9],
    'batts hide it',
    [
      'every-bay-alike',
      'ground-bare',
      'ground-cover-intact',
      'wet-below-fixture',
      'washout-at-pier',
      'mud-tubes',
      'tide-line-on-piers',
      'pier-leaning',
      'framing-below-soft-head-dry',
      'notch-or-hole-too-big',
    ],
  ),
  'meter-dial': check(
    'Water meter for 30 minutes, all off',
    [30, 0],
    'look',
    [0.9, 0.95],
    'ice-maker, irrigation',
    ['meter-dial-moves'],
  ),
  'supply-pressure': check(
    'Pressure test of the supply',
    [30, 0],
    'trade',
    [0.95, 0.98],
    'drains are not tested',
    ['meter-dial-moves'],
  ),
  'drain-dye': check('Dye in the drains', [45, 0], 'trade', [0.8, 0.95], 'leaks that come and go', [
    'wet-below-fixture',
    'wet-only-after-use',
  ]),
  'pan-flood': check(
    'Flood the pan for an hour or more',
    [120, 0],
    'open',
    [0.9, 0.95],
    'walls are not tested',
    ['flood-test-fails'],
  ),
  'plastic-sheet': check('Taped plastic sheet, a day or two', [5, 2], 'look', [0.7, 0.8], 'dry season', [
    'constant-all-year',
  ]),
  'plumb-line': check(
    'Plumb line at three heights, three stations',
    [15, 0],
    'look',
    [0.95, 0.9],
    'built off plumb',
    ['plumb-out-half-in', 'wall-plumb', 'ridge-sags-wall-out-at-top'],
  ),
  'laser-bed-joint': check('Laser along one bed joint', [20, 0], 'look', [0.95, 0.5], 'as built', [
    'courses-low-and-cracks',
    'courses-level',
    'middle-or-porch-highest',
  ]),
  'second-survey': check('Second survey, three months on', [30, 90], 'look', [0.85, 0.9], 'season', [
    'survey-falls',
  ]),
  'crack-gauge': check('Measure the crack at both ends', [5, 0], 'look', [0.8, 0.8], '', [
    'low-zone-with-tapered-cracks',
    'cracks-uniform-unsoiled',
    'vertical-crack-even-width',
  ]),
  'card-in-gap': check('Card into the bearing', [2, 0], 'look', [0.95, 0.9], '', ['daylight-in-bearing']),
  'shake-guard': check(
    'Push the guard, about 50 lb',
    [2, 0],
    'look',
    [0.9, 0.9],
    'not from a doubtful deck',
    ['connector-absent'],
  ),
  'bleach-drop': check('Drop of bleach, then oxalic acid', [3, 0], 'probe', [0.9, 0.9], '', [
    'streak-wipes-off',
  ]),
  'rain-diary': check('Rain and wind diary by the owner, two events', [2, 14], 'look', [0.6, 0.8], 'memory', [
    'runs-over-in-rain',
    'only-in-wind-driven-rain',
    'only-after-rain',
    'independent-of-rain',
    'drips-in-any-rain',
  ]),
  splinter: check('Break a splinter', [1, 0], 'probe', [0.85, 0.85], '', [
    'dust-no-strands',
    'fuzzed-fibres',
  ]),
  'frass-in-palm': check('Frass in the palm', [2, 0], 'look', [0.85, 0.95], '', [
    'frass-with-insect-parts',
    'hard-six-sided-pellets',
    'mud-lined-galleries',
  ]),
  'hole-gauge': check('Gauge of the holes', [2, 0], 'look', [0.95, 0.95], '', [
    'round-half-inch-holes',
    'pin-holes-with-powder',
    'ragged-rows',
  ]),
  'tape-holes': check('Tape over the holes, look again in a season', [5, 120], 'look', [0.8, 0.95], '', [
    'fresh-frass',
  ]),
  'flake-back': check('Look at the back of a flake; cut a blister', [2, 0], 'probe', [0.85, 0.85], '', [
    'flake-shows-bare-wood',
    'flake-shows-old-paint',
    'cut-blister-shows-film',
  ]),
  'run-the-zone': check('Run the sprinkler zone', [5, 0], 'look', [0.95, 0.95], '', ['head-aimed-at-wall']),
  papers: check('Ask for the papers of earlier work', [5, 0], 'look', [0.6, 0.9], 'lost papers', [
    'treatment-record-seen',
    'source-already-replaced',
    'failed-in-under-5-years',
  ]),
  'look-closer': check('Stand before it and look', [2, 0], 'look', [0.6, 0.85], 'paint, glare', [
    'dirt-specks-to-18-in',
    'bottom-covered-by-soil',
    'six-inches-clear',
    'erosion-at-outlet',
    'short-or-missing-elbow',
    'weeps-painted-shut',
    'fan-stain-below-roof-end',
    'mineral-arc',
    'dark-both-sides-of-joint',
    'square-butt-joint',
    'no-block-or-hood',
    'landing-flush',
    'bead-at-flashing-or-weep',
    'thickness-peaks-at-nails',
    'horizontal-crack-inside',
    'hairline-only',
    'decay-same-on-all-alike',
    'sill-flat-or-back-sloped',
    'tub-joint-open',
  ]),
  other: check('Another way', [10, 0], 'look', [0.6, 0.8], '', []),
}
