import type { Scene } from '../scenes'

const CRAWL = { foundation: 'crawl' } as const
const BASEMENT = { foundation: 'basement' } as const
const HARDBOARD = { cladding: 'hardboard-lap' } as const
const HOME = { foundation: 'piers-with-skirt' } as const

/** Whole small houses. */
export const HOUSES: readonly Scene[] = [
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
