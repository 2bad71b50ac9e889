'use client'

import { newId } from '../../client/newId'
import type { Booking, Crew, EntityOf, PlanDay, PlanMark } from '../../core/job'
import { useJob } from '../state/useJob'
import { sayDay } from './sayDay'

/** What a person says to the plan, written as edits of the job. */
export type PlanEdits = {
  readonly plan: (fields: Partial<EntityOf['plan']>) => void
  readonly day: (day: string, fields: Partial<Pick<PlanDay, 'sky' | 'off' | 'said'>>) => void
  readonly mark: (unit: string, fields: Partial<Pick<PlanMark, 'not_before' | 'crew' | 'done_on'>>) => void
  readonly book: (
    of: Pick<Booking, 'what' | 'item_id'>,
    fields: Partial<Pick<Booking, 'who' | 'asked_on' | 'comes_on' | 'there_on'>>,
  ) => void
}

export const freshPlan = (crews: readonly Crew[]): EntityOf['plan'] => ({
  id: 'plan',
  removed: false,
  start: null,
  finish_by: null,
  crews: [...crews],
  week: [1, 2, 3, 4, 5],
  order: [],
})

export function usePlanEdits(): PlanEdits {
  const { store, job, derived } = useJob()
  return {
    plan: (fields) => {
      if (job.plan) store.set('plan', 'plan', fields)
      else store.create('plan', { ...freshPlan(derived.plan.crews), ...fields })
    },
    day: (day, fields) => void sayDay(store, day, fields),
    mark: (unit, fields) => {
      const held = job.plan_marks.findLast((each) => each.unit === unit)
      if (held) store.set('plan_mark', held.id, fields)
      else {
        store.create('plan_mark', {
          id: newId(),
          removed: false,
          unit,
          not_before: null,
          crew: null,
          done_on: null,
          ...fields,
        })
      }
    },
    book: ({ what, item_id }, fields) => {
      const held = job.bookings.findLast((each) => each.what === what && each.item_id === item_id)
      if (held) store.set('booking', held.id, fields)
      else {
        store.create('booking', {
          id: newId(),
          removed: false,
          what,
          item_id,
          who: '',
          asked_on: null,
          comes_on: null,
          there_on: null,
          ...fields,
        })
      }
    },
  }
}
