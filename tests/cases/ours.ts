import type { Scene } from './scenes'

/**
 * Sixty scenes of our own, written before the weights they test were touched and held until the end: pairs in which one fact flips the
 * answer, whole small houses, and single sights. What a practitioner would say of them is common practice and our judgement.
 */
const CRAWL = { foundation: 'crawl' } as const
const SLAB = { foundation: 'slab' } as const
const BASEMENT = { foundation: 'basement' } as const
const HARDBOARD = { cladding: 'hardboard-lap' } as const
const HOME = { foundation: 'piers-with-skirt' } as const

const PAIRS: readonly Scene[] = [
  {
    id: 'P01a',
    title: 'joists soft in every bay over bare soil',
    house: CRAWL,
    found: ['joist | in C 20 60 | every-bay-alike ground-bare subfloor-over-18-in-summer 2'],
    cause: [[1, 'crawl-vapour', 'S']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'P01b',
    title: 'the same, but one bay below the tub and dry elsewhere',
    house: CRAWL,
    found: ['joist | in B 20 40 | one-bay-only wet-below-fixture dry-elsewhere ground-cover-intact 2'],
    cause: [[1, 'plumbing-leak|pan-or-tub-joint', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'P02a',
    title: 'floor falls to the middle, firm at the outside walls',
    house: CRAWL,
    found: ['floor | words middle rooms | falls-to-middle firm-at-outside-walls floor-springy ?'],
    cause: [[1, 'support-line-failed', 'S']],
    not: [['settlement', 'T']],
  },
  {
    id: 'P02b',
    title: 'floor falls to one corner, edge cracked there with its wide end up',
    house: CRAWL,
    found: [
      'floor | words back left room | falls-to-corner ball-rolls ?',
      'foundation-wall | words back left corner | low-zone-with-tapered-cracks ?',
    ],
    cause: [
      [2, 'settlement', 'S'],
      [1, 'settlement', 'L'],
    ],
    not: [['support-line-failed', 'T']],
  },
  {
    id: 'P03a',
    title: 'horizontal crack at mid-height, wall bowed',
    house: BASEMENT,
    found: ['foundation-wall | words left wall | horizontal-crack-inside wall-bowed ?'],
    cause: [[1, 'lateral-pressure', 'S']],
    not: [['settlement', 'T']],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'P03b',
    title: 'crack stepped and tapered, wall plumb',
    house: BASEMENT,
    found: ['foundation-wall | words left wall | crack-stepped low-zone-with-tapered-cracks wall-plumb ?'],
    cause: [[1, 'settlement', 'S']],
    not: [['lateral-pressure', 'T']],
  },
  {
    id: 'P04a',
    title: 'paint creased, awl sinks in',
    house: HARDBOARD,
    found: ['lap-siding | A 30 40 | creased-film back-or-edge-bare 2'],
    cause: [[1, 'back-never-primed|never-sealed', 'L']],
    not: [['coating-fault', 'T']],
  },
  {
    id: 'P04b',
    title: 'paint creased, board hard and dry',
    house: HARDBOARD,
    found: ['lap-siding | A 30 40 | creased-film wrinkled-film-hard-below dry-and-hard-all-round 0'],
    cause: [[1, 'coating-fault', 'S']],
  },
  {
    id: 'P05a',
    title: 'ceiling mould below leaves that lie on the roof',
    found: [
      'roof-covering | words left slope | leaves-on-roof 0',
      'ceiling | words below it | ceiling-mould-below one-spot-only ?',
    ],
    cause: [[2, 'roof-debris', 'S']],
    not: [['roof-worn', 'T']],
  },
  {
    id: 'P05b',
    title: 'ceiling stains all over, covering bald',
    found: [
      'roof-covering | words left slope | shingles-bald-or-curled granules-in-gutter roof-over-20-years 3',
      'ceiling | words rooms | many-small-roof-stains ?',
    ],
    cause: [[2, 'roof-worn', 'S']],
    not: [['roof-debris', 'T']],
  },
  {
    id: 'P06a',
    title: 'gutter face streaked, gutter takes several roofs',
    found: ['gutter | A 20 120 | streaks-down-gutter-face takes-several-roofs ?'],
    cause: [[1, 'gutter-undersized', 'S']],
  },
  {
    id: 'P06b',
    title: 'gutter face streaked, streak wipes off, gutter clean and falling right',
    found: ['gutter | A 20 120 | streaks-down-gutter-face streak-wipes-off gutter-falls-right 0'],
    cause: [[1, 'dirt-streak', 'S']],
    not: [['gutter-undersized', 'T']],
  },
  {
    id: 'P07a',
    title: 'board off the wall, nails pulled through, wood hard',
    house: { cladding: 'fibre-cement-lap' },
    found: ['lap-siding | A 30 60 | board-off-wall nails-pulled-through dry-and-hard-all-round 0'],
    cause: [[1, 'fasteners-wrong', 'S']],
  },
  {
    id: 'P07b',
    title: 'board bowed, butts tight',
    house: HARDBOARD,
    found: ['lap-siding | A 30 60 | butts-tight-and-bowed no-expansion-joint 0'],
    cause: [[1, 'expansion-without-gaps', 'S']],
    not: [['fasteners-wrong', 'T']],
  },
  {
    id: 'P08a',
    title: 'tubes whole, galleries with mud',
    house: CRAWL,
    found: ['mudsill | words right wall | mud-tubes mud-lined-galleries 3'],
    cause: [[1, 'subterranean-termites', 'S']],
    caution: [[/pest control/i, 'T']],
  },
  {
    id: 'P08b',
    title: 'smooth clean galleries with fibrous frass, wood damp',
    house: CRAWL,
    found: ['mudsill | words right wall | clean-smooth-galleries frass-with-insect-parts damp-wood-here 3'],
    cause: [[1, 'carpenter-ants', 'S']],
    not: [['subterranean-termites', 'T']],
  },
  {
    id: 'P09a',
    title: 'deck guard with gaps of five inches, stiff',
    found: ['guard | C 20 60 c4 | opening-over-4-in 0'],
    cause: [[1, 'guard-openings', 'S']],
    not: [['ordinary-exposure', 'T']],
    caution: [[/child|4 in/i, 'S']],
  },
  {
    id: 'P09b',
    title: 'deck guard without posts at its ends',
    found: ['guard | C 20 60 c4 | guard-no-end-posts 0'],
    cause: [[1, 'guard-unsupported', 'S']],
    caution: [[/keep off/i, 'T']],
  },
  {
    id: 'P10a',
    title: 'stain low at a wall below a meter of roof end, no diverter',
    house: { cladding: 'stucco' },
    found: ['stucco | A 23.5 80 | roof-ends-on-wall-no-diverter salts-near-roof-end ?'],
    cause: [[1, 'kick-out-missing', 'S']],
  },
  {
    id: 'P10b',
    title: 'diverter there and dry, salts along the base',
    house: { cladding: 'stucco' },
    found: ['stucco | A 23.5 8 | diverter-there-dry-below bloom-at-base no-weep-screed ?'],
    cause: [[1, 'weep-screed-missing', 'S']],
    not: [['kick-out-missing', 'T']],
  },
]

const HOUSES: readonly Scene[] = [
  {
    id: 'H01',
    title: 'bungalow with a walk that dams and a short flashing',
    house: HARDBOARD,
    found: [
      'brick-mould | A 10.5 88 a2 | metal-stops-short rot-at-head-corner-only 3',
      'lap-siding | A 10.2 50 | 2',
      'base-course | C 30 14 | paving-tight-to-wall base-rot-on-paved-side-only 3',
      'fascia | C 10 128 | deck-edge-soft-along-run gutter-dry-behind-rot 3',
    ],
    cause: [
      [1, 'head-flashing-short', 'S'],
      [2, 'head-flashing-short', 'L'],
      [3, 'paving-dam', 'S'],
      [4, 'no-drip-edge', 'S'],
    ],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'H02',
    title: 'rented house, damp below and a tub',
    house: CRAWL,
    found: [
      'joist | in A 10 60 | every-bay-alike ground-bare 2',
      'joist | in C 25 60 | every-bay-alike ground-bare 2',
      'subfloor | in B 20 20 | wet-below-fixture worst-at-one-spot tub-joint-open 3',
      'floor-insulation | words middle | batts-down-first ground-dark-wet ?',
    ],
    cause: [
      [1, 'crawl-vapour', 'S'],
      [2, 'crawl-vapour', 'S'],
      [3, 'pan-or-tub-joint|plumbing-leak', 'S'],
    ],
    not: [['wood-beetles', 'T']],
  },
  {
    id: 'H03',
    title: 'stucco house of the eighties',
    house: { cladding: 'stucco', year: 1985 },
    found: [
      'stucco | A 23.5 80 | roof-ends-on-wall-no-diverter fan-stain-below-roof-end hollow-behind ?',
      'stucco | B 10 10 | rust-stain-through ?',
      'stucco | C 20 60 | map-cracks firm-behind 0',
      'pane | C 6 70 c1 | fog-between-panes 0',
    ],
    cause: [
      [1, 'kick-out-missing', 'S'],
      [2, 'lath-rusting', 'S'],
      [3, 'stucco-mix', 'L'],
      [4, 'pane-seal-failed', 'S'],
    ],
    not: [['settlement', 'T']],
  },
  {
    id: 'H04',
    title: 'deck of a rented house',
    found: [
      'ledger | C 13 20 c4 | ledger-nails-only no-metal-at-ledger 2',
      'guard | C 20 60 c4 | guard-no-end-posts opening-over-4-in 1',
      'deck-board | C 18 28 c4 | warped chalk-cracks-bare-spots 1',
      'deck-post | C 14 8 c4 | post-slender 0',
    ],
    cause: [
      [1, 'ledger-attachment', 'S'],
      [1, 'ledger-unflashed', 'S'],
      [2, 'guard-unsupported', 'S'],
    ],
    caution: [
      [/keep off/i, 'S'],
      [/4 in/i, 'S'],
    ],
  },
  {
    id: 'H05',
    title: 'basement house with two troubles',
    house: BASEMENT,
    found: [
      'foundation-wall | words left wall | horizontal-crack-inside wall-bowed wet-or-frozen-backfill ?',
      'foundation-wall | words back right corner | low-zone-with-tapered-cracks downspout-or-fill-at-corner ?',
      'floor | words back right room | falls-to-corner door-head-out-of-level ?',
    ],
    cause: [
      [1, 'lateral-pressure', 'S'],
      [2, 'settlement', 'S'],
      [3, 'settlement', 'L'],
    ],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'H06',
    title: 'manufactured home on a slope',
    house: HOME,
    found: [
      'home-pier | A 1 10 | daylight-in-bearing pads-on-sod-or-fill soft-probe-at-pad ?',
      'home-pier | A 9 10 | pier-leaning shims-fanned ?',
      'skirting | A 20 12 | skirting-taller-at-one-end ?',
      'floor | words bedroom | ball-rolls falls-to-one-side ?',
    ],
    cause: [
      [1, 'pad-unlevel|pier-displaced', 'S'],
      [2, 'pad-unlevel|pier-displaced', 'S'],
    ],
    caution: [[/jack|under a lifted|nobody under/i, 'T']],
  },
  {
    id: 'H07',
    title: 'chimney chase and its neighbours',
    house: HARDBOARD,
    found: [
      'chase-face | D 14 220 d2 | chase-rot-worst-at-top rust-or-holes-on-cover 3',
      'corner-board | D 12 100 d2 | square-butt-joint rot-below-joint 3',
      'lap-siding | D 20 60 | wave-in-courses edges-primed-hard 0',
    ],
    cause: [
      [1, 'chase-cover', 'S'],
      [2, 'end-grain-joint', 'S'],
      [3, 'framing-wave', 'S'],
    ],
  },
  {
    id: 'H08',
    title: 'insects, old and new',
    house: CRAWL,
    found: [
      'joist | in C 5 40 | holes-dull-no-dust under-11-percent-for-years 1',
      'mudsill | words right wall | mud-tubes mud-lined-galleries wood-to-soil-contact 3',
      'fascia | A 30 128 | round-half-inch-holes coarse-dust-below-holes 0',
    ],
    cause: [
      [1, 'old-inactive', 'S'],
      [2, 'subterranean-termites', 'S'],
      [3, 'carpenter-bees', 'S'],
    ],
    caution: [[/pest control/i, 'T']],
  },
  {
    id: 'H09',
    title: 'roof edge of a wooded lot',
    found: [
      'gutter | C 20 120 | standing-water-in-gutter gutter-back-fall leaves-on-roof ?',
      'fascia | C 35 126 | hangers-pulled wash-marks-behind-gutter 3',
      'roof-covering | words back slope | leaves-on-roof moss-shingles-lifted 1',
      'ceiling | words back bedroom | ceiling-stain-below one-spot-only ?',
    ],
    cause: [
      [1, 'gutter-mis-hung', 'S'],
      [2, 'gutter-overflow|gutter-mis-hung', 'S'],
      [4, 'roof-debris', 'S'],
    ],
    not: [['roof-worn', 'T']],
  },
  {
    id: 'H10',
    title: 'cabin on posts',
    house: { foundation: 'piers' },
    found: [
      'pier | words front row | support-wood-on-soil support-not-plumb 3',
      'floor | words front room | falls-to-one-side floor-springy ?',
      'girder | words front row | soft-end-at-bearing wood-to-soil-contact 3',
    ],
    cause: [
      [1, 'home-made-support', 'S'],
      [3, 'soil-on-wood|bearing-decayed', 'L'],
    ],
    caution: [[/shor|loads? off/i, 'T']],
  },
  {
    id: 'H11',
    title: 'slab house with a leak and a lift',
    house: { foundation: 'slab', clay: true },
    found: [
      'slab | words middle of the house | middle-or-porch-highest leak-under-slab ?',
      'interior-wall | words hall | crack-diagonal-at-opening rises-at-corner ?',
      'slab-edge | A 10 4 | bloom-at-base paving-tight-to-wall ?',
    ],
    cause: [
      [1, 'heave', 'S'],
      [3, 'paving-dam', 'S'],
    ],
    not: [['settlement', 'T']],
  },
  {
    id: 'H12',
    title: 'storm windows and the door between',
    found: [
      'window-sill | A 4 56 a1 | weeps-painted-shut sill-wet-behind-storm 3',
      'window-sill | A 12 56 a2 | weeps-open 0',
      'threshold | A 22 20 a4 | sill-centre-subfloor-soft no-pan-at-door 3',
    ],
    cause: [
      [1, 'storm-weeps-shut', 'S'],
      [3, 'door-threshold', 'S'],
    ],
  },
  {
    id: 'H13',
    title: 'washed and filled before the sale',
    house: HARDBOARD,
    found: [
      'lap-siding | A 30 40 | began-within-year-of-washing blistered-round-laps 2',
      'sill-nose | A 12 55 a2 | fresh-filler filler-hollow-awl-passes 3',
      'lap-siding | B 10 30 | freshly-painted new-paint-one-spot ?',
    ],
    cause: [
      [1, 'washing-injection', 'S'],
      [2, 'cosmetic-repair', 'S'],
    ],
  },
  {
    id: 'H14',
    title: 'attic of a cold house',
    found: [
      'roof-deck | words attic | rusty-nail-tips-all-bays worse-in-winter north-side-worse 1',
      'roof-deck | words attic at the pipe | cracked-collar stain-directly-below-pipe 2',
      'ceiling | words hall | crack-along-board-joint opens-in-winter under-roof-trusses ?',
    ],
    cause: [
      [1, 'attic-air-leak', 'S'],
      [2, 'pipe-collar', 'S'],
      [3, 'truss-uplift', 'S'],
    ],
    not: [['settlement', 'T']],
  },
  {
    id: 'H15',
    title: 'brick house, lintel and length',
    house: { cladding: 'brick' },
    found: [
      'brick-veneer | A 22 90 | lintel-bed-joint-lifted rust-and-cover-lost ?',
      'brick-veneer | C 38 40 | vertical-crack-even-width no-expansion-joint courses-level ?',
      'floor | words hall | trim-scribed-paint-unbroken doors-trimmed-to-fit ?',
    ],
    cause: [
      [1, 'embedded-steel', 'S'],
      [2, 'expansion-without-gaps', 'S'],
      [3, 'as-built', 'S'],
    ],
    not: [['settlement', 'T']],
  },
  {
    id: 'H16',
    title: 'garage and yard',
    found: [
      'overhead-door | words garage | off-its-track spring-broken ?',
      'side-casing | A 23.5 10 a4 | foot-end-grain-on-hard-surface foot-soft-above-hard 3',
      'free-timber | words arbour | round-half-inch-holes splashes-below-holes 0',
    ],
    cause: [
      [1, 'overhead-door-loose', 'S'],
      [2, 'end-grain-joint', 'S'],
      [3, 'carpenter-bees', 'S'],
    ],
    caution: [[/spring|operate|door trade/i, 'T']],
  },
  {
    id: 'H17',
    title: 'three-layer floor of a kitchen',
    house: CRAWL,
    found: [
      'finish-floor | words kitchen | finish-floor-cupped ?',
      'subfloor | words kitchen | lower-layer-wet-upper-dry 2',
      'floor | words kitchen, at the cooker | sinks-at-one-spot heavy-thing-stands-there ?',
    ],
    cause: [
      [2, 'wet-between-layers', 'L'],
      [3, 'point-load', 'L'],
    ],
    caution: [[/loads? off/i, 'T']],
  },
  {
    id: 'H18',
    title: 'shingle cottage by the sea',
    house: { cladding: 'shingle' },
    found: [
      'shingle | A 10 60 | rows-lifting short-or-staple-fasteners panel-backing-soft 2',
      'shingle | C 20 60 | stain-bleached rows-tight 0',
      'shingle | D 20 60 | stems-in-laps damp-behind-plants 2',
    ],
    cause: [
      [1, 'shake-substrate', 'S'],
      [2, 'finish-overdue', 'S'],
      [3, 'plants', 'S'],
    ],
  },
  {
    id: 'H19',
    title: 'porch and what falls on it',
    found: [
      'porch-column | words left column | from-bottom-up foot-end-grain-on-hard-surface 3',
      'porch-ceiling | words porch | bleeding-through 1',
      'crown-moulding | A 20 100 a5 | gap-along-lower-edge open-hem-crown-stained 3',
    ],
    cause: [
      [1, 'end-grain-joint|no-capillary-break', 'S'],
      [3, 'metal-edge-capillary', 'S'],
    ],
  },
  {
    id: 'H20',
    title: 'a house with nothing wrong',
    found: [
      'lap-siding | A 30 60 | wave-in-courses edges-primed-hard dry-and-hard-all-round 0',
      'ceiling | words hall | crack-along-board-joint hairline-only floor-level-below-crack ?',
      'lap-siding | B 10 60 | streak-wipes-off 0',
    ],
    cause: [
      [1, 'framing-wave', 'S'],
      [2, 'drying-hairline|truss-uplift', 'S'],
      [3, 'dirt-streak', 'S'],
    ],
    not: [
      ['settlement', 'T'],
      ['gutter-overflow', 'T'],
    ],
  },
]

const SINGLE: readonly Scene[] = [
  {
    id: 'U01',
    title: 'soft fascia, nothing else seen',
    found: ['fascia | A 10 128 | 3'],
    not: [
      ['no-drip-edge', 'T'],
      ['gutter-overflow', 'T'],
      ['ordinary-exposure', 'T'],
    ],
  },
  {
    id: 'U02',
    title: 'soft joist, nothing else seen',
    house: CRAWL,
    found: ['joist | words below | 3'],
    not: [
      ['crawl-vapour', 'T'],
      ['old-inactive', 'T'],
    ],
  },
  {
    id: 'U03',
    title: 'soft siding, nothing else seen',
    found: ['lap-siding | B 5 40 | 3'],
    not: [
      ['ordinary-exposure', 'T'],
      ['joint-open', 'T'],
    ],
  },
  {
    id: 'U04',
    title: 'floor falls, nothing else seen',
    house: CRAWL,
    found: ['floor | words back room | falls-to-one-side ?'],
    not: [
      ['as-built', 'T'],
      ['settlement', 'T'],
    ],
  },
  {
    id: 'U05',
    title: 'not wet today, galleries of a kind nobody could tell',
    house: CRAWL,
    found: ['joist | words below | galleries-kind-unknown -wet-over-22 3'],
    not: [['old-inactive', 'T']],
    caution: [[/pest control/i, 'T']],
  },
  {
    id: 'U06',
    title: 'joist wet of vapour and of a leak',
    house: CRAWL,
    found: ['joist | in B 20 20 | every-bay-alike ground-bare wet-below-fixture meter-dial-moves 3'],
    cause: [
      [1, 'crawl-vapour', 'S'],
      [1, 'plumbing-leak', 'S'],
    ],
  },
  {
    id: 'U07',
    title: 'wall kicked in at its foot',
    house: BASEMENT,
    found: ['foundation-wall | words back wall | wall-kicked-in-at-foot ?'],
    cause: [[1, 'lateral-pressure', 'S']],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'U08',
    title: 'stair stringer broken through',
    found: ['stringer | C 20 20 c4 | broken-through 4'],
    caution: [[/keep off/i, 'T']],
  },
  {
    id: 'U09',
    title: 'vent duct blows into the attic',
    found: ['roof-deck | words attic at the bath fan | duct-disconnected mildew-round-path 1'],
    cause: [[1, 'vent-into-cavity', 'S']],
  },
  {
    id: 'U10',
    title: 'sprinkler arc',
    found: ['lap-siding | B 10 30 | mineral-arc head-aimed-at-wall 1'],
    cause: [[1, 'sprinkler', 'S']],
  },
  {
    id: 'U11',
    title: 'woodpecker',
    found: ['lap-siding | D 5 120 | ragged-rows larvae-behind 0'],
    cause: [[1, 'woodpecker', 'S']],
  },
  {
    id: 'U12',
    title: 'gutter struck',
    found: ['gutter | C 10 120 | dent ?'],
    cause: [[1, 'struck', 'L']],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'U13',
    title: 'boards soft under peeling, wood never primed on its back',
    found: ['lap-siding | A 30 60 | back-or-edge-bare cupped-paint-lost-at-edge whole-batch-alike 2'],
    cause: [[1, 'back-never-primed', 'S']],
  },
  {
    id: 'U14',
    title: 'pipe sweats',
    house: CRAWL,
    found: ['subfloor | in A 20 60 | cold-line-wet-on-humid-days drips-along-pipe worse-in-summer 2'],
    cause: [[1, 'sweating-line', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'U15',
    title: 'crack filled and torn again',
    house: BASEMENT,
    found: ['foundation-wall | words front wall | crack-filled-torn-again ?'],
    cause: [[1, 'movement-renewed', 'S']],
    look: [[1, /mark|date|crack/i, 'T']],
  },
  {
    id: 'U16',
    title: 'pier washed out',
    house: CRAWL,
    found: ['pier | words under the girder | washout-at-pier daylight-in-bearing ?'],
    cause: [[1, 'support-washed-out', 'S']],
  },
  {
    id: 'U17',
    title: 'loose wires',
    found: ['wiring | words garage | conductor-ends-open ?'],
    caution: [[/electrician/i, 'S']],
  },
  {
    id: 'U18',
    title: 'droppings in the attic',
    found: ['ceiling | words attic | droppings-or-hair ?'],
    cause: [[1, 'animals', 'S']],
    caution: [[/dropping|sweep/i, 'T']],
  },
  {
    id: 'U19',
    title: 'cladding blown off',
    found: ['sheathing | A 30 80 | board-missing ?'],
    cause: [[1, 'cladding-gone', 'S']],
    caution: [[/weather|animal/i, 'T']],
  },
  {
    id: 'U20',
    title: 'aluminium wiring seen',
    house: { year: 1970 },
    found: ['wiring | words hall | aluminium-seen ?'],
    caution: [[/electrician/i, 'S']],
  },
]

/** Held until the end, run once. */
export const OURS: readonly Scene[] = [...PAIRS, ...HOUSES, ...SINGLE]
