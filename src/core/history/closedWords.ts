import { taskName } from '../catalogue'
import type { JobDocument, WorkSpell } from '../job'
import { f, HIDDEN } from './field'
import * as say from './say'

/** What time was spent on, in words. */
export function spellOn({ on }: Pick<WorkSpell, 'on'>, job: JobDocument): string {
  switch (on.kind) {
    case 'item':
      return say.itemName(on.item_id, job)
    case 'job':
      return on.task === null ? 'the whole job' : taskName(on.task).toLowerCase()
    case 'along':
      return on.what === 'supply' ? 'fetching' : on.what
  }
}

const pictures = f('pictures', say.listOf('picture', 'pictures'))

/** Fields of hours, goods, the end of the work and its money, as they are called on site. */
export const CLOSED_WORDS = {
  work_spell: {
    ...HIDDEN,
    on: f(
      'spent on',
      say.orNothing((value: WorkSpell['on'], job) => spellOn({ on: value }, job)),
    ),
    by: f('by', say.text),
    people: f('people', say.plain),
    began_at: f('began', say.plain),
    ended_at: f('ended', say.plain),
    pause_min: f('minutes of rest', say.plain),
    how: null,
    words: f('said', say.text),
  },
  bought_good: {
    ...HIDDEN,
    good: null,
    what: f('what', say.text),
    unit: f('counted in', say.text),
    quantity: f('bought', say.plain),
    left: f('left over', say.plain),
    on: f('on', say.day),
    by: null,
    photo_ids: pictures,
  },
  finished_item: {
    ...HIDDEN,
    item_id: null,
    on: f('done on', say.day),
    by: f('by', say.text),
    words: f('said', say.text),
    photo_ids: pictures,
  },
  handover: {
    ...HIDDEN,
    on: f('handed over on', say.day),
    by: f('by', say.text),
    words: f('said', say.text),
  },
  follow_up: {
    ...HIDDEN,
    what: f('what', say.text),
    due: f('due', say.day),
    item_id: null,
    done_on: f('looked at on', say.day),
    saw: f('saw', say.text),
    photo_ids: pictures,
  },
  claim: {
    ...HIDDEN,
    item_ids: f('pieces of work', say.listOf('piece of work', 'pieces of work')),
    said_by: f('said by', say.text),
    said_on: f('said on', say.day),
    words: f('said', say.text),
    job_id: null,
  },
  receipt: {
    ...HIDDEN,
    kind: f('for', say.choice),
    on: f('on', say.day),
    from: f('from', say.text),
    cents: f('comes to', say.cents),
    item_id: null,
    words: f('said', say.text),
    photo_ids: pictures,
  },
  invoice: {
    ...HIDDEN,
    number: null,
    bid_id: null,
    made_at: null,
    made_by: null,
    on: null,
    due_on: f('due', say.day),
    stage: f('for', say.text),
    through_stage: null,
    lines: null,
    tax_cents: null,
    total_cents: f('comes to', say.cents),
  },
  payment: {
    ...HIDDEN,
    invoice_id: null,
    on: f('on', say.day),
    cents: f('comes to', say.cents),
    by: f('by', say.choice),
    words: f('said', say.text),
  },
} as const
