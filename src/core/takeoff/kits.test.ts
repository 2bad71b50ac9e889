import { expect, test } from '@jest/globals'
import { DECK_AND_WALL } from '../../../tests/support/kits/deckAndWall'
import { area, long } from '../../../tests/support/kits/example'
import { FLOOR_GROUND_COATS } from '../../../tests/support/kits/floorGroundCoats'
import { OPENING_CLADDING_ROOF } from '../../../tests/support/kits/openingsCladdingRoof'
import { house } from '../../../tests/support/priced'
import { METHODS } from '../catalogue'
import { newWorkItem, type JobDocument, type Quantity, type WorkItem } from '../job'
import { feet, toInches } from '../measure'

/**
 * A worked example by hand for every repair kit, on the ground, lead and reach left out: hours = set-up + many × the typical rate of
 * the table of tasks; goods and boards by the consumption written beside the kit. Rates are the trade's table as it was gathered, our
 * judgement where it has none.
 */

const PLACE = { kind: 'words', words: 'somewhere' } as const
function made(method: string, component: string | null, size: Quantity | null, more: Partial<WorkItem> = {}) {
  const item = newWorkItem({
    id: 'r',
    method,
    component,
    material: 'clear-cedar',
    places: [{ at: PLACE, size, height: null }],
    ...more,
  })
  return house({ work_items: [item] }).takeoff.items[0]!
}
type Made = ReturnType<typeof made>
const round = (n: number): number => Math.round(n * 1000) / 1000
const goods = (of: Made): Record<string, number> =>
  Object.fromEntries(of.consumables.map(({ id, quantity }) => [id, round(quantity)]))
/** Boards as `count section inches`. */
const boards = (of: Made): string[] =>
  of.pieces.map(({ count, section, length }) => `${count} ${section} ${round(toInches(length))}`)

const EXAMPLES = [...OPENING_CLADDING_ROOF, ...DECK_AND_WALL, ...FLOOR_GROUND_COATS]

test.each(EXAMPLES)('%s on %s', (method, part, size, hours, used, cut = []) => {
  const item = made(method, part, size)
  expect(item.lacks).toEqual([])
  expect(Math.abs(item.hours - hours)).toBeLessThanOrEqual(0.05)
  expect(goods(item)).toEqual(used)
  expect(boards(item)).toEqual(cut)
})

const onSide = (method: string, more: Partial<WorkItem> = {}): WorkItem =>
  newWorkItem({
    id: 'r',
    method,
    component: null,
    places: [{ at: { kind: 'whole-side', side_id: 'side-a' }, size: null, height: null }],
    ...more,
  })
/**
 * Wall of 40 × 10 ft, one window of 17.5 ft², its top 11.5 ft over the ground: reach (6 × 1 + 4 × 1.1 + 1.5 × 1.3) ÷ 11.5 = 1.07, and a
 * ladder for every 8 ft: five moves of a quarter hour.
 */
const LADDER = 5 * 0.25
const SIDE: readonly (readonly [string, number, Record<string, number>, readonly string[]])[] = [
  [
    're-clad-side',
    // Strip, barrier, lap, a pair of corners, two lights.
    0.5 + 1.07 * 4 * 1.5 + 1.07 * 4 * 0.6 + (1 + 1.07 * 4 * 5.3) + (0.25 + 1.07 * 2.1) + 1.07 * 2 * 0.45,
    {
      'house-wrap': 460,
      'seam-tape': 1.6,
      flashing: 42,
      fasteners: 5.6,
      primer: 0.4,
      sealant: 4,
      'electrician-visit': 0.5,
    },
    // 382.5 ft² over 40 ft are 19.1 courses of 6 in, with 10 % 22.
    ['22 lap 480', '2 5/4x4 138'],
  ],
  [
    'shingle-side',
    0.5 + 1.07 * 4 * 1.5 + 1.07 * 4 * 0.6 + (0.75 + 1.07 * 4 * 9) + 1.07 * 2 * 0.45,
    {
      'house-wrap': 460,
      'seam-tape': 1.6,
      shingle: 1640,
      flashing: 42,
      fasteners: 8,
      'electrician-visit': 0.5,
    },
    [],
  ],
  ['re-sheathe-side', 1.07 * 12.5 * 1, { 'sheathing-sheet': 13.75, fasteners: 8 }, []],
  // Surface as for the side that is painted; two coats at 350 ft² a gallon.
  ['coat-new-side', 0.5 + 1.07 * 8 * 0.8, { paint: 2.404 }, []],
  ['wash-side', 1.07 * 4 * 0.5, { wash: 1.6 }, []],
  ['stain-side', 1.07 * 4 * 0.5 + (0.5 + 1.07 * 8 * 1), { stain: 5.4 }, []],
  // Trim: roof edge and foot 80 ft, corners 23 ft, round the window 17 ft: 120 ft.
  ['trim-side', 0.5 + 1.07 * 1.2 * 2 + (0.3 + 1.07 * 2.4 * 1.5), { primer: 0.24, paint: 0.684 }, []],
]
test.each(SIDE)('%s over a side', (method, hours, used, cut) => {
  const item = house({ work_items: [onSide(method)] }).takeoff.items[0]!
  expect(item.lacks).toEqual([])
  expect(Math.abs(item.hours - hours - LADDER)).toBeLessThanOrEqual(0.05)
  expect(goods(item)).toEqual(used)
  expect(boards(item)).toEqual(cut)
})

test('a side re-clad in fibre-cement takes its own hours and boards', () => {
  const item = house({ work_items: [onSide('re-clad-side', { material: 'fibre-cement' })] }).takeoff.items[0]!
  expect(item.tasks.find(({ task }) => task === 'lap-fibre-cement-wall')?.hours).toBeCloseTo(
    1 + 1.07 * 4 * 6,
    1,
  )
  expect(item.pieces[0]?.material).toBe('fibre-cement')
})

/** Fascia of 18 ft seen soft, 12 in past it at either end: 20 ft. */
const FASCIA = { fasteners: 1, primer: (20 * 1.04 * 1.2) / 300, sealant: 20 / 18 }
test.each([
  ['fascia-with-metal', 0.75 + 20 * 0.22 + (0.4 + 20 * 0.09), ['1 1x8 240']],
  ['fascia-with-strip', 0.75 + 20 * 0.22 + (0.2 + 20 * 0.05) + (0.4 + 20 * 0.09), ['1 1x8 240', '1 1x2 240']],
])('%s: the board by its rule, the metal over it', (method, hours, cut) => {
  const item = made(method, 'fascia', long(18))
  expect(Math.abs(item.hours - hours)).toBeLessThanOrEqual(0.02)
  expect(goods(item)).toEqual({
    fasteners: FASCIA.fasteners,
    primer: round(FASCIA.primer),
    sealant: round(FASCIA.sealant),
    'drip-edge': 21,
  })
  expect(boards(item)).toEqual(cut)
})

test('a soffit of panels: so much a square foot, a foot of vent strip for two of it', () => {
  const item = made('soffit-panel', 'soffit-panel', area(64))
  expect(item.hours).toBeCloseTo(0.5 + 64 * 0.11 + (0.2 + 32 * 0.05), 1)
  expect(goods(item)).toEqual({ 'soffit-sheet': 2.24, fasteners: 1.28, primer: 0.512 })
})

test('head flashing over a casing that is kept: over the casings, past each end, two dams', () => {
  const at = {
    kind: 'side',
    side_id: 'side-a',
    station: feet(10),
    height: { value: feet(0), from: 'grade' },
    feature_id: 'window-a1',
  } as const
  const item = made('head-flashing-kept', 'head-casing', null, { places: [{ at, size: null, height: null }] })
  // 42 in and two casings of 5-1/2 in, 1 in past each, two dams of half an inch: 56 in.
  expect(goods(item)).toEqual({ 'head-cap': round(56 / 12), membrane: round(56 / 12) })
  expect(item.hours).toBeCloseTo(0.3 + 1.7, 1)
})

const gutter = {
  id: 'gutter-a',
  kind: 'gutter',
  side_id: 'side-a',
} as unknown as JobDocument['features'][number]
function fasciaAt(id: string, ft: number, of: number): WorkItem {
  const at = {
    kind: 'side',
    side_id: 'side-a',
    station: feet(ft),
    height: { value: feet(0), from: 'grade' },
    feature_id: null,
  } as const
  return newWorkItem({
    id,
    method: 'fascia-with-metal',
    component: 'fascia',
    places: [{ at, size: long(of), height: null }],
  })
}
const gutterFeet = (items: WorkItem[], features: JobDocument['features']): number =>
  house({ work_items: items, features }).takeoff.items.reduce(
    (sum, item) => sum + (item.tasks.find(({ task }) => task === 'gutter-off-on')?.quantity ?? 0),
    0,
  )

test('a gutter comes down once where two items want it, and only where there is one', () => {
  // Each 8 ft and a foot at either end: 10 ft. Four feet apart they share six.
  const two = [fasciaAt('r', 10, 8), fasciaAt('s', 14, 8)]
  expect(gutterFeet([two[0]!], [gutter])).toBeCloseTo(10, 2)
  expect(gutterFeet(two, [gutter])).toBeCloseTo(14, 2)
  expect(gutterFeet(two, [])).toBe(0)
})

const ELSEWHERE = new Set(['fascia-with-metal', 'fascia-with-strip', 'soffit-panel', 'head-flashing-kept'])
/** Methods by the rule of the part have their examples where pieces are tested. */
const BY_RULE = new Set([
  'piece-in',
  'replace-member',
  'replace-course',
  'head-flashing',
  're-seal',
  'prime-and-paint',
  'paint-side',
])

test('every kit has its example here', () => {
  const shown = new Set([...EXAMPLES.map(([id]) => id), ...SIDE.map(([id]) => id), ...ELSEWHERE, ...BY_RULE])
  const missing = METHODS.filter(
    ({ answers, recipe, id }) => answers !== 'source' && recipe !== null && !shown.has(id),
  )
  expect(missing.map(({ id }) => id)).toEqual([])
})
