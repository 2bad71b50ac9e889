import type { Survey } from '../src/core/job'
import { inches } from '../src/core/measure'
import { courseLine, crackLooks, floorLevels, groundFall, plumbLine, roofWater } from './surveyed'

const FIRST = '2026-01-20'
const SECOND = '2026-04-28'
const LASER = 'line laser and receiver'

/** Rods of the ground floor, right back corner down; the level was moved once, and read e from both set-ups. */
function groundFloor(id: string, day: string, corner_in: number): Survey {
  return floorLevels({
    id,
    day,
    instrument: LASER,
    floor: 'Ground floor',
    setUps: [
      [
        ['a', 1, 1, 47.5],
        ['b', 22, 1, 47.5625],
        ['c', 43, 1, 47.6875],
        ['d', 1, 14, 47.5625],
        ['e', 22, 14, 47.6875, 0],
      ],
      [
        ['e', 22, 14, 51.1875],
        ['f', 43, 14, 51.5],
        ['g', 1, 27, 51.0625],
        ['h', 22, 27, 51.375],
        ['i', 43, 27, 51.25 + corner_in, 0.375],
      ],
    ],
  })
}

/** What was measured at 1190 Quarry Road, some of it twice. */
export const QUARRY_SURVEYS: readonly Survey[] = [
  plumbLine({
    id: 'plumb-d',
    day: SECOND,
    instrument: 'plumb line and rule',
    side: 'd',
    height_ft: 7,
    finding_ids: ['finding-1'],
    read: [
      [2, 0, 0.125, 0],
      [8, 0, 0.4375, 0],
      [14, 0, 0.625, 0.0625],
      [20, 0, 0.5, 0.0625],
      [26, 0, 0.1875, 0],
    ],
  }),
  ...(
    [
      ['courses-c1', FIRST, 1.0625, 0.75],
      ['courses-c2', SECOND, 1.25, 0.875],
    ] as const
  ).map(([id, day, corner, next]) =>
    courseLine({
      id,
      day,
      instrument: LASER,
      side: 'c',
      course_in: 5,
      joint_in: 0,
      course: 4,
      finding_ids: ['finding-2'],
      read: [
        [0, corner],
        [8, next],
        [16, 0.4375],
        [24, 0.125],
        [34, 0],
        [44, 0],
      ],
    }),
  ),
  groundFloor('floor-1', FIRST, 1.875),
  groundFloor('floor-2', SECOND, 2.0625),
  crackLooks({
    id: 'crack-2',
    day: SECOND,
    instrument: 'crack gauge',
    finding_ids: ['finding-2'],
    run: 'stepped',
    masonry: true,
    filled: true,
    looks: [
      [FIRST, 0.1875, 0.03125, 'wet'],
      [SECOND, 0.25, 0.03125, 'drying out'],
    ],
  }),
  groundFall({
    id: 'ground-d',
    day: SECOND,
    instrument: '4-ft level',
    side: 'd',
    read: [
      [4, 'soil', -1, 6],
      [14, 'soil', -1.5, 6],
      [24, 'paving', 0.5, 6],
    ],
  }),
  roofWater({
    id: 'roof-water-c',
    day: SECOND,
    instrument: 'tape',
    side: 'c',
    width: inches(5),
    fall: '1/16',
    roofs: [
      { name: 'back slope', plan_ft2: 660, pitch_in_12: 5, wall_ft2: 0 },
      { name: 'porch roof, by its gutter', plan_ft2: 96, pitch_in_12: 3, wall_ft2: 60 },
    ],
    downspouts: 1,
    downspout_in2: 4.4,
    goes_to: 'the soil at the back right corner',
  }),
]
