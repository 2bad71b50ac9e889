import type { ComponentId } from '../../src/core/job'
import type { Case } from './build'

/**
 * How sure the answer is: S practitioners say it outright · L they lean to it · G a guess, must be among the candidates · T what the
 * trade or arithmetic requires there.
 */
export type Letter = 'S' | 'L' | 'G' | 'T'

/**
 * One scene of the trade with the answers practitioners give, written by another hand than the engine's and encoded as its user would
 * enter it. `found` is as in `Case`; signs, parts and causes are called what they would be called, whether the catalogue has the word
 * yet or not: what it does not know is counted as *no word*.
 */
export type Scene = {
  readonly id: string
  readonly title: string
  readonly house?: Case['house']
  readonly found: readonly string[]
  /** Of which finding (counted from 1), which cause, how sure. */
  readonly cause?: readonly (readonly [number, string, Letter])[]
  /** Causes that must not be concluded of any finding. */
  readonly not?: readonly (readonly [string, Letter])[]
  /** Words that some caution must say. */
  readonly caution?: readonly (readonly [RegExp, Letter])[]
  /** Of which finding, which method must be offered and may be taken. */
  readonly method?: readonly (readonly [number, string, Letter])[]
  /** Of which finding, which method must be held back. */
  readonly blocked?: readonly (readonly [number, string, Letter])[]
  /** Of which finding, what the next look is, by words of the check or of its sign. */
  readonly look?: readonly (readonly [number, RegExp, Letter])[]
  /** Notes of the house: a hazard somebody noted, in the order `kind | place | words`. */
  readonly hazards?: readonly string[]
  /** Whether opening, drilling or probing is allowed there. */
  readonly permit?: 'look-and-touch'
}
export type PartWord = ComponentId | (string & {})

const CRAWL = { foundation: 'crawl' } as const
const SLAB = { foundation: 'slab' } as const
const BASEMENT = { foundation: 'basement' } as const

/** 96 scenes. */
export const SCENES: readonly Scene[] = [
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
  // Stucco, fibre-cement, general cladding.
  {
    id: 'O28',
    title: 'cracked stucco, firm behind',
    house: { cladding: 'stucco' },
    found: [
      'stucco | A 5 60 | map-cracks crack-wide-at-edge-or-joint ?',
      'stucco | A 12 50 a2 | salts-below-window firm-behind 0',
    ],
    cause: [
      [1, 'stucco-mix', 'L'],
      [2, 'pan-or-unit-corner|head-flashing-absent|head-flashing-short|joint-open|sill-slope-or-drip', 'L'],
    ],
    look: [[2, /probe|drill|open|hose/i, 'S']],
    permit: 'look-and-touch',
  },
  {
    id: 'O29',
    title: 'no kick-out',
    house: { cladding: 'stucco' },
    found: [
      'stucco | A 23.5 90 | @from-ground roof-ends-on-wall-no-diverter fan-stain-below-roof-end salts-near-roof-end ?',
    ],
    cause: [[1, 'kick-out-missing', 'L']],
    look: [[1, /open|drill|probe/i, 'S']],
    method: [[1, 'kick-out', 'T']],
  },
  {
    id: 'O30',
    title: 'newly patched and painted stucco',
    house: { cladding: 'stucco' },
    found: [
      'stucco | A 12 60 | freshly-painted fresh-filler lines-only-from-angle some-openings-have-it-others-not ?',
    ],
    cause: [[1, 'partial-repair', 'S']],
    look: [[1, /paper|ask|record|what was/i, 'S']],
  },
  {
    id: 'O31',
    title: 'rust low on stucco',
    house: { cladding: 'stucco' },
    found: ['stucco | A 10 12 | rust-stain-through ?'],
    cause: [[1, 'lath-rusting', 'S']],
    not: [['dirt-streak', 'T']],
  },
  {
    id: 'O32',
    title: 'stucco with no end piece at its foot',
    house: { cladding: 'stucco' },
    found: ['stucco | A 10 8 | no-weep-screed ?'],
    cause: [[1, 'weep-screed-missing', 'S']],
    look: [[1, /plate|probe|feel|sheathing|base/i, 'T']],
  },
  {
    id: 'O33',
    title: 'mud tubes knocked off',
    found: [
      'foundation-wall | words right wall, behind the stack of bricks | tubes-broken-lately stacked-against-wall ?',
    ],
    cause: [[1, 'subterranean-termites', 'S']],
    look: [[1, /record|paper|pest|treat/i, 'T']],
    caution: [
      [/pest control/i, 'T'],
      [/18 in|clear/i, 'S'],
    ],
  },
  {
    id: 'O34',
    title: 'bowed fibre-cement, wet above a trim board',
    house: { cladding: 'fibre-cement-lap' },
    found: [
      'lap-siding | A 30 60 | board-bowed-out nails-proud nails-pulled-through 0',
      'lap-siding | A 20 102 | band-without-flashing end-frayed 2',
    ],
    cause: [
      [1, 'fasteners-wrong', 'S'],
      [2, 'band-unflashed', 'S'],
      [1, 'settlement', 'G'],
    ],
    method: [
      [1, 're-fasten', 'S'],
      [2, 'band-flashing', 'S'],
    ],
  },
  {
    id: 'O35',
    title: 'stain in line with a pushed board',
    house: { cladding: 'fibre-cement-lap' },
    found: [
      'lap-siding | B 15 36 b3 | board-off-wall open-joint 0',
      'interior-wall | in B 15 0 | inside-stain-one-bay ?',
    ],
    cause: [[2, 'penetration-unflashed', 'L']],
    not: [['plumbing-leak', 'S']],
    method: [[1, 'penetration-flashing', 'S']],
    look: [[2, /hose|rain/i, 'T']],
  },
  {
    id: 'O36',
    title: 'fogged pane',
    house: { cladding: 'fibre-cement-lap' },
    found: ['pane | A 12 70 a2 | fog-between-panes dry-and-hard-all-round 0'],
    cause: [[1, 'pane-seal-failed', 'G']],
    not: [
      ['pan-or-unit-corner', 'T'],
      ['joint-open', 'T'],
    ],
    method: [[1, 'pane-new|watch', 'S']],
  },
  {
    id: 'O37',
    title: 'thin fascia',
    house: { cladding: 'hardboard-lap' },
    found: ['fascia | A 1 128 | too-thin-for-part 3'],
    method: [[1, 'fascia-with-strip', 'S']],
    blocked: [[1, 'fascia-overlay', 'S']],
  },
  {
    id: 'O38',
    title: 'stained soffit, owner would rather paint',
    house: { cladding: 'hardboard-lap' },
    found: ['soffit-panel | A 10 118 | bleeding-through 1'],
    method: [
      [1, 'soffit-panel', 'S'],
      [1, 'prime-and-paint', 'S'],
    ],
  },
  {
    id: 'O39',
    title: 'hole with rotten studs beside a window',
    house: { cladding: 'hardboard-lap' },
    found: [
      'lap-siding | A 2 30 a1 | soaked-from-lower-edge open-joint swollen-bottom-edge 4',
      'jack-stud | A 2 40 a1 | hole-showing-studs 3',
    ],
    cause: [[1, 'back-never-primed|never-sealed|clearance-too-small|joint-open', 'S']],
    method: [[2, 'stud-new', 'S']],
    caution: [
      [/shor(e|ed|ing)/i, 'T'],
      [/animal/i, 'T'],
    ],
  },
  {
    id: 'O40',
    title: 'window with nothing over it',
    house: { cladding: 'hardboard-lap' },
    found: ['window-unit | A 12 100 a2 | no-metal-at-casing-top no-trim-over-opening ?'],
    cause: [[1, 'head-flashing-absent', 'S']],
    method: [[1, 'head-flashing', 'S']],
  },
  {
    id: 'O41',
    title: 'chase without a cap',
    house: { cladding: 'hardboard-lap' },
    found: ['chase-face | D 14 230 d2 | cap-missing plants-rooted 4'],
    cause: [[1, 'chase-cover', 'S']],
    method: [[1, 'chase-cover', 'S']],
  },
  {
    id: 'O42',
    title: 'flashing good, wall open above it',
    house: { cladding: 'hardboard-lap' },
    found: ['sheathing | A 22 120 | board-missing proper-steps-seen hole-showing-studs ?'],
    cause: [[1, 'cladding-gone', 'S']],
    not: [['step-flashing', 'L']],
    caution: [[/weather|close|animal/i, 'S']],
  },
  {
    id: 'O43',
    title: 'electrical box let go',
    house: { cladding: 'hardboard-lap' },
    found: ['wiring | B 6 50 | box-hangs-loose ?', 'lap-siding | B 6 50 | 3'],
    caution: [[/electrician/i, 'T']],
  },
  {
    id: 'O44',
    title: 'pair of windows close together',
    house: { cladding: 'hardboard-lap' },
    found: ['side-casing | A 6 60 a1 | chalk-cracks-bare-spots 1'],
  },
  {
    id: 'O45',
    title: 'order of a full re-side',
    house: { cladding: 'hardboard-lap' },
    found: ['lap-siding | A 10 40 | swollen-bottom-edge bottom-edge-rot-whole-run 3'],
  },
  {
    id: 'O46',
    title: 're-side with good gutters',
    found: ['lap-siding | C 14 40 | age-past-usual-life chalk-cracks-bare-spots 2'],
  },
  {
    id: 'O47',
    title: 'gable vents',
    found: ['wall-vent | B 15 150 | 3'],
    method: [[1, 'wall-vent', 'S']],
  },
  {
    id: 'O48',
    title: 'doors and columns, in or out',
    found: ['door | C 18 20 c3 | 3'],
    method: [[1, 'door-whole', 'S']],
  },
  // Roof edge, roof, pests, ground.
  {
    id: 'O49',
    title: 'leaves against the shingles',
    found: [
      'roof-covering | words back slope | leaves-on-roof overhanging-tree 0',
      'ceiling | words room below that slope | ceiling-mould-below one-spot-only ?',
    ],
    cause: [[2, 'roof-debris', 'S']],
    not: [['roof-worn', 'S']],
    method: [[1, 'roof-clear', 'S']],
  },
  {
    id: 'O50',
    title: 'dimples in the roof',
    found: ['roof-covering | words front slope | @from-ground dip-in-field ?'],
    cause: [[1, 'roof-deck-weak', 'L']],
    look: [[1, /attic/i, 'S']],
    caution: [[/step|walk on/i, 'T']],
  },
  {
    id: 'O51',
    title: 'tired metal on the roof',
    found: [
      'roof-metal | words roof | fasteners-bare metal-beginning-to-rust leaves-on-roof 1',
      'flue | words roof | metal-beginning-to-rust 1',
    ],
    cause: [[2, 'finish-overdue', 'S']],
    not: [['pipe-collar', 'T']],
  },
  {
    id: 'O52',
    title: 'chewed lead boots',
    found: ['pipe-collar | words roof | boot-chewed droppings-or-hair 1'],
    cause: [[1, 'animals', 'S']],
    blocked: [[1, 'pipe-collar', 'T']],
    caution: [[/dropping|sweep/i, 'T']],
  },
  {
    id: 'O53',
    title: 'round holes in a garden structure',
    found: [
      'free-timber | words pergola | round-half-inch-holes coarse-dust-below-holes splashes-below-holes 0',
    ],
    cause: [[1, 'carpenter-bees', 'S']],
    not: [['subterranean-termites', 'T']],
    method: [[1, 'refer', 'S']],
  },
  {
    id: 'O54',
    title: 'flat ground, old quiet house',
    found: ['soil | A 10 0 | infall-within-6-ft stood-decades-still ?'],
    cause: [[1, 'grade-slopes-in', 'S']],
  },
  {
    id: 'O55',
    title: 'wiring of the doubtful years',
    house: { year: 1972 },
    found: ['wiring | words rooms | receptacle-loose conductor-ends-open copper-seen ?'],
    caution: [[/electrician/i, 'S']],
  },
  {
    id: 'O56',
    title: 'garage door hanging',
    found: ['overhead-door | words garage | off-its-track ?'],
    cause: [[1, 'overhead-door-loose', 'L']],
    method: [[1, 'refer', 'L']],
    caution: [[/spring|door trade|keep clear|do not operate/i, 'T']],
  },
  {
    id: 'O57',
    title: 'streaked gutters under a big roof',
    found: [
      'gutter | A 20 120 | streaks-down-gutter-face gutter-back-fall spike-hangers takes-several-roofs ?',
    ],
    cause: [
      [1, 'gutter-undersized', 'S'],
      [1, 'gutter-mis-hung', 'S'],
    ],
    not: [['dirt-streak', 'S']],
    method: [[1, 'gutter-new', 'S']],
  },
  {
    id: 'O58',
    title: 'crushed gutter',
    found: ['gutter | A 20 120 | dent gutter-face-clean ?'],
    cause: [[1, 'struck', 'G']],
    not: [['gutter-overflow', 'T']],
    method: [[1, 'gutter-new', 'S']],
  },
  {
    id: 'O59',
    title: 'leader that stops short',
    found: [
      'downspout | A 39.5 10 | leader-cut-short ?',
      'downspout | A 1 10 | leader-loose ground-pipe-mouth-blocked ?',
    ],
    cause: [[1, 'leader-at-wall', 'T']],
    method: [
      [1, 'leader-away', 'S'],
      [2, 'leader-clear', 'S'],
    ],
    look: [[1, /run water|hose|water/i, 'T']],
  },
  // Siding, trim, windows.
  {
    id: 'O60',
    title: 'flashing ends inside the casing',
    house: { cladding: 'hardboard-lap' },
    found: [
      'brick-mould | A 10.5 70 a2 | metal-stops-short legs-soft-from-top 3',
      'lap-siding | A 10.2 58 | 2',
      'base-course | A 10.2 22 | 2',
    ],
    cause: [
      [1, 'head-flashing-short', 'S'],
      [2, 'head-flashing-short', 'S'],
    ],
    method: [[1, 'head-flashing', 'S']],
  },
  {
    id: 'O61',
    title: 'same short flashing at every window',
    house: { cladding: 'hardboard-lap' },
    found: [
      'brick-mould | A 10.5 90 a2 | metal-stops-short several-openings-same-fault 3',
      'brick-mould | A 28.5 90 a3 | metal-stops-short several-openings-same-fault 3',
      'brick-mould | A 2.5 90 a1 | metal-stops-short several-openings-same-fault ?',
      'brick-mould | B 6.5 90 b1 | metal-stops-short several-openings-same-fault ?',
      'brick-mould | B 18.5 90 b2 | metal-stops-short several-openings-same-fault ?',
    ],
    cause: [
      [1, 'head-flashing-short', 'S'],
      [3, 'head-flashing-short', 'S'],
    ],
    method: [[1, 'head-flashing', 'S']],
    look: [[3, /probe|awl|touch|hard|soft/i, 'T']],
  },
  {
    id: 'O62',
    title: 'eave-return block made of two pieces',
    found: [
      'eave-return | A 0.5 118 | dark-both-sides-of-joint open-joint made-of-two-pieces 2',
      'fascia | A 0.5 128 | 2',
    ],
    cause: [[1, 'joint-open', 'S']],
    method: [[1, 'replace-member', 'S']],
    blocked: [[1, 'fill-hole', 'S']],
  },
  {
    id: 'O63',
    title: 'small metal roof over a bay',
    found: ['crown-moulding | A 20 100 a5 | gap-along-lower-edge paint-shed-from-metal 3'],
    cause: [[1, 'metal-edge-capillary', 'S']],
    method: [[1, 'replace-member', 'S']],
  },
  {
    id: 'O64',
    title: 'corner board spliced across',
    found: ['corner-board | D 12 120 d2 | square-butt-joint three-joints-within-4-ft rot-around-patch 3'],
    cause: [[1, 'end-grain-joint', 'S']],
    method: [[1, 'replace-member', 'S']],
    blocked: [[1, 'piece-in', 'S']],
  },
  {
    id: 'O65',
    title: 'thin patch in thick siding',
    house: { cladding: 'hardboard-lap' },
    found: ['lap-siding | A 30 40 | thickness-step material-mismatch differs-from-beside 2'],
    cause: [[1, 'mismatched-patch', 'S']],
    method: [[1, 'replace-course', 'L']],
    blocked: [[1, 're-seal', 'T']],
  },
  {
    id: 'O66',
    title: 'filled last year',
    found: ['sill-nose | A 12 55 a2 | fresh-filler filler-hollow-awl-passes 3'],
    cause: [[1, 'cosmetic-repair', 'S']],
    method: [[1, 'replace-member', 'S']],
    blocked: [[1, 'fill-hole', 'S']],
  },
  {
    id: 'O67',
    title: 'wrinkles in the paint',
    found: [
      'sill-nose | A 12 160 a2 | @from-ground creased-film @read back-or-edge-bare ?',
      'lap-siding | A 9 160 | @from-ground creased-film ?',
    ],
    cause: [[1, 'back-never-primed', 'S']],
    not: [['coating-fault', 'S']],
    method: [[1, 'replace-member', 'S']],
    look: [[2, /awl|probe|touch|hard|soft/i, 'T']],
  },
  {
    id: 'O68',
    title: 'waves with tight edges',
    found: ['lap-siding | A 30 60 | wave-in-courses edges-primed-hard 0'],
    cause: [[1, 'framing-wave', 'S']],
  },
  {
    id: 'O69',
    title: 'rooms wet after the painters',
    found: ['lap-siding | A 30 60 | @told began-within-year-of-washing 2'],
    cause: [[1, 'washing-injection', 'S']],
    not: [['roof-leak-down', 'T']],
    blocked: [[1, 'wash-side', 'S']],
  },
  {
    id: 'O70',
    title: 'windows behind storms',
    found: [
      'brick-mould | A 10.5 60 a2 | back-or-edge-bare open-joint storm-not-sealed 3',
      'sill-nose | A 12 55 a2 | 0',
    ],
    cause: [[1, 'joint-open', 'S']],
    method: [[1, 'storm-off-on', 'S']],
  },
  {
    id: 'O71',
    title: 'thickened edges with growth on a chimney',
    house: { cladding: 'hardboard-lap' },
    found: ['chase-face | D 12 120 d2 | swollen-bottom-edge mildew fresh-strands 2'],
    cause: [[1, 'back-never-primed|never-sealed', 'L']],
    method: [[1, 'replace-course|chase-face', 'S']],
  },
  {
    id: 'O72',
    title: 'fibre-cement gone beside a chimney',
    house: { cladding: 'fibre-cement-lap' },
    found: [
      'lap-siding | D 10 100 | comes-apart-in-layers bare-joint 3',
      'corner-board | D 12 100 d2 | bare-joint 4',
    ],
    cause: [
      [1, 'never-sealed|joint-open', 'S'],
      [2, 'never-sealed|joint-open', 'S'],
    ],
    method: [
      [1, 'replace-course', 'S'],
      [2, 'replace-member', 'S'],
    ],
  },
  {
    id: 'O73',
    title: 'porch columns',
    found: [
      'porch-column | words left column | from-bottom-up open-joint 3',
      'porch-column | words right column | chalk-cracks-bare-spots 1',
    ],
    method: [
      [1, 'column-base', 'S'],
      [2, 'prime-and-paint', 'S'],
    ],
  },
  {
    id: 'O74',
    title: 'rotten door foot',
    found: [
      'threshold | C 18 20 c3 | sill-centre-subfloor-soft landing-flush 3',
      'jamb-foot | C 16.5 22 c3 | only-jamb-feet-soft 3',
      'lap-siding | C 16 22 c3 | 3',
    ],
    method: [[1, 'door-whole', 'S']],
    look: [[1, /rim|subfloor|below/i, 'T']],
  },
  {
    id: 'O75',
    title: 'three windows in a row',
    found: [
      'window-sill | A 4 56 a1 | open-joint chalk-cracks-bare-spots 3',
      'brick-mould | A 10.5 60 a2 | open-joint chalk-cracks-bare-spots 2',
      'brick-mould | A 28.5 60 a3 | ?',
    ],
    cause: [
      [1, 'joint-open|finish-overdue', 'S'],
      [2, 'joint-open|finish-overdue', 'S'],
    ],
    method: [
      [1, 'replace-member', 'S'],
      [2, 'piece-in', 'S'],
    ],
    blocked: [[1, 'piece-in', 'S']],
  },
  {
    id: 'O76',
    title: 'garage trim pieced badly',
    found: ['side-casing | A 23.5 30 a4 | square-patch rot-around-patch 3'],
    method: [[1, 'piece-in|replace-member', 'S']],
  },
  {
    id: 'O77',
    title: 'a few bee holes in a fascia',
    found: ['fascia | A 10 128 | round-half-inch-holes dry-and-hard-all-round 0'],
    cause: [[1, 'carpenter-bees', 'S']],
    method: [[1, 'fill-hole', 'S']],
    blocked: [[1, 'replace-member', 'S']],
    caution: [[/treat/i, 'T']],
  },
  {
    id: 'O78',
    title: 'shakes lifting on a chase',
    house: { cladding: 'shingle' },
    found: [
      'shingle | D 12 150 d2 | shakes-gone rows-lifting smooth-nails bare-joint dark-both-sides-of-joint 2',
    ],
    cause: [
      [1, 'shake-substrate', 'S'],
      [1, 'never-sealed', 'S'],
    ],
    method: [
      [1, 're-fasten', 'S'],
      [1, 'shake-backing', 'S'],
    ],
  },
  {
    id: 'O79',
    title: 'pale dormer shakes',
    house: { cladding: 'shingle' },
    found: ['shingle | A 10 160 | stain-bleached rows-tight 0'],
    cause: [[1, 'finish-overdue', 'S']],
  },
  // Decks, manufactured homes, paint jobs, people.
  {
    id: 'O80',
    title: 'deck that must not be stood on',
    house: { cladding: 'brick' },
    found: [
      'ledger | C 13 60 c4 | ledger-on-veneer no-metal-at-ledger ledger-gap-over-eighth few-or-corroded-fasteners 2',
      'joist-hanger | C 15 60 c4 | connector-absent ?',
      'deck-beam | C 20 50 c4 | beam-missing ?',
      'guard | C 20 90 c4 | opening-over-4-in guard-no-end-posts ?',
    ],
    cause: [
      [1, 'ledger-attachment', 'S'],
      [1, 'ledger-unflashed', 'S'],
      [2, 'connector-missing', 'S'],
      [4, 'guard-unsupported', 'S'],
    ],
    method: [[1, 'deck-rebuild', 'S']],
    caution: [
      [/keep off/i, 'S'],
      [/deck builder|re-?evaluat|trade/i, 'S'],
      [/4 in/i, 'S'],
    ],
    blocked: [[1, 'ledger-flash', 'S']],
    look: [[1, /open|behind|sheathing|rim/i, 'T']],
  },
  {
    id: 'O81',
    title: 'order of looking at a deck',
    found: ['deck-board | C 18 28 c4 | ?'],
    caution: [[/below|underside/i, 'T']],
  },
  {
    id: 'O82',
    title: 'only the balusters are wrong',
    found: ['guard | C 20 60 c4 | opening-over-4-in 0', 'ledger | C 13 20 c4 | ledger-bolted-dry 0'],
    caution: [[/child|4 in/i, 'S']],
    method: [[1, 'guard-new|guard-infill', 'T']],
  },
  {
    id: 'O83',
    title: 'tired but sound deck',
    found: ['deck-board | C 18 28 c4 | warped square-patch 2', 'stair-tread | C 22 20 c4 | 3'],
    method: [[1, 'replace-member|piece-in', 'S']],
  },
  {
    id: 'O84',
    title: 'manufactured home down at one end',
    house: { foundation: 'piers-with-skirt' },
    found: [
      'home-pier | A 1 10 | pier-leaning daylight-in-bearing soft-probe-at-pad ?',
      'skirting | A 20 12 | skirting-taller-at-one-end skirting-bent ?',
      'floor | words all rooms | ball-rolls falls-to-corner ?',
    ],
    cause: [[1, 'pad-unlevel|pier-displaced', 'L']],
    method: [
      [1, 'home-pier-new', 'S'],
      [1, 'home-pier-reset', 'S'],
      [1, 'pad-rebuilt', 'S'],
    ],
    caution: [[/jack|nobody under/i, 'T']],
  },
  {
    id: 'O85',
    title: 'wavy skirting',
    house: { foundation: 'piers-with-skirt' },
    found: ['skirting | A 20 12 | skirting-bent ?'],
    cause: [
      [1, 'pad-unlevel', 'G'],
      [1, 'pier-displaced', 'G'],
    ],
    not: [
      ['settlement', 'T'],
      ['pier-displaced', 'T'],
    ],
    look: [[1, /panel|level|measure|pier|behind/i, 'S']],
  },
  {
    id: 'O86',
    title: 'choice of base',
    house: { foundation: 'piers-with-skirt' },
    found: ['home-pier | A 10 10 | soft-probe-at-pad ?'],
    method: [[1, 'pad-rebuilt', 'S']],
  },
  {
    id: 'O87',
    title: 'paint scope with a line',
    found: ['lap-siding | B 10 60 | chalk-cracks-bare-spots 1'],
    cause: [[1, 'finish-overdue', 'S']],
  },
  {
    id: 'O88',
    title: 'heavy peeling, year unknown',
    house: { year: null },
    found: ['lap-siding | B 10 60 | flake-shows-bare-wood chalk-cracks-bare-spots 1'],
    caution: [[/lead/i, 'L']],
  },
  {
    id: 'O89',
    title: 'crown along the back',
    found: ['crown-moulding | C 10 118 | 3'],
    method: [
      [1, 'piece-in', 'S'],
      [1, 'replace-member', 'S'],
    ],
  },
  {
    id: 'O90',
    title: 'old filler and a sunken fascia end',
    found: [
      'fascia | A 1 128 | dished-in only-at-one-end 3',
      'fascia | A 20 128 | cracks-around-patch patch-hard-and-backed 0',
    ],
    method: [
      [1, 'piece-in|replace-member|fascia-with-metal', 'S'],
      [2, 'fill-hole|prime-and-paint|re-seal', 'S'],
    ],
    blocked: [[1, 'fill-hole', 'T']],
  },
  {
    id: 'O91',
    title: 'the owner does the low boards',
    found: ['base-course | A 10 22 | 3', 'window-sill | A 12 56 a2 | 2'],
    method: [[2, 'consolidate', 'L']],
  },
  {
    id: 'O92',
    title: 'soft swollen edge on a wet day',
    house: { cladding: 'hardboard-lap' },
    found: ['lap-siding | A 30 22 | swollen-bottom-edge back-or-edge-bare surface-wet-from-rain 1'],
    cause: [[1, 'back-never-primed|never-sealed', 'L']],
    look: [[1, /dry/i, 'S']],
  },
  {
    id: 'O93',
    title: 'mildew, rust heads, open brick joint',
    house: { cladding: 'hardboard-lap' },
    found: [
      'lap-siding | B 10 60 | mildew shade-side 0',
      'lap-siding | A 10 60 | nail-stain 0',
      'lap-siding | A 2 60 | gap-wood-to-masonry 0',
    ],
    cause: [[1, 'mildew-growth', 'S']],
    method: [
      [1, 'mildew-wash', 'S'],
      [2, 'prime-and-paint', 'S'],
      [3, 're-seal', 'S'],
    ],
    blocked: [[1, 'wash-side', 'T']],
    not: [['plumbing-leak', 'T']],
  },
  {
    id: 'O94',
    title: 'patched corner beside a bad sheet',
    house: { cladding: 'panel' },
    found: [
      'panel-siding | A 30 24 | from-bottom-up 3',
      'corner-board | A 0.2 40 | square-patch rot-around-patch 3',
    ],
    method: [
      [1, 'panel-sheet', 'S'],
      [2, 'replace-member|piece-in', 'S'],
    ],
    blocked: [[1, 'panel-strip', 'L']],
  },
  {
    id: 'O95',
    title: 'list from a sale, tenants in',
    found: ['pipe | words kitchen | leaks-at-joint ?', 'wiring | words hall | receptacle-loose ?'],
    caution: [[/electrician/i, 'T']],
  },
  {
    id: 'O96',
    title: 'warranty by kind of work',
    house: { cladding: 'hardboard-lap' },
    found: ['brick-mould | A 10.5 60 a2 | metal-stops-short 3'],
  },
]
