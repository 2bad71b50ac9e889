import type { JobDocument, Lacking } from '../core/job'
import type { Sending } from './exchange'
import type { RefusedEdit, UnreadableEdit } from './localCopies'
import type { Snapshot } from './snapshot'

/** Said before a page is left that alone holds what was entered. */
export const NOT_KEPT =
  'What you entered is only in this page: it could not be sent, and this browser’s storage is full or switched off. Leave the page open and try again with a signal, or make room on the device.'

/** A job as its page sees it. */
export type JobView = {
  /** As edited this instant, what was removed included. */
  readonly job: JobDocument
  /** The server's count of edits: raised whenever one of anybody's arrives. */
  readonly sequence: number
  readonly member: Snapshot['member']
  readonly waiting: number
  readonly picturesWaiting: number
  /** Edits and pictures whose keeping the browser has not confirmed yet. */
  readonly unconfirmed: number
  /** Edits and pictures only in this page: the browser's storage was full or switched off. */
  readonly notKept: number
  readonly sending: Sending
  /** Since when they cannot be sent, milliseconds of this device's clock; null while they can. */
  readonly since: number | null
  /** The last edit that was refused, and why; it was taken off the job again and stands in `refusedEdits`. */
  readonly refused: string | null
  readonly refusedEdits: readonly RefusedEdit[]
  readonly unreadableEdits: readonly UnreadableEdit[]
  readonly refusedPictures: readonly { readonly sha256: string; readonly why: string }[]
  /** What this device has and a server that was set back lacks; null: the server was not set back. */
  readonly setBack: readonly Lacking[] | null
  readonly canUndo: boolean
  readonly canRedo: boolean
  /** The last edit noted a hazard: taking it back wants a reason. */
  readonly undoWantsReason: boolean
  /** Edits of others that one of ours overruled unseen. */
  readonly overruled: number
  /** Minutes this device's clock is off, when that matters. */
  readonly clockOff_min: number | null
}
