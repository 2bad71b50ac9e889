import { JobSnapshotAnswer, TemplateAnswer } from '../core/contract'
import { newJob, raiseStamps, readJob } from '../core/job'
import { call, failureWords } from './api'
import { JobStore } from './jobStore'
import type { LocalCopies } from './localCopies'
import { askWho, isStill, whoWorks } from './member'
import type { Snapshot, Template } from './snapshot'

type NotOpened = { readonly ok: false; readonly words: string; readonly signedOut: boolean }
export type Opened = { readonly ok: true; readonly store: JobStore } | NotOpened

const NOBODY: NotOpened = {
  ok: false,
  words: 'Nobody is signed in on this device. Sign in first.',
  signedOut: true,
}

/** The copies of whoever works here, or why there is nobody. */
async function copiesHere(): Promise<{ readonly ok: true; readonly local: LocalCopies } | NotOpened> {
  const who = await whoWorks()
  switch (who.kind) {
    case 'member':
      return { ok: true, local: who.copies }
    case 'nobody':
      return NOBODY
    case 'unknown':
      return who.failure.kind === 'no-signal'
        ? {
            ok: false,
            words: 'No signal, and nobody is signed in on this device. Sign in once with a signal.',
            signedOut: false,
          }
        : { ok: false, words: failureWords(who.failure), signedOut: false }
  }
}

async function keptHere(local: LocalCopies, jobId: string): Promise<JobStore | null> {
  const kept = await local.findJob(jobId).catch(() => null)
  const job = kept ? readJob(kept.snapshot.job) : null
  if (!kept || !job?.ok) return null
  // A copy that was still being written when his role changed holds what was told in the former one: the server tells it anew.
  if (!kept.unborn && kept.snapshot.member.role !== local.member.role) return null
  // What the member may do is what he may do today, not when the copy was made.
  const snapshot = {
    ...kept.snapshot,
    head: (kept.snapshot.head as string | null | undefined) ?? null,
    job: job.value,
    revisions: raiseStamps(kept.snapshot.revisions),
    member: local.member,
  }
  return new JobStore(jobId, snapshot, { unborn: kept.unborn, local })
}

/**
 * Opens a job: at once from this device when it is known here, else from the server; edits still waiting are put back on top,
 * and what others did meanwhile follows.
 */
export async function openJob(jobId: string): Promise<Opened> {
  const here = await copiesHere()
  if (!here.ok) return here
  const { local } = here
  const kept = await keptHere(local, jobId)
  if (kept) {
    await kept.takeUp()
    return { ok: true, store: kept }
  }
  const answer = await call(`/api/jobs/${jobId}`, JobSnapshotAnswer)
  if (!answer.ok) {
    const { failure } = answer
    return {
      ok: false,
      words:
        failure.kind === 'no-signal'
          ? 'No signal, and this job is not on this device yet. Open it once with a signal; after that it opens anywhere.'
          : failureWords(failure),
      signedOut: failure.kind === 'refused' && failure.status === 401,
    }
  }
  // The server answers whoever its cookie names: a job of another member is not kept under this one's seal.
  if (answer.value.member.id !== local.member.id) {
    await askWho()
    window.location.reload()
    return NOBODY
  }
  const store = new JobStore(jobId, answer.value, { local })
  await store.takeUp()
  if (isStill(local)) void store.remember()
  return { ok: true, store }
}

type Empty = { readonly ok: true; readonly snapshot: Snapshot; readonly local: LocalCopies } | NotOpened

/** A job with nothing in it yet but the firm's settings, as they are or as last seen here. Nothing is kept of it. */
export async function emptyJobHere(jobId: string, timeZone: string): Promise<Empty> {
  const here = await copiesHere()
  if (!here.ok) return here
  const { local } = here
  const answer = await call('/api/jobs/template', TemplateAnswer)
  if (!answer.ok && answer.failure.kind === 'refused') {
    return { ok: false, words: failureWords(answer.failure), signedOut: answer.failure.status === 401 }
  }
  if (answer.ok) await local.keepNote('template', answer.value).catch(() => undefined)
  const template: Template | undefined = answer.ok
    ? answer.value
    : ((await local.findNote('template').catch(() => undefined)) as Template | undefined)
  if (!template) {
    return {
      ok: false,
      words: 'No signal, and no job was ever begun on this device. Begin the first one with a signal.',
      signedOut: false,
    }
  }
  const { settings, rates, member } = template
  const job = newJob({ id: jobId, title: '', timeZone, settings, rates })
  return { ok: true, local, snapshot: { job, sequence: 0, head: null, revisions: {}, member } }
}

/** Begins a job without asking anyone: the firm's settings as last seen here. The server hears of it when it can. */
export async function beginJob(jobId: string, timeZone: string): Promise<Opened> {
  const empty = await emptyJobHere(jobId, timeZone)
  if (!empty.ok) return empty
  const { snapshot, local } = empty
  const store = new JobStore(jobId, snapshot, { unborn: true, local })
  await store.takeUp()
  await store.remember()
  return { ok: true, store }
}
