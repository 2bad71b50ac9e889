import { expect, test } from '@jest/globals'
import { sillNose, smallHouse, window } from '../../../tests/support/jobs'
import { inches, feet } from '../measure'
import { sameAgain } from './sameAgain'

const job = smallHouse({
  features: [window('A', 1, 10, 1), window('A', 2, 20, 1), window('B', 1, 5, 1)],
})
const others = job.features.slice(1)
let made = 0
const newId = (): string => `again-${(made += 1)}`

test('one fault on two more windows: two findings with places and one detail', () => {
  const nose = sillNose({ photo_ids: ['p'] })
  const again = sameAgain(nose, others, job, { detailId: 'detail-1', touched: true, newId })
  expect(again.map((each) => each.place)).toEqual([
    expect.objectContaining({ feature_id: 'window-a2', station: feet(20) - inches(5.5) }),
    expect.objectContaining({ feature_id: 'window-b1', side_id: 'side-b' }),
  ])
  expect(new Set(again.map((each) => each.detail_id))).toEqual(new Set(['detail-1']))
  expect(again.every((each) => each.number === null && each.photo_ids.length === 0)).toBe(true)
  expect(again[0]?.stated_grade).toBe(3)
})

test('what was not touched there is suspected and has no grade', () => {
  const [again] = sameAgain(sillNose(), others, job, { detailId: 'd', touched: false, newId })
  expect(again).toMatchObject({
    suspected: true,
    stated_grade: null,
    observations: null,
    how_known: 'from-ground',
  })
})

test('a right leg goes to the right leg', () => {
  const leg = sillNose({
    component: 'side-casing',
    place: {
      kind: 'side',
      side_id: 'side-a',
      station: (feet(10) + inches(42)) as never,
      height: { value: inches(60), from: 'grade' },
      feature_id: 'window-a1',
    },
  })
  const [again] = sameAgain(leg, others, job, { detailId: 'd', touched: true, newId })
  expect(again?.place).toMatchObject({ station: feet(20) + inches(42) })
})
