import { area, each, long, members, type Example } from './example'

export const DECK_AND_WALL: readonly Example[] = [
  // Deck and stair.
  [
    'ledger-renew',
    'ledger',
    long(20),
    4 + 20 * 1.8 + (0.2 + 2 * 0.9),
    {
      'structural-screws': 30,
      'joist-hanger': 15,
      'lateral-tie': 2,
      membrane: 22,
      flashing: 21,
      fasteners: 2,
    },
    ['1 2x10 240'],
  ],
  [
    'ledger-flash',
    'ledger',
    long(20),
    0.75 + 20 * 0.5 + (0.2 + 2 * 0.9),
    { 'structural-screws': 30, 'lateral-tie': 2, flashing: 21, membrane: 22 },
  ],
  [
    'deck-joist-sister',
    'deck-joist',
    members(3, 12),
    0.4 + 3 * 1.6,
    { 'joist-hanger': 3, 'structural-screws': 72, membrane: 36 },
    ['3 2x8 144'],
  ],
  [
    'deck-joist-new',
    'deck-joist',
    members(2, 12),
    0.4 + 2 * 1.6,
    { 'joist-hanger': 2, fasteners: 1, membrane: 24 },
    ['2 2x8 144'],
  ],
  ['connector-new', 'deck-post', each(10), 10 * (0.2 + 0.25), { connector: 10, fasteners: 1.5 }],
  ['hanger-new', 'joist-hanger', each(10), 0.2 + 10 * 0.2, { 'joist-hanger': 10, fasteners: 1.5 }],
  [
    'deck-beam-new',
    'deck-beam',
    long(12),
    2 + 12 * 0.9,
    { 'post-cap': 1.92, 'structural-screws': 36 },
    ['2 2x10 144'],
  ],
  [
    'deck-post-new',
    'deck-post',
    each(2),
    2 * (0.5 + 2.9),
    { 'post-base': 2, 'post-cap': 2, 'structural-screws': 16 },
    ['2 4x4 96'],
  ],
  ['deck-footing', 'deck-footing', each(3), 3 * (0.5 + 3.6), { concrete: 15, 'form-tube': 12 }],
  // 21 ft are three sections of 7 ft; a post every 6 ft: 3.5, four.
  ['guard-new', 'guard', long(21), 0.4 + 3 * 3.5, { 'guard-kit': 21, 'structural-screws': 21 }, ['4 4x4 60']],
  [
    'stair-flight',
    'stair',
    each(1),
    1 + 9.5 + (0.5 + 2.8),
    { 'structural-screws': 40, concrete: 4, 'guard-kit': 6 },
    ['3 2x12 96', '12 5/4x6 36'],
  ],
  [
    'stringer-new',
    'stringer',
    each(1),
    0.75 + 2.3,
    { 'post-base': 1, 'structural-screws': 16 },
    ['1 2x12 96'],
  ],
  ['deck-nailer', 'deck-joist', each(2), 0.1 + 2 * 0.25, { 'structural-screws': 12 }, ['2 2x4 24']],
  ['deck-take-down', 'ledger', area(200), 0.75 + 2 * 4.2 + (0.2 + 0.5), { tarp: 32 }],
  // 240 ft²: 6.67 footings and posts, 5.71 sections of guard. Joists 16, ledger and beam 5, posts 12, boards 45.4, stringers 3.
  [
    'deck-rebuild',
    'ledger',
    area(240),
    0.75 +
      2.4 * 4.2 +
      (0.5 + 6.67 * 3.6) +
      (0.5 + 6.67 * 2.9) +
      (2 + 2.4 * 13) +
      (0.5 + 2.4 * 6.5) +
      (0.4 + 5.71 * 3.5) +
      (1 + 9.5) +
      (0.2 + 1.8),
    {
      concrete: 33.333,
      'form-tube': 26.667,
      'post-base': 6.667,
      'post-cap': 6.667,
      'joist-hanger': 15,
      fasteners: 9.6,
      'structural-screws': 72,
      'lateral-tie': 2,
      membrane: 240,
      flashing: 20,
      'guard-kit': 40,
      'inspector-visit': 1,
    },
    ['16 2x8 144', '5 2x10 144', '12 4x4 96', '46 5/4x6 144', '3 2x12 96'],
  ],
  // Walls.
  [
    'sheathing-new',
    'sheathing',
    area(64),
    0.3 + 2 * 1.7 + 2 * 0.5 + (0.2 + 2 * 0.5),
    { 'sheathing-sheet': 2.16, 'house-wrap': 73.6, 'seam-tape': 0.2, fasteners: 1.2, tarp: 76.8 },
    ['4 2x4 48'],
  ],
  ['stud-sister', 'stud', members(2, 3), 0.2 + 2 * 0.9, { fasteners: 1, borate: 0.06 }, ['2 2x4 84']],
  [
    'stud-new',
    'stud',
    members(1, 4),
    1.5 + 2,
    { fasteners: 0.5, 'framing-tie': 2 },
    ['1 2x4 93', '2 2x4 96'],
  ],
  [
    'sole-plate-new',
    'sole-plate',
    long(6),
    1.5 + 6 * 1.4,
    { 'framing-tie': 6, fasteners: 0.6, membrane: 6.6 },
    ['1 2x4 84'],
  ],
  [
    'header-new',
    'header',
    members(1, 4),
    2 + 7,
    { fasteners: 1, 'framing-tie': 4 },
    ['2 2x10 54', '4 2x4 96'],
  ],
  [
    'rim-new',
    'rim-joist',
    long(8),
    1 + 8 * 1.4 + 0.25,
    { fasteners: 1.2, membrane: 9.6, 'framing-tie': 6 },
    ['1 2x10 144'],
  ],
  [
    'mudsill-new',
    'mudsill',
    long(8),
    3 + 8 * 2.4,
    { anchor: 4, membrane: 8.8, fasteners: 0.8, 'framing-tie': 6 },
    ['1 2x6 120'],
  ],
]
