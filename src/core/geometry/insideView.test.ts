import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { emptyJob, side } from '../../../demo/build'
import { feet } from '../measure'
import { gapInside, insideViews } from './insideView'
import { planWalls } from './plan'

const walls = planWalls({
  ...emptyJob('plan', 'Plan'),
  sides: [
    side('A', 0, 'front', 40),
    side('B', 1, 'right', 30),
    side('C', 2, 'back', 40),
    side('D', 3, 'left', 30),
  ],
})
const at = (letter: string, from: number, inwards: number) => ({
  side_id: `side-${letter.toLowerCase()}`,
  from: feet(from),
  to: feet(from + 2),
  inFrom: feet(inwards),
  inTo: feet(inwards + 2),
})

// Worked by hand on a house of 40 by 30 ft, walked with the house on the left: A runs left to right as one looks at it, C the other way.
test('two feet in from the front at twelve feet is what the back and the right wall say of it', () => {
  const seen = insideViews(at('A', 12, 2), walls)
  expect(seen.get('side-a')).toEqual({ from: feet(12), to: feet(14), inFrom: feet(2), inTo: feet(4) })
  const back = seen.get('side-c')!
  expect([back.from, back.to, back.inFrom, back.inTo].map((each) => Math.round(each / feet(1)))).toEqual([
    26, 28, 26, 28,
  ])
  const right = seen.get('side-b')!
  expect([right.from, right.to, right.inFrom, right.inTo].map((each) => Math.round(each / feet(1)))).toEqual([
    2, 4, 26, 28,
  ])
})

test('the gap between two places is the same from whichever wall one looks', () => {
  const spot = fc.record({
    letter: fc.constantFrom('A', 'B', 'C', 'D'),
    along: fc.integer({ min: 0, max: 27 }),
    inwards: fc.integer({ min: 0, max: 25 }),
  })
  fc.assert(
    fc.property(spot, spot, (one, two) => {
      const a = insideViews(at(one.letter, one.along, one.inwards), walls)
      const b = insideViews(at(two.letter, two.along, two.inwards), walls)
      const gaps = walls.map(({ side_id }) => gapInside(a.get(side_id)!, b.get(side_id)!))
      for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0]!, 3)
    }),
  )
})

test('no plan, no view', () => {
  expect(insideViews(at('A', 1, 1), []).size).toBe(0)
})
