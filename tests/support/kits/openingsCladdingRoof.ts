import { area, each, long, type Example } from './example'

export const OPENING_CLADDING_ROOF: readonly Example[] = [
  // Openings.
  ['sash-bench', 'sash', each(1), 0.4 + 3.8, { epoxy: 1, primer: 0.05, filler: 0.25 }],
  ['pane-new', 'pane', each(2), 2 * (0.3 + 1.4), { glass: 12, filler: 1 }],
  ['storm-off-on', 'storm-sash', each(3), 3 * 0.5, {}],
  ['storm-new', 'storm-sash', each(1), 0.2 + 1, { 'storm-sash': 1 }],
  [
    'window-new',
    'window-unit',
    each(1),
    0.5 + 6.5,
    { 'window-unit': 1, flashing: 4, membrane: 16, sealant: 1.5, fasteners: 0.5 },
  ],
  ['door-slab', 'door', each(1), 0.4 + 3.5, { 'door-slab': 1, primer: 0.15 }],
  [
    'door-whole',
    'door',
    each(1),
    // Unit, support, two legs of trim.
    0.5 + 7.5 + (0.5 + 2.8) + (0.2 + 2 * 1.1),
    { 'door-unit': 1, flashing: 4, membrane: 20, sealant: 1.5, fasteners: 1 },
    ['2 2x6 48', '2 1x4 84'],
  ],
  ['door-ease', 'door', each(2), 2 * (0.2 + 0.9), { primer: 0.06, 'structural-screws': 8 }],
  ['shutter-off', 'shutter', each(3), 3 * 2 * 0.3, { filler: 0.6, primer: 0.06 }],
  // 12 ft, two plies, a face on either side.
  [
    'porch-beam-new',
    'porch-beam',
    long(12),
    2 + 12 * 1.1,
    { 'post-cap': 1.92, 'structural-screws': 36, primer: 0.24 },
    ['2 2x10 144', '2 1x8 144'],
  ],
  ['storm-door', 'door', each(1), 1.2, { 'storm-door': 1 }],
  ['shutter-off-on', 'shutter', each(2), 2 * 2 * 0.35, {}],
  ['shutter-new', 'shutter', each(2), 2 * (0.2 + 1), { shutter: 2 }],
  ['wall-vent', 'wall-vent', each(1), 0.4 + 2.6, { 'wall-vent': 1, flashing: 4, membrane: 8, sealant: 0.5 }],
  // Cladding. 96 ft² are three sheets.
  [
    'panel-sheet',
    'panel-siding',
    area(96),
    0.4 + 3 * 2.4,
    { 'panel-sheet': 3, flashing: 12.6, fasteners: 1.8, primer: 0.09, sealant: 1.5 },
  ],
  // 24 ft are six strips of 4 ft: one sheet.
  [
    'panel-strip',
    'panel-siding',
    long(24),
    0.5 + 24 * 0.22,
    { 'panel-sheet': 1, flashing: 25.2, fasteners: 0.72, primer: 0.12 },
  ],
  // 0.6 h on each of three visits.
  [
    'stucco-patch',
    'stucco',
    each(1),
    1.8 + 8.5,
    { lath: 10, 'stucco-mix': 5, membrane: 8, 'weep-screed': 4 },
  ],
  ['brick-point', 'brick-veneer', long(16), 0.4 + 16 * 0.45, { mortar: 0.96 }],
  ['brick-replace', 'brick-veneer', each(1), 0.4 + 0.7, { brick: 1.1, mortar: 0.05 }],
  [
    'chase-face',
    'chase-face',
    each(1),
    1.5 + 23,
    {
      'sheathing-sheet': 2,
      'house-wrap': 80,
      'step-flashing': 12,
      flashing: 6,
      membrane: 16,
      fasteners: 3,
      primer: 0.5,
      sealant: 2,
    },
    // 64 ft² at half a foot: 128 ft, with 10 % 141 ft: 36 boards of 4 ft are 144.
    ['2 5/4x4 192', '36 lap 48'],
  ],
  // Roof edge.
  [
    'fascia-overlay',
    'fascia',
    long(18),
    0.75 + 18 * 0.14,
    { fasteners: 0.54, primer: 0.072, sealant: 1 },
    ['1 1x8 216'],
  ],
  [
    'rafter-tail-sister',
    'rafter-tail',
    each(2),
    0.3 + 2 * 1.4,
    { 'structural-screws': 24, borate: 0.04 },
    ['2 2x6 72'],
  ],
  [
    'rafter-tail-new',
    'rafter-tail',
    each(1),
    0.5 + 3,
    { 'structural-screws': 12, primer: 0.05 },
    ['1 2x6 72'],
  ],
  [
    'roof-deck-sheet',
    'roof-deck',
    area(64),
    0.75 + 2 * 4.8,
    { 'sheathing-sheet': 2, roofing: 70.4, fasteners: 2.2, membrane: 16 },
  ],
  [
    'porch-column',
    'porch-column',
    each(1),
    1 + 3.8,
    { 'porch-column': 1, 'post-base': 1, 'structural-screws': 8, primer: 0.2 },
  ],
  ['column-base', 'porch-column', each(2), 2 * (0.75 + 2.3), { 'post-base': 2, epoxy: 2 }],
  ['screen-new', 'screen', each(1), 0.3 + 12 * 0.07, { 'screen-mesh': 14 }],
  ['gutter-guard', 'fascia', long(30), 0.3 + 30 * 0.05, { 'gutter-guard': 31.5 }],
]
