import { type ChangesRequest } from '../../core/contract'
import 'server-only'
import { isDeepStrictEqual } from 'node:util'
import { type z } from 'zod'
import {
  applyChange,
  Change,
  findEntity,
  JOB_VERSION,
  raiseChange,
  stampKey,
  type EntityKind,
  type JobState,
} from '../../core/job'
import type { ChangesAnswer } from '../../core/contract'
import { actionToWrite, may, withheldKinds } from '../../core/firm'
import {
  findChangeAt,
  findChanges,
  findJob,
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
import { loadState, raisedBody, raisedFact } from './store'

function sameChange(a: unknown, b: unknown): boolean {
  // The database hands keys back in its own order: equal is what holds the same, not what reads the same.
  // Who signed is the server's to say: somebody renamed since sends the same fact still.
  const read = (change: unknown): Change => {
    const parsed = Change.parse(raiseChange(change, JOB_VERSION))
    return parsed.op === 'fact' ? { ...parsed, fact: { ...parsed.fact, by: '' } } : parsed
  }
  return isDeepStrictEqual(read(a), read(b))
}

const NOT_FOR_ROLE = { 'see-money': 'Money', 'change-settings': 'Changing settings' } as const

/** What a role may not write is refused, with the edit's id. */
function checkRole(change: Change, member: Member): void {
  const action = change.op === 'fact' ? 'edit-work' : actionToWrite(change.entity.kind)
  if (may(member.role, action)) return
  const what = action in NOT_FOR_ROLE ? NOT_FOR_ROLE[action as keyof typeof NOT_FOR_ROLE] : 'Editing jobs'
  throw new Refused({ kind: 'not-for-role', what, changeId: change.id })
}

/** Ids of the facts that applying these changes looks at: their own, and those they take back. */
function factsNamed(changes: readonly Change[]): string[] {
  return changes.flatMap((change) => {
    if (change.op !== 'fact') return []
    const { fact } = change
    return fact.kind === 'retraction' ? [fact.id, fact.fact_id] : [fact.id]
  })
}

/** @throws Refused `set-back` when the server knows less than the sender was told before. */
async function checkHistory(
  tx: Tx,
  job: { id: string; sequence: number },
  told: { known: number; head?: string | null | undefined },
): Promise<void> {
  const isSetBack =
    told.known > job.sequence ||
    (told.head && told.known > 0 && (await findChangeAt(tx, job.id, told.known)) !== told.head)
  if (isSetBack) throw new Refused({ kind: 'set-back', sequence: job.sequence })
}

async function answerSince(
  tx: Tx,
  job: { id: string; sequence: number },
  of: { since: number; withheld: readonly EntityKind[]; applied: ChangesAnswer['applied'] },
): Promise<ChangesAnswer> {
  const since = of.since + 1
  const isNews = job.sequence >= since
  const entities = isNews ? await listEntities(tx, job.id, { since, without: of.withheld }) : []
  const facts = isNews ? await listFacts(tx, job.id, since) : []
  return {
    sequence: job.sequence,
    head: job.sequence === 0 ? null : await findChangeAt(tx, job.id, job.sequence),
    applied: of.applied,
    entities: entities.map((row) => ({
      kind: row.kind as EntityKind,
      id: row.id,
      revision: row.revision,
      body: raisedBody(row),
    })),
    facts: facts.map(raisedFact),
  }
}

/** What others did since, without holding anybody up: nothing is locked, and nothing is read where nothing changed. */
export async function readChanges(
  member: Member,
  jobId: string,
  told: { known: number; head: string | null },
): Promise<ChangesAnswer> {
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    const job = await findJob(tx, jobId, { lock: false })
    if (!job) throw new Refused({ kind: 'not-found', what: 'job' })
    await checkHistory(tx, job, told)
    return answerSince(tx, job, { since: told.known, withheld: withheldKinds(member.role), applied: [] })
  })
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
  return withTx(pool, member.companyId, async (tx) => {
    let state = await loadState(tx, jobId, { lock: true, without: [], facts: factsNamed(request.changes) })
    await checkHistory(tx, { id: jobId, sequence: state.sequence }, request)
    const ids = request.changes.map((change) => change.id)
    const known = new Map((await findChanges(tx, jobId, ids)).map((row) => [row.id, row]))
    const applied: ChangesAnswer['applied'] = []
    for (const wish of request.changes) {
      const change = signed(wish, member)
      checkRole(change, member)
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
    return answerSince(
      tx,
      { id: jobId, sequence: state.sequence },
      { since: request.known, withheld: withheldKinds(member.role), applied },
    )
  })
}
