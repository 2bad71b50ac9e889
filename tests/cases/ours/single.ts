import type { Scene } from '../scenes'

const CRAWL = { foundation: 'crawl' } as const
const BASEMENT = { foundation: 'basement' } as const

/** Single sights. */
export const SINGLE: readonly Scene[] = [
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
