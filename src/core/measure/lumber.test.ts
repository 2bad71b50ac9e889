import { expect, test } from '@jest/globals'
import { toInches } from './length'
import { dressedSize } from './lumber'

/** Dressed sizes, dry. Source: PS 20-20, American Softwood Lumber Standard, tables 1 and 3, from memory. */
test.each([
  ['1x2', 0.75, 1.5],
  ['1x3', 0.75, 2.5],
  ['1x4', 0.75, 3.5],
  ['1x6', 0.75, 5.5],
  ['1x8', 0.75, 7.25],
  ['1x10', 0.75, 9.25],
  ['1x12', 0.75, 11.25],
  ['5/4x4', 1, 3.5],
  ['5/4x6', 1, 5.5],
  ['2x4', 1.5, 3.5],
  ['2x6', 1.5, 5.5],
  ['2x8', 1.5, 7.25],
  ['2x10', 1.5, 9.25],
  ['2x12', 1.5, 11.25],
  ['4x4', 3.5, 3.5],
  ['6x6', 5.5, 5.5],
])('%s is %d by %d in', (nominal, thickness, width) => {
  const size = dressedSize(nominal)!
  expect([size.nominal, toInches(size.thickness), toInches(size.width)]).toEqual([nominal, thickness, width])
})

test('a size is read however it is typed; one that is not in the table is none', () => {
  expect(dressedSize(' 2X10 ')?.nominal).toBe('2x10')
  expect(dressedSize('3x7')).toBeNull()
})
