import * as z from 'zod'
import { Component, KnowledgeId } from './components'
import { Day, Grade, HowKnown, Id, LengthValue, MonthOrYear, ShortWords, Words } from './values'

const base = { id: Id, removed: z.boolean() }

export const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const
const Compass = z.enum(COMPASS).nullable()

/** What was known before the walk, kept beside what the walk shows; and the five facts that come first. */
export const Intake = z.strictObject({
  ...base,
  why_here: z.enum(['assessment', 'complaint', 'paint-first', 're-side', 'response-list']).nullable(),
  told: Words,
  told_by: ShortWords,
  told_on: Day.nullable(),
  first_guess: Words,
  photo_ids: z.array(Id),
  front_faces: Compass,
  storm_side: Compass,
  heating: z.enum(['heating', 'cooling', 'off']).nullable(),
  occupants_saw: Words,
  earlier_repairs: Words,
})

/** Something that happened to the house, as somebody tells it: a row of the catalogue, and when. */
export const HouseEvent = z.strictObject({
  ...base,
  what: KnowledgeId,
  when: MonthOrYear,
  words: ShortWords,
  told_by: ShortWords,
})

/**
 * A stretch of one side on the scope line. With any `ours` on the job, only those are in; without, every wall is, but for the
 * stretches left out or done by somebody else.
 */
export const ScopeStretch = z.strictObject({
  ...base,
  side_id: Id,
  from: LengthValue,
  to: LengthValue,
  kind: z.enum(['ours', 'priced-apart', 'left-out', 'by-owner', 'by-others']),
  /** It holds only so high over the ground, and only from there up; null: over the whole height. */
  below: LengthValue.nullable(),
  above: LengthValue.nullable(),
  /** It holds for these parts alone, as *sash out, frame in*; empty: for whatever is there. */
  parts: z.array(Component).max(40),
  reason: ShortWords,
  /** Who does it, and in what state he hands it over. */
  who: ShortWords,
  hand_over: ShortWords,
})

/** A sale's list of settled items: whose, of when, and by when to be answered. */
export const ResponseList = z.strictObject({
  ...base,
  title: ShortWords,
  author: ShortWords,
  dated: Day.nullable(),
  due_on: Day.nullable(),
})

export const RESPONSE_ANSWERS = {
  'do-it': 'we do it',
  'no-defect': 'no defect observed',
  'not-found': 'not found at the place described',
  'not-reachable': 'not reachable',
  'needs-opening': 'needs opening first',
  refer: 'for a licensed trade',
  'done-by-others': 'done by others',
  declined: 'declined',
} as const
export type ResponseAnswer = keyof typeof RESPONSE_ANSWERS

export const ResponseItem = z.strictObject({
  ...base,
  /** As the list has it: 7, 12a, 3.2. */
  number: ShortWords,
  words: Words,
  order: z.int().min(0).max(10_000),
  answer: z.enum(Object.keys(RESPONSE_ANSWERS) as [ResponseAnswer, ...ResponseAnswer[]]).nullable(),
  /** How, by whom and when; what would make it reachable; which trade; why declined. */
  how: Words,
  receipt_seen: z.boolean().nullable(),
  finding_ids: z.array(Id),
})

/** One line of the register of members and supports under a floor or a deck. */
export const FramingPiece = z.strictObject({
  ...base,
  area: z.enum(['crawl', 'basement', 'deck', 'attic']),
  kind: z.enum(['member', 'support']),
  /** As it is counted on site: bay 3, post 2 of the middle row. */
  label: ShortWords,
  component: Component,
  size: ShortWords,
  state: z.enum(['sound', 'some-years', 'now']).nullable(),
  contact: z.enum(['full', 'part', 'none']).nullable(),
  fastened: z.boolean().nullable(),
  plumb: z.boolean().nullable(),
  base: z.enum(['footing', 'pad', 'cap-block', 'shims', 'soil', 'missing']).nullable(),
  grade: Grade.nullable(),
  how_known: HowKnown,
  note: Words,
  finding_id: Id.nullable(),
})
