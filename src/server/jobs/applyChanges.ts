import 'server-only'
import { isDeepStrictEqual } from 'node:util'
import { z } from 'zod'
import {
  applyChange,
  Change,
  findEntity,
  JOB_VERSION,
  raiseChange,
  stampKey,
  type EntityKind,
  type Fact,
  type JobState,
  type Overruled,
} from '../../core/job'
import {
  findChanges,
  insertChange,
  insertFact,
  listEntities,
  listFacts,
  saveCounters,
  saveEntity,
} from '../../db/queries/jobs'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { Refused } from '../problem'
import { withheldKinds } from '../roles'
import { loadState, raisedBody, raisedFact } from './store'

/** A batch of edits, and the sequence up to which its sender knows the job. */
export const ChangesRequest = z.strictObject({
  /** Who made these edits: a queue is never taken in another person's name. */
  as: z.string().max(64).optional(),
  known: z.int().min(0),
  changes: z.array(z.preprocess((change) => raiseChange(change, JOB_VERSION), Change)).max(500),
})

/** What the sender did not know yet: its own edits as they stand, and those of others. */
export type ChangesAnswer = {
  readonly sequence: number
  readonly applied: readonly {
    readonly id: string
    readonly sequence: number
    readonly overruled: Overruled
  }[]
  readonly entities: readonly { kind: EntityKind; id: string; revision: number; body: unknown }[]
  readonly facts: readonly Fact[]
}

function sameChange(a: unknown, b: unknown): boolean {
  // The database hands keys back in its own order: equal is what holds the same, not what reads the same.
  const read = (change: unknown): Change => Change.parse(raiseChange(change, JOB_VERSION))
  return isDeepStrictEqual(read(a), read(b))
}

/** Kinds a role never writes; the others it may. */
function checkRole(change: Change, withheld: readonly EntityKind[]): void {
  if (change.op !== 'fact' && withheld.includes(change.entity.kind)) {
    throw new Refused({ kind: 'not-for-role', what: 'Money' })
  }
}

async function store(
  tx: Tx,
  state: JobState,
  of: { wish: Change; timed: Change },
  by: Member,
  result: { before: unknown; overruled: unknown },
): Promise<void> {
  const change = of.timed
  if (change.op === 'fact') {
    await insertFact(tx, state.job.id, {
      id: change.fact.id,
      sequence: state.sequence,
      schema: JOB_VERSION,
      body: change.fact,
    })
  } else {
    const body = findEntity(state.job, change.entity)
    await saveEntity(tx, state.job.id, {
      kind: change.entity.kind,
      id: change.entity.id,
      stamp: state.stamps[stampKey(change.entity)]!,
      schema: JOB_VERSION,
      body,
    })
  }
  await insertChange(tx, state.job.id, {
    sequence: state.sequence,
    id: change.id,
    author: by.userId,
    authorName: by.name,
    // As it came, so that the same queue sent again is known for the same.
    body: of.wish,
    before: result.before,
    overruled: result.overruled,
  })
}

/** A phone whose clock runs ahead writes nothing down for tomorrow: a fact is at the latest of now. */
function notAhead(change: Change, now: string): Change {
  return change.op === 'fact' && change.fact.at > now
    ? { ...change, fact: { ...change.fact, at: now } }
    : change
}

/** Signs a fact with whoever is signed in: the name in the request is only a wish. */
function signed(change: Change, by: Member): Change {
  return change.op === 'fact' ? { ...change, fact: { ...change.fact, by: by.name } } : change
}

/**
 * Applies a batch of edits in order, all or none, and answers with what the sender did not know.
 *
 * Idempotent: an edit whose id is in already is passed over. @throws Refused with the id of the edit that does not fit.
 */
export async function applyChanges(
  member: Member,
  jobId: string,
  request: z.infer<typeof ChangesRequest>,
): Promise<ChangesAnswer> {
  const { pool } = await context()
  if (request.as !== undefined && request.as !== member.userId) throw new Refused({ kind: 'other-person' })
  const withheld = withheldKinds(member.role)
  return withTx(pool, member.companyId, async (tx) => {
    let state = await loadState(tx, jobId, { lock: true, without: [] })
    const known = new Map(
      (
        await findChanges(
          tx,
          jobId,
          request.changes.map((change) => change.id),
        )
      ).map((row) => [row.id, row]),
    )
    const applied: { id: string; sequence: number; overruled: Overruled }[] = []
    for (const wish of request.changes) {
      const change = signed(wish, member)
      checkRole(change, withheld)
      const before = known.get(change.id)
      if (before) {
        if (!sameChange(before.body, change))
          throw new Refused({ kind: 'change-id-reused', changeId: change.id })
        applied.push({ id: change.id, sequence: before.sequence, overruled: before.overruled })
        continue
      }
      const received = `${new Date().toISOString().slice(0, 19)}Z`
      const timed = notAhead(change, received)
      const result = applyChange(state, timed)
      if (!result.ok) throw new Refused({ kind: 'change-refused', changeId: change.id, error: result.error })
      state = result.value.state
      await store(tx, state, { wish: change, timed }, member, result.value)
      applied.push({ id: change.id, sequence: state.sequence, overruled: result.value.overruled })
      known.set(change.id, {
        id: change.id,
        sequence: state.sequence,
        body: change,
        author_name: member.name,
        received_at: new Date(),
        before: result.value.before,
        overruled: result.value.overruled,
      })
    }
    await saveCounters(tx, {
      id: jobId,
      sequence: state.sequence,
      next_finding_number: state.nextFindingNumber,
    })
    const since = request.known + 1
    const entities = await listEntities(tx, jobId, { since, without: withheld })
    const facts = await listFacts(tx, jobId, since)
    return {
      sequence: state.sequence,
      applied,
      entities: entities.map((row) => ({
        kind: row.kind as EntityKind,
        id: row.id,
        revision: row.revision,
        body: raisedBody(row),
      })),
      facts: facts.map(raisedFact),
    }
  })
}
