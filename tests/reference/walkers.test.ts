/**
 * Walkers of the simulated houses: the same house and the same damage, whoever walks it. What the engine makes of a *no* is held to the
 * truth of the simulator, which is outside the engine and reads nothing of it.
 */
import { describe, expect, test } from '@jest/globals'
import type { Finding } from '../../src/core/job'
import { ENGINE, score } from '../simulator/score'
import { ownSigns, recallOfShown, shareThere } from '../simulator/shows'
import { simulateHouse } from '../simulator/simulate'
import { CAREFUL, NO_SLIPS, ORDINARY, TELLS_ABSENT, WALKERS, type Walker } from '../simulator/walker'

const housesBy = (walker: Walker, many: number) =>
  Array.from({ length: many }, (_, start) => simulateHouse(start, 'full', walker))
const signsOf = (findings: readonly Finding[], present: boolean): string[] =>
  findings.flatMap(({ id, signs }) =>
    signs.filter((each) => each.present === present).map(({ sign }) => `${id} ${sign}`),
  )

describe('whoever walks it', () => {
  test.each(WALKERS)('$name: the house and its damage are the same', (walker) => {
    const [ordinary, other] = [ORDINARY, walker].map((by) => simulateHouse(7, 'full', by))
    expect(other!.truth).toEqual(ordinary!.truth)
    expect(other!.job.findings.map(({ id, place, stated_grade }) => [id, place, stated_grade])).toEqual(
      ordinary!.job.findings.map(({ id, place, stated_grade }) => [id, place, stated_grade]),
    )
  })

  test('who says what is not there sees no more and no less', () => {
    const [ordinary, telling] = [ORDINARY, TELLS_ABSENT].map(
      (by) => simulateHouse(7, 'full', by).job.findings,
    )
    expect(signsOf(telling!, true)).toEqual(signsOf(ordinary!, true))
    expect(signsOf(ordinary!, false)).toEqual([])
    expect(signsOf(telling!, false).length).toBeGreaterThan(20)
  })

  test('who invents no sign writes down part of what the ordinary one does', () => {
    const [ordinary, sure] = [ORDINARY, NO_SLIPS].map((by) =>
      signsOf(simulateHouse(7, 'full', by).job.findings, true),
    )
    expect(sure!.filter((each) => !ordinary!.includes(each))).toEqual([])
    expect(sure!.length).toBeLessThan(ordinary!.length)
  })
})

test('the engine invents fewer sources where it is told what is not there, and fewer still where no sign is invented', () => {
  const [ordinary, telling, careful] = [ORDINARY, TELLS_ABSENT, CAREFUL].map(
    (by) => score(ENGINE, housesBy(by, 60)).precision,
  )
  expect(telling! - ordinary!).toBeGreaterThan(0.03)
  expect(careful! - telling!).toBeGreaterThan(0.03)
})

test('what a source shows by is counted on the simulator: its own fault, not how sound the rest is', () => {
  const own = ownSigns(housesBy(NO_SLIPS, 150))
  expect([...own.get('head-flashing-absent')!]).toContain('no-metal-at-casing-top')
  expect([...own.get('head-flashing-absent')!]).not.toContain('joint-sound')
  const houses = housesBy(CAREFUL, 60)
  const { share, recall } = recallOfShown(ENGINE, houses, own)
  expect(share).toBeGreaterThan(0.85)
  expect(recall).toBeGreaterThan(score(ENGINE, houses).recall)
  // Where no cause has a sign of its own, nothing shows.
  expect(recallOfShown(ENGINE, houses, new Map()).share).toBe(0)
})

test('most of what is named beside the chief causes is a fault of the house all the same', () => {
  const houses = housesBy(CAREFUL, 60)
  const there = shareThere(ENGINE, houses)
  expect(there).toBeGreaterThan(score(ENGINE, houses).precision)
  expect(there).toBeLessThan(1)
  const bare = houses.map((house) => ({ ...house, world: { ...house.world, faults: [] } }))
  expect(shareThere(ENGINE, bare)).toBeCloseTo(score(ENGINE, houses).precision, 9)
})
