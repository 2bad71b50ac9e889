import { FEATURE_WORDS, type Feature, type JobDocument, type Place, type Side } from '../job'
import { formatLength } from '../measure'
import { onFeature, type On } from './onHouse'
import type { Shorthand } from './said'

/** What nobody can tell from the line, answered in one tap. */
export type Ask = {
  readonly words: string
  readonly choices: readonly { readonly says: string; readonly said: Shorthand; readonly place: Place }[]
}

/** One finding of a line, on the house there is. While it asks, its place is the words alone. */
export type PlacedLine = {
  readonly said: Shorthand
  readonly place: Place
  readonly ask: Ask | null
}

const letterOf = (feature: Feature, job: JobDocument): string =>
  job.sides.find((each) => each.id === feature.side_id)?.letter ?? ''
/** An opening by its letter and number. */
export const nameOf = (feature: Feature, job: JobDocument): string =>
  `${FEATURE_WORDS[feature.kind]} ${letterOf(feature, job)}${feature.number}`
export const sideName = (side: Side): string => `${side.letter} ${side.facing}`.trim()

/** The place in the words it was said in, for a house that has no such thing yet or where it must be asked. */
export function inWords(said: Shorthand): Place {
  const words = [
    said.feature ?? said.side,
    said.where.opening?.what.replace('-', ' ') ?? null,
    said.where.area ?? said.where.room,
    said.station === null ? null : formatLength(said.station),
    said.height === null ? null : `${formatLength(said.height)} up`,
  ].filter((each) => each !== null)
  return words.length === 0 ? { kind: 'none' } : { kind: 'words', words: words.join(', ').slice(0, 200) }
}

export const placed = (said: Shorthand, place: Place): PlacedLine => ({ said, place, ask: null })
/** A line that asks, unless only one answer is left. */
export const asking = (said: Shorthand, words: string, choices: Ask['choices']): PlacedLine =>
  choices.length === 1
    ? placed(choices[0]!.said, choices[0]!.place)
    : { said, place: inWords(said), ask: choices.length === 0 ? null : { words, choices } }

export const whichFeature = (said: Shorthand, features: readonly Feature[], on: On): PlacedLine =>
  asking(
    said,
    'Which one?',
    features.map((each) => ({ says: nameOf(each, on.job), said, place: onFeature(said, each, on) })),
  )
