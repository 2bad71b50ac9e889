import type { JobSnapshotAnswer, TemplateAnswer } from '../core/contract'

/** A job as the server gave it, or as this device last knew it. */
export type Snapshot = JobSnapshotAnswer

/** What a new job starts from without a signal: the firm's settings as last seen, and who is signed in. */
export type Template = TemplateAnswer
