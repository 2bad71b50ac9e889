import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { METHODS } from '../catalogue'
import { HOLD_POINTS } from '../catalogue/holdPoints/holdPoints'
import { stepOf } from '../catalogue/steps'
import type { Fact, JobDocument, OpenedPlace } from '../job'
import { derive } from '../pipeline'
import { checksOf, type CoverCheck } from './coverChecks'

const TODAY = '2026-05-04'
const job = DEMO_JOBS['alder-house']()
const checks = (of: JobDocument): CoverCheck[] => {
  const derived = derive(of, TODAY)
  return checksOf({ job: derived.job, scope: derived.scope, units: derived.plan.units })
}
const signed = { id: 'f1', by: 'Dov Harrow', at: '2026-05-05T10:00:00Z' }
const withFact = (fact: Fact): JobDocument => ({ ...job, facts: [...job.facts, fact] })

test('rows: what is covered comes after what there is to see; methods are known; a reading has its limit, and nothing else has', () => {
  const known = new Set(METHODS.map(({ id }) => id))
  for (const { id, before, after, methods, wants, most_percent } of HOLD_POINTS) {
    for (const step of after) expect([id, stepOf(step).rank! < stepOf(before).rank!]).toEqual([id, true])
    for (const method of methods ?? []) expect(known).toContain(method)
    expect([id, most_percent !== null]).toEqual([id, wants === 'reading'])
  }
})

test('every place that is opened and closed has something to be seen before, once, in the order of the days', () => {
  const all = checks(job)
  expect(all.length).toBeGreaterThan(5)
  expect(new Set(all.map(({ item_id, side, point }) => `${item_id}/${side}/${point.id}`)).size).toBe(
    all.length,
  )
  const days = all.map(({ day }) => day)
  expect(days).toEqual(days.toSorted())
  expect(all.every(({ state, by }) => state === 'open' && by === null)).toBe(true)
})

test('who saw it stands by it; found wrong is not passed, and a later look counts', () => {
  const { item_id, side, point } = checks(job).find(({ point: { wants } }) => wants === 'look')!
  const fact = (id: string, passed: boolean): Fact => ({
    ...{
      ...signed,
      id,
      kind: 'hold-point',
      item_id,
      side,
      point: point.id,
      passed,
      words: 'gap',
      photo_ids: [],
    },
  })
  const found = (of: JobDocument): CoverCheck =>
    checks(of).find((each) => each.item_id === item_id && each.side === side && each.point.id === point.id)!
  const wrong = withFact(fact('f1', false))
  expect(found(wrong)).toMatchObject({ state: 'wrong', by: 'Dov Harrow', words: 'gap' })
  const later = { ...wrong, facts: [...wrong.facts, fact('f2', true)] }
  expect(found(later)).toMatchObject({ state: 'passed' })
  const others = checks(later).filter((each) => each.state !== 'open')
  expect(others).toHaveLength(1)
})

test('a reading passes by the meter alone: at most what the row says, and taken since the place was opened', () => {
  const all = checks(job).filter(({ point: { wants }, item_id }) => {
    const item = job.work_items.find(({ id }) => id === item_id)
    return wants === 'reading' && item !== undefined && item.finding_ids.length > 0
  })
  const { item_id, side, point } = all[0]!
  const finding_id = job.work_items.find(({ id }) => id === item_id)!.finding_ids[0]!
  const read = (moisture_percent: number, at = signed.at): JobDocument =>
    withFact({
      ...{ ...signed, at, kind: 'reading', about: { kind: 'finding', finding_id }, moisture_percent },
      ...{
        reference_percent: null,
        at_height: null,
        species: '',
        species_points: null,
        wood_temperature_c: null,
        instrument: '',
      },
    })
  const opened = (opened_on: string): OpenedPlace => ({
    ...{
      id: 'o',
      removed: false,
      finding_id,
      opened_on,
      opened_by: 'D',
      guess: null,
      told: null,
      caused_by: null,
      found: [],
    },
    ...{ taped: null, said: null, words: '', tonight: '', photo_ids: [] },
  })
  const state = (of: JobDocument, on = '2026-05-05'): string =>
    checks({ ...of, opened_places: [opened(on)] }).find(
      (each) => each.item_id === item_id && each.side === side && each.point.id === point.id,
    )!.state
  expect(state(read(point.most_percent!))).toBe('passed')
  expect(state(read(point.most_percent! + 0.5))).toBe('wrong')
  expect(state(read(12), '2026-05-06')).toBe('open')
})
