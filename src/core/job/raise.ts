import type { EntityKind } from './document'
import { toWorkItem, workItemFields, workItemsOf } from './raiseWork'

type Body = Record<string, unknown>
/** Fields that were not there, with what their absence meant; or the way over where a shape was moved, split or named anew. */
type Raise = Body | ((body: Body) => Body)

/** What one version of the shape changes of the one before. */
type Step = {
  readonly bodies: Partial<Record<EntityKind, Raise>>
  /** Of an edit that sets some fields; absent: they are called as before. */
  readonly fields?: Partial<Record<EntityKind, (fields: Body) => Body>>
  readonly facts: Readonly<Record<string, Body>>
  /** Keys of the job file. */
  readonly file: Raise
}

/** Kinds that became another one: what a queue, a log or an old file calls them, and what they are now. */
export const BECAME: Readonly<Record<string, EntityKind>> = { repair: 'work_item', area_work: 'work_item' }

/** No rate may be below nothing: an older program took one, and it made the work cheaper the longer it took. */
function notBelowZero(rates: Body): Body {
  const least = (value: unknown): unknown =>
    typeof value === 'number' ? Math.max(0, value) : isBody(value) ? each(value) : value
  const each = (held: Body): Body =>
    Object.fromEntries(Object.entries(held).map(([name, value]) => [name, least(value)]))
  return each(rates)
}

/** The one item that an alternate stood in for became a list; an edit that did not touch it leaves it alone. */
function insteadOf({ alternate_of, ...body }: Body, absent: unknown): Body {
  if (alternate_of === undefined) return absent === undefined ? body : { instead_of: absent, ...body }
  return { ...body, instead_of: alternate_of === null ? [] : [alternate_of] }
}

/** The edition that jobs were begun with before they named one. */
export const UNNAMED_EDITION = 'before 2026-11'

/** Of a gutter nobody had said how it hangs and how large it is. */
const gutterHung = (feature: Body): Body =>
  feature.kind === 'gutter'
    ? { profile: 'unknown', top_width: null, hangers: 'unknown', hangers_apart: null, ...feature }
    : feature

/** Of a floor frame only the supports that were to be raised were listed. */
function supportsOf({ lifts, ...fields }: Body): Body {
  if (!Array.isArray(lifts)) return fields
  return {
    supports: lifts.map((each: Body) => ({ along: null, stands: null, on: null, ...each })),
    ...fields,
  }
}

const framed = (survey: Body): Body =>
  survey.kind === 'frame'
    ? { other_span: null, girder: null, floors: 1, wall_above: 'none', members: [], ...supportsOf(survey) }
    : survey

const placed = (survey: Body): Body =>
  survey.kind === 'frame' ? { line_side_id: null, line_from: null, line_in: null, ...survey } : survey

/** Steps up, by the version they start from. A queue, a row and a file of any age pass through the same ones. */
export const STEPS: Readonly<Record<number, Step>> = {
  1: {
    bodies: {
      house: { climate: null },
      side: {
        clad_parts: [],
        ground_left: 0,
        ground_right: 0,
        floor_shift: 0,
        length_how: 'taped',
        length_low: null,
        length_high: null,
        height_how: 'taped',
      },
      feature: { size_how: 'taped' },
      photo: { order: 0, canvas: null, marks: [] },
      finding: { clip_ids: [], earlier_repair: 'not-noted', detail_id: null },
      work_item: (body) =>
        body.kind === 'paint-side' ? { share_peeling_percent: null, note: '', ...body } : body,
    },
    facts: {
      coverage: { stood: null },
      hold: { way: 'other' },
      reading: { species: '', wood_temperature_c: null, instrument: '' },
    },
    file: {
      intake: null,
      response_list: null,
      clips: [],
      scope_stretches: [],
      response_items: [],
      framing_pieces: [],
    },
  },
  2: {
    bodies: { house: { surroundings: null }, finding: { spot: null } },
    facts: {},
    file: { source_decisions: [] },
  },
  // Version 4 only adds a kind of feature: nothing older lacks a field.
  3: { bodies: {}, facts: {}, file: {} },
  // Repairs and area work became work items with the same ids, and findings may say how wide a face is.
  4: {
    bodies: {
      finding: { face_width: null },
      settings: { catalogue_edition: UNNAMED_EDITION, values: {} },
      rates: notBelowZero,
      work_item: toWorkItem,
    },
    facts: {},
    file: workItemsOf,
  },
  // Version 6 only lets a value of the firm be words: nothing older lacks a field.
  5: { bodies: {}, facts: {}, file: {} },
  // Version 7: what makes work go slower; nobody had noted any.
  6: {
    bodies: { house: { conditions: [], crawl_clearance: null }, side: { conditions: [] } },
    facts: {},
    file: {},
  },
  // Version 8 only lets a place say that its station is not known: older ones all knew theirs.
  7: { bodies: {}, facts: {}, file: {} },
  // Version 9 only adds a kind of fact, the free note: nothing older lacks a field.
  8: { bodies: {}, facts: {}, file: {} },
  // Version 10: an alternate may stand in for several; bases, own sentences, chances by hand; shares of the price and payments by stage.
  9: {
    bodies: {
      finding: { behind: null },
      settings: {
        bid: {
          paper: 'letter',
          prices: 'each',
          heads: 'place',
          opening: '',
          closing: '',
          tells_waiting: false,
        },
      },
      rates: {
        supervision_share: 0,
        warranty_reserve_share: 0,
        card_fee_share: 0,
        // What was agreed stood in words alone, and stands there still.
        payments: { stages: [], deposit_limit_share: null, deposit_limit_cents: null },
      },
      work_item: (body) => ({ requires: [], basis: 'fixed', owner_says: '', ...insteadOf(body, []) }),
    },
    fields: { work_item: (fields) => insteadOf(fields, undefined) },
    facts: {},
    file: {},
  },
  // Version 11: dated surveys; nobody had kept any. Every house was a house.
  10: { bodies: { house: { kind: 'house' } }, facts: {}, file: { surveys: [] } },
  // Version 12: when the work is done, by whom, and what has to come from elsewhere.
  11: { bodies: {}, facts: {}, file: { plan: null, plan_days: [], plan_marks: [], bookings: [] } },
  // Before version 13 nothing was opened in a job, and no sum was agreed under which a crew goes on: nobody may without a yes.
  12: {
    bodies: { rates: { finds: { go_on_cents: 0, answer_hours: 24 } } },
    facts: {},
    file: { opened_places: [], change_orders: [], order_answers: [] },
  },
  // Before version 14 nobody wrote down hours, money or the end of a job, and no job was a claim on another.
  13: {
    bodies: { job: { claim_of: null } },
    facts: {},
    file: {
      ...{
        work_spells: [],
        bought_goods: [],
        finished_items: [],
        handover: null,
        follow_ups: [],
        claims: [],
      },
      ...{ receipts: [], invoices: [], payments: [] },
    },
  },
  // Version 15: a good may be a board of any section, and a value of the firm says what its jobs were weighed against. Nobody had said.
  14: { bodies: {}, facts: {}, file: {} },
  // Version 16: what was seen may be said to the owner in the firm's own words. Nobody had.
  15: { bodies: { work_item: { owner_sees: '' } }, facts: {}, file: {} },
  // Version 17: how a gutter hangs and how large it is; what happened to the house and when, and since when damage was seen; a stretch of
  // the scope line that holds for a height or for parts; what had done the damage, seen when it was opened, beside what had been said;
  // what must stay, and whom one may talk to; what a cladding stands on.
  16: {
    bodies: {
      feature: gutterHung,
      job: { must_stay: '', may_talk_to: '' },
      side: { behind: 'unknown' },
      finding: { first_seen: null },
      scope_stretch: { below: null, above: null, parts: [] },
      opened_place: { told: null, caused_by: null },
    },
    facts: {},
    file: { house_events: [] },
  },
  // Version 18: whether local code asks for a permit, which nobody had said; supports and members of a floor, one by one;
  // what a meter’s table adds for a species, which nobody had looked up.
  17: {
    bodies: { job: { permit: 'unknown' }, survey: framed },
    fields: { survey: supportsOf },
    facts: { reading: { species_points: null } },
    file: {},
  },
  // Version 19: where the line of supports of a floor lies, so that it can be drawn.
  18: { bodies: { survey: placed }, facts: {}, file: {} },
}

function isBody(value: unknown): value is Body {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function through(body: unknown, from: number, to: number, of: (step: Step) => Raise | undefined): unknown {
  if (!isBody(body)) return body
  let raised = body
  for (let version = from; version < to; version += 1) {
    const step = STEPS[version]
    const raise = step && of(step)
    raised = typeof raise === 'function' ? raise(raised) : { ...raise, ...raised }
  }
  return raised
}

/** The body of an entity kept under an older version, in the shape of a newer one. What is no body is left to the schema to refuse. */
export function raiseBody(kind: EntityKind, body: unknown, from: number, to: number): unknown {
  return through(body, from, to, (step) => step.bodies[kind])
}

export function raiseFact(fact: unknown, from: number, to: number): unknown {
  const kind = isBody(fact) && typeof fact.kind === 'string' ? fact.kind : ''
  return through(fact, from, to, (step) => step.facts[kind])
}

/** A whole job file; `keys` names where each kind of entity stands in it. */
export function raiseFile(
  file: unknown,
  from: number,
  to: number,
  keys: readonly { kind: EntityKind; key: string }[],
): unknown {
  const raised = through(file, from, to, (step) => step.file)
  if (!isBody(raised)) return raised
  const whole: Body = { ...raised, version: to }
  for (const { kind, key } of keys) {
    const held = whole[key]
    whole[key] = Array.isArray(held)
      ? held.map((each) => raiseBody(kind, each, from, to))
      : raiseBody(kind, held, from, to)
  }
  if (Array.isArray(whole.facts)) whole.facts = whole.facts.map((fact) => raiseFact(fact, from, to))
  return whole
}

/** Stamps of entities whose kind became another: they are kept under the name of today. */
export function raiseStamps<T>(stamps: Readonly<Record<string, T>>): Record<string, T> {
  return Object.fromEntries(
    Object.entries(stamps).map(([key, stamp]) => {
      const at = key.indexOf('/')
      const kind = BECAME[key.slice(0, at)]
      return [kind === undefined ? key : `${kind}${key.slice(at)}`, stamp]
    }),
  )
}

/** A change from a queue that is older than this program, or from the log of one. */
export function raiseChange(change: unknown, to: number): unknown {
  if (!isBody(change) || typeof change.schema !== 'number' || change.schema >= to || change.schema < 1)
    return change
  const { schema } = change
  if (change.op === 'fact') return { ...change, schema: to, fact: raiseFact(change.fact, schema, to) }
  const entity = isBody(change.entity) ? change.entity : null
  const was = typeof entity?.kind === 'string' ? entity.kind : null
  if (entity === null || was === null) return { ...change, schema: to }
  const kind = BECAME[was] ?? (was as EntityKind)
  const named = { ...change, schema: to, entity: { ...entity, kind } }
  if (change.op === 'create') return { ...named, body: raiseBody(kind, change.body, schema, to) }
  if (!isBody(change.fields)) return named
  const moved = was in BECAME ? workItemFields(change.fields) : change.fields
  return { ...named, fields: through(moved, schema, to, (step) => step.fields?.[kind]) }
}
