import { rowsById, type Row } from '../row'

/** Something that an owner does, or has done, so that a repair lasts. */
export type UpkeepRow = Row & {
  /** What to do and what to look for, as the owner reads it. */
  readonly plain: string
  /** Methods whose work it keeps. */
  readonly methods: readonly string[]
  /** Every so many months. */
  readonly every_months: number
  /** Month of the year in which it is first done; null: so many months after the work. */
  readonly month: number | null
}

const upkeep = (
  id: string,
  name: string,
  plain: string,
  [every_months, month]: readonly [number, number | null],
  methods: readonly string[],
): UpkeepRow => ({ id, name, plain, every_months, month, methods, source: 'common practice' })

/** In the order they are printed. Months are those of a northern, wet coast; a firm elsewhere moves them by hand. Source: common practice. */
export const UPKEEP: readonly UpkeepRow[] = [
  upkeep(
    'gutters-clear',
    'Clear gutters and outlets',
    'Clear leaves from gutters and outlets and watch one rain: nothing runs over the edge or down the wall.',
    [6, 11],
    [
      ...[
        'gutter-clean',
        'gutter-re-hang',
        'gutter-seal',
        'gutter-new',
        'gutter-end-flashed',
        'gutter-guard',
      ],
      ...['leader-clear', 'leader-away', 'leader-buried', 'drip-edge', 'roof-clear'],
      ...[
        'fascia-with-metal',
        'fascia-with-strip',
        'fascia-overlay',
        'soffit-panel',
        'rafter-tail-new',
        'rafter-tail-sister',
      ],
    ],
  ),
  upkeep(
    'ground-falls-away',
    'Look at the ground beside the wall',
    'Ground falls away from the wall, soil and mulch stay 6 inches below the cladding, and what leads water off is open.',
    [12, 10],
    [
      'regrade',
      'clear-soil',
      'stone-strip',
      'leader-away',
      'leader-buried',
      'pipe-out',
      'weep-screed',
      'stand-off',
    ],
  ),
  upkeep(
    'flashings-seen',
    'Look at flashings from the ground',
    'With field glasses from the ground: nothing bent, lifted, rusted through or missing. Look again after a storm. Stay off the roof.',
    [12, 10],
    [
      ...['head-flashing', 'head-flashing-kept', 'kick-out', 'step-flashing', 'chase-cover', 'chase-face'],
      ...['pipe-collar', 'band-flashing', 'penetration-flashing', 'drip-edge', 'roof-deck-sheet'],
    ],
  ),
  upkeep(
    'paint-washed',
    'Wash painted faces and touch up',
    'Wash painted faces with a soft brush, look for peeling and bare wood at lower edges, and touch up what is bare.',
    [12, 4],
    [
      'paint-side',
      'coat-new-side',
      'trim-side',
      'stain-side',
      'prime-and-paint',
      'door-coat',
      'window-coat',
      'shutter-new',
    ],
  ),
  upkeep(
    'joints-seen',
    'Look at the joints of what was let in',
    'Look along the joints of repaired pieces: a fine crack is sealed and painted at once, before it lets water in.',
    [12, 9],
    [
      ...['piece-in', 'consolidate', 'sash-bench', 'column-base', 'stucco-patch', 'slab-edge-patch'],
      ...['tendon-end', 'brick-point', 'brick-replace', 'crack-injection', 'replace-member', 'fill-hole'],
    ],
  ),
  upkeep(
    'sealant-seen',
    'Look along sealed joints',
    'Look along sealed joints for gaps and loose edges. Sealant moves and ages first: it is renewed, not smeared over.',
    [12, 9],
    ['re-seal', 'paving-joint', 'pane-new', 'toilet-off-on', 'attic-seal'],
  ),
  upkeep(
    'cladding-kept-clear',
    'Keep the foot of the wall clear',
    'Plants, soil, stacked wood and sprinklers stay off the wall, and its lower edge can be seen all along.',
    [12, 4],
    [
      ...['replace-course', 'panel-sheet', 'panel-strip', 'shingle-spot', 're-clad-side', 'shingle-side'],
      ...[
        'butt-gaps',
        'drained-gap',
        'barrier-renewed',
        'clear-plants',
        'sprinkler',
        'shake-backing',
        'skirting-new',
      ],
    ],
  ),
  upkeep(
    'pans-open',
    'Keep weeps and pans open',
    'Clear the sill track and the small outlets below windows and doors: what gets in has to run out again.',
    [12, 9],
    [
      'unit-pan',
      'door-pan',
      'window-new',
      'door-whole',
      'storm-new',
      'storm-off-on',
      'storm-door',
      'door-slab',
    ],
  ),
  upkeep(
    'deck-swept',
    'Sweep the deck and shake its guards',
    'Sweep the gaps, shake guards and rails, look at hangers and ledger for rust. No tub, planter or roof is added without asking.',
    [12, 4],
    [
      ...['deck-rebuild', 'ledger-renew', 'ledger-flash', 'deck-joist-sister', 'deck-joist-new'],
      ...[
        'hanger-new',
        'connector-new',
        'deck-beam-new',
        'deck-post-new',
        'guard-new',
        'stair-flight',
        'stringer-new',
      ],
    ],
  ),
  upkeep(
    'deck-coated',
    'Clean and coat the deck again',
    'Walked-on coats wear in two or three years: clean and coat before the wood greys.',
    [24, 5],
    ['deck-coat'],
  ),
  upkeep(
    'under-the-floor',
    'Have somebody look under the floor',
    'In the wet season: the cover lies whole, nothing drips, wood is dry to a meter, vents are open and screened.',
    [12, 2],
    [
      ...['crawl-cover', 'ground-cover', 'crawl-liner', 'crawl-vent', 'crawl-vent-cut', 'dry-first'],
      ...['joist-sister', 'joist-new', 'girder-new', 'girder-line', 'rim-new', 'mudsill-new'],
      ...['insulation-new', 'subfloor-new', 'wrap-line'],
    ],
  ),
  upkeep(
    'pump-tried',
    'Try the pump',
    'Pour a bucket into the pit: the pump starts, empties it and stops, and the outlet outside runs.',
    [3, null],
    ['sump', 'drain-and-sump', 'drain-trench'],
  ),
  upkeep(
    'duct-cleared',
    'Clear the duct and its flap',
    'Have the duct cleared to its end and see that the flap outside opens: lint in a dryer’s duct burns.',
    [12, 9],
    ['vent-out'],
  ),
  upkeep(
    'movement-marked',
    'Look for movement and write the date beside it',
    'Look at marked cracks, at doors that begin to stick and at the gap of wall and floor. Write date and width beside a mark. Call us when it grows.',
    [6, null],
    [
      ...['floor-lift', 'driven-pier', 'wall-anchor', 'wall-strap', 'wall-brace', 'post-pad-new'],
      ...[
        'home-pier-reset',
        'home-pier-new',
        'pad-rebuilt',
        'deck-footing',
        'porch-column',
        'porch-beam-new',
        'tie-strap',
      ],
    ],
  ),
  upkeep(
    'watched-again',
    'Look again at what is watched',
    'Nothing was done here on purpose. Look again, compare with the picture, and call us when it has grown.',
    [6, null],
    ['watch'],
  ),
]

export const UPKEEP_BY_ID = rowsById(UPKEEP)
