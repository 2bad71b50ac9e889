import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { derive } from '../pipeline'
import { sectionsOf } from './blocks'

const bid = derive(DEMO_JOBS['quarry-road-1190'](), '2026-05-04').bid

test('what was measured is told place by place, the last reading of each, and what it says together', () => {
  const back = bid.measured.find(({ where }) => where === 'Back wall')!
  expect(back.says).toContain('Along the back wall one line of the siding falls 1-1/4" in 34 ft.')
  // The line of January stands for nothing any more.
  expect(back.says).not.toContain('1-1/16')
  expect(back.says).toContain('It went down by another 3/16"')
  expect(back.says).toMatch(/Together: it is going down\.$/)
  const left = bid.measured.find(({ where }) => where === 'Left wall')!
  expect(left.says).toContain('The left wall bellies in 5/8".')
  expect(left.says).toMatch(/Together: the soil pushes the wall in\.$/)
})

test('its section stands before the causes and calls nothing safe or adequate', () => {
  const sections = sectionsOf(bid, { prices: true })
  const names = sections.map(({ name }) => name)
  expect(names.indexOf('What we measured')).toBe(names.indexOf('Why it is damaged') - 1)
  const [mine] = sections.filter(({ name }) => name === 'What we measured')
  expect(JSON.stringify(mine)).not.toMatch(/\b(safe|adequate)\b/i)
  expect(JSON.stringify(mine)).toContain('for an engineer to say')
})

test('a job without a survey says nothing of measuring', () => {
  const none = derive(DEMO_JOBS['kelp-row-7'](), '2026-05-04').bid
  expect(none.measured).toEqual([])
  expect(sectionsOf(none, { prices: true }).map(({ name }) => name)).not.toContain('What we measured')
})
