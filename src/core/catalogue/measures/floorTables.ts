/** Longest joist of a floor, inches, No. 2 grade, 10 lb/ft² dead load; by live load, wood, size and spacing. */
export type JoistWood = 'douglas-fir' | 'hem-fir' | 'southern-pine' | 'spruce-pine-fir'
export type JoistSize = '2x6' | '2x8' | '2x10' | '2x12'
export type FloorUse = 'living' | 'sleeping'

export const FLOOR_TABLES_SOURCE =
  'International Residential Code 2021, tables R502.3.1(1) and (2), No. 2, from memory' as const

const SIZES: readonly JoistSize[] = ['2x6', '2x8', '2x10', '2x12']
/** Feet and inches as they are printed. */
function row(printed: string): Readonly<Record<JoistSize, number>> {
  const spans = printed.split(' ').map((each) => {
    const [feet, inches] = each.split('-').map(Number)
    return feet! * 12 + inches!
  })
  return Object.fromEntries(SIZES.map((size, index) => [size, spans[index]!])) as Record<JoistSize, number>
}

export const FLOOR_JOISTS_IN: Readonly<
  Record<
    FloorUse,
    Readonly<Record<JoistWood, Readonly<Record<12 | 16 | 24, Readonly<Record<JoistSize, number>>>>>>
  >
> = {
  living: {
    'douglas-fir': {
      12: row('10-9 14-2 18-0 20-11'),
      16: row('9-9 12-9 15-7 18-1'),
      24: row('8-3 10-5 12-9 14-9'),
    },
    'hem-fir': {
      12: row('10-0 13-2 16-10 20-4'),
      16: row('9-1 12-0 15-2 17-7'),
      24: row('7-11 10-2 12-5 14-4'),
    },
    'southern-pine': {
      12: row('10-3 13-6 16-2 19-1'),
      16: row('9-4 11-10 14-0 16-6'),
      24: row('7-7 9-8 11-5 13-6'),
    },
    'spruce-pine-fir': {
      12: row('10-3 13-6 17-3 20-7'),
      16: row('9-4 12-3 15-5 17-10'),
      24: row('8-1 10-3 12-7 14-7'),
    },
  },
  sleeping: {
    'douglas-fir': {
      12: row('11-10 15-7 19-10 23-4'),
      16: row('10-9 14-2 17-5 20-3'),
      24: row('9-3 11-8 14-3 16-6'),
    },
    'hem-fir': {
      12: row('11-0 14-6 18-6 22-6'),
      16: row('10-0 13-2 16-10 19-8'),
      24: row('8-9 11-4 13-10 16-1'),
    },
    'southern-pine': {
      12: row('11-3 14-11 18-1 21-4'),
      16: row('10-3 13-3 15-8 18-6'),
      24: row('8-6 10-10 12-10 15-1'),
    },
    'spruce-pine-fir': {
      12: row('11-3 14-11 19-0 23-0'),
      16: row('10-3 13-6 17-2 19-11'),
      24: row('8-11 11-6 14-1 16-3'),
    },
  },
}

/** Dressed depth, inches. American Softwood Lumber Standard, from memory. */
export const JOIST_DEPTH_IN: Readonly<Record<JoistSize, number>> = {
  '2x6': 5.5,
  '2x8': 7.25,
  '2x10': 9.25,
  '2x12': 11.25,
}

/** Shares of the depth a sawn joist may lose: a notch away from the middle third, a notch at its end, a hole. R502.8.1, from memory. */
export const JOIST_CUTS = { notch: 1 / 6, endNotch: 1 / 4, hole: 1 / 3 } as const

/** No support is raised more than this in one step, and then it rests. Common practice. */
export const LIFT_STEP_IN = 1 / 8
