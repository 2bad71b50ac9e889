import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../demo/alderHouse'
import { at, DAY, house } from '../../../tests/support/priced'
import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { takeAdvised } from '.'

let n = 0
const newId = (): string => `new-${(n += 1)}`
const taken = (job: JobDocument) => {
  const { trace, cautions } = derive(job, DAY)
  return takeAdvised(job, trace, cautions.dangers, newId)
}

test('findings of one part, material and method are one item with a place each', () => {
  const findings = [1, 2].map((each) =>
    at(each, 'corner-board', { at: { side: 'a', ft: 20 * each - 20, up_in: 40 } }),
  )
  const mine = taken(house({ findings }).job).filter(({ component }) => component === 'corner-board')
  expect(mine.map(({ method, finding_ids }) => [method, finding_ids.length])).toEqual([['piece-in', 2]])
})

test('what has no part, or nothing recommended, stays open', () => {
  const { job } = house({ findings: [at(1, 'other'), { ...at(2, 'fascia'), component: null }] })
  expect(taken(job)).toEqual([])
})

test('of a whole house: afterwards nothing advised is left, and no source is open', () => {
  const bare = { ...derive(alderHouse(), DAY).job, work_items: [], source_decisions: [] }
  const items = taken(bare)
  expect(items.length).toBeGreaterThan(15)
  const after = { ...bare, work_items: items }
  expect(taken(after)).toEqual([])
  const { scope, trace } = derive(after, DAY)
  const open = trace.sources.filter(({ letter }) => letter !== null && scope.fixes[letter] === 'open')
  expect(open).toEqual([])
})

test('what hangs on a member is mended once the member is renewed in the same bid', () => {
  const onDeck = { side: 'a', ft: 10, up_in: 18 } as const
  const findings = [
    at(1, 'ledger', { at: onDeck, length_in: 144 }),
    at(2, 'deck-board', { at: onDeck, length_in: 60, grade: 2 }),
  ]
  expect(taken(house({ findings }).job).map(({ method }) => method)).toEqual(['ledger-renew', 'piece-in'])
})
