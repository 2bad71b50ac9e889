import 'server-only'
import { strToU8, Zip, ZipPassThrough } from 'fflate'
import { createHash } from 'node:crypto'
import { may, withheldKinds } from '../../core/firm'
import { isStorable, parseJobFile, printJobFile, withoutMoney, type JobDocument } from '../../core/job'
import { findBlob, insertBlob } from '../../db/queries/blobs'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import { isTooDeep } from '../depth'
import { mustBeAllowed, type Member } from '../http'
import { clipTypeOf, clipWithoutPlace } from '../photos/clips'
import { keepPicture, readyPicture, withoutPlace } from '../photos/pictures'
import { Refused } from '../problem'
import { inThread } from '../threads'
import { loadState, writeJob } from './store'

const PICTURE_ENDINGS = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const
const CLIP_ENDINGS = {
  'audio/webm': 'weba',
  'audio/ogg': 'ogg',
  'audio/mp4': 'm4a',
  'audio/mpeg': 'mp3',
  'audio/wav': 'wav',
  'video/webm': 'webm',
  'video/mp4': 'mp4',
} as const satisfies Record<JobDocument['clips'][number]['media_type'], string>
const JOB_FILE = 'job.json'
/** A zip may hold this much once opened; a small zip can open into a very large one. */
const LARGEST_OPENED_BYTES = 400 * 1024 * 1024
const MOST_FILES = 1000

const sha256 = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/** The job as an open file. Money goes only to those who may see it. */
export async function exportJob(member: Member, jobId: string): Promise<JobDocument> {
  const { pool } = await context()
  const { job } = await withTx(pool, member.companyId, (tx) =>
    loadState(tx, jobId, { lock: false, without: withheldKinds(member.role) }),
  )
  return may(member.role, 'see-money') ? job : withoutMoney(job)
}

type Leaving = { readonly name: string; readonly bytes: Uint8Array }

/**
 * The files of a job one after the other, its job file last: pictures and recordings without the place they were taken at unless
 * originals are asked for. What is changed so leaves under the hash of what it then is.
 */
async function* filesOf(member: Member, jobId: string, originals: boolean): AsyncGenerator<Leaving> {
  const job = await exportJob(member, jobId)
  const { pool } = await context()
  const find = (hash: string, rendition: 'original' | 'clip'): Promise<Buffer | null> =>
    withTx(pool, member.companyId, async (tx) => (await findBlob(tx, hash, rendition))?.bytes ?? null)
  const hashes = new Map<string, { sha256: string; bytes: number }>()
  const leave = (hash: string, bytes: Buffer): string => {
    const now = sha256(bytes)
    hashes.set(hash, { sha256: now, bytes: bytes.length })
    return now
  }
  for (const { sha256: hash, media_type } of job.photos) {
    const kept = hashes.has(hash) ? null : await find(hash, 'original')
    if (!kept) continue
    const bytes = originals ? kept : await withoutPlace(kept, media_type)
    yield { name: `pictures/${leave(hash, bytes)}.${PICTURE_ENDINGS[media_type]}`, bytes }
  }
  for (const { sha256: hash, media_type } of job.clips) {
    const kept = hashes.has(hash) ? null : await find(hash, 'clip')
    if (!kept) continue
    const bytes = originals ? kept : clipWithoutPlace(kept)
    yield { name: `recordings/${leave(hash, bytes)}.${CLIP_ENDINGS[media_type]}`, bytes }
  }
  const as = <T extends { sha256: string; bytes: number }>(each: T): T => ({
    ...each,
    ...hashes.get(each.sha256),
  })
  const file = { ...job, photos: job.photos.map(as), clips: job.clips.map(as) }
  yield { name: JOB_FILE, bytes: strToU8(printJobFile(file)) }
}

/** The job file with its pictures and recordings as one zip, made while it is sent: however large, little of it is held at once. */
export async function exportZip(
  member: Member,
  jobId: string,
  of: { originals: boolean },
): Promise<ReadableStream<Uint8Array>> {
  if (of.originals) mustBeAllowed(member, 'get-originals', 'Originals with their place')
  const files = filesOf(member, jobId, of.originals)
  // The first file is made before the answer begins, so that a job that is not there is refused with its status.
  let next = await files.next()
  const made: Uint8Array[] = []
  const zip = new Zip((error, chunk) => {
    if (error) throw error
    made.push(chunk)
  })
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      if (next.done) {
        controller.close()
        return
      }
      const entry = new ZipPassThrough(next.value.name)
      zip.add(entry)
      entry.push(next.value.bytes, true)
      next = await files.next()
      if (next.done) zip.end()
      for (const chunk of made.splice(0)) controller.enqueue(chunk)
    },
  })
}

/** `files` is null for a bare job file, which brings no pictures. */
type Opened = { readonly job: JobDocument; readonly files: ReadonlyMap<string, Uint8Array> | null }

async function open(bytes: Buffer): Promise<Opened> {
  const isZip = bytes.length > 3 && bytes.readUInt32LE(0) === 0x04034b50
  if (!isZip) return { job: readFile(bytes.toString('utf8')), files: null }
  // Small buffers share their memory with others: only one of its own can be handed over.
  const own = bytes.byteLength === bytes.buffer.byteLength ? bytes : new Uint8Array(bytes)
  const opened = await inThread(
    'openArchive',
    { bytes: own, jobFile: JOB_FILE, largest_bytes: LARGEST_OPENED_BYTES, most_files: MOST_FILES },
    [own.buffer as ArrayBuffer],
  )
  if (opened.ok) return { job: readFile(opened.job), files: opened.files }
  switch (opened.why) {
    case 'too-large':
      throw new Refused({ kind: 'too-large', limit: '400 MB opened' })
    case 'not-a-zip':
      throw new Refused({ kind: 'bad-archive', why: 'it cannot be opened' })
    case 'no-job-file':
      throw new Refused({ kind: 'bad-archive', why: `there is no ${JOB_FILE} in it` })
    case 'too-many-files':
      throw new Refused({ kind: 'bad-archive', why: `it holds more than ${MOST_FILES} files` })
  }
}

function readFile(text: string): JobDocument {
  if (isTooDeep(text)) throw new Refused({ kind: 'bad-job-file', error: { kind: 'not-a-job-file' } })
  const job = parseJobFile(text)
  if (!job.ok) throw new Refused({ kind: 'bad-job-file', error: job.error })
  if (!isStorable(job.value)) {
    throw new Refused({
      kind: 'malformed',
      issues: [{ path: '', message: 'a text holds a character that cannot be kept' }],
    })
  }
  return job.value
}

/** What keeps the pictures and recordings a job names; looked at one by one before anything is written. */
async function readyFiles({ job, files }: Opened): Promise<((tx: Tx) => Promise<unknown>)[]> {
  if (files === null) return []
  const byHash = new Map([...files.values()].map((content) => [sha256(content), Buffer.from(content)]))
  const keep: ((tx: Tx) => Promise<unknown>)[] = []
  for (const hash of new Set(job.photos.map((photo) => photo.sha256))) {
    const bytes = byHash.get(hash)
    if (!bytes) {
      throw new Refused({
        kind: 'bad-archive',
        why: `the picture ${hash.slice(0, 12)}… is missing or changed`,
      })
    }
    const ready = await readyPicture(bytes)
    keep.push((tx) => keepPicture(tx, ready))
  }
  for (const hash of new Set(job.clips.map((clip) => clip.sha256))) {
    const bytes = byHash.get(hash)
    // Archives made before recordings were in them have none: the job is worth taking in all the same.
    if (!bytes) continue
    const mediaType = clipTypeOf(bytes)
    if (!mediaType) throw new Refused({ kind: 'not-a-clip', found: 'its content is none' })
    keep.push((tx) => insertBlob(tx, { sha256: hash, rendition: 'clip', mediaType, bytes }))
  }
  return keep
}

/** Takes a job file or an exported zip in, whole or not at all, under an id of its own where `as` names one; gives back the job's id. */
export async function importJob(member: Member, bytes: Buffer, as: string | null = null): Promise<string> {
  mustBeAllowed(member, 'take-jobs-in', 'Taking jobs in')
  const opened = await open(bytes)
  const id = as ?? opened.job.id
  const keep = await readyFiles(opened)
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    await writeJob(tx, { ...opened.job, id }, member.userId)
    for (const each of keep) await each(tx)
  })
  return id
}
