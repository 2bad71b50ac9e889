import { expect, test } from '@jest/globals'
import { smallHouse } from '../../../tests/support/jobs'
import { feet } from '../measure'
import { paintedArea } from './paintedArea'

const job = smallHouse({ features: [] })
const [front] = job.sides
const whole = { from: feet(0), to: feet(40) }

// Foundation 18 in above level ground: a band from the ground to 4 ft holds 30 in of wall. 40 × 2.5 = 100 ft², worked by hand.
test('low courses only: the wall between its foundation and the line', () => {
  const area = paintedArea(front!, job, { ...whole, low: null, high: feet(4) })
  expect(area.gross_ft2).toBeCloseTo(100, 6)
  expect(area.height).toBe(feet(4))
  expect(area.how).toContain('40.00 ft of wall from the ground up to 4.00 ft, 100.0 ft² painted')
})

test('below and above a line are the whole, gables too', () => {
  for (const side of job.sides) {
    const [from, to] = [feet(3), feet(25)]
    const all = paintedArea(side, job, { from, to }).gross_ft2
    for (const ft of [1, 4, 8, 11, 14]) {
      const line = feet(ft)
      const low = paintedArea(side, job, { from, to, low: null, high: line }).gross_ft2
      const high = paintedArea(side, job, { from, to, low: line, high: null }).gross_ft2
      // The columns meet straight lines exactly; a bend within one is at most a few square inches off.
      expect(low + high).toBeCloseTo(all, 1)
    }
  }
})

test('a higher line never means less wall', () => {
  const areas = [0, 1, 2, 4, 8, 12, 20].map(
    (ft) => paintedArea(front!, job, { ...whole, low: null, high: feet(ft) }).gross_ft2,
  )
  expect(areas).toEqual([...areas].sort((a, b) => a - b))
})
