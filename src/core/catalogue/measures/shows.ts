import type { SignId } from '../signs'

/** What a survey comes to, in one figure each, and what the figure is called. Inches unless said otherwise. */
export const MEASURES = {
  'course-fall': 'fall of a course line along the wall',
  'bows-in': 'belly of the wall, inwards',
  'leans-in': 'lean of the wall at its top, inwards',
  'slid-in': 'slide of the wall’s foot, inwards',
  'out-of-plumb': 'how far the wall is off plumb or straight',
  'floor-range-in-20-ft': 'highest to lowest of the floor, in each 20 ft of it',
  'falls-to-side': 'tilt of the floor towards a side of the house',
  'falls-to-corner': 'tilt of the floor towards a corner of the house',
  'middle-below-edges': 'middle of the floor under its edges',
  'middle-over-edges': 'middle of the floor over its edges',
  'lowest-under-neighbours': 'lowest point under those round it',
  'fell-since': 'fall between two dated surveys of one place',
  'crack-wider-above': 'upper end of a crack wider than its lower',
  'crack-wider-below': 'lower end of a crack wider than its upper',
  'crack-grew': 'widening of a crack between two dated looks',
  'filled-crack-grew': 'widening of a crack that was filled before',
  'soil-percent': 'fall of the soil away from the wall, percent',
  'paving-percent': 'fall of the paving away from the wall, percent',
  'downspout-short': 'downspout wanting, square inches',
  'gutters-roofs': 'roof slopes that drain to one gutter, count',
  'moisture-percent': 'moisture of the wood, percent',
  'crawl-moisture-percent': 'moisture of wood in the crawl space, percent',
  'joist-over-table': 'joists outside the table of spans, 1 for yes',
  'joist-over-cut': 'joists cut deeper than the rule, 1 for yes',
  'piers-leaning': 'piers that lean, count',
  'piers-sunk': 'piers that have sunk, count',
  'piers-loose': 'piers that can be moved by hand, count',
  'piers-off': 'piers that do not stand as they should, count',
  'supports-leaning': 'supports of a floor that lean, count',
  'supports-not-touching':
    'supports of a floor that do not touch what they carry, or can be moved by hand, count',
  'supports-sunk': 'supports of a floor that have sunk, count',
  'supports-off': 'supports of a floor that do not stand as they should, count',
  'supports-on-soil': 'supports of a floor that stand on bare soil, count',
  'supports-on-blocks': 'supports of a floor that stand on loose blocks, count',
  'ends-not-bearing': 'members of a floor whose end lies on nothing, count',
  'indoor-humidity': 'humidity indoors, percent',
} as const
export type MeasureId = keyof typeof MEASURES

/** From (or below) which figure a measure shows a sign, there or not there. Signs are what Trace reads. */
export type Shows = {
  readonly measure: MeasureId
  readonly from?: number
  readonly below?: number
  readonly sign: SignId
  readonly present: boolean
  readonly source: string
}

const PRACTICE = 'common practice'
const JUDGED = 'our judgement'
const there = (measure: MeasureId, from: number, sign: SignId, source = PRACTICE): Shows => ({
  measure,
  from,
  sign,
  present: true,
  source,
})
const under = (measure: MeasureId, below: number, sign: SignId, source = PRACTICE): Shows => ({
  measure,
  below,
  sign,
  present: true,
  source,
})
const absent = (measure: MeasureId, below: number, sign: SignId, source = PRACTICE): Shows => ({
  ...under(measure, below, sign, source),
  present: false,
})

/** A carpenter reads a row as: *a wall that bows in half an inch or more bellies in.* */
export const SHOWS: readonly Shows[] = [
  there('course-fall', 0.5, 'course-line-drops'),
  under('course-fall', 0.25, 'courses-level'),
  there('bows-in', 0.5, 'wall-bowed'),
  absent('bows-in', 0.25, 'wall-bowed'),
  there('leans-in', 0.5, 'wall-leans-in-at-top'),
  absent('leans-in', 0.25, 'wall-leans-in-at-top'),
  there('slid-in', 0.5, 'wall-kicked-in-at-foot'),
  under('out-of-plumb', 0.25, 'wall-plumb'),
  under('floor-range-in-20-ft', 0.5, 'level-within-half-in-20-ft'),
  there('falls-to-side', 0.5, 'falls-to-one-side'),
  there('falls-to-corner', 0.5, 'falls-to-corner'),
  there('middle-below-edges', 0.5, 'falls-to-middle'),
  there('middle-over-edges', 0.5, 'middle-or-porch-highest'),
  there('lowest-under-neighbours', 0.375, 'sinks-at-one-spot', JUDGED),
  there('fell-since', 0.125, 'survey-falls'),
  there('crack-wider-above', 1 / 64, 'crack-wider-above'),
  there('crack-wider-below', 1 / 64, 'crack-wider-below'),
  there('filled-crack-grew', 1 / 32, 'crack-filled-torn-again'),
  there('crack-grew', 1 / 32, 'fresh-crack-faces', JUDGED),
  under('soil-percent', 0, 'infall-within-6-ft'),
  under('paving-percent', 0, 'infall-within-6-ft'),
  there('soil-percent', 5, 'soil-falls-away', 'International Residential Code R401.3, from memory'),
  there('downspout-short', 0.5, 'roof-area-over-outlet-limit', JUDGED),
  there('gutters-roofs', 3, 'takes-several-roofs', JUDGED),
  there('moisture-percent', 22, 'wet-over-22'),
  absent('moisture-percent', 18, 'wet-over-22'),
  there('moisture-percent', 20, 'damp-wood-here'),
  under('moisture-percent', 15, 'dry-wood'),
  there('crawl-moisture-percent', 14, 'damp-crawl-over-14'),
  there('joist-over-table', 1, 'span-over-table', 'International Residential Code R502.3.1, from memory'),
  under('joist-over-table', 1, 'span-inside-table', 'International Residential Code R502.3.1, from memory'),
  there('joist-over-cut', 1, 'notch-or-hole-too-big', 'International Residential Code R502.8.1, from memory'),
  there('piers-leaning', 1, 'pier-leaning'),
  there('piers-sunk', 1, 'support-sunk'),
  there('piers-loose', 1, 'daylight-in-bearing'),
  under('piers-off', 1, 'pier-snug-plumb'),
  there('supports-leaning', 1, 'pier-leaning'),
  there('supports-not-touching', 1, 'daylight-in-bearing'),
  there('supports-sunk', 1, 'support-sunk'),
  under('supports-off', 1, 'pier-snug-plumb'),
  there('supports-on-soil', 1, 'support-wood-on-soil'),
  there('supports-on-blocks', 1, 'jack-without-pad', JUDGED),
  there('ends-not-bearing', 1, 'daylight-in-bearing'),
  there('indoor-humidity', 60, 'indoor-air-humid', JUDGED),
]
