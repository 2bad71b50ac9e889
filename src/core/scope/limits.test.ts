/** The scope line by height and part, from what it says to what is paid. */
import { expect, test } from '@jest/globals'
import { finding, paintItem, smallHouse, workItem } from '../../../tests/support/jobs'
import { stretch } from '../../../tests/support/priced'
import type { JobDocument } from '../job'
import { feet } from '../measure'
import { derive } from '../pipeline'

const DAY = '2026-05-04'
const painted = (scope_stretches: JobDocument['scope_stretches']) =>
  derive(smallHouse({ features: [], work_items: [paintItem('paint')], scope_stretches }), DAY)
const total = (of: ReturnType<typeof painted>): number =>
  of.price.kind === 'priced' ? of.price.total_cents : 0

// Foundation 18 in: 40 ft × (48 − 18) in = 100 ft² of wall up to four feet, worked by hand.
test('low courses only: the side is painted, paid and told so high, and the rest stands beside it', () => {
  const low = painted([stretch(0, 40, 'ours', { below: feet(4) })])
  const spots = low.scope.items[0]!.spots
  expect(spots.map(({ where, standing }) => [where, standing])).toEqual([
    ["front A up to 4' high", 'ours'],
    ["front A above 4'", 'left-out'],
  ])
  expect(low.bid.items[0]).toMatchObject({ where: "front A up to 4' high", quantity: '100 ft² of wall' })
  expect(low.bid.beside[0]).toMatchObject({ where: "front A above 4'" })
  expect(low.bid.clauses.find(({ heading }) => heading === 'Where the work starts and stops')?.text).toBe(
    "We work on: front A up to 4' high.",
  )
})

test('less wall never costs more, and both bands together are no cheaper than the whole', () => {
  const whole = total(painted([]))
  const totals = [2, 4, 6, 8, 12].map((ft) => total(painted([stretch(0, 40, 'ours', { below: feet(ft) })])))
  expect(totals).toEqual([...totals].sort((a, b) => a - b))
  expect(totals.at(-1)).toBeLessThanOrEqual(whole)
})

test('frame in, sash out: the casing is mended and paid, the sash stands beside it with its reason', () => {
  const at = { side: 'a', ft: 10, up_in: 60, feature: 'window-a1' } as const
  const casing = finding({ n: 1, words: '', component: 'side-casing', at, length_in: 24, grade: 3 })
  const sash = finding({ n: 2, words: '', component: 'sash', at, length_in: 24, grade: 3 })
  const of = derive(
    smallHouse({
      findings: [casing, sash],
      work_items: [
        workItem('frame', { method: 'piece-in', component: 'side-casing', finding_ids: [casing.id] }),
        workItem('sash', { method: 'sash-bench', component: 'sash', finding_ids: [sash.id] }),
      ],
      scope_stretches: [
        stretch(0, 40, 'left-out', { parts: ['sash'], reason: 'the window firm comes in May' }),
      ],
    }),
    DAY,
  )
  expect(of.scope.items.map(({ id, standing }) => [id, standing])).toEqual([
    ['frame', 'ours'],
    ['sash', 'left-out'],
  ])
  expect(of.bid.items.map(({ id }) => id)).toEqual(['frame'])
  expect(of.bid.beside[0]?.why).toContain('the window firm comes in May')
})
