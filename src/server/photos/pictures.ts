import 'server-only'
import exifr from 'exifr'
import { createHash } from 'node:crypto'
import sharp, { type OutputInfo } from 'sharp'
import { findBlob, insertBlob, type BlobRow, type Rendition } from '../../db/queries/blobs'
import { findJob } from '../../db/queries/jobs'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { Refused } from '../problem'

export const PHOTO_LIMIT = { bytes: 25 * 1024 * 1024, words: '25 MB a picture' } as const

const MEDIA = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' } as const

/** What the job keeps of a picture; the bytes lie under the hash. */
export type StoredPicture = {
  readonly sha256: string
  readonly media_type: (typeof MEDIA)[keyof typeof MEDIA]
  readonly bytes: number
  readonly width_px: number
  readonly height_px: number
  readonly taken_at: string | null
}

/** When the picture says it was taken; a camera without an offset is taken at its word as UTC. */
async function takenAt(bytes: Buffer): Promise<string | null> {
  const tags: unknown = await exifr
    .parse(bytes, { pick: ['DateTimeOriginal', 'OffsetTimeOriginal'], reviveValues: false })
    .catch(() => null)
  const { DateTimeOriginal: date, OffsetTimeOriginal: offset } = (tags ?? {}) as Record<string, unknown>
  const found = typeof date === 'string' ? /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(date) : null
  if (!found) return null
  const zone = typeof offset === 'string' && /^[+-]\d\d:\d\d$/.test(offset) ? offset : 'Z'
  const moment = new Date(`${found[1]}-${found[2]}-${found[3]}T${found[4]}${zone}`)
  return Number.isNaN(moment.getTime()) ? null : `${moment.toISOString().slice(0, 19)}Z`
}

/**
 * Checks a picture by its content, keeps the original, and makes renditions turned upright and without any metadata, so that
 * no place leaves with them.
 *
 * @throws Refused `not-a-picture` when the bytes are no whole JPEG, PNG or WebP.
 */
export async function storePicture(tx: Tx, bytes: Buffer): Promise<StoredPicture> {
  const sha256 = createHash('sha256').update(bytes).digest('hex')
  let format: string | undefined
  try {
    const meta = await sharp(bytes).metadata()
    format = meta.format
  } catch {
    throw new Refused({ kind: 'not-a-picture', found: 'its content is none' })
  }
  if (format !== 'jpeg' && format !== 'png' && format !== 'webp') {
    throw new Refused({ kind: 'not-a-picture', found: format })
  }
  const rendition = async (edge_px: number): Promise<{ data: Buffer; info: OutputInfo }> => {
    try {
      return await sharp(bytes)
        .rotate()
        .resize(edge_px, edge_px, { fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .jpeg({ quality: 82 })
        .toBuffer({ resolveWithObject: true })
    } catch {
      throw new Refused({ kind: 'not-a-picture', found: `a ${format} that is cut short or broken` })
    }
  }
  const [screen, thumbnail] = [await rendition(1600), await rendition(320)]
  await insertBlob(tx, { sha256, rendition: 'original', mediaType: MEDIA[format], bytes })
  await insertBlob(tx, { sha256, rendition: 'screen', mediaType: 'image/jpeg', bytes: screen.data })
  await insertBlob(tx, { sha256, rendition: 'thumbnail', mediaType: 'image/jpeg', bytes: thumbnail.data })
  return {
    sha256,
    media_type: MEDIA[format],
    bytes: bytes.length,
    width_px: screen.info.width,
    height_px: screen.info.height,
    taken_at: await takenAt(bytes),
  }
}

/** Takes a picture in for a job. */
export async function uploadPhoto(member: Member, jobId: string, bytes: Buffer): Promise<StoredPicture> {
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    return storePicture(tx, bytes)
  })
}

/** A picture of the firm. The original only for a member, and never for an owner's link. */
export async function readPhoto(member: Member, sha256: string, rendition: Rendition): Promise<BlobRow> {
  const { pool } = await context()
  const blob = await withTx(pool, member.companyId, (tx) => findBlob(tx, sha256, rendition))
  if (!blob) throw new Refused({ kind: 'not-found', what: 'picture' })
  return blob
}
