import type { EntityKind } from './document'

type Body = Record<string, unknown>

/** What one version of the shape adds to the one before: fields that were not there, with what their absence meant. */
type Step = {
  readonly bodies: Partial<Record<EntityKind, Body>>
  readonly facts: Readonly<Record<string, Body>>
  /** Keys of the job file that were not there. */
  readonly file: Body
}

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
      area_work: { share_peeling_percent: null, note: '' },
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
}

function isBody(value: unknown): value is Body {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function through(body: unknown, from: number, to: number, added: (step: Step) => Body | undefined): unknown {
  if (!isBody(body)) return body
  let raised = body
  for (let version = from; version < to; version += 1) {
    const step = STEPS[version]
    raised = { ...(step ? added(step) : undefined), ...raised }
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

/** A change from a queue that is older than this program. */
export function raiseChange(change: unknown, to: number): unknown {
  if (!isBody(change) || typeof change.schema !== 'number' || change.schema >= to || change.schema < 1)
    return change
  const { schema } = change
  if (change.op === 'fact') return { ...change, schema: to, fact: raiseFact(change.fact, schema, to) }
  const entity = isBody(change.entity) ? (change.entity.kind as EntityKind) : null
  if (change.op === 'create' && entity) {
    return { ...change, schema: to, body: raiseBody(entity, change.body, schema, to) }
  }
  return { ...change, schema: to }
}
