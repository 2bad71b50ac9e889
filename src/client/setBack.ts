import { CreatedAnswer, JobSnapshotAnswer, NewJobRequest } from '../core/contract'
import { actionToWrite, type Action } from '../core/firm'
import {
  fixedFields,
  lacking,
  newJob,
  stampKey,
  type Change,
  type JobDocument,
  type JobState,
  type Lacking,
} from '../core/job'
import { call, postJson } from './api'

/** A server that was set back: what this device knew of the job, what is lacking there, and whether the job is gone altogether. */
export type SetBack = {
  readonly mine: JobDocument
  readonly isGone: boolean
  readonly lost: readonly Lacking[]
}

/** What a server that has never heard of the job lacks: all of it. */
export function allLost(jobId: string, mine: JobDocument): SetBack {
  const { title, time_zone } = mine.job
  const { settings, rates } = mine
  const empty = newJob({ id: jobId, title, timeZone: time_zone, settings, rates })
  return { mine, isGone: true, lost: lacking(mine, empty, fixedFields) }
}

/** What the server has now, and what it lacks of what this device knew; null when it cannot be asked. */
export async function lostThere(
  jobId: string,
  mine: JobDocument,
): Promise<{ setBack: SetBack; theirs: JobSnapshotAnswer } | null> {
  const theirs = await call(`/api/jobs/${jobId}`, JobSnapshotAnswer)
  if (!theirs.ok) return null
  const lost = lacking(mine, theirs.value.job, fixedFields)
  return { setBack: { mine, isGone: false, lost }, theirs: theirs.value }
}

/** Makes a job anew that is gone; then as `lostThere`. */
export async function madeAnew(jobId: string, mine: JobDocument): ReturnType<typeof lostThere> {
  const { title, time_zone } = mine.job
  const made = await postJson(
    '/api/jobs',
    { asks: NewJobRequest, answers: CreatedAnswer },
    { id: jobId, title, time_zone },
  )
  if (!made.ok && made.failure.kind !== 'refused') return null
  return lostThere(jobId, mine)
}

type Fresh = () => { id: string; schema: number; made_at: string; device: string }

/** Edits that bring back what is lacking, as far as the member may write it. */
export function bringingBack(
  lost: readonly Lacking[],
  of: { fresh: Fresh; may: readonly Action[]; stamps: JobState['stamps'] },
): Change[] {
  return lost.flatMap((each): Change[] => {
    if (each.op === 'fact') return [{ ...of.fresh(), op: 'fact', fact: each.fact }]
    if (!of.may.includes(actionToWrite(each.kind))) return []
    if (each.op === 'create') {
      const entity = { kind: each.kind, id: each.body.id }
      return [{ ...of.fresh(), op: 'create', entity, body: { ...each.body } }]
    }
    const entity = { kind: each.kind, id: each.id }
    const base = of.stamps[stampKey(entity)]?.revision ?? 0
    return [{ ...of.fresh(), op: 'set', entity, base, fields: { ...each.fields } }]
  })
}
