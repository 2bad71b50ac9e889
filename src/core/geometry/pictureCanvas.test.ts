import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { side } from '../../../tests/support/jobs'
import type { PictureCanvas } from '../job'
import { feet, inches, type Length } from '../measure'
import { onPicture, onWall, picturePerPixel, placeOnPicture, scaledLength } from './pictureCanvas'

const size = { width_px: 1600, height_px: 1200 }
/** A door of 80 in stands 400 px tall; its foot is at station 10 ft on the ground. */
const canvas: PictureCanvas = {
  side_id: 'side-a',
  from: { x: 0.5, y: 0.9 },
  to: { x: 0.5, y: 0.9 - 400 / 1200 },
  length: inches(80),
  anchor: { at: { x: 0.5, y: 0.9 }, station: feet(10), height: inches(0) },
}

test('two taps on a door give the scale: 80 in over 400 px is a fifth of an inch a pixel', () => {
  expect(picturePerPixel(canvas, size)! / 64).toBeCloseTo(0.2, 12)
})

test('a length across 600 px is 120 in, whichever way it runs', () => {
  expect(scaledLength({ x: 0.1, y: 0.5 }, { x: 0.1 + 600 / 1600, y: 0.5 }, canvas, size)).toBe(inches(120))
  expect(scaledLength({ x: 0.1, y: 0.1 }, { x: 0.1, y: 0.1 + 600 / 1200 }, canvas, size)).toBe(inches(120))
})

test('to the right is along the wall, up is higher', () => {
  expect(onWall({ x: 0.5 + 300 / 1600, y: 0.9 - 150 / 1200 }, canvas, size)).toEqual({
    station: feet(15),
    height: inches(30),
  })
})

test('two taps on one point give no scale, and nothing is reckoned from it', () => {
  const flat = { ...canvas, to: canvas.from }
  expect(picturePerPixel(flat, size)).toBeNull()
  expect(onWall({ x: 0.2, y: 0.2 }, flat, size)).toBeNull()
  expect(onPicture({ station: 0, height: 0 }, flat, size)).toBeNull()
  expect(scaledLength({ x: 0, y: 0 }, { x: 1, y: 1 }, flat, size)).toBeNull()
})

test('picture to wall and back is the same point, to a pixel', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true })
  fc.assert(
    fc.property(share, share, (x, y) => {
      const wall = onWall({ x, y }, canvas, size)!
      const back = onPicture(wall, canvas, size)!
      expect(Math.abs(back.x - x) * size.width_px).toBeLessThan(0.1)
      expect(Math.abs(back.y - y) * size.height_px).toBeLessThan(0.1)
    }),
  )
})

test('a place tapped past the end of the side stays on it, and its height is counted from the sloping ground', () => {
  const wall = side('A', 0, 'front', 12, { ground_left: feet(0), ground_right: feet(1) })
  const place = placeOnPicture({ x: 0.95, y: 0.9 - 300 / 1200 }, canvas, size, wall)
  expect(place).toMatchObject({
    station: feet(12),
    height: { value: (feet(5) - feet(1)) as Length, from: 'grade' },
  })
})
