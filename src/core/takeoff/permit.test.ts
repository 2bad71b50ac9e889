/** The one permit of a job: charged where it is needed, once, by whoever needs it. */
import { expect, test } from '@jest/globals'
import { at, DAY, mend, priced } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { PERMIT_FEE } from './permit'

const [joist, other, fascia] = [at(1, 'joist', { grade: 1 }), at(2, 'joist', { grade: 1 }), at(3, 'fascia')]
const NEEDING = [mend('j', [joist], 'joist-sister'), mend('r', [other], 'joist-sister')]
const PLAIN = mend('f', [fascia], 'replace-member')

function on(permit: JobDocument['job']['permit'], work_items: JobDocument['work_items']) {
  const job = smallHouse({ findings: [joist, other, fascia], work_items })
  return derive({ ...job, job: { ...job.job, permit } }, DAY)
}
const fees = (of: ReturnType<typeof on>): number[] =>
  of.takeoff.items.flatMap(({ consumables }) =>
    consumables.filter(({ id }) => id === PERMIT_FEE).map(({ quantity }) => quantity),
  )
const total = (of: ReturnType<typeof on>): number => priced(of).total_cents

test('needed: one for the job, its two pieces of work bear half each; the fascia bears nothing of it', () => {
  const made = on('needed', [...NEEDING, PLAIN])
  expect(fees(made)).toEqual([0.5, 0.5])
  expect(made.cut.goods.find(({ good }) => good === PERMIT_FEE)).toMatchObject({ kind: 'trade', used: 1 })
})

test('nobody asked, or none is needed: no fee, and the price says nothing of one', () => {
  for (const permit of ['unknown', 'not-needed'] as const)
    expect(fees(on(permit, [...NEEDING, PLAIN]))).toEqual([])
  expect(total(on('unknown', NEEDING))).toBe(total(on('not-needed', NEEDING)))
  expect(total(on('needed', NEEDING))).toBeGreaterThan(total(on('unknown', NEEDING)))
})

test('work that asks for none costs the same whatever the office said', () => {
  expect(fees(on('needed', [PLAIN]))).toEqual([])
  expect(total(on('needed', [PLAIN]))).toBe(total(on('unknown', [PLAIN])))
})

test('a second piece of work under the permit never makes the job cheaper, and pays no second one', () => {
  const [one, both] = [on('needed', [NEEDING[0]!]), on('needed', NEEDING)]
  expect(fees(one)).toEqual([1])
  expect(total(both)).toBeGreaterThan(total(one))
})

test('what is told of it: what the code asks for, that it is taken out, or nothing', () => {
  const needs = (of: ReturnType<typeof on>): string => of.scope.items[0]!.needs.join(' ')
  expect(needs(on('unknown', NEEDING))).toContain('Local code says whether a permit')
  expect(needs(on('needed', NEEDING))).toContain('A permit is taken out before it is begun')
  expect(needs(on('not-needed', NEEDING))).not.toContain('permit')
  const waits = (of: ReturnType<typeof on>): (string | null)[] =>
    of.plan.comings.filter(({ what }) => what === 'permit').map(({ item_id }) => item_id)
  expect(waits(on('unknown', NEEDING))).toEqual(['j', 'r'])
  expect(waits(on('not-needed', NEEDING))).toEqual([])
  // Nobody is called out for a fee.
  expect(on('needed', NEEDING).plan.comings.filter(({ what }) => what === 'trade')).toEqual([])
})
