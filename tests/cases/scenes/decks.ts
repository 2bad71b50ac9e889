import type { Scene } from './scene'

export const DECKS: readonly Scene[] = [
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
