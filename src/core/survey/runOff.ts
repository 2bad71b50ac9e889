import { BEYOND, GOVERNS, type Computed } from './computed'

/** A slope of roof that drains to a gutter, directly or through another gutter. */
export type Drained = {
  readonly name: string
  /** Area on plan, square feet. */
  readonly plan_ft2: number
  /** Rise in 12; 0 is flat. */
  readonly pitch_in_12: number
  /** Wall standing above that drains onto it, square feet. */
  readonly wall_ft2: number
}

export const GUTTER_SLOPES = ['1/16', '1/8', '1/4', '1/2'] as const
export type GutterSlope = (typeof GUTTER_SLOPES)[number]

/**
 * Projected roof area in square feet that a half-round gutter may take at 1 in an hour, by its fall in inches a foot and its diameter in
 * inches. Area goes down with the rain as 1 to its inches an hour. International Plumbing Code through 2012, table 1106.6, from memory.
 */
const HALF_ROUND_FT2: Readonly<
  Record<GutterSlope, readonly (readonly [diameter_in: number, ft2: number])[]>
> = {
  '1/16': [
    [3, 680],
    [4, 1440],
    [5, 2500],
    [6, 3840],
    [7, 5520],
    [8, 7960],
    [10, 14_400],
  ],
  '1/8': [
    [3, 960],
    [4, 2040],
    [5, 3520],
    [6, 5440],
    [7, 7800],
    [8, 11_200],
    [10, 20_400],
  ],
  '1/4': [
    [3, 1360],
    [4, 2880],
    [5, 5000],
    [6, 7680],
    [7, 11_040],
    [8, 15_920],
    [10, 28_800],
  ],
  '1/2': [
    [3, 1920],
    [4, 4080],
    [5, 7080],
    [6, 11_080],
    [7, 15_600],
    [8, 22_400],
    [10, 40_000],
  ],
}

/** Steeper roofs catch more of a slanting rain. Sheet metal trade manual, chapter 1, from memory. */
const PITCH_FACTOR: readonly (readonly [upTo_in_12: number, times: number])[] = [
  [3, 1],
  [5, 1.05],
  [8, 1.1],
  [11, 1.2],
  [12, 1.3],
]
/** Roof in square feet that one square inch of downspout drains is this over the rain in inches an hour. Same source. */
const DOWNSPOUT = 1200
/** Gallons a minute of one inch an hour on one square foot: 7.4805 / (12 × 60). */
const GPM = 7.4805 / (12 * 60)

export function gallonsAMinute(area_ft2: number, rain_in_h: number): number {
  return GPM * area_ft2 * rain_in_h
}

/** Factor of the trade method for a pitch; null for one steeper than its table. */
export function pitchFactor(pitch_in_12: number): number | null {
  return PITCH_FACTOR.find(([upTo]) => pitch_in_12 <= upTo)?.[1] ?? null
}

/** What a half-round gutter may take by the code's table, square feet; null for a size the table does not have. */
export function halfRound_ft2(diameter_in: number, slope: GutterSlope, rain_in_h: number): number | null {
  const row = HALF_ROUND_FT2[slope].find(([size]) => size === diameter_in)
  return row && rain_in_h > 0 ? row[1] / rain_in_h : null
}

const ft2 = (value: number): string => `${Math.round(value).toLocaleString('en-US')} ft²`

/**
 * The gutter by the code's table: projected area and half of the walls above it, at the hourly rain of a hundred years, against half-round
 * sizes. Never mixed with the trade method: the two stand on different rains.
 *
 * @param of.hung_in diameter of the gutter that hangs there; null: none, or another shape
 */
export function gutterByCode(of: {
  readonly roofs: readonly Drained[]
  readonly rain_in_h: number
  readonly slope: GutterSlope
  readonly hung_in: number | null
}): Computed<{
  readonly area_ft2: number
  readonly least_in: number | null
  readonly hungCarries: boolean | null
}> {
  const { roofs, rain_in_h, slope, hung_in } = of
  const area = roofs.reduce((sum, each) => sum + each.plan_ft2 + each.wall_ft2 / 2, 0)
  const least = HALF_ROUND_FT2[slope].find(([, carries]) => carries / rain_in_h >= area)?.[0] ?? null
  const carries = hung_in === null ? null : halfRound_ft2(hung_in, slope, rain_in_h)
  const hungCarries = carries === null ? null : carries >= area
  return {
    inputs: [
      ...roofs.map((each) => ({
        label: each.name,
        value: `${ft2(each.plan_ft2)} on plan${each.wall_ft2 > 0 ? `, half of ${ft2(each.wall_ft2)} of wall` : ''}`,
      })),
      { label: 'Rain, one hour in a hundred years', value: `${rain_in_h} in/h` },
      { label: 'Fall of the gutter', value: `${slope} in a foot` },
    ],
    formula: 'plan area + half of the walls above ≤ table area at 1 in/h ÷ rain',
    result: { area_ft2: area, least_in: least, hungCarries },
    says: [
      `${ft2(area)} drain to it.`,
      hung_in !== null && carries !== null
        ? `A ${hung_in} in half-round carries ${ft2(carries)}: ${hungCarries ? 'the area is inside its table' : 'too small'}.`
        : '',
      least === null ? BEYOND : `The least half-round of the table is ${least} in.`,
    ]
      .filter(Boolean)
      .join(' '),
    limit: least === null ? null : `${ft2(halfRound_ft2(least, slope, rain_in_h)!)} for ${least} in`,
    source: 'International Plumbing Code through 2012, table 1106.6, from memory',
    notes: [GOVERNS, 'Later editions size by flow. Other shapes: by equal area.'],
  }
}

/** Downspout by the trade's method: plan area by a factor for its pitch, and so many square feet to the square inch. */
export function downspoutByTrade(of: {
  readonly roofs: readonly Drained[]
  readonly rain_in_h: number
}): Computed<{ readonly area_ft2: number; readonly least_in2: number; readonly gpm: number } | null> {
  const { roofs, rain_in_h } = of
  const factors = roofs.map(({ pitch_in_12 }) => pitchFactor(pitch_in_12))
  const steep = factors.some((factor) => factor === null)
  const area = roofs.reduce((sum, each, index) => sum + each.plan_ft2 * (factors[index] ?? 0), 0)
  const least = (area * rain_in_h) / DOWNSPOUT
  const inputs = [
    ...roofs.map((each, index) => ({
      label: each.name,
      value: `${ft2(each.plan_ft2)} on plan × ${factors[index] ?? 'no factor'} for ${each.pitch_in_12} in 12`,
    })),
    { label: 'Rain, five minutes in ten years', value: `${rain_in_h} in/h` },
  ]
  const rest = {
    inputs,
    formula: `plan area × pitch factor × rain ÷ ${DOWNSPOUT}`,
    limit: null,
    source: 'architectural sheet metal trade manual, chapter 1, from memory',
    notes: [
      GOVERNS,
      'Trade figures for square-backed gutters are optimistic: see the half-round of equal area too.',
    ],
  }
  if (steep)
    return { ...rest, result: null, says: 'A roof steeper than 12 in 12 is beyond the table: an engineer.' }
  return {
    ...rest,
    result: { area_ft2: area, least_in2: least, gpm: gallonsAMinute(area, rain_in_h) },
    says: `${ft2(area)} as the trade counts them want ${least.toFixed(1)} in² of downspout in all, ${gallonsAMinute(area, rain_in_h).toFixed(0)} gallons a minute.`,
  }
}
