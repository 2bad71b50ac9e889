import 'server-only'
import { createHash } from 'node:crypto'
import type { UploadAnswer } from '../../core/contract'
import { Sha256 } from '../../core/job'
import { hasBlob, insertBlob } from '../../db/queries/blobs'
import { findJob } from '../../db/queries/jobs'
import { addPart, dropParts, lockUpload, readParts, uploadedBytes } from '../../db/queries/uploads'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { Refused } from '../problem'
import { clipTypeOf } from './clips'
import { keepPicture, PHOTO_LIMIT, readyPicture } from './pictures'

/** Largest piece of an upload. */
export const PART_LIMIT = { bytes: 1024 * 1024, words: '1 MB a piece' } as const

/** How far an upload is. It is named by the hash of the whole, so that any device can go on with it and twice is once. */
export type UploadState = UploadAnswer

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

type Part = { sha256: string; at: number; total: number; what: 'photo' | 'clip'; bytes: Buffer }

/** What keeps a whole that was sent in pieces, made before a transaction is held. */
async function readyWhole(of: Part, whole: Buffer): Promise<(tx: Tx) => Promise<unknown>> {
  if (createHash('sha256').update(whole).digest('hex') !== of.sha256)
    throw new Refused({ kind: 'wrong-hash' })
  if (of.what === 'photo') {
    const picture = await readyPicture(whole)
    return (tx) => keepPicture(tx, picture)
  }
  const mediaType = clipTypeOf(whole)
  if (!mediaType) throw new Refused({ kind: 'not-a-clip', found: 'its content is none' })
  return (tx) => insertBlob(tx, { sha256: of.sha256, rendition: 'clip', mediaType, bytes: whole })
}

/** Adds a piece that follows what is here. @throws Refused `wrong-part`. */
async function follow(tx: Tx, of: Part): Promise<number> {
  const have = await uploadedBytes(tx, of.sha256)
  if (have !== of.at || of.bytes.length === 0 || have + of.bytes.length > of.total) {
    throw new Refused({ kind: 'wrong-part', have })
  }
  return have + of.bytes.length
}

/**
 * Takes the next piece of an upload. With the last one the whole is checked against its hash and its content and kept.
 *
 * @throws Refused `wrong-part` when the piece does not follow what is here (the sender asks where to go on), `too-large`,
 * `wrong-hash`, `not-a-picture`, `not-a-clip`. A refused whole is forgotten, so that it can be sent again from the start.
 */
export async function takePart(member: Member, jobId: string, of: Part): Promise<UploadState> {
  if (of.total > PHOTO_LIMIT.bytes) throw new Refused({ kind: 'too-large', limit: PHOTO_LIMIT.words })
  const { pool } = await context()
  const taken = await withTx(pool, member.companyId, async (tx): Promise<UploadState | { whole: Buffer }> => {
    await checkJob(tx, jobId, of.sha256)
    if (await hasBlob(tx, of.sha256)) return { have: of.total, done: true }
    await lockUpload(tx, of.sha256)
    const have = await follow(tx, of)
    // The last piece is kept with the whole, or not at all.
    if (have === of.total) return { whole: Buffer.concat([await readParts(tx, of.sha256), of.bytes]) }
    await addPart(tx, { uploadId: of.sha256, at: of.at, bytes: of.bytes })
    return { have, done: false }
  })
  if (!('whole' in taken)) return taken
  try {
    const keep = await readyWhole(of, taken.whole)
    await withTx(pool, member.companyId, async (tx) => {
      await lockUpload(tx, of.sha256)
      await keep(tx)
      await dropParts(tx, of.sha256)
    })
  } catch (error) {
    if (error instanceof Refused) await withTx(pool, member.companyId, (tx) => dropParts(tx, of.sha256))
    throw error
  }
  return { have: of.total, done: true }
}
