import { HOLD_POINT_BY_ID } from '../catalogue/holdPoints/holdPoints'
import { partName } from '../catalogue'
import { NOT_LOOKED_WORDS } from '../coverage'
import {
  AREAS,
  byId,
  ENTITY_KINDS,
  FEATURE_WORDS,
  findEntity,
  ZONES,
  type Change,
  type Fact,
  type JobDocument,
} from '../job'
import { FIELD_WORDS } from './fieldWords'
import { NOUNS } from './nouns'

/** One edit, told: what was done to what, and what each field became and was. */
export type ToldChange = { readonly what: string; readonly lines: readonly string[] }

const LONGEST = 160
const short = (words: string): string => (words.length > LONGEST ? `${words.slice(0, LONGEST - 1)}…` : words)

/** A field as its kind says it. A field that is no longer known is called as it was written, and not said. */
function lineOf(
  kind: keyof typeof FIELD_WORDS,
  name: string,
  value: unknown,
  job: JobDocument,
  before?: { readonly value: unknown },
): string | null {
  const words = FIELD_WORDS[kind][name]
  if (words === null) return null
  if (words === undefined) return `${name.replaceAll('_', ' ')} changed`
  const said = sayOf(words.say, value, job)
  if (said === null) return `${words.name} changed`
  const was = before ? sayOf(words.say, before.value, job) : null
  return was === null ? `${words.name}: ${said}` : `${words.name}: ${said}, was ${was}`
}

/** What an old edit holds can have another shape than today's words expect: then it is only said that it changed. */
function sayOf(
  say: (value: unknown, job: JobDocument) => string | null,
  value: unknown,
  job: JobDocument,
): string | null {
  try {
    const words = say(value, job)
    return words === null ? null : short(words)
  } catch (error) {
    if (error instanceof TypeError) return null
    throw error
  }
}

function factWords(fact: Fact, job: JobDocument): string {
  const sideOf = (id: string): string => NOUNS.side(id, job)
  switch (fact.kind) {
    case 'coverage':
      return `${fact.looked.yes ? 'Looked at' : 'Did not look at'} the ${ZONES[fact.zone]}, ${sideOf(fact.side_id)}${fact.looked.yes ? '' : `: ${NOT_LOOKED_WORDS[fact.looked.reason]}`}`
    case 'area-look':
      return `${fact.looked.yes ? 'Looked at' : 'Did not look at'} the ${fact.name || AREAS[fact.area]}${fact.looked.yes ? '' : `: ${NOT_LOOKED_WORDS[fact.looked.reason]}`}`
    case 'reading':
      return `Read ${fact.moisture_percent} % at ${aboutWords(fact.about, job)}`
    case 'test':
      return `Checked ${aboutWords(fact.about, job)}: ${fact.result || (fact.present ? 'it showed' : 'it did not show')}`
    case 'hazard':
      return `Raised a hazard at ${aboutWords(fact.about, job)}: ${fact.what || fact.hazard.replaceAll('-', ' ')}`
    case 'acknowledgement':
      return `Took note of a caution: ${fact.reason}`
    case 'hold':
      return `Held back ${aboutWords(fact.about, job)}: ${fact.why}`
    case 'permission':
      return `${fact.given_by} permitted to ${fact.level.replaceAll('-', ' ')}`
    case 'note':
      return `Noted at ${aboutWords(fact.about, job)}: ${fact.words ? `“${short(fact.words)}”` : fact.clip_ids.length > 0 ? 'a voice note' : 'a picture'}`
    case 'hold-point':
      return `${fact.passed ? 'Saw' : 'Found wrong'} before it was covered, at ${NOUNS.work_item(fact.item_id, job)}: ${HOLD_POINT_BY_ID.get(fact.point)?.name ?? fact.point.replaceAll('-', ' ')}${fact.words ? `: “${short(fact.words)}”` : ''}`
    case 'retraction': {
      const taken = job.facts.find((each) => each.id === fact.fact_id)
      const what = taken && taken.kind !== 'retraction' ? lower(factWords(taken, job)) : 'something noted'
      return `Took back: ${what}${fact.reason ? `, because ${fact.reason}` : ''}`
    }
  }
}
const zoneWords = (zone: string): string => (ZONES as Readonly<Record<string, string>>)[zone] ?? zone
const lower = (words: string): string => (words === '' ? '' : words[0]!.toLowerCase() + words.slice(1))

function aboutWords(about: Extract<Fact, { kind: 'note' }>['about'], job: JobDocument): string {
  switch (about.kind) {
    case 'finding': {
      const found = byId(job.findings, about.finding_id)
      return `finding ${found?.number ?? 'new'}${found?.component ? `, ${partName(found.component)}` : ''}`
    }
    case 'zone':
      return `the ${zoneWords(about.zone)}, ${NOUNS.side(about.side_id, job)}`
    case 'feature': {
      const found = byId(job.features, about.feature_id)
      return found ? NOUNS.feature(found.id, job) : FEATURE_WORDS.window
    }
    case 'side':
      return NOUNS.side(about.side_id, job)
    case 'item':
      return NOUNS.work_item(about.item_id, job)
    case 'job':
      return 'the job'
    case 'house':
      return 'the house'
  }
}

/**
 * An edit in the trade's words.
 *
 * @param before what its fields were, for an edit of fields
 * @param job as it is today, removed things included: names are taken from it
 */
export function tellChange(
  change: Change,
  before: Readonly<Record<string, unknown>>,
  job: JobDocument,
): ToldChange {
  if (change.op === 'fact') return { what: factWords(change.fact, job), lines: [] }
  const { kind, id } = change.entity
  const noun = NOUNS[kind](id, job)
  if (change.op === 'create') return { what: `Added ${noun}`, lines: [] }
  const { removed, ...fields } = change.fields
  const lines = Object.entries(fields).flatMap(([name, value]) => {
    const was = name in before ? { value: before[name] } : undefined
    return lineOf(kind, name, value, job, was) ?? []
  })
  const verb = removed === true ? 'Removed' : removed === false ? 'Brought back' : 'Changed'
  return { what: `${verb} ${noun}`, lines }
}

/** What an overruled field had been, in the words of its kind. */
export function tellOverruled(change: Change, name: string, value: unknown, job: JobDocument): string | null {
  return change.op === 'fact' ? null : lineOf(change.entity.kind, name, value, job)
}

/**
 * Whether one edit can be taken back by itself: only while nothing later stands on it. `changed-since`: a field of it has another
 * value by now. `already`: it no longer holds. `stays`: a taking back is not taken back; the fact is noted anew.
 */
export type TakenBack = 'yes' | 'wants-reason' | 'changed-since' | 'already' | 'stays'

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** @param job as it is today, removed things included */
export function canTakeBack(
  change: Change,
  before: Readonly<Record<string, unknown>>,
  job: JobDocument,
): TakenBack {
  if (change.op === 'fact') {
    if (change.fact.kind === 'retraction') return 'stays'
    const { id } = change.fact
    const isTaken = job.facts.some((fact) => fact.kind === 'retraction' && fact.fact_id === id)
    if (isTaken || !job.facts.some((fact) => fact.id === id)) return 'already'
    return change.fact.kind === 'hazard' ? 'wants-reason' : 'yes'
  }
  const now = findEntity(job, change.entity) as Readonly<Record<string, unknown>> | null
  if (now === null) return 'already'
  if (change.op === 'create') {
    // The one house, the one job: taken back they would leave nothing to work on.
    return now.removed === true || !ENTITY_KINDS[change.entity.kind].many ? 'already' : 'yes'
  }
  const fields = Object.entries(change.fields)
  if (fields.every(([name]) => same(now[name], before[name]))) return 'already'
  return fields.every(([name, value]) => same(now[name], value)) ? 'yes' : 'changed-since'
}
