import type { Scene } from '../scenes'

const CRAWL = { foundation: 'crawl' } as const
const BASEMENT = { foundation: 'basement' } as const
const SLAB = { foundation: 'slab' } as const
const HARDBOARD = { cladding: 'hardboard-lap' } as const

/** F01 to F26. */
export const ONE: readonly Scene[] = [
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
    house: { cladding: 'brick' },
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
    house: { cladding: 'brick' },
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
]
