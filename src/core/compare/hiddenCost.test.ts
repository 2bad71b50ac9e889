/** What is hidden, in this job's money: unit prices against the job priced with and without, and the expected sum by its integral. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { at, DAY, house, mend, plain, total } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import { BEHIND, FINDS } from '../catalogue/hidden/finds'
import { BELOW_ROOF_END, HIDDEN } from '../catalogue/hidden/hidden'
import { METHODS, PARTS } from '../catalogue'
import { newWorkItem } from '../job'
import { derive } from '../pipeline'
import { quantile } from '../price/hidden/normal'
import { hiddenCost, priceFinds } from './hiddenCost'
import { sectionsOf } from '../bid'
import { hiddenRowsOf } from '../firmValues/hiddenRows'
import { riskOf } from './riskOf'
import { readyBid } from './withLeaves'

const sill = at(1, 'window-sill')
const job = plain(smallHouse({ findings: [sill], work_items: [mend('r', [sill], 'replace-member')] }))
const derived = derive(job, DAY)

test('every kind of surface says what stands behind it, by finds whose method and part are known', () => {
  for (const { id, backing } of [...HIDDEN, BELOW_ROOF_END]) {
    const behind = BEHIND[id]
    expect([id, behind !== undefined]).toEqual([id, true])
    expect([id, behind!.backing === null]).toEqual([id, backing === null])
    for (const find of [behind!.backing, behind!.framing].filter((each) => each !== null))
      expect([id, FINDS.some((each) => each.id === find)]).toEqual([id, true])
  }
  for (const { id, method, component, reach_ft } of FINDS) {
    expect([id, METHODS.some((each) => each.id === method)]).toEqual([id, true])
    expect([id, PARTS.some((each) => each.id === component)]).toEqual([id, true])
    expect([id, reach_ft > 0]).toEqual([id, true])
  }
})

test('the first of a find costs what the job costs more with it; a further one, a quarter of what four more do', () => {
  const stud = priceFinds(job, DAY, derived).find(({ find }) => find.id === 'stud')!.cents!
  const withStuds = (count: number): number => {
    const item = newWorkItem({
      id: 'studs',
      method: 'stud-sister',
      component: 'stud',
      places: [{ at: { kind: 'none' }, size: { kind: 'count', count, how: 'counted' }, height: null }],
    })
    return total(derive({ ...job, work_items: [...job.work_items, item] }, DAY)) - total(derived)
  }
  // What is shared over the whole job moves with it: a cent an item at most.
  expect(Math.abs(stud.first - withStuds(1))).toBeLessThanOrEqual(2)
  expect(Math.abs(stud.further - (withStuds(5) - withStuds(1)) / 4)).toBeLessThanOrEqual(2)
  expect(stud.further).toBeLessThan(stud.first)
})

test('a place opened is one place, with its chance, its side and what its price covers', () => {
  const { places, unknown } = hiddenCost(job, DAY, derived)
  expect(places).toHaveLength(1)
  expect(unknown).toEqual([])
  expect(places[0]).toMatchObject({ side: 'side-a', seen_ft: 2 })
  expect(places[0]!.backing).toBeCloseTo(0.62, 12)
  expect(places[0]!.covered_ft).toBeGreaterThanOrEqual(2)
})

test('a bid that leaves has the prices of what stands behind what it opens, and of nothing else', () => {
  const { finds } = readyBid(job, DAY, derived)
  const priced = new Map(priceFinds(job, DAY, derived).map(({ find, cents }) => [find.plain, cents]))
  // Behind a sill stand sheathing and studs.
  expect(finds.map(({ what }) => what.split(',')[0])).toEqual([
    'Wood behind the siding (sheathing)',
    'A wall stud',
  ])
  for (const { what, first_cents, further_cents } of finds)
    expect({ first: first_cents, further: further_cents }).toEqual(priced.get(what))
  const printed = JSON.stringify(sectionsOf(readyBid(job, DAY, derived), { prices: true }))
  expect(printed).toContain('Wood behind the siding (sheathing), a sheet')
  expect(JSON.stringify(sectionsOf(readyBid(job, DAY, derived), { prices: false }))).not.toContain(
    'a sheet of',
  )
})

test('paint and sealant open nothing; a deck that is rebuilt hides nothing more; two items on one finding are one place', () => {
  const worn = at(1, 'window-sill', { grade: 1 })
  const painted = house({ findings: [worn], work_items: [mend('p', [worn], 'prime-and-paint')] })
  expect(hiddenCost(painted.job, DAY, painted).places).toEqual([])
  const twice = house({
    findings: [sill],
    work_items: [mend('a', [sill], 'replace-member'), mend('b', [sill], 'piece-in')],
  })
  expect(hiddenCost(twice.job, DAY, twice).places).toHaveLength(1)
  expect(riskOf(DEMO_JOBS['plover-quay-6'](), DAY)).toBeNull()
})

test('the expected sum is the integral of what the rows say', () => {
  const { places } = hiddenCost(job, DAY, derived)
  const { extent, seen_ft, covered_ft, cents, spacing_ft, backing, framing } = places[0]!
  const steps = 20_000
  let expected = 0
  for (let n = 0; n < steps; n += 1) {
    const long = seen_ft * extent.typical * Math.exp(extent.sigma * quantile((n + 0.5) / steps))
    expected +=
      (Math.max(0, long - covered_ft) * cents.surface_ft +
        backing! * (cents.backing_first + long * cents.backing_ft) +
        framing * (cents.framing_first + Math.ceil(long / spacing_ft) * cents.framing_further)) /
      steps
  }
  const risk = riskOf(job, DAY)!
  // 20,000 houses: one standard error is under 1 %.
  expect(Math.abs(risk.mean_cents / expected - 1)).toBeLessThan(0.025)
  expect(risk.drivers[0]).toMatchObject({ finding_id: sill.id })
  expect(risk.drivers[0]!.share).toBeCloseTo(1, 6)
})

test('worse surfaces hide more, and places that move together want a larger reserve; the same job says the same', () => {
  const at3 = DEMO_JOBS['alder-house']()
  const risk = riskOf(at3, DAY)!
  expect(riskOf(at3, DAY)).toEqual(risk)
  expect([risk.p50_cents <= risk.p80_cents, risk.p80_cents <= risk.p95_cents]).toEqual([true, true])
  const values = Object.fromEntries(
    ['source', 'side', 'house'].map((by) => [`hidden.together.${by}`, { value: 0, reason: '' }]),
  )
  const alone = riskOf({ ...at3, settings: { ...at3.settings, values } }, DAY)!
  expect(alone.reserve_cents).toBeLessThan(risk.reserve_cents)
  expect(Math.abs(alone.mean_cents / risk.mean_cents - 1)).toBeLessThan(0.02)
  const softer = at(1, 'window-sill', { grade: 2 })
  const less = plain(smallHouse({ findings: [softer], work_items: [mend('r', [softer], 'replace-member')] }))
  expect(riskOf(less, DAY)!.mean_cents).toBeLessThan(riskOf(job, DAY)!.mean_cents)
  expect(hiddenRowsOf(at3.settings).together).toEqual({ source: 0.5, side: 0.2, house: 0.1 })
})

test('without rates nothing is said', () => {
  expect(riskOf({ ...job, rates: null }, DAY)).toBeNull()
})
