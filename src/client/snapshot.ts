import type { JobSnapshotAnswer, TemplateAnswer } from '../core/contract'
import type { JobState } from '../core/job'

/** A job as the server gave it, or as this device last knew it. */
export type Snapshot = JobSnapshotAnswer

/** What a new job starts from without a signal: the firm's settings as last seen, and who is signed in. */
export type Template = TemplateAnswer

/** `before` as the server now has the job, so that it opens on this device without a signal. */
export function snapshotOf(server: JobState, head: string | null, before: Snapshot): Snapshot {
  const revisions = Object.entries(server.stamps).map(([key, { revision }]) => [key, revision] as const)
  const { job, sequence } = server
  return { ...before, job, sequence, head, revisions: Object.fromEntries(revisions) }
}
