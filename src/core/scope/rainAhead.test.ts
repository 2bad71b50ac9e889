import { describe, expect, test } from '@jest/globals'
import { at, DAY, house, mend } from '../../../tests/support/priced'
import type { PlanDay } from '../job'
import { derive } from '../pipeline'
import { ALONE, planJob } from '../plan'
import { rainAhead, stopGapsFor } from '.'

const TOMORROW = '2026-05-05'
const wet = (day: string, sky: PlanDay['sky'] = 'wet'): PlanDay => ({
  id: `d-${day}`,
  removed: false,
  day,
  sky,
  off: '',
  said: 'person',
})
const sign = (id: string) => [{ sign: id, how: 'seen-close', present: true }] as never
const shakes = { ...at(1, 'shingle', { grade: 2 }), signs: sign('shakes-gone') }
const gone = at(2, 'eave-return', { grade: 4 })
const soft = at(3, 'fascia', { grade: 3 })
const inside = { ...at(4, 'joist', { grade: 4 }), signs: sign('hole-showing-studs') }
const findings = [shakes, gone, soft, inside]
let n = 0
const newId = (): string => `new-${(n += 1)}`

describe('rain ahead', () => {
  test.each([
    ['today', [wet(DAY)], DAY],
    ['tomorrow', [wet(DAY, 'dry'), wet(TOMORROW)], TOMORROW],
  ])('said for %s: what is open to it, and nothing else', (_, plan_days, day) => {
    const { job } = house({ findings, plan_days })
    expect(rainAhead(job, DAY)).toEqual({ day, finding_ids: [shakes.id, gone.id] })
  })

  test.each([
    ['nobody said', []],
    ['wind only', [wet(DAY, 'windy')]],
    ['in two days', [wet('2026-05-06')]],
    ['yesterday', [wet('2026-05-03')]],
  ])('%s: none', (_, plan_days) => {
    expect(rainAhead(house({ findings, plan_days }).job, DAY)).toBeNull()
  })

  test('closed for the night, a place is no longer listed, and is still to be mended', () => {
    const { job } = house({ findings, plan_days: [wet(DAY)] })
    const items = stopGapsFor([shakes.id, gone.id], job, newId)
    expect(items.map(({ method, finding_ids }) => [method, finding_ids])).toEqual([
      ['stop-gap', [shakes.id]],
      ['stop-gap', [gone.id]],
    ])
    const after = derive({ ...job, work_items: items }, DAY)
    expect(rainAhead(after.job, DAY)?.finding_ids).toEqual([])
    expect(after.scope.open).toEqual([shakes.id, gone.id, soft.id, inside.id])
  })

  test('the stop-gap and the repair to come are both charged, and neither lowers the other', () => {
    const repair = mend('r', [gone], 'replace-member')
    const gap = mend('g', [gone], 'stop-gap')
    const cents = (...work_items: (typeof repair)[]): number => {
      const { price } = house({ findings, work_items })
      if (price.kind !== 'priced') throw new Error(price.kind)
      return price.total_cents
    }
    expect(cents(gap)).toBeGreaterThan(0)
    expect(cents(repair, gap)).toBeGreaterThan(cents(repair))
  })

  test('however many pieces are missing, it is closed once, and no word of a life or of a source is said of it', () => {
    const six = { ...shakes, count: 6 }
    const { job } = house({ findings: [six] })
    const after = derive({ ...job, work_items: stopGapsFor([six.id], job, newId) }, DAY)
    const [item] = after.scope.items
    expect(item).toMatchObject({ count: 1, notices: [] })
    const [line] = after.bid.items
    expect(line).toMatchObject({ life: '', seen: '' })
    expect(after.takeoff.items[0]!.consumables).toMatchObject([{ id: 'tarp', quantity: 32 }])
  })

  test('it is done before anything else, in the rain if need be', () => {
    const work_items = [mend('r', [gone], 'replace-member'), mend('g', [gone], 'stop-gap')]
    const of = house({ findings, work_items, plan_days: [wet(DAY)] })
    const { units } = planJob(of, DAY, ALONE)
    const days = (item: string): string[] =>
      units.filter(({ item_id }) => item_id === item).flatMap(({ days: all }) => all.map(({ day }) => day))
    expect(days('g')).toEqual([DAY])
    expect(days('r').toSorted()[0]! >= TOMORROW).toBe(true)
  })
})
