import { f, HIDDEN } from './field'
import * as say from './say'

/** Fields of the plan, as they are called on site. */
export const PLAN_WORDS = {
  plan: {
    ...HIDDEN,
    start: f('begins on', say.day),
    finish_by: f('finished by', say.day),
    crews: f('crews', say.listOf('crew', 'crews')),
    week: f('days of the week', say.changed),
    order: f('order of the work', say.changed),
  },
  plan_day: {
    ...HIDDEN,
    day: f('day', say.day),
    sky: f('weather', say.choice),
    off: f('nobody works', say.text),
    said: null,
  },
  plan_mark: {
    ...HIDDEN,
    unit: null,
    not_before: f('not before', say.day),
    crew: f('crew', say.changed),
    done_on: f('done on', say.day),
  },
  booking: {
    ...HIDDEN,
    what: f('what has to come', say.choice),
    item_id: f('for', say.item),
    who: f('from', say.text),
    asked_on: f('asked on', say.day),
    comes_on: f('promised for', say.day),
    there_on: f('there on', say.day),
  },
} as const
