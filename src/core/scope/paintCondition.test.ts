import { expect, test } from '@jest/globals'
import { gradeOfPaint } from './paintCondition'

test.each([
  [0, 'light'],
  [10, 'light'],
  [11, 'typical'],
  [39, 'typical'],
  [40, 'heavy'],
  [100, 'heavy'],
])('%d %% peeling is %s scraping (our judgement)', (share, grade) => {
  expect(gradeOfPaint(share)).toBe(grade)
})
