import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import { derive } from '../../core/pipeline'
import { CERTAINTY_WORDS } from '../../core/trace'
import { orderSources, SOURCE_ORDERS, type SourceOrder } from './orderSources'

const { sources } = derive(alderHouse(), '2026-05-05').trace

test('each source stands once in every order', () => {
  for (const order of Object.keys(SOURCE_ORDERS) as SourceOrder[])
    expect(new Set(orderSources(sources, order))).toEqual(new Set(sources))
})

test('by reach, and by sureness with what a person stated first', () => {
  const reach = orderSources(sources, 'reach').map((each) => each.finding_ids.length)
  expect(reach).toEqual(reach.toSorted((a, b) => b - a))
  const sure = orderSources(sources, 'sure').map(({ certainty }) =>
    certainty === 'stated' ? 99 : CERTAINTY_WORDS.indexOf(certainty),
  )
  expect(sure).toEqual(sure.toSorted((a, b) => b - a))
  expect(sure[0]).toBeGreaterThan(sure.at(-1)!)
})
