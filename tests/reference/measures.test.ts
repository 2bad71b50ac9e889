/** Measures against sources outside the project, each named beside its check. All recalled from memory. */
import { expect, test } from '@jest/globals'
import {
  dressedSize,
  gradeFall,
  inches,
  isSoilFallEnough,
  parseLength,
  PAVING_SLOPE,
  toInches,
} from '../../src/core/measure'

/** Source: NDS Supplement Table 1B, dressed dry sizes of S4S lumber (from memory). */
test.each([
  ['1x6', 3 / 4, 5.5],
  ['1x8', 3 / 4, 7.25],
  ['1x12', 3 / 4, 11.25],
  ['2x4', 1.5, 3.5],
  ['2x8', 1.5, 7.25],
  ['2x10', 1.5, 9.25],
  ['2x12', 1.5, 11.25],
  ['4x4', 3.5, 3.5],
  ['6x6', 5.5, 5.5],
])('dressed size of %s', (nominal, thickness, width) => {
  const size = dressedSize(nominal)
  expect([toInches(size!.thickness), toInches(size!.width)]).toEqual([thickness, width])
})

/** Source: PS 20, American Softwood Lumber Standard: 5/4 dresses to 1 in dry (from memory). */
test('5/4x6 decking is 1 by 5-1/2', () => {
  expect(toInches(dressedSize('5/4x6')!.thickness)).toBe(1)
  expect(toInches(dressedSize('5/4x6')!.width)).toBe(5.5)
})

/** Source: NDS Supplement Table 1B, area of section in square inches (from memory). */
test.each([
  ['2x4', 5.25],
  ['2x10', 13.875],
  ['4x4', 12.25],
  ['6x6', 30.25],
])('section of %s', (nominal, area) => {
  const size = dressedSize(nominal)!
  expect(toInches(size.thickness) * toInches(size.width)).toBe(area)
})

/** Source: the international inch is 25.4 mm exactly (1959 agreement); 8 ft is 2,438.4 mm. */
test('metric lengths come in by the exact factor', () => {
  expect(parseLength('2438.4 mm')).toEqual({ ok: true, value: inches(96) })
  expect(parseLength('25.4mm')).toEqual({ ok: true, value: inches(1) })
})

/** Source: performance category thickness of panels as printed on stamps, 15/32, 19/32, 23/32 in (trade standard PS 1, from memory). */
test.each([
  ['15/32', 30],
  ['19/32', 38],
  ['23/32', 46],
])('panel thickness %s is exact in 64ths', (text, of64) => {
  expect(parseLength(text)).toEqual({ ok: true, value: of64 })
})

/** Source: IRC 2021 R401.3: 6 in fall within the first 10 ft; hard surfaces 2 % (from memory). */
test('soil grade rule is 5 percent, paving 2', () => {
  const rule = gradeFall({ fall: inches(6), run: inches(120) })
  expect(rule).toEqual({ ok: true, value: 0.05 })
  expect([isSoilFallEnough(0.05), isSoilFallEnough(0.01)]).toEqual([true, false])
  expect(PAVING_SLOPE.ratio * 120).toBeCloseTo(2.4, 12)
})
