import 'server-only'
import {
  ENTITY_KIND_NAMES,
  ENTITY_KINDS,
  JOB_FORMAT,
  JOB_VERSION,
  JobDocument,
  raiseBody,
  raiseFact,
  stampKey,
  type EntityKind,
  type EntityStamp,
  type Fact,
  type JobState,
} from '../../core/job'
import {
  findFacts,
  findJob,
  insertFact,
  insertJob,
  listEntities,
  listFacts,
  saveEntity,
  type EntityRow,
} from '../../db/queries/jobs'
import type { Tx } from '../../db/tx'
import { Refused } from '../problem'

/** What was written under an older shape is read in today's; it is written in it when it is next edited. */
export function raisedBody(row: EntityRow): unknown {
  return raiseBody(row.kind as EntityKind, row.body, row.schema, JOB_VERSION)
}

export function raisedFact(row: { schema: number; body: unknown }): Fact {
  return raiseFact(row.body, row.schema, JOB_VERSION) as Fact
}

function assemble(id: string, entities: readonly EntityRow[], facts: readonly unknown[]): JobDocument {
  const file: Record<string, unknown> = { format: JOB_FORMAT, version: JOB_VERSION, id, facts }
  for (const kind of ENTITY_KIND_NAMES) {
    const { key, many } = ENTITY_KINDS[kind]
    const bodies = entities.filter((row) => row.kind === kind).map(raisedBody)
    file[key] = many ? bodies : (bodies[0] ?? null)
  }
  return JobDocument.parse(file)
}

/**
 * A job with its stamps, put together from its rows; `facts` names those that are wanted where not all are: what an edit needs does
 * not grow with the facts a job has. @throws Refused `not-found` for another firm's job too.
 */
export async function loadState(
  tx: Tx,
  jobId: string,
  of: { lock: boolean; without: readonly EntityKind[]; facts?: readonly string[] },
): Promise<JobState> {
  const row = await findJob(tx, jobId, { lock: of.lock })
  if (!row) throw new Refused({ kind: 'not-found', what: 'job' })
  const entities = await listEntities(tx, jobId, { since: 0, without: of.without })
  const facts = of.facts ? await findFacts(tx, jobId, of.facts) : await listFacts(tx, jobId, 0)
  const stamps: Record<string, EntityStamp> = {}
  for (const each of entities) {
    stamps[stampKey({ kind: each.kind as EntityKind, id: each.id })] = {
      revision: each.revision,
      fields: each.stamps,
    }
  }
  return {
    job: assemble(jobId, entities, facts.map(raisedFact)),
    stamps,
    sequence: row.sequence,
    nextFindingNumber: row.next_finding_number,
  }
}

/** Every entity of a job with its kind, in the order of the job file. */
export function entitiesOf(job: JobDocument): { kind: EntityKind; entity: { id: string } }[] {
  return ENTITY_KIND_NAMES.flatMap((kind) => {
    const { key, many } = ENTITY_KINDS[kind]
    const held = job[key] as unknown
    if (held === null) return []
    return (many ? (held as { id: string }[]) : [held as { id: string }]).map((entity) => ({ kind, entity }))
  })
}

/** Writes a whole new job. @throws Refused `job-exists`. */
export async function writeJob(tx: Tx, job: JobDocument, createdBy: string): Promise<void> {
  const next = Math.max(0, ...job.findings.map((finding) => finding.number ?? 0)) + 1
  const fresh = await insertJob(tx, { id: job.id, createdBy, nextFindingNumber: next })
  if (!fresh) throw new Refused({ kind: 'job-exists' })
  for (const { kind, entity } of entitiesOf(job)) {
    await saveEntity(tx, job.id, {
      kind,
      id: entity.id,
      stamp: { revision: 0, fields: {} },
      schema: JOB_VERSION,
      body: entity,
    })
  }
  for (const fact of job.facts)
    await insertFact(tx, job.id, { id: fact.id, sequence: 0, schema: JOB_VERSION, body: fact })
}
