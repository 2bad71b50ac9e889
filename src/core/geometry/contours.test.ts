import { expect, test } from '@jest/globals'
import { contours } from './contours'

test('a plane has straight lines at every step, across its fall', () => {
  const points = [0, 10].flatMap((x) => [0, 10].map((y) => ({ x, y, z: x / 10 })))
  const found = contours(points, 0.25)
  expect(found.map((each) => each.z)).toEqual([0, 0.25, 0.5, 0.75])
  for (const { z, lines } of found)
    for (const line of lines) for (const [x] of line) expect(x).toBeCloseTo(10 * z, 3)
})

test('round a dip they close round it', () => {
  const dip = [
    { x: 0, y: 0, z: 0 },
    { x: 10, y: 0, z: 0 },
    { x: 0, y: 10, z: 0 },
    { x: 10, y: 10, z: 0 },
    { x: 5, y: 5, z: -1 },
  ]
  const [half] = contours(dip, 0.5).filter((each) => each.z === -0.5)
  expect(half!.lines).toHaveLength(4)
  for (const line of half!.lines)
    for (const [x, y] of line) expect(Math.max(Math.abs(x - 5), Math.abs(y - 5))).toBeCloseTo(2.5, 3)
})

test('too few points, or a level floor, have none', () => {
  expect(contours([{ x: 0, y: 0, z: 1 }], 0.5)).toEqual([])
  expect(
    contours(
      [0, 1, 2].map((n) => ({ x: n, y: n * n, z: 0 })),
      0.5,
    ),
  ).toEqual([])
})
