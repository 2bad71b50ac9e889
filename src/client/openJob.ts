import { newJob, readJob } from '../core/job'
import { call, failureWords } from './api'
import { JobStore } from './jobStore'
import { local } from './localDatabase'
import type { Snapshot, Template } from './snapshot'

export type Opened =
  | { readonly ok: true; readonly store: JobStore }
  | { readonly ok: false; readonly words: string; readonly signedOut: boolean }

/**
 * Opens a job: at once from this device when it is known here, else from the server; edits still waiting are put back on top,
 * and what others did meanwhile follows.
 */
export async function openJob(jobId: string): Promise<Opened> {
  const kept = await local()
    .jobs.get(jobId)
    .catch(() => undefined)
  const read = kept ? readJob(kept.snapshot.job) : null
  if (kept && read?.ok) {
    const store = new JobStore(jobId, { ...kept.snapshot, job: read.value }, { unborn: kept.unborn })
    await store.takeUp()
    return { ok: true, store }
  }
  const answer = await call<Snapshot>(`/api/jobs/${jobId}`)
  if (answer.ok) {
    const store = new JobStore(jobId, answer.value)
    await store.takeUp()
    void store.remember()
    return { ok: true, store }
  }
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

async function keptTemplate(): Promise<Template | undefined> {
  const kept = await local()
    .notes.get('template')
    .catch(() => undefined)
  return kept?.value as Template | undefined
}

type Empty =
  | { readonly ok: true; readonly snapshot: Snapshot }
  | { readonly ok: false; readonly words: string; readonly signedOut: boolean }

/** A job with nothing in it yet but the firm's settings, as they are or as last seen here. Nothing is kept of it. */
export async function emptyJobHere(jobId: string, timeZone: string): Promise<Empty> {
  const answer = await call<Template>('/api/jobs/template')
  if (!answer.ok && answer.failure.kind === 'refused') {
    return { ok: false, words: failureWords(answer.failure), signedOut: answer.failure.status === 401 }
  }
  if (answer.ok) {
    await local()
      .notes.put({ key: 'template', value: answer.value })
      .catch(() => undefined)
  }
  const template = answer.ok ? answer.value : await keptTemplate()
  if (!template) {
    return {
      ok: false,
      words: 'No signal, and no job was ever begun on this device. Begin the first one with a signal.',
      signedOut: false,
    }
  }
  const { settings, rates, member } = template
  const job = newJob({ id: jobId, title: '', timeZone, settings, rates })
  return { ok: true, snapshot: { job, sequence: 0, revisions: {}, member } }
}

/** Begins a job without asking anyone: the firm's settings as last seen here. The server hears of it when it can. */
export async function beginJob(jobId: string, timeZone: string): Promise<Opened> {
  const empty = await emptyJobHere(jobId, timeZone)
  if (!empty.ok) return empty
  const store = new JobStore(jobId, empty.snapshot, { unborn: true })
  await store.takeUp()
  await store.remember()
  return { ok: true, store }
}
