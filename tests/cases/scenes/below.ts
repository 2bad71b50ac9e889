import type { Scene } from './scene'

const CRAWL = { foundation: 'crawl' } as const
const SLAB = { foundation: 'slab' } as const
const BASEMENT = { foundation: 'basement' } as const

export const BELOW: readonly Scene[] = [
  // Crawl space, floors, piers.
  {
    id: 'O01',
    title: 'most of a floor frame gone, damp crawl',
    house: CRAWL,
    found: [
      'floor | words most rooms | floor-springy baseboard-dropped falls-to-middle ?',
      'joist | words middle of the house | comes-off-in-thin-sheets every-bay-alike ground-bare -mud-tubes -galleries-kind-unknown 4',
      'pier | words under the girder | washout-at-pier 0',
    ],
    cause: [
      [2, 'crawl-vapour', 'S'],
      [3, 'support-washed-out', 'S'],
    ],
    not: [
      ['subterranean-termites', 'S'],
      ['carpenter-ants', 'S'],
      ['wood-beetles', 'S'],
      ['settlement', 'T'],
    ],
    method: [
      [2, 'joist-new', 'S'],
      [2, 'girder-line', 'S'],
    ],
    caution: [
      [/loads? off|furniture/i, 'T'],
      [/jack/i, 'T'],
      [/open(ing)?s? in the floor|open floor|cover(ed)? .*floor/i, 'S'],
    ],
  },
  {
    id: 'O02',
    title: 'the worst spot is the bathroom',
    house: CRAWL,
    found: [
      'joist | words all over | comes-off-in-thin-sheets every-bay-alike ground-bare 3',
      'joist | in B 20 24 | broken-through worst-at-one-spot near-tub-or-toilet 4',
    ],
    cause: [
      [1, 'crawl-vapour', 'S'],
      [2, 'plumbing-leak', 'T'],
    ],
    look: [[2, /pressure|meter|fill|flood|dye|dial/i, 'T']],
    caution: [[/stand|loads? off/i, 'T']],
  },
  {
    id: 'O03',
    title: 'earlier loose supports under the middle',
    house: CRAWL,
    found: [
      'prop | words middle of the floor | props-not-fastened props-not-in-line 0',
      'floor | words all rooms | falls-to-middle firm-at-outside-walls ?',
    ],
    cause: [
      [1, 'home-made-support', 'S'],
      [2, 'support-line-failed', 'S'],
    ],
    not: [['settlement', 'T']],
    method: [[2, 'girder-line', 'S']],
  },
  {
    id: 'O04',
    title: 'from above or from below',
    house: CRAWL,
    found: ['joist | words middle of the house | opening-below-outside-ground 4'],
    method: [[1, 'joist-new', 'S']],
  },
  {
    id: 'O05',
    title: 'two floor layers, wet in between',
    house: CRAWL,
    found: [
      'subfloor | words kitchen | lower-layer-wet-upper-dry top-firm-underside-soft 3',
      'joist | words kitchen | top-edge-wet 2',
    ],
    cause: [[2, 'wet-between-layers', 'S']],
    method: [[1, 'subfloor-new', 'L']],
  },
  {
    id: 'O06',
    title: 'scope guessed before the house was entered',
    house: CRAWL,
    found: ['joist | words centre | @told falls-to-middle ?'],
    not: [['settlement', 'L']],
    method: [[1, 'watch', 'S']],
    look: [[1, /below|open/i, 'L']],
  },
  {
    id: 'O07',
    title: 'dip by the refrigerator',
    house: CRAWL,
    found: ['floor | words kitchen, at the refrigerator | sinks-at-one-spot heavy-thing-stands-there ?'],
    cause: [[1, 'point-load', 'L']],
    not: [['settlement', 'T']],
    look: [[1, /below|bearing|pier|joist/i, 'S']],
    caution: [[/loads? off|move the load/i, 'T']],
  },
  {
    id: 'O08',
    title: 'insulation fell last, ground below dry',
    house: { foundation: 'piers', cladding: 'brick' },
    found: [
      'subfloor | words below a room | one-bay-only warped @told batts-down-last frass-or-holes @seen-close ground-dry-though-uncovered over-10-years-changed-lately 4',
      'floor-insulation | words below that room | batts-down-last ground-dry-though-uncovered ?',
    ],
    cause: [
      [1, 'wall-floor-joint', 'L'],
      [1, 'plumbing-leak', 'L'],
    ],
    not: [
      ['crawl-vapour', 'L'],
      ['water-table', 'L'],
    ],
    look: [[1, /below|fixture|flood|hose|meter|track/i, 'S']],
    caution: [[/pest/i, 'T']],
    blocked: [[2, 'insulation-new', 'S']],
  },
  {
    id: 'O09',
    title: 'the same house, wet below',
    house: { foundation: 'piers', cladding: 'brick' },
    found: [
      'floor-insulation | words below | batts-down-first ground-dark-wet water-after-rain ?',
      'subfloor | words below | top-firm-underside-soft ground-dark-wet water-after-rain 2',
    ],
    cause: [[2, 'water-table|grade-slopes-in', 'L']],
    not: [
      ['plumbing-leak', 'T'],
      ['exterior-leak-in', 'T'],
    ],
    blocked: [[1, 'insulation-new', 'S']],
  },
  {
    id: 'O10',
    title: 'owner writes in, nobody has looked',
    house: { foundation: 'piers', cladding: 'brick' },
    found: ['floor-insulation | words under the house | @told batts-down-last ?'],
    not: [
      ['plumbing-leak', 'T'],
      ['crawl-vapour', 'T'],
    ],
    look: [[1, /below|look/i, 'T']],
  },
  {
    id: 'O11',
    title: 'cold line over the bad board',
    house: { foundation: 'piers', cladding: 'brick' },
    found: [
      'subfloor | words along the refrigerant line | drips-along-pipe worse-in-summer independent-of-rain 2',
    ],
    cause: [
      [1, 'sweating-line', 'G'],
      [1, 'plumbing-leak', 'G'],
    ],
    look: [[1, /humid|cold|line/i, 'T']],
  },
  {
    id: 'O12',
    title: 'termites as proof of a leak',
    house: CRAWL,
    found: ['subfloor | in A 21 6 | mud-lined-galleries wood-to-soil-contact -wet-over-22 2'],
    not: [
      ['plumbing-leak', 'T'],
      ['exterior-leak-in', 'T'],
    ],
    caution: [[/pest control/i, 'T']],
  },
  // Slab, walls, settlement.
  {
    id: 'O13',
    title: 'salt and shed paint at a slab edge behind a walk',
    house: SLAB,
    found: [
      'slab-edge | A 20 2 | bloom-at-base paint-shed-from-concrete paving-tight-to-wall ponds-on-paving ?',
      'slab-edge | A 20 2 | no-gutter-where-roofs-meet paint-below-soil-line ?',
    ],
    cause: [[1, 'paving-dam', 'S']],
    not: [
      ['coating-fault', 'S'],
      ['plumbing-leak', 'T'],
    ],
    method: [[1, 'slab-edge-patch', 'S']],
  },
  {
    id: 'O14',
    title: 'rust spots in pairs on a stressed slab',
    house: SLAB,
    found: ['tendon-end | A 10 6 | rust-spots-in-pairs tendon-pocket-open rust-and-cover-lost ?'],
    cause: [[1, 'embedded-steel', 'S']],
    method: [[1, 'tendon-end', 'S']],
    caution: [[/tendon|drill/i, 'T']],
  },
  {
    id: 'O15',
    title: 'hairlines inside, vertical breaks in the edge',
    house: SLAB,
    found: [
      'ceiling | words hall | crack-along-board-joint hairline-only ?',
      'interior-wall | words corner of two doorways | crack-diagonal-at-opening hairline-only rises-at-corner ?',
      'slab-edge | A 1 4 | crack-through-slab-edge soil-soaked-at-corner ?',
      'slab-edge | A 39 4 | crack-through-slab-edge soil-soaked-at-corner ?',
      'slab-edge | C 1 4 | crack-through-slab-edge soil-soaked-at-corner ?',
    ],
    cause: [
      [3, 'settlement', 'S'],
      [1, 'drying-hairline|truss-uplift', 'T'],
    ],
    look: [[3, /level|survey|crack/i, 'T']],
  },
  {
    id: 'O16',
    title: 'ceiling joint line by itself',
    house: SLAB,
    found: [
      'ceiling | words living room | crack-along-board-joint hairline-only door-true floor-level-below-crack ?',
    ],
    cause: [[1, 'drying-hairline|truss-uplift', 'T']],
    not: [['settlement', 'T']],
    method: [[1, 'watch', 'T']],
  },
  {
    id: 'O17',
    title: 'three roof slopes, no gutter',
    house: { foundation: 'slab', gutters: false },
    found: ['slab-edge | A 20 4 | no-gutter-where-roofs-meet drip-line-on-wall-below two-slopes-meet ?'],
    cause: [[1, 'gutter-none', 'S']],
    not: [['gutter-overflow', 'T']],
  },
  {
    id: 'O18',
    title: 'gap in the brick, wall leaning below',
    house: { foundation: 'basement', cladding: 'brick' },
    found: [
      'brick-veneer | A 20 20 | crack-horizontal ?',
      'foundation-wall | words front wall, inside | wall-leans-in-at-top wall-bowed ?',
    ],
    cause: [
      [1, 'lateral-pressure', 'S'],
      [2, 'lateral-pressure', 'S'],
    ],
    not: [['settlement', 'S']],
    method: [
      [2, 'wall-anchor', 'S'],
      [2, 'wall-brace', 'S'],
    ],
    blocked: [[2, 'driven-pier', 'S']],
    look: [[2, /plumb/i, 'T']],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'O19',
    title: 'both at once',
    house: { foundation: 'basement', cladding: 'brick' },
    found: [
      'brick-veneer | A 20 20 | crack-horizontal ?',
      'foundation-wall | words front wall, inside | wall-leans-in-at-top wall-bowed ?',
      'brick-veneer | A 36 24 | @instrument course-line-drops @seen-close crack-vertical crack-diagonal ?',
    ],
    cause: [
      [3, 'settlement', 'S'],
      [2, 'lateral-pressure', 'S'],
    ],
  },
  {
    id: 'O20',
    title: 'one door out, its neighbour true',
    house: { foundation: 'basement', cladding: 'brick' },
    found: ['floor | words main floor | @instrument door-head-out-of-level falls-to-one-side door-true ?'],
    cause: [[1, 'settlement', 'S']],
  },
  {
    id: 'O21',
    title: 'no joint to measure from',
    house: BASEMENT,
    found: ['floor | words main floor | door-drags ?'],
    look: [[1, /level|door|floor|survey/i, 'S']],
  },
  {
    id: 'O22',
    title: 'old steel against a bowed wall',
    house: BASEMENT,
    found: ['foundation-wall | words left wall, inside | wall-bowed brace-cut-or-loose ?'],
    cause: [[1, 'lateral-pressure', 'S']],
    method: [[1, 'wall-anchor', 'S']],
    caution: [[/shor(e|ing)/i, 'T']],
  },
  {
    id: 'O23',
    title: 'owner wants it straight without digging',
    house: BASEMENT,
    found: ['foundation-wall | words left wall, inside | wall-kicked-in-at-foot wall-bowed ?'],
    cause: [[1, 'lateral-pressure', 'S']],
    method: [[1, 'wall-anchor', 'S']],
    caution: [[/engineer/i, 'T']],
  },
  {
    id: 'O24',
    title: 'anchors beyond paving',
    house: BASEMENT,
    found: ['foundation-wall | words back wall, inside | wall-bowed ?'],
    method: [
      [1, 'wall-anchor', 'T'],
      [1, 'anchor-extension', 'L'],
    ],
  },
  {
    id: 'O25',
    title: 'piers, from which side',
    house: BASEMENT,
    found: ['foundation-wall | words back wall, inside | low-zone-with-tapered-cracks ?'],
    cause: [[1, 'settlement', 'S']],
    method: [[1, 'driven-pier', 'S']],
  },
  {
    id: 'O26',
    title: 'every crack has been caulked',
    house: BASEMENT,
    found: [
      'foundation-wall | words front wall | horizontal-crack-inside crack-filled-torn-again ?',
      'foundation-wall | words right wall | crack-vertical crack-filled-torn-again ?',
      'foundation-wall | words back wall | crack-diagonal crack-filled-before ?',
    ],
    cause: [
      [1, 'movement-renewed|lateral-pressure', 'T'],
      [1, 'lateral-pressure', 'S'],
      [2, 'settlement', 'S'],
    ],
    look: [[1, /mark|date|measure|crack/i, 'T']],
  },
  {
    id: 'O27',
    title: 'half a pair of houses',
    found: ['lap-siding | A 10 40 | chalk-cracks-bare-spots 1'],
  },
]
