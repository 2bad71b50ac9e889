import { causeName } from '../catalogue/causes'
import { findName } from '../job'
import { f, HIDDEN } from './field'
import * as say from './say'

/** Fields of what was opened and of what an owner was asked, as they are called on site. */
export const OPENED_WORDS = {
  opened_place: {
    ...HIDDEN,
    finding_id: null,
    guess: null,
    told: null,
    caused_by: f(
      'what had done it',
      say.orNothing((value: string) => causeName(value)),
    ),
    said: null,
    opened_on: f('opened on', say.day),
    opened_by: f('opened by', say.text),
    found: f(
      'found behind it',
      say.orNothing((value: readonly { find: string; count: number }[]) =>
        value.length === 0
          ? 'nothing more'
          : value.map(({ find, count }) => `${count} × ${findName(find)}`).join('; '),
      ),
    ),
    taped: f('taped', say.measured),
    words: f('said', say.text),
    tonight: f('done for the night', say.text),
    photo_ids: f('pictures', say.listOf('picture', 'pictures')),
  },
  change_order: {
    ...HIDDEN,
    bid_id: null,
    made_at: null,
    made_by: null,
    lines: f('lines', say.listOf('line', 'lines')),
    tax_cents: null,
    total_cents: f('comes to', say.cents),
    crew_days: null,
    ends_before: null,
    ends_after: f('the work then ends on', say.day),
    words: f('said', say.text),
    tonight: f('done for the night', say.text),
    photo_ids: null,
  },
  order_answer: {
    ...HIDDEN,
    order_id: null,
    says: f('says', say.choice),
    name: f('name', say.text),
    role: null,
    signature: null,
    said_at: null,
  },
} as const
