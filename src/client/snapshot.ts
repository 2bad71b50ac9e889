import type { JobDocument } from '../core/job'

/** A job as the server gave it, or as this device last knew it. */
export type Snapshot = {
  readonly job: JobDocument
  readonly sequence: number
  readonly revisions: Readonly<Record<string, number>>
  readonly member: {
    readonly id: string
    readonly name: string
    readonly role: string
    readonly seesMoney: boolean
  }
}

/** What a new job starts from without a signal: the firm's settings as last seen, and who is signed in. */
export type Template = Pick<JobDocument, 'settings' | 'rates'> & { readonly member: Snapshot['member'] }
