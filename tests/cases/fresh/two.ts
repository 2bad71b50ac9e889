import type { Scene } from '../scenes'

const CRAWL = { foundation: 'crawl' } as const
const HARDBOARD = { cladding: 'hardboard-lap' } as const
const HOME = { foundation: 'piers-with-skirt' } as const

/** F27 to F52. */
export const TWO: readonly Scene[] = [
  {
    id: 'F27',
    title: 'little heaps of grains below a dry casing',
    found: ['side-casing | A 30 40 a3 | hard-six-sided-pellets pinhole-kick-outs dry-wood ?'],
    cause: [[1, 'drywood-termites', 'S']],
    not: [['subterranean-termites', 'T']],
  },
  {
    id: 'F28',
    title: 'flour below pin holes in an oak floor',
    found: [
      'finish-floor | words dining room | pin-holes-with-powder old-softwood-or-hardwood fresh-frass ?',
    ],
    cause: [[1, 'wood-beetles', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F29',
    title: 'ragged holes in rows in the boards of a gable',
    found: ['board-and-batten | B 15 140 | ragged-rows drumming-in-spring ?'],
    cause: [[1, 'woodpecker', 'S']],
    not: [['carpenter-bees', 'T']],
  },
  {
    id: 'F30',
    title: 'back of the fascia soft all along, shingles end short, no metal',
    found: [
      'fascia | A 15 128 | no-metal-under-first-shingle stain-on-back-of-fascia deck-edge-soft-along-run 3',
    ],
    cause: [[1, 'no-drip-edge', 'S']],
    not: [['splash-back', 'T']],
  },
  {
    id: 'F31',
    title: 'gutter low in the middle with its hangers out, runs over there',
    found: ['fascia | A 20 128 | hangers-pulled standing-water-in-gutter runs-over-in-rain 3'],
    cause: [[1, 'gutter-mis-hung|gutter-overflow', 'S']],
    not: [['no-drip-edge', 'T']],
  },
  {
    id: 'F32',
    title: 'corner boards soft at the foot, set down on the patio',
    found: ['corner-board | C 39.5 10 | foot-end-grain-on-hard-surface foot-soft-above-hard 3'],
    cause: [[1, 'no-capillary-break|end-grain-joint|paving-dam|splash-back|clearance-too-small', 'S']],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'F33',
    title: 'lowest lap on a low roof swollen, no gap below it',
    house: HARDBOARD,
    found: [
      'lap-siding | A 23 112 a5 | siding-tight-to-shingles swollen-bottom-edge bottom-edge-rot-whole-run 2',
    ],
    cause: [[1, 'clearance-too-small|roof-clearance|step-flashing', 'S']],
    not: [['soil-on-wood', 'T']],
  },
  {
    id: 'F34',
    title: 'sheathing wet below a vent hood without a block',
    found: ['sheathing | B 15 40 b3 | no-block-or-hood soft-at-or-below-hole inside-stain-one-bay 3'],
    cause: [[1, 'penetration-unflashed', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F35',
    title: 'sunny side peels to bare wood, wood hard',
    found: ['lap-siding | A 20 60 | peels-one-side flake-shows-bare-wood uniform-across-sunny-face 0'],
    cause: [[1, 'finish-overdue', 'S']],
    not: [['barrier-faulty', 'T']],
  },
  {
    id: 'F36',
    title: 'cold pipe drips on a joist each humid summer',
    house: CRAWL,
    found: ['joist | in D 10 60 | cold-line-wet-on-humid-days drips-along-pipe worse-in-summer 2'],
    cause: [[1, 'sweating-line', 'S']],
    not: [['settlement', 'T']],
  },
  {
    id: 'F37',
    title: 'rim wet behind a poured stoop',
    house: CRAWL,
    found: ['rim-joist | A 22 24 a4 | paving-tight-to-wall joint-open-at-paving wet-over-22 3'],
    cause: [[1, 'paving-dam', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F38',
    title: 'sill plate soft where a planter lies over it',
    house: CRAWL,
    found: ['mudsill | D 20 14 | bottom-covered-by-soil soft-only-where-covered 3'],
    cause: [[1, 'soil-on-wood', 'S']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'F39',
    title: 'two halves low where they meet, pads of wood gone soft on bare soil',
    house: HOME,
    found: ['home-pier | words middle line | pads-on-sod-or-fill soft-probe-at-pad falls-to-middle ?'],
    cause: [[1, 'pad-unlevel|support-line-failed|support-washed-out', 'S']],
    not: [['over-spanned', 'T']],
  },
  {
    id: 'F40',
    title: 'stain at a low corner of a skylight after rain, sealant all round',
    found: [
      'skylight | words kitchen | stain-at-skylight-low-corner skylight-edge-smeared only-after-rain ?',
    ],
    cause: [[1, 'skylight', 'S']],
    not: [['attic-air-leak', 'T']],
  },
  {
    id: 'F41',
    title: 'split rubber at a roof pipe, stain straight below',
    found: ['ceiling | words bath | stain-directly-below-pipe cracked-collar ?'],
    cause: [[1, 'pipe-collar', 'S']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'F42',
    title: 'long room bounces all over, joists dry and hard',
    house: CRAWL,
    found: [
      'joist | words below the long room | all-joists-bounce sags-at-mid-span span-over-table dry-and-hard-all-round 0',
    ],
    cause: [[1, 'over-spanned', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F43',
    title: 'joist cut through for a drain by the tub, floor sinks there',
    house: CRAWL,
    found: [
      'joist | in B 20 20 | notch-or-hole-too-big near-tub-or-toilet sinks-at-one-spot crack-from-notch 0',
    ],
    cause: [[1, 'over-notched', 'S']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'F44',
    title: 'porch ceiling soft along the house, flashing one long piece',
    found: [
      'porch-ceiling | words front porch at the wall | one-piece-or-smeared-flashing stain-within-2-ft-of-roof-line along-one-wall 2',
    ],
    cause: [[1, 'step-flashing|roof-leak-down', 'S']],
    not: [['sprinkler', 'T']],
  },
  {
    id: 'F45',
    title: 'shakes gone in one patch since a dated gale',
    found: [
      'roof-covering | words back slope | shakes-gone limb-or-wind-damage-seen dated-storm-before-stain ?',
    ],
    cause: [[1, 'roof-storm-damage|cladding-gone', 'S']],
    not: [['roof-worn', 'T']],
  },
  {
    id: 'F46',
    title: 'corner board dented by a car, wood clean and hard',
    found: ['corner-board | A 0.5 30 | dent dry-and-hard-all-round 0'],
    cause: [[1, 'struck', 'S']],
    not: [['soil-on-wood', 'T']],
  },
  {
    id: 'F47',
    title: 'arc of white on the wall to three feet, wet in the dry season',
    found: ['lap-siding | D 20 24 | mineral-arc wet-in-dry-season one-side-2-to-4-ft 2'],
    cause: [[1, 'sprinkler', 'S']],
    not: [['splash-back', 'T']],
  },
  {
    id: 'F48',
    title: 'oak floor cupped over bare ground',
    house: CRAWL,
    found: ['finish-floor | words living room | finish-floor-cupped ground-bare lower-layer-wet-upper-dry ?'],
    cause: [[1, 'crawl-vapour', 'S']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'F49',
    title: 'plate soft at one spot, hose of the cooling machine ends there',
    found: [
      'mudsill | B 5 16 | pipe-end-wet one-place-below-pipe season-of-use 3',
      'base-course | B 5 20 | 2',
    ],
    cause: [
      [1, 'equipment-discharge', 'S'],
      [2, 'equipment-discharge', 'L'],
    ],
    not: [['soil-on-wood', 'T']],
  },
  {
    id: 'F50',
    title: 'floor soft in the middle of the door, landing level with the sill',
    found: [
      'subfloor | A 22 26 a4 | sill-centre-subfloor-soft landing-flush no-pan-at-door 3',
      'threshold | A 22 28 a4 | 2',
    ],
    cause: [
      [1, 'door-threshold', 'S'],
      [2, 'door-threshold', 'L'],
    ],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F51',
    title: 'column hollow from above, its cap lets water in',
    found: ['porch-column | words left one | from-top-down open-joint hollow-behind 3'],
    cause: [[1, 'joint-open|cladding-gone|roof-leak-down|gutter-overflow', 'L']],
    not: [['no-capillary-break', 'T']],
  },
  {
    id: 'F52',
    title: 'a sound house: paint thin on the sun side, gutters right',
    found: [
      'lap-siding | A 20 60 | chalk-cracks-bare-spots uniform-across-sunny-face 0',
      'fascia | A 10 128 | gutter-falls-right drip-edge-present 0',
      'window-sill | C 6 60 c1 | detail-right chalk-cracks-bare-spots 1',
    ],
    cause: [[1, 'finish-overdue', 'S']],
    not: [
      ['sill-slope-or-drip', 'T'],
      ['gutter-overflow', 'T'],
      ['no-drip-edge', 'T'],
    ],
  },
]
