import type { Scene } from '../scenes'

const CRAWL = { foundation: 'crawl' } as const
const BASEMENT = { foundation: 'basement' } as const
const SLAB = { foundation: 'slab' } as const
const HARDBOARD = { cladding: 'hardboard-lap' } as const
const HOME = { foundation: 'piers-with-skirt' } as const

/**
 * Fifty-two scenes written down in plain words first, from the trade's common knowledge, and then put in the words of the sign list; both
 * before the engine was asked about any of them. `docs/trace.md` has the score of the first run.
 */
export const FRESH: readonly Scene[] = [
  {
    id: 'F01',
    title: 'salt band along a basement wall, gutters end at its foot',
    house: BASEMENT,
    found: ['foundation-wall | A 38 10 | efflorescence-band short-or-missing-elbow erosion-at-outlet ?'],
    cause: [[1, 'leader-at-wall', 'S']],
    not: [
      ['settlement', 'T'],
      ['lateral-pressure', 'T'],
    ],
  },
  {
    id: 'F02',
    title: 'stain inside above a window in brick, only in driven rain, no metal over it',
    house: { cladding: 'brick-veneer' },
    found: ['brick-veneer | A 5 95 a1 | only-in-wind-driven-rain no-metal-at-casing-top ?'],
    cause: [[1, 'head-flashing-absent', 'S']],
    not: [
      ['roof-worn', 'T'],
      ['plumbing-leak', 'T'],
    ],
  },
  {
    id: 'F03',
    title: 'porch post rotten at its foot, stands in a puddle on concrete',
    found: ['porch-column | words front porch | foot-soft-above-hard foot-end-grain-on-hard-surface 3'],
    cause: [[1, 'no-capillary-break|end-grain-joint|splash-back', 'S']],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'F04',
    title: 'stringer feet in the earth',
    found: ['stringer | C 26 10 c4 | wood-to-soil-contact foot-soft-above-hard 3'],
    cause: [[1, 'soil-on-wood', 'S']],
    not: [['ledger-unflashed', 'T']],
  },
  {
    id: 'F05',
    title: 'garage door legs soft at both feet, drive slopes in',
    house: SLAB,
    found: [
      'jamb-foot | words garage door | only-jamb-feet-soft both-ends-same hard-ground-below ponds-on-paving 3',
    ],
    cause: [[1, 'splash-back|paving-dam|no-capillary-break|end-grain-joint', 'S']],
    not: [['head-flashing-absent', 'T']],
  },
  {
    id: 'F06',
    title: 'tiles loose at the spout, wet below only when somebody showers',
    house: CRAWL,
    found: ['subfloor | in B 20 20 | loose-tile wet-only-after-use tub-joint-open wet-below-fixture 2'],
    cause: [[1, 'pan-or-tub-joint', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F07',
    title: 'black ring round a toilet flange, ceiling below stained',
    found: [
      'subfloor | words under the toilet | wet-below-fixture near-tub-or-toilet one-spot-only independent-of-rain 3',
    ],
    cause: [[1, 'plumbing-leak', 'S']],
    not: [
      ['crawl-vapour', 'T'],
      ['roof-leak-down', 'T'],
    ],
  },
  {
    id: 'F08',
    title: 'kitchen joist always damp, meter creeps',
    house: CRAWL,
    found: ['joist | in C 30 40 | meter-dial-moves constant-all-year one-bay-only 2'],
    cause: [[1, 'plumbing-leak', 'S']],
    not: [['crawl-vapour', 'T']],
  },
  {
    id: 'F09',
    title: 'ceiling spot below a cold duct in summer',
    found: [
      'ceiling | words hall below the air handler | cold-line-wet-on-humid-days cooling-running ceiling-stain-below ?',
    ],
    cause: [[1, 'sweating-line', 'S']],
    not: [['roof-worn', 'T']],
  },
  {
    id: 'F10',
    title: 'roof boards black on the north, nail tips rusty, bath fan ends in the attic',
    found: [
      'roof-deck | words north slope | rusty-nail-tips-all-bays north-side-worse worse-in-winter duct-disconnected ?',
    ],
    cause: [[1, 'attic-air-leak|vent-into-cavity', 'S']],
    not: [['roof-worn', 'T']],
  },
  {
    id: 'F11',
    title: 'ridge of ice each winter, soffit stained, wall top wet in the thaw',
    found: ['soffit | A 12 130 | ice-tide-mark after-thaw-or-gale stain-at-wall-top 2'],
    cause: [[1, 'ice-or-blown-rain', 'S']],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'F12',
    title: 'stain at the foot of a valley full of needles',
    found: ['ceiling | words corner below the valley | stain-at-valley-foot valley-debris-or-worn ?'],
    cause: [[1, 'valley', 'S']],
  },
  {
    id: 'F13',
    title: 'wide chimney with tar round it and nothing to part the water behind',
    found: [
      'roof-deck | words above the chimney | wide-chimney-no-cricket mortar-smeared-flashing deck-wet-upslope-of-chimney 3',
    ],
    cause: [[1, 'chimney-flashing', 'S']],
    not: [['attic-air-leak', 'T']],
  },
  {
    id: 'F14',
    title: 'wall soft below the low end of the porch roof',
    house: HARDBOARD,
    found: ['lap-siding | A 20.3 90 | soft-below-roof-end fan-stain-below-roof-end 3'],
    cause: [[1, 'kick-out-missing', 'S']],
    not: [['sprinkler', 'T']],
  },
  {
    id: 'F15',
    title: 'ledger bolted over the siding, no metal, wall behind wet',
    found: ['ledger | C 16 30 c4 | no-metal-at-ledger ledger-on-veneer rim-wet-along-length 2'],
    cause: [[1, 'ledger-unflashed|ledger-attachment', 'S']],
    caution: [[/deck/i, 'T']],
  },
  {
    id: 'F16',
    title: 'deck boards soft at their butts over one joist',
    found: ['deck-board | C 18 28 c4 | rot-only-at-joints end-grain-grey-unprimed horizontal-in-rain 3'],
    cause: [[1, 'end-grain-joint|never-sealed|joint-open|ordinary-exposure', 'S']],
    not: [['ledger-unflashed', 'T']],
  },
  {
    id: 'F17',
    title: 'a gap a child fits through and no posts at the ends of the guard',
    found: ['guard | C 18 60 c4 | guard-no-end-posts opening-over-4-in ?'],
    cause: [[1, 'guard-unsupported|guard-openings', 'S']],
    caution: [[/guard|fall/i, 'T']],
  },
  {
    id: 'F18',
    title: 'hangers with half their holes empty, the rest rusty',
    found: ['joist-hanger | C 16 26 c4 | hanger-holes-half-filled connector-rusted plain-steel-on-treated ?'],
    cause: [[1, 'connector-missing', 'S']],
  },
  {
    id: 'F19',
    title: 'stucco hollow under both lower corners of a window, dry above',
    house: { cladding: 'stucco', year: 1996 },
    found: ['stucco | A 5 45 a1 | hollow-behind wet-over-22 framing-below-soft-head-dry ?'],
    cause: [[1, 'pan-or-unit-corner|sill-slope-or-drip', 'S']],
    not: [
      ['stucco-mix', 'T'],
      ['roof-worn', 'T'],
    ],
  },
  {
    id: 'F20',
    title: 'fine net of cracks in stucco, hard and dry',
    house: { cladding: 'stucco' },
    found: ['stucco | B 10 60 | map-cracks hairline-only firm-behind dry-and-hard-all-round 0'],
    cause: [[1, 'stucco-mix|drying-hairline', 'S']],
    not: [['settlement', 'T']],
  },
  {
    id: 'F21',
    title: 'rusty angle over a window lifts the brick',
    house: { cladding: 'brick-veneer' },
    found: ['brick-veneer | A 12 100 a2 | lintel-bed-joint-lifted crack-stepped rust-stain-through ?'],
    cause: [[1, 'embedded-steel', 'S']],
    not: [['settlement', 'T']],
  },
  {
    id: 'F22',
    title: 'round rust spots two and two along the slab edge',
    house: SLAB,
    found: ['slab-edge | A 15 6 | rust-spots-in-pairs rust-and-cover-lost ?'],
    cause: [[1, 'embedded-steel', 'S']],
    caution: [[/tendon/i, 'T']],
  },
  {
    id: 'F23',
    title: 'dry summer, big tree, crack tapers up at that corner and doors drag',
    house: { ...CRAWL, clay: true },
    found: [
      'foundation-wall | A 2 10 | crack-stepped crack-wider-above tree-within-its-height dry-year-onset cracks-seasonal ?',
      'interior-wall | words front left room | crack-diagonal-at-opening door-drags ?',
    ],
    cause: [
      [1, 'tree-on-clay|settlement', 'S'],
      [2, 'tree-on-clay|settlement', 'L'],
    ],
    not: [['heave', 'T']],
  },
  {
    id: 'F24',
    title: 'slab high in the middle, doors drag in the wet season',
    house: { ...SLAB, clay: true },
    found: [
      'slab | words middle rooms | slab-humps middle-or-porch-highest ?',
      'door | words hall | door-drags ?',
    ],
    cause: [[1, 'heave', 'S']],
    not: [['settlement', 'T']],
  },
  {
    id: 'F25',
    title: 'drive beside a block basement, wall leans in at its top, cracked level',
    house: BASEMENT,
    found: [
      'foundation-wall | D 12 60 | wall-leans-in-at-top crack-horizontal wet-or-frozen-backfill steps-at-ends ?',
    ],
    cause: [[1, 'lateral-pressure', 'S']],
    not: [['settlement', 'T']],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'F26',
    title: 'mud tubes up a pier, girder hollow above',
    house: CRAWL,
    found: ['girder | in A 20 150 | mud-tubes mud-lined-galleries 3'],
    cause: [[1, 'subterranean-termites', 'S']],
    not: [['carpenter-ants', 'T']],
  },
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
    cause: [[1, 'clearance-too-small|step-flashing', 'S']],
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
