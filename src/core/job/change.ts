import * as z from 'zod'
import { err, ok, type Result } from '../result'
import { ENTITY_KIND_NAMES, ENTITY_KINDS, JOB_VERSION, type EntityKind, type JobDocument } from './document'
import { Fact } from './facts'
import { formatLength } from '../measure'
import { issuesOf } from './jobFile'
import { Invoice } from './closed'
import { ChangeOrder, OrderAnswer } from './opened'
import { namesIn, namesInFact, unknownNames } from './references'
import { Id, Instant } from './values'

const signed = {
  id: Id,
  /** Shape of the bodies in this change; queues outlive deployments. */
  schema: z.int().min(1),
  made_at: Instant,
  /** The browser that made it: a queue never conflicts with itself. */
  device: Id,
}
const EntityRef = z.strictObject({ kind: z.enum(ENTITY_KIND_NAMES), id: Id })

/** One edit of a job. The only way anything in a job changes. */
export const Change = z.discriminatedUnion('op', [
  z.strictObject({
    ...signed,
    op: z.literal('create'),
    entity: EntityRef,
    body: z.record(z.string(), z.unknown()),
  }),
  z.strictObject({
    ...signed,
    op: z.literal('set'),
    entity: EntityRef,
    /** Revision of the entity that the editor saw. */
    base: z.int().min(0),
    fields: z
      .record(z.string(), z.unknown())
      .refine((fields) => Object.keys(fields).length > 0, 'no field to set'),
  }),
  z.strictObject({ ...signed, op: z.literal('fact'), fact: Fact }),
])
export type Change = z.infer<typeof Change>

/** Who last wrote each field, so that a late edit can be seen to overrule another's. */
export type FieldStamp = { readonly sequence: number; readonly device: string }
export type EntityStamp = { readonly revision: number; readonly fields: Readonly<Record<string, FieldStamp>> }

/** A job with the stamps that merging needs. Keys of `stamps` are `kind/id`. */
export type JobState = {
  readonly job: JobDocument
  readonly stamps: Readonly<Record<string, EntityStamp>>
  readonly sequence: number
  readonly nextFindingNumber: number
}

export type ChangeError =
  | { readonly kind: 'schema-too-old'; readonly schema: number }
  | { readonly kind: 'schema-too-new'; readonly schema: number }
  | { readonly kind: 'unknown-entity'; readonly entity: EntityKind; readonly id: string }
  | { readonly kind: 'already-there'; readonly entity: EntityKind; readonly id: string }
  | { readonly kind: 'base-too-new'; readonly base: number; readonly revision: number }
  | { readonly kind: 'fixed-field'; readonly field: string }
  | { readonly kind: 'invalid'; readonly issues: readonly { path: string; message: string }[] }
  | { readonly kind: 'unknown-id'; readonly at: string; readonly id: string }
  | {
      readonly kind: 'outside-side'
      readonly letter: string
      readonly station: string
      readonly length: string
    }
  | { readonly kind: 'too-many-photos'; readonly limit: number }
  | { readonly kind: 'fact-already-there'; readonly id: string }
  | { readonly kind: 'reason-needed' }

/** Values that this change overruled although its editor had not seen them: the later edit wins, the loser is kept. */
export type Overruled = Readonly<Record<string, { readonly value: unknown; readonly sequence: number }>>

export type Applied = {
  readonly state: JobState
  readonly overruled: Overruled
  /** Fields before, for history and undo. Empty for a creation and a fact. */
  readonly before: Readonly<Record<string, unknown>>
}

const allBut = (shape: object): string[] => Object.keys(shape).filter((key) => key !== 'removed')

/** Set by the server or at creation and never again. */
const FIXED: Partial<Record<EntityKind, readonly string[]>> = {
  side: ['letter'],
  feature: ['number', 'kind'],
  finding: ['number'],
  photo: ['sha256', 'media_type', 'bytes'],
  survey: ['kind'],
  plan_day: ['day'],
  plan_mark: ['unit'],
  booking: ['what', 'item_id'],
  opened_place: ['finding_id', 'guess', 'told', 'said'],
  // What was put to an owner, and what he said to it, is never edited: it can be withdrawn.
  change_order: allBut(ChangeOrder.shape),
  order_answer: allBut(OrderAnswer.shape),
  finished_item: ['item_id'],
  claim: ['job_id'],
  // An invoice that went out is taken back, never changed.
  invoice: allBut(Invoice.shape),
}

/** Fields of a kind that no edit sets: given at creation, or by the server. */
export function fixedFields(kind: EntityKind): readonly string[] {
  return FIXED[kind] ?? []
}

export function stampKey(entity: { kind: EntityKind; id: string }): string {
  return `${entity.kind}/${entity.id}`
}

/** The entity of that kind and id, removed or not, or null. */
export function findEntity(
  job: JobDocument,
  entity: { kind: EntityKind; id: string },
): { id: string } | null {
  const { key, many } = ENTITY_KINDS[entity.kind]
  const held = job[key] as unknown
  if (many) return (held as { id: string }[]).find((each) => each.id === entity.id) ?? null
  return held !== null && (held as { id: string }).id === entity.id ? (held as { id: string }) : null
}

function withEntity(job: JobDocument, kind: EntityKind, body: { id: string }): JobDocument {
  const { key, many } = ENTITY_KINDS[kind]
  if (!many) return { ...job, [key]: body }
  const list = job[key] as unknown as { id: string }[]
  const index = list.findIndex((each) => each.id === body.id)
  return { ...job, [key]: index < 0 ? [...list, body] : list.with(index, body) }
}

function checkBody(job: JobDocument, kind: EntityKind, body: unknown): Result<{ id: string }, ChangeError> {
  const parsed = ENTITY_KINDS[kind].schema.safeParse(body)
  if (!parsed.success) return err({ kind: 'invalid', issues: issuesOf(parsed.error) })
  const unknown = unknownNames(job, namesIn(kind, parsed.data))[0]
  if (unknown) return err({ kind: 'unknown-id', ...unknown })
  if (kind === 'finding') {
    const { place } = parsed.data as JobDocument['findings'][number]
    const side = place.kind === 'side' ? job.sides.find((each) => each.id === place.side_id) : undefined
    if (place.kind === 'side' && side && side.length !== null && place.station > side.length) {
      return err({
        kind: 'outside-side',
        letter: side.letter,
        station: formatLength(place.station),
        length: formatLength(side.length),
      })
    }
  }
  return ok(parsed.data)
}

/** Pictures of one job; beyond it a phone and an owner's page grow slow. */
export const PHOTO_LIMIT_PER_JOB = 300

/** Letters in the order they are given: A to Z, then AA, AB … */
export function nextLetter(taken: ReadonlySet<string>): string {
  for (let n = 0; ; n += 1) {
    const last = String.fromCharCode(65 + (n % 26))
    const letter = n < 26 ? last : String.fromCharCode(64 + Math.floor(n / 26)) + last
    if (!taken.has(letter)) return letter
  }
}

/**
 * Letters and numbers that two devices gave alike while neither knew of the other: the later one gets the next free. Nothing else
 * refers to them, so nothing breaks; the entity keeps its id.
 */
function withFreeName(
  job: JobDocument,
  kind: EntityKind,
  body: Record<string, unknown>,
): Record<string, unknown> {
  if (kind === 'side') {
    const taken = new Set(job.sides.map((side) => side.letter))
    return typeof body.letter === 'string' && taken.has(body.letter)
      ? { ...body, letter: nextLetter(taken) }
      : body
  }
  if (kind === 'feature') {
    const numbers = job.features.filter((each) => each.side_id === body.side_id).map((each) => each.number)
    return numbers.includes(body.number as number) ? { ...body, number: Math.max(...numbers) + 1 } : body
  }
  if (kind === 'invoice') {
    const numbers = job.invoices.map((each) => each.number)
    return numbers.includes(body.number as number) ? { ...body, number: Math.max(...numbers) + 1 } : body
  }
  return body
}

/** The kind that has an id already: one id is one thing in a job file, whatever its kind. */
function kindWithId(job: JobDocument, id: string): EntityKind | null {
  return (
    ENTITY_KIND_NAMES.find((kind) => {
      const { key, many } = ENTITY_KINDS[kind]
      return many && (job[key] as unknown as readonly { id: string }[]).some((each) => each.id === id)
    }) ?? null
  )
}

function create(state: JobState, change: Extract<Change, { op: 'create' }>): Result<Applied, ChangeError> {
  const { entity } = change
  const single = !ENTITY_KINDS[entity.kind].many
  const there = single
    ? (state.job[ENTITY_KINDS[entity.kind].key] as unknown) !== null
    : findEntity(state.job, entity) !== null
  if (there) return err({ kind: 'already-there', entity: entity.kind, id: entity.id })
  const other = single ? null : kindWithId(state.job, entity.id)
  if (other) return err({ kind: 'already-there', entity: other, id: entity.id })
  const isFinding = entity.kind === 'finding'
  if (
    entity.kind === 'photo' &&
    state.job.photos.filter((photo) => !photo.removed).length >= PHOTO_LIMIT_PER_JOB
  ) {
    return err({ kind: 'too-many-photos', limit: PHOTO_LIMIT_PER_JOB })
  }
  const body = withFreeName(state.job, entity.kind, {
    ...change.body,
    id: entity.id,
    ...(isFinding ? { number: state.nextFindingNumber } : {}),
  })
  const checked = checkBody(state.job, entity.kind, body)
  if (!checked.ok) return checked
  const sequence = state.sequence + 1
  const stamp: FieldStamp = { sequence, device: change.device }
  return ok({
    state: {
      job: withEntity(state.job, entity.kind, checked.value),
      stamps: {
        ...state.stamps,
        [stampKey(entity)]: {
          revision: sequence,
          fields: Object.fromEntries(Object.keys(checked.value).map((field) => [field, stamp])),
        },
      },
      sequence,
      nextFindingNumber: state.nextFindingNumber + (isFinding ? 1 : 0),
    },
    overruled: {},
    before: {},
  })
}

function set(state: JobState, change: Extract<Change, { op: 'set' }>): Result<Applied, ChangeError> {
  const { entity } = change
  const old = findEntity(state.job, entity) as Record<string, unknown> | null
  if (old === null) return err({ kind: 'unknown-entity', entity: entity.kind, id: entity.id })
  const key = stampKey(entity)
  const stamps = state.stamps[key] ?? { revision: 0, fields: {} }
  if (change.base > stamps.revision) {
    return err({ kind: 'base-too-new', base: change.base, revision: stamps.revision })
  }
  const fixed = ['id', ...(FIXED[entity.kind] ?? [])].find((field) => field in change.fields)
  if (fixed) return err({ kind: 'fixed-field', field: fixed })
  const checked = checkBody(state.job, entity.kind, { ...old, ...change.fields })
  if (!checked.ok) return checked
  const sequence = state.sequence + 1
  const names = Object.keys(change.fields)
  const overruled: Record<string, { value: unknown; sequence: number }> = {}
  for (const name of names) {
    const last = stamps.fields[name]
    const differs = JSON.stringify(old[name]) !== JSON.stringify(change.fields[name])
    if (last && differs && last.sequence > change.base && last.device !== change.device) {
      overruled[name] = { value: old[name], sequence: last.sequence }
    }
  }
  const stamp: FieldStamp = { sequence, device: change.device }
  return ok({
    state: {
      ...state,
      job: withEntity(state.job, entity.kind, checked.value),
      stamps: {
        ...state.stamps,
        [key]: {
          revision: sequence,
          fields: { ...stamps.fields, ...Object.fromEntries(names.map((name) => [name, stamp])) },
        },
      },
      sequence,
    },
    overruled,
    before: Object.fromEntries(names.map((name) => [name, old[name]])),
  })
}

function addFact(state: JobState, change: Extract<Change, { op: 'fact' }>): Result<Applied, ChangeError> {
  const { fact } = change
  if (state.job.facts.some((each) => each.id === fact.id))
    return err({ kind: 'fact-already-there', id: fact.id })
  const unknown = unknownNames(state.job, namesInFact(fact))[0]
  if (unknown) return err({ kind: 'unknown-id', ...unknown })
  if (fact.kind === 'retraction' && fact.reason.trim() === '') {
    const taken = state.job.facts.find((each) => each.id === fact.fact_id)
    if (taken?.kind === 'hazard') return err({ kind: 'reason-needed' })
  }
  return ok({
    state: {
      ...state,
      job: { ...state.job, facts: [...state.job.facts, fact] },
      sequence: state.sequence + 1,
    },
    overruled: {},
    before: {},
  })
}

/**
 * Applies one change to a job, the same in the browser and on the server.
 *
 * A stale base is never refused: fields merge, and *later* means later in the server's sequence. What an editor overruled
 * without having seen it is returned, to be kept and shown.
 *
 * Fails: see `ChangeError`; on failure nothing has changed.
 */
export function applyChange(state: JobState, change: Change): Result<Applied, ChangeError> {
  if (change.schema > JOB_VERSION) return err({ kind: 'schema-too-new', schema: change.schema })
  if (change.schema < JOB_VERSION) return err({ kind: 'schema-too-old', schema: change.schema })
  switch (change.op) {
    case 'create':
      return create(state, change)
    case 'set':
      return set(state, change)
    case 'fact':
      return addFact(state, change)
  }
}

/** State of a job as if it had just been written down: every stamp at the beginning. */
export function initialState(job: JobDocument): JobState {
  const numbers = job.findings.map((finding) => finding.number ?? 0)
  return { job, stamps: {}, sequence: 0, nextFindingNumber: Math.max(0, ...numbers) + 1 }
}

type Fresh = { readonly id: string; readonly made_at: string; readonly device: string; readonly by: string }

/**
 * The change that takes one back, given what the fields were before.
 *
 * A creation is taken back by removing (the entity stays, marked), a fact by a retraction, which for a hazard needs a reason.
 */
export function inverseOf(
  change: Change,
  before: Readonly<Record<string, unknown>>,
  fresh: Fresh & { readonly revision: number; readonly reason: string; readonly factId: string },
): Change {
  const head = { id: fresh.id, schema: JOB_VERSION, made_at: fresh.made_at, device: fresh.device }
  switch (change.op) {
    case 'create':
      return { ...head, op: 'set', entity: change.entity, base: fresh.revision, fields: { removed: true } }
    case 'set':
      return { ...head, op: 'set', entity: change.entity, base: fresh.revision, fields: { ...before } }
    case 'fact':
      return {
        ...head,
        op: 'fact',
        fact: {
          kind: 'retraction',
          id: fresh.factId,
          by: fresh.by,
          at: fresh.made_at,
          fact_id: change.fact.id,
          reason: fresh.reason,
        },
      }
  }
}
