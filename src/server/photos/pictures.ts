import 'server-only'
import exifr from 'exifr'
import { createHash } from 'node:crypto'
import pLimit from 'p-limit'
import type { Pool } from 'pg'
import sharp, { type Sharp, type SharpOptions } from 'sharp'
import { findBlob, insertBlob, type BlobRow, type Rendition } from '../../db/queries/blobs'
import { findJob } from '../../db/queries/jobs'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import { mustBeAllowed, type Member } from '../http'
import { Refused } from '../problem'

export const PHOTO_LIMIT = { bytes: 25 * 1024 * 1024, words: '25 MB a picture' } as const

/** A picture is read only up to this many pixels, whatever its file's size: a small file can open into a very large picture. */
const MOST_PIXELS = 100_000_000
const SLOWEST_S = 20
/** Pictures worked on at once in this process; the others wait, and requests without pictures do not. */
const AT_ONCE = 2
const OPTIONS: SharpOptions = { limitInputPixels: MOST_PIXELS, sequentialRead: true, failOn: 'error' }
/** A picture on paper is 2.4 in wide; at 210 dots an inch nothing more is to be seen. */
const PRINT_EDGE_PX = 500

const inTurn = pLimit(AT_ONCE)
// Each picture in one thread: two at once fill the machine no more than two others would.
sharp.concurrency(1)

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

/** A picture looked at and made ready to be kept: nothing of it is in the database yet. */
export type ReadyPicture = {
  readonly stored: StoredPicture
  readonly original: Buffer
  readonly screen: Buffer
  readonly thumbnail: Buffer
}

async function upright(of: Sharp, edge_px: number, quality: number): Promise<Buffer> {
  return of
    .rotate()
    .resize(edge_px, edge_px, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .timeout({ seconds: SLOWEST_S })
    .jpeg({ quality })
    .toBuffer()
}

/**
 * Checks a picture by its content, and makes renditions turned upright and without any metadata, so that no place leaves with
 * them. Bounded in pixels, time and number at once; the work is done outside the main thread.
 *
 * @throws Refused `not-a-picture` when the bytes are no whole JPEG, PNG or WebP, or open into too large a picture.
 */
export function readyPicture(bytes: Buffer): Promise<ReadyPicture> {
  return inTurn(async () => {
    let format: string | undefined
    try {
      const meta = await sharp(bytes, OPTIONS).metadata()
      format = meta.format
      if ((meta.width || 0) * (meta.height || 0) > MOST_PIXELS)
        throw new Refused({ kind: 'not-a-picture', found: 'over 100 megapixels' })
    } catch (error) {
      if (error instanceof Refused) throw error
      throw new Refused({ kind: 'not-a-picture', found: 'its content is none' })
    }
    if (format !== 'jpeg' && format !== 'png' && format !== 'webp') {
      throw new Refused({ kind: 'not-a-picture', found: format })
    }
    try {
      const screen = await upright(sharp(bytes, OPTIONS), 1600, 82)
      const thumbnail = await upright(sharp(screen, OPTIONS), 320, 82)
      const size = await sharp(screen).metadata()
      return {
        stored: {
          sha256: createHash('sha256').update(bytes).digest('hex'),
          media_type: MEDIA[format],
          bytes: bytes.length,
          width_px: size.width,
          height_px: size.height,
          taken_at: await takenAt(bytes),
        },
        original: bytes,
        screen,
        thumbnail,
      }
    } catch {
      throw new Refused({ kind: 'not-a-picture', found: `a ${format} that is cut short or broken` })
    }
  })
}

/** Keeps a picture and its renditions. */
export async function keepPicture(tx: Tx, { stored, ...renditions }: ReadyPicture): Promise<StoredPicture> {
  const { sha256, media_type } = stored
  await insertBlob(tx, { sha256, rendition: 'original', mediaType: media_type, bytes: renditions.original })
  await insertBlob(tx, { sha256, rendition: 'screen', mediaType: 'image/jpeg', bytes: renditions.screen })
  await insertBlob(tx, {
    sha256,
    rendition: 'thumbnail',
    mediaType: 'image/jpeg',
    bytes: renditions.thumbnail,
  })
  return stored
}

/** A picture as large as paper needs it. */
export function printSize(screen: Buffer): Promise<Buffer> {
  return inTurn(() => upright(sharp(screen, OPTIONS), PRINT_EDGE_PX, 74))
}

/** Whether a picture says where it was taken. */
async function hasPlace(bytes: Buffer): Promise<boolean> {
  const tags: unknown = await exifr
    .parse(bytes, { gps: true, xmp: true, mergeOutput: true })
    .catch(() => null)
  return (
    tags !== null &&
    typeof tags === 'object' &&
    Object.keys(tags).some((name) => /gps|latitude|location/i.test(name))
  )
}

/**
 * A picture as it may leave: the original when it names no place, else the same picture at full size, upright, without what the
 * camera wrote into it.
 */
export async function withoutPlace(bytes: Buffer, mediaType: StoredPicture['media_type']): Promise<Buffer> {
  if (!(await hasPlace(bytes))) return bytes
  return inTurn(() => {
    const turned = sharp(bytes, OPTIONS).rotate().timeout({ seconds: SLOWEST_S })
    switch (mediaType) {
      case 'image/jpeg':
        return turned.jpeg({ quality: 93 }).toBuffer()
      case 'image/png':
        return turned.png().toBuffer()
      case 'image/webp':
        return turned.webp({ quality: 93 }).toBuffer()
    }
  })
}

/** Takes a picture in for a job. */
export async function uploadPhoto(member: Member, jobId: string, bytes: Buffer): Promise<StoredPicture> {
  const { pool } = await context()
  const there = await withTx(pool, member.companyId, (tx) => findJob(tx, jobId, { lock: false }))
  if (!there) throw new Refused({ kind: 'not-found', what: 'job' })
  const ready = await readyPicture(bytes)
  return withTx(pool, member.companyId, (tx) => keepPicture(tx, ready))
}

/** A picture of the firm. The original, with the place it was taken at, is for the office. */
export async function readPhoto(member: Member, sha256: string, rendition: Rendition): Promise<BlobRow> {
  if (rendition === 'original') mustBeAllowed(member, 'get-originals', 'The original with its place')
  const { pool, readPool } = await context()
  const find = (from: Pool): Promise<BlobRow | null> =>
    withTx(from, member.companyId, (tx) => findBlob(tx, sha256, rendition))
  // A picture never changes: a copy of the database has it or does not have it yet, and is never wrong.
  const blob = (await find(readPool)) ?? (readPool === pool ? null : await find(pool))
  if (!blob) throw new Refused({ kind: 'not-found', what: 'picture' })
  return blob
}
