import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { gradeFall, isSoilFallEnough } from './gradeFall'
import { inches } from './length'

test.each([
  ['6 in in 10 ft, the common rule', 6, 120, 0.05],
  ['level', 0, 120, 0],
  ['towards the house', -2, 48, -1 / 24],
])('%s', (_, fall, run, slope) => {
  expect(gradeFall({ fall: inches(fall), run: inches(run) })).toEqual({ ok: true, value: slope })
})

test('no run is an outcome, not a crash', () => {
  expect(gradeFall({ fall: inches(1), run: inches(0) })).toEqual({ ok: false, error: { kind: 'no-run' } })
})

test('just under the rule is not enough', () => {
  expect([isSoilFallEnough(0.05), isSoilFallEnough(0.0499)]).toEqual([true, false])
})

const tape = fc.integer({ min: 1, max: 64 * 12 * 200 })
test('scaling both tapes alike changes nothing', () => {
  fc.assert(
    fc.property(tape, tape, fc.integer({ min: 2, max: 9 }), (fall, run, k) => {
      const one = gradeFall({ fall: inches(fall / 64), run: inches(run / 64) })
      const many = gradeFall({ fall: inches((fall * k) / 64), run: inches((run * k) / 64) })
      expect(many).toEqual(one)
    }),
  )
})

test('a bare number is no length', () => {
  // @ts-expect-error the type check fails here if the brand is ever lost
  const wrong = (): unknown => gradeFall({ fall: 6, run: 120 })
  expect(wrong).toBeDefined()
})
