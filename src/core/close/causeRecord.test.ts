/** What opened places say of causes: how often what was said was so, and which weights they would move. */
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { causeRecord, offeredRatio, weightOffers, type OpenedCause } from './causeRecord'

function place(said: string | null, was: string | null, signs: readonly string[] = []): OpenedCause {
  const shares = [
    ...(said === null ? [] : [{ cause: said, percent: 60 }]),
    { cause: 'gutter-mis-hung', percent: 20 },
    { cause: 'ordinary-exposure', percent: 5 },
  ]
  return { told: { cause: said, stated: false, shares, signs: [...signs] }, caused_by: was }
}
const many = (count: number, of: OpenedCause): OpenedCause[] => Array.from({ length: count }, () => of)

describe('what was said, and what it was', () => {
  const record = causeRecord([
    ...many(3, place('gutter-none', 'gutter-none')),
    ...many(2, place('gutter-none', 'gutter-mis-hung')),
    place('gutter-none', 'ordinary-exposure'),
    place(null, 'gutter-none'),
    // Nobody saw what had done it, or nothing was kept of what had been said: neither right nor wrong.
    place('gutter-none', null),
    { told: null, caused_by: 'gutter-none' },
  ])
  test('right first, named beside, and not explained are told apart', () => {
    expect(record).toMatchObject({ places: 7, right: 3, named: 2, unexplained: 1 })
  })
  test('by cause: how often said, how often so, and what it was instead', () => {
    expect(record.causes[0]).toEqual({
      cause: 'gutter-none',
      said: 6,
      right: 3,
      was: 4,
      otherwise: [
        { cause: 'gutter-mis-hung', places: 2 },
        { cause: 'ordinary-exposure', places: 1 },
      ],
    })
  })
  test('nothing opened says nothing', () => {
    expect(causeRecord([])).toEqual({ places: 0, unexplained: 0, right: 0, named: 0, causes: [] })
  })
})

describe('weights that opened places would move', () => {
  const sign = 'no-gutter-above'
  const seen = [
    ...many(6, place('gutter-none', 'gutter-none', [sign])),
    ...many(2, place('gutter-none', 'gutter-none')),
    ...many(1, place('gutter-none', 'ordinary-exposure', [sign])),
    ...many(11, place('gutter-none', 'ordinary-exposure')),
  ]
  const of = (opened: readonly OpenedCause[], overrides = [] as Parameters<typeof weightOffers>[1]) =>
    weightOffers(opened, overrides).find((each) => each.cause === 'gutter-none' && each.sign === sign)

  // By hand: elsewhere 2/14 have it; shipped 2 × 2/14 of six places are 1.7143; (6 + 1.7143) / (8 + 6) = 0.55102; over 2/14: 3.857.
  test('worked by hand', () => {
    expect(of(seen)).toEqual({
      ...{ cause: 'gutter-none', sign, shipped: 2, now: 2, offered: 3.9 },
      was: { places: 8, withSign: 6 },
      was_not: { places: 12, withSign: 1 },
    })
  })
  test('taken, the same places offer it no more; a hand’s own weight is set beside', () => {
    const own = (ratio: number) => [{ cause: 'gutter-none', sign, ratio, reason: '' }]
    expect(of(seen, own(3.9))).toBeUndefined()
    expect(of(seen, own(8))).toMatchObject({ now: 8, offered: 3.9, shipped: 2 })
  })
  test('four places on a side are too few', () => {
    const few = [
      ...many(4, place('gutter-none', 'gutter-none', [sign])),
      ...many(30, place(null, 'mildew-growth')),
    ]
    expect(weightOffers(few, [])).toEqual([])
    const fewOthers = [
      ...many(30, place('gutter-none', 'gutter-none', [sign])),
      ...many(4, place(null, 'mildew-growth')),
    ]
    expect(weightOffers(fewOthers, [])).toEqual([])
  })
  test('more places with the sign never offer less, more without the cause never more; many places speak for themselves', () => {
    const places = fc.integer({ min: 5, max: 40 })
    fc.assert(
      fc.property(places, places, fc.double({ min: 0.1, max: 20, noNaN: true }), (was, not, shipped) => {
        const at = (a: number, b: number): number =>
          offeredRatio({ was: { places: was, withSign: a }, was_not: { places: not, withSign: b } }, shipped)
        for (let a = 1; a <= was; a += 1) expect(at(a, 1)).toBeGreaterThanOrEqual(at(a - 1, 1))
        for (let b = 1; b <= not; b += 1) expect(at(2, b)).toBeLessThanOrEqual(at(2, b - 1))
      }),
    )
    const large = { was: { places: 10_000, withSign: 8000 }, was_not: { places: 10_000, withSign: 2000 } }
    expect(offeredRatio(large, 20)).toBeCloseTo(4, 2)
  })
})
