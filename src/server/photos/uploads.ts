import 'server-only'
import { createHash } from 'node:crypto'
import { Sha256 } from '../../core/job'
import { hasBlob, insertBlob } from '../../db/queries/blobs'
import { findJob } from '../../db/queries/jobs'
import { addPart, dropParts, lockUpload, readParts, uploadedBytes } from '../../db/queries/uploads'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { Refused } from '../problem'
import { clipTypeOf } from './clips'
import { PHOTO_LIMIT, storePicture } from './pictures'

/** Largest piece of an upload. */
export const PART_LIMIT = { bytes: 1024 * 1024, words: '1 MB a piece' } as const

/** How far an upload is. It is named by the hash of the whole, so that any device can go on with it and twice is once. */
export type UploadState = { readonly have: number; readonly done: boolean }

async function checkJob(tx: Tx, jobId: string, sha256: string): Promise<void> {
  if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
  if (!Sha256.safeParse(sha256).success) throw new Refused({ kind: 'not-found', what: 'upload' })
}

export async function readUpload(member: Member, jobId: string, sha256: string): Promise<UploadState> {
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    await checkJob(tx, jobId, sha256)
    if (await hasBlob(tx, sha256)) return { have: 0, done: true }
    return { have: await uploadedBytes(tx, sha256), done: false }
  })
}

async function storeClip(tx: Tx, sha256: string, bytes: Buffer): Promise<void> {
  const mediaType = clipTypeOf(bytes)
  if (!mediaType) throw new Refused({ kind: 'not-a-clip', found: 'its content is none' })
  await insertBlob(tx, { sha256, rendition: 'clip', mediaType, bytes })
}

/**
 * Takes the next piece of an upload. With the last one the whole is checked against its hash and its content and kept.
 *
 * @throws Refused `wrong-part` when the piece does not follow what is here (the sender asks where to go on), `too-large`,
 * `wrong-hash`, `not-a-picture`, `not-a-clip`. A refused whole is forgotten, so that it can be sent again from the start.
 */
export async function takePart(
  member: Member,
  jobId: string,
  of: { sha256: string; at: number; total: number; what: 'photo' | 'clip'; bytes: Buffer },
): Promise<UploadState> {
  if (of.total > PHOTO_LIMIT.bytes) throw new Refused({ kind: 'too-large', limit: PHOTO_LIMIT.words })
  const { pool } = await context()
  const outcome = await withTx(pool, member.companyId, async (tx) => {
    await checkJob(tx, jobId, of.sha256)
    if (await hasBlob(tx, of.sha256)) return { have: of.total, done: true }
    await lockUpload(tx, of.sha256)
    const have = await uploadedBytes(tx, of.sha256)
    if (have !== of.at || of.bytes.length === 0 || have + of.bytes.length > of.total) {
      throw new Refused({ kind: 'wrong-part', have })
    }
    await addPart(tx, { uploadId: of.sha256, at: of.at, bytes: of.bytes })
    const now = have + of.bytes.length
    if (now < of.total) return { have: now, done: false }
    const whole = await readParts(tx, of.sha256)
    await dropParts(tx, of.sha256)
    if (createHash('sha256').update(whole).digest('hex') !== of.sha256)
      return new Refused({ kind: 'wrong-hash' })
    try {
      if (of.what === 'clip') await storeClip(tx, of.sha256, whole)
      else await storePicture(tx, whole)
    } catch (error) {
      // Handed out of the transaction, so that the pieces are dropped with it and not rolled back.
      if (error instanceof Refused) return error
      throw error
    }
    return { have: now, done: true }
  })
  if (outcome instanceof Refused) throw outcome
  return outcome
}
