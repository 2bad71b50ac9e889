import type { Row } from '../row'
import type { SignId } from '../signs'

/** Something that happened to the house, and what it says of damage that was first seen after it, or before. */
export type EventRow = Row & {
  /** The sign it is where damage began after it, within so many months; null: it is kept with its date, and nothing follows. */
  readonly sign: SignId | null
  readonly within_months: number
}

const event = (id: string, name: string, sign: SignId | null, within_months = 0): EventRow => ({
  id,
  name,
  source: 'our judgement',
  sign,
  within_months,
})

/** What happened to houses, as owners tell it. How long after it damage still counts as begun by it is our judgement. */
export const EVENTS: readonly EventRow[] = [
  event('storm', 'a storm', 'dated-storm-before-stain', 3),
  event('gale-or-thaw', 'a gale, or a thaw after ice', 'after-thaw-or-gale', 2),
  event('shake', 'an earthquake', 'dated-shake', 12),
  event('dry-year', 'a dry year', 'dry-year-onset', 18),
  event('washed', 'washed with pressure', 'began-within-year-of-washing', 12),
  event('painted', 'painted', null),
  event('re-roofed', 'a new roof', null),
  event('gutters', 'gutters hung or changed', null),
  event('windows', 'windows changed', null),
  event('re-clad', 'siding changed', null),
  event('deck-built', 'the deck was built', null),
  event('bath', 'a bath or kitchen rebuilt', null),
  event('pipes', 'a pipe burst', null),
  event('ground', 'ground, paving or planting changed', null),
  event('addition', 'something was built on', null),
  event('other', 'something else', null),
]
const BY_ID: ReadonlyMap<string, EventRow> = new Map(EVENTS.map((row) => [row.id, row]))

/** Undefined: an edition of the catalogue that knows more wrote it. */
export const eventOf = (id: string): EventRow | undefined => BY_ID.get(id)
