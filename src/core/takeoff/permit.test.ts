/** The one permit of a job: charged where it is needed, once, by whoever needs it. */
import { expect, test } from '@jest/globals'
import { at, DAY, mend, priced } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import { METHODS } from '../catalogue'
import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { PERMIT_FEE } from './permit'
import { permitOf } from './permitOf'

const deck = at(4, 'deck', { grade: 3 })
const [joist, other, fascia] = [at(1, 'joist', { grade: 1 }), at(2, 'joist', { grade: 1 }), at(3, 'fascia')]
const NEEDING = [mend('j', [joist], 'joist-sister'), mend('r', [other], 'joist-sister')]
const PLAIN = mend('f', [fascia], 'replace-member')

function on(permit: JobDocument['job']['permit'], work_items: JobDocument['work_items']) {
  const job = smallHouse({ findings: [joist, other, fascia, deck], work_items })
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

const REBUILT = mend('d', [deck], 'deck-rebuild')
const withDeck = (
  permit: JobDocument['job']['permit'],
  lines: JobDocument['work_items'][number]['lines'] = [],
) => on(permit, [{ ...REBUILT, lines }, NEEDING[0]!])

test('a recipe that brings a fee keeps it until somebody asks; then one permit stands for all, or none', () => {
  expect(fees(withDeck('unknown'))).toEqual([1])
  expect(fees(withDeck('needed'))).toEqual([0.5, 0.5])
  expect(fees(withDeck('not-needed'))).toEqual([])
})

test('a fee the firm entered itself is the permit: nothing is charged beside it, and it is never taken away', () => {
  const own = [{ kind: 'good', good: PERMIT_FEE, quantity: 2 } as const]
  expect(fees(withDeck('needed', own))).toEqual([2])
  expect(fees(withDeck('not-needed', own))).toEqual([2])
})

test('shares of three and of seven are a whole permit', () => {
  for (const count of [3, 7]) {
    const findings = Array.from({ length: count }, (_, n) => at(n + 1, 'joist', { grade: 1 }))
    const job = smallHouse({
      findings,
      work_items: findings.map((each, n) => mend(`i${n}`, [each], 'joist-sister')),
    })
    const shares = fees(derive({ ...job, job: { ...job.job, permit: 'needed' } }, DAY))
    expect(shares).toHaveLength(count)
    expect(shares.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9)
  }
})

test('how many pieces of work may take one, and whether a fee is in the price', () => {
  const told = (of: ReturnType<typeof on>) => permitOf(of.scope, of.takeoff)
  expect(told(on('unknown', [PLAIN]))).toEqual({ asking: 0, charged: false })
  expect(told(on('unknown', [...NEEDING, PLAIN]))).toEqual({ asking: 2, charged: false })
  expect(told(on('needed', [...NEEDING, PLAIN]))).toEqual({ asking: 2, charged: true })
  expect(told(withDeck('unknown'))).toEqual({ asking: 2, charged: true })
})

test('what others do, or is left out, bears no share of it', () => {
  for (const state of ['by-others', 'left-out', 'optional'] as const)
    expect(fees(on('needed', [NEEDING[0]!, { ...NEEDING[1]!, state }]))).toEqual([1])
})

test('a recipe that brings the fee is of work that asks for a permit', () => {
  const bringing = METHODS.filter(({ recipe }) => recipe?.goods.some(({ good }) => good === PERMIT_FEE))
  expect(bringing.length).toBeGreaterThan(0)
  for (const { id, needs } of bringing) expect([id, ...needs]).toContain('permit')
})
