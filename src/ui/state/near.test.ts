import { expect, test } from '@jest/globals'
import { finding, smallHouse } from '../../../tests/support/jobs'
import { nearOf } from './near'

const at = (side: string): { side: string; ft: number; up_in: number } => ({ side, ft: 3, up_in: 20 })
const one = finding({ n: 1, words: 'soft', component: 'fascia', at: at('a') })
const two = finding({ n: 2, words: 'soft', component: 'fascia', at: at('c') })
const job = smallHouse({ findings: [one, two] })
const letters = (of: Parameters<typeof nearOf>[1]): unknown => {
  const near = nearOf(job, of)
  return [near.side?.letter, near.last === null ? null : (near.last as { id?: string }).id]
}

test('on a desk all walls are in view: the side is that of the finding spoken of', () => {
  expect(letters({ chosen: [], sideId: null, isPhone: false })).toEqual(['C', two.id])
  expect(letters({ chosen: [one.id], sideId: null, isPhone: false })).toEqual(['A', one.id])
})

test('on a phone it is the side that is shown, and what was found elsewhere is no last place of it', () => {
  expect(letters({ chosen: [], sideId: null, isPhone: true })).toEqual(['A', null])
  expect(letters({ chosen: [], sideId: 'side-c', isPhone: true })).toEqual(['C', two.id])
  expect(letters({ chosen: [two.id], sideId: 'side-b', isPhone: true })).toEqual(['B', null])
})

test('without a house there is no side', () => {
  expect(
    nearOf(smallHouse({ sides: [], features: [] }), { chosen: [], sideId: null, isPhone: true }),
  ).toEqual({
    side: null,
    last: null,
  })
})
