import { describe, expect, test } from '@jest/globals'
import { METHODS, TASKS } from '../index'
import { LEADS, ON_THE_DAY, OPENS_WALL, stepOf, STEPS, TAKES_SUPPORT, TASK_STEPS, WAITS } from './index'

const known = new Set(TASKS.map((task) => task.id))

describe('steps of tasks', () => {
  test('every task says by which steps it is done, and no other', () => {
    expect(Object.keys(TASK_STEPS).toSorted()).toEqual([...known].toSorted())
  })
  test.each(Object.entries(TASK_STEPS))('%s: shares of one, in the order of the trade', (_, steps) => {
    if (steps === 'along') return
    expect(steps.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9)
    const ranks = steps.map(([step]) => stepOf(step).rank)
    expect(ranks).toEqual(ranks.toSorted((a, b) => a! - b!))
  })
  test('what takes a support away shores before it does', () => {
    for (const [task, step] of Object.entries(TAKES_SUPPORT)) {
      const steps = TASK_STEPS[task]
      if (steps === undefined || steps === 'along') throw new Error(task)
      const order = steps.map(([each]) => each)
      expect([task, order.indexOf('shore')]).toEqual([task, 0])
      expect(order).toContain(step)
    }
  })
  test('a kit that has to be shored has a task that shores', () => {
    const without = METHODS.filter(({ needs, recipe }) => {
      if (!needs.includes('shoring') || recipe === null) return false
      return !recipe.tasks.some(({ task }) => {
        const steps = TASK_STEPS[task]
        return steps !== 'along' && steps?.some(([step]) => step === 'shore')
      })
    })
    expect(without.map(({ id }) => id)).toEqual([])
  })
  test('a kit that takes a support away says that it is shored', () => {
    const silent = METHODS.filter(
      ({ needs, recipe, does }) =>
        does === 'mends' &&
        !needs.includes('shoring') &&
        (recipe?.tasks ?? []).some(({ task }) => task in TAKES_SUPPORT),
    )
    // Piers under a home are set one by one with the home jacked beside them; a girder line is added and takes nothing away.
    const apart = ['home-pier-reset', 'home-pier-new', 'pad-rebuilt', 'girder-line']
    expect(silent.map(({ id }) => id).filter((id) => !apart.includes(id))).toEqual([])
  })
  test('what opens a wall has a step in which it does', () => {
    for (const task of OPENS_WALL) {
      const steps = TASK_STEPS[task]
      expect([task, steps !== 'along' && steps?.some(([step]) => step === 'open')]).toEqual([task, true])
    }
  })
  test('waits and leads name what there is', () => {
    for (const { after, before } of WAITS) {
      if (after.task !== undefined) expect(known).toContain(after.task)
      expect(stepOf(before).rank!).toBeGreaterThan(stepOf(after.step).rank!)
    }
    const needs = new Set(METHODS.flatMap((method) => method.needs))
    const told = new Set([...LEADS.map(({ need }) => need), ...ON_THE_DAY])
    expect([...needs].filter((need) => !told.has(need))).toEqual([])
  })
  test('only the one step of unknown work has no place in the order', () => {
    expect(STEPS.filter(({ rank }) => rank === null).map(({ id }) => id)).toEqual(['own'])
  })
})
