import type { Survey } from '../src/core/job'
import { feet, inches } from '../src/core/measure'
import { CREW } from './build'
import { floorLevels, groundFall } from './surveyed'

const DAY = '2026-04-21'
const head = (id: string, instrument: string, finding_ids: string[] = []) => ({
  id,
  removed: false,
  day: DAY,
  by: CREW.lead,
  instrument,
  note: '',
  finding_ids,
})

/** Piers of a rail: name, height, level under the highest point, how it stands. */
function rail(
  id: string,
  name: string,
  finding_ids: string[],
  piers: readonly (readonly [
    pier: string,
    height_in: number,
    level_in: number,
    stands: 'plumb' | 'leaning' | 'loose' | 'sunk',
  ])[],
): Survey {
  return {
    ...head(id, 'water level', finding_ids),
    kind: 'home',
    rail: name,
    spacing: feet(8),
    roof_psf: 30,
    soil: 'untested',
    pad: inches(20),
    pad_thick: inches(4),
    piers: piers.map(([pier, height, level, stands]) => ({
      pier,
      height: inches(height),
      level: inches(level),
      double: false,
      stands,
    })),
  }
}

/** Heron Flats, lot 12: its middle line pier by pier, the floor over it, the ground at its low side. */
export const HERON_SURVEYS: readonly Survey[] = [
  rail(
    'home-middle',
    'Middle line',
    ['finding-1'],
    [
      ['1', 28, -0.125, 'plumb'],
      ['2', 28, -0.375, 'leaning'],
      ['3', 29, -0.75, 'leaning'],
      ['4', 30, -1.375, 'sunk'],
      ['5', 30, -1.25, 'sunk'],
      ['6', 30, -0.625, 'leaning'],
      ['7', 29, -0.25, 'leaning'],
    ],
  ),
  floorLevels({
    id: 'floor-home',
    day: DAY,
    instrument: 'water level',
    floor: 'Home',
    setUps: [
      [
        ['a', 1, 1, 36],
        ['b', 24, 1, 36.125],
        ['c', 47, 1, 36],
        ['d', 1, 13, 36.25],
        ['e', 16, 13, 36.9375],
        ['f', 24, 13, 37.375],
        ['g', 34, 13, 36.8125],
        ['h', 47, 13, 36.25],
        ['i', 1, 25, 36.0625],
        ['j', 24, 25, 36.1875],
        ['k', 47, 25, 36],
      ],
    ],
  }),
  groundFall({
    id: 'ground-home',
    day: DAY,
    instrument: '4-ft level',
    side: 'c',
    read: [
      [10, 'soil', -0.5, 6],
      [24, 'soil', -1, 6],
      [38, 'soil', 1, 6],
    ],
  }),
]

/** Saltmarsh Cabin: vents and air under it, and the landing of its outside stair point by point. */
export const SALTMARSH_SURVEYS: readonly Survey[] = [
  {
    ...head('vents-crawl', 'tape'),
    kind: 'vents',
    space: 'crawl',
    floor_ft2: 432,
    covered: false,
    balanced: true,
    openings: [{ what: 'screened vent', count: 4, width: inches(14), height: inches(6), free_percent: 55 }],
  },
  {
    ...head('air-crawl', 'thermo-hygrometer'),
    kind: 'air',
    space: 'crawl space',
    readings: [
      { day: '2026-03-31', air_c: 9, humidity_percent: 88, surface_c: 8 },
      { day: DAY, air_c: 12, humidity_percent: 91, surface_c: 9.5 },
    ],
  },
  {
    ...head('landing', 'tape', []),
    kind: 'deck',
    feature_id: 'deck-c3',
    answers: [
      { point: 'ledger-veneer', answer: 'right' },
      { point: 'ledger-nails', answer: 'wrong' },
      { point: 'ledger-tight', answer: 'right' },
      { point: 'rim-sound', answer: 'not-seen' },
      { point: 'post-feet', answer: 'wrong' },
      { point: 'beam-on-posts', answer: 'right' },
      { point: 'stair-fixed', answer: 'wrong' },
      { point: 'guard-firm', answer: 'wrong' },
      { point: 'guard-openings', answer: 'wrong' },
      { point: 'handrail', answer: 'wrong' },
      { point: 'risers', answer: 'right' },
    ],
    wood: 'unknown',
    joist: '2x6',
    joist_spacing_in: 24,
    joist_span: feet(7),
    beam: null,
    beam_plies: null,
    beam_span: null,
    post: '4x4',
    post_height: feet(3),
    ledger_by: 'nails',
    ledger_spacing: null,
    guard_height: inches(32),
    guard_opening: inches(7),
  },
  {
    ...head('frame-kitchen', 'tape', ['finding-3']),
    kind: 'frame',
    floor: 'Kitchen',
    wood: 'douglas-fir',
    use: 'living',
    joist: '2x8',
    joist_spacing_in: 16,
    joist_span: feet(9),
    notch: inches(1),
    notch_at_end: false,
    hole: inches(2),
    hatch: inches(30),
    clearance: inches(26),
    other_span: null,
    girder: feet(20),
    line_side_id: 'side-a',
    line_from: feet(0),
    line_in: feet(9),
    floors: 1,
    wall_above: 'none',
    supports: [
      { support: 'post 3', along: feet(12), stands: null, on: null, lift: inches(0.375) },
      { support: 'post 4', along: feet(18), stands: null, on: null, lift: inches(0.5) },
    ],
    members: [],
  },
]
