import { expect, test } from '@jest/globals'
import { alderHouse, sillNose, smallHouse } from '../../../tests/support/jobs'
import { feet } from '../measure'
import type { Mark } from './drawing'
import { drawPlan } from './drawPlan'

const view = { px: 100, chosen: [] }
const marks = (of: Mark['of'], job = smallHouse()): Mark[] =>
  drawPlan(job, view).items.filter((item): item is Mark => item.kind === 'mark' && item.of === of)

test('the front lies along the bottom, the back 30 ft behind it', () => {
  const [front, , back] = marks('side')
  expect(front?.box).toMatchObject({ left: 0, right: feet(40) })
  expect(back?.box.top).toBeCloseTo(feet(30), 6)
})

test('with the house on the right hand the same walls lie mirrored, the front still at the bottom', () => {
  const job = smallHouse()
  const walked = {
    ...job,
    job: { ...job.job, house_on: 'right' as const },
    sides: job.sides.map((side) => ({ ...side, turn_deg: -90 })),
  }
  const [front] = marks('side', walked)
  expect(front?.box.bottom).toBeLessThanOrEqual(0)
  expect(Math.abs((front?.box.right ?? 0) - (front?.box.left ?? 0))).toBeCloseTo(feet(40), 6)
})

test('a finding stands outside its wall at its station', () => {
  const [found] = marks('finding', smallHouse({ findings: [sillNose()] }))
  const middle = ((found?.box.left ?? 0) + (found?.box.right ?? 0)) / 2
  // 10 ft and half of 24 in along the front.
  expect(middle).toBeCloseTo(feet(11), 6)
  expect(found?.box.top).toBeLessThanOrEqual(0)
})

test('every side, feature and placed finding of the demo house is on the plan, once', () => {
  const job = alderHouse()
  expect(marks('side', job)).toHaveLength(job.sides.length)
  expect(marks('feature', job)).toHaveLength(job.features.length)
  const placed = job.findings.filter(({ place }) => place.kind === 'side' || place.kind === 'deck').length
  expect(marks('finding', job).flatMap((mark) => mark.ids)).toHaveLength(placed)
})
