import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { answers, expectedGain_bits } from './gain'

// Worked by hand: even chances, a check right nine times in ten: 1 − H(0.9) = 1 − 0.4690 = 0.5310 bits.
test('a check right nine times in ten, between two even chances', () => {
  expect(
    expectedGain_bits([
      { chance: 0.5, yes: 0.9 },
      { chance: 0.5, yes: 0.1 },
    ]),
  ).toBeCloseTo(0.531, 3)
})

// Worked by hand: 0.2 against 0.8, sensitivity 0.8, specificity 0.9. Yes: 0.16 + 0.08 = 0.24; then 0.6667. No: 0.04 / 0.76 = 0.0526.
// H(0.2) = 0.7219; H(0.6667) = 0.9183; H(0.0526) = 0.2975; gain 0.7219 − 0.24 × 0.9183 − 0.76 × 0.2975 = 0.2754.
test('a rarer cause and a hose', () => {
  const of = [
    { chance: 0.2, yes: 0.8 },
    { chance: 0.8, yes: 0.1 },
  ]
  expect(answers(of).yes).toBeCloseTo(0.24, 12)
  expect(answers(of).ifYes[0]).toBeCloseTo(2 / 3, 12)
  expect(answers(of).ifNo[0]).toBeCloseTo(0.04 / 0.76, 12)
  expect(expectedGain_bits(of)).toBeCloseTo(0.2754, 3)
})

test('a check that says the same whatever is so tells nothing; none tells less than nothing', () => {
  const chance = fc.double({ min: 0.01, max: 1, noNaN: true })
  fc.assert(
    fc.property(
      fc.array(fc.record({ w: chance, yes: fc.double({ min: 0, max: 1, noNaN: true }) }), {
        minLength: 2,
        maxLength: 6,
      }),
      (drawn) => {
        const whole = drawn.reduce((sum, each) => sum + each.w, 0)
        const of = drawn.map(({ w, yes }) => ({ chance: w / whole, yes }))
        expect(expectedGain_bits(of)).toBeGreaterThanOrEqual(-1e-9)
        expect(expectedGain_bits(of.map((each) => ({ ...each, yes: 0.3 })))).toBeCloseTo(0, 9)
      },
    ),
  )
})
