import type { Scene } from './scene'

export const TRIM: readonly Scene[] = [
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
]
