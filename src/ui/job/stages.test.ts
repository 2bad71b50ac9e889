import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import { withoutMoney } from '../../core/job'
import { derive } from '../../core/pipeline'
import { count, stageOf, STAGES } from './stages'

test.each([
  ['/jobs/x/price', 'price'],
  ['/jobs/x/bid', 'bid'],
  ['/jobs/x', 'walk'],
  ['/jobs/price/nothing', 'walk'],
])('%s is the stage %s', (path, stage) => {
  expect(stageOf(path)).toBe(stage)
})

test('what stands under each tab of the main demo', () => {
  const told = STAGES.map((stage) => count(stage, derive(alderHouse(), '2026-05-04')))
  expect(told.slice(0, 4)).toEqual([
    '31 findings · 5 holds',
    '15 sources',
    '25 repairs · 5 open',
    '14 boards',
  ])
  expect(told[4]).toMatch(/^\$[\d,]+\.\d\d$/)
  expect(count('price', derive(withoutMoney(alderHouse()), '2026-05-04'))).toBe('not shown')
})
