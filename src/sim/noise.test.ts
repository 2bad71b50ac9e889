import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { reading } from './noise'

const meter = { step: 0.1, least: 6, most: 60 }

test('without noise it says the truth, in its own steps', () => {
  expect(reading({ ...meter, truth: 23.44, noise: 0, chance: [0.5, 0.5] })).toBe(23.4)
})

test('it never says what its scale does not have', () => {
  const any = fc.double({ min: 0, max: 1, noNaN: true })
  fc.assert(
    fc.property(any, any, fc.double({ min: -50, max: 150, noNaN: true }), (u, v, truth) => {
      const said = reading({ ...meter, truth, noise: 5, chance: [u, v] })
      expect(said).toBeGreaterThanOrEqual(6)
      expect(said).toBeLessThanOrEqual(60)
    }),
  )
})

test('over many readings the mean is the truth and the spread the noise', () => {
  // A low-discrepancy walk over the unit square stands for chance, so that the test is the same every time.
  const many = Array.from({ length: 5000 }, (_, n) =>
    reading({
      truth: 20,
      noise: 1.5,
      step: 0.001,
      least: -100,
      most: 200,
      chance: [((n + 1) * 0.754877666) % 1 || 0.5, ((n + 1) * 0.569840296) % 1],
    }),
  )
  const mean = many.reduce((sum, each) => sum + each, 0) / many.length
  const spread = Math.sqrt(many.reduce((sum, each) => sum + (each - mean) ** 2, 0) / many.length)
  expect(mean).toBeCloseTo(20, 1)
  expect(spread).toBeCloseTo(1.5, 1)
})
