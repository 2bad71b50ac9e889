import 'server-only'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { createHash } from 'node:crypto'
import { isStorable, parseJobFile, printJobFile, withoutMoney, type JobDocument } from '../../core/job'
import { findBlob } from '../../db/queries/blobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { storePicture } from '../photos/pictures'
import { Refused } from '../problem'
import { seesMoney, withheldKinds } from '../roles'
import { loadState, writeJob } from './store'

const EXTENSION = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const
const JOB_FILE = 'job.json'
/** A zip may hold this much once opened; a small zip can open into a very large one. */
const LARGEST_OPENED = 400 * 1024 * 1024

/** The job as an open file. Money goes only to those who may see it. */
export async function exportJob(member: Member, jobId: string): Promise<JobDocument> {
  const { pool } = await context()
  const { job } = await withTx(pool, member.companyId, (tx) =>
    loadState(tx, jobId, { lock: false, without: withheldKinds(member.role) }),
  )
  return seesMoney(member.role) ? job : withoutMoney(job)
}

/** The job file and its original pictures as one zip. */
export async function exportZip(member: Member, jobId: string): Promise<Uint8Array> {
  const job = await exportJob(member, jobId)
  const { pool } = await context()
  const files: Record<string, Uint8Array> = { [JOB_FILE]: strToU8(printJobFile(job)) }
  await withTx(pool, member.companyId, async (tx) => {
    for (const photo of job.photos) {
      const blob = await findBlob(tx, photo.sha256, 'original')
      if (blob) files[`pictures/${photo.sha256}.${EXTENSION[photo.media_type]}`] = blob.bytes
    }
  })
  // Pictures are compressed already: storing them is as small and far quicker.
  return zipSync(files, { level: 0 })
}

type Opened = { readonly job: JobDocument; readonly pictures: readonly Buffer[] }

function open(bytes: Buffer): Opened {
  const isZip = bytes.length > 3 && bytes.readUInt32LE(0) === 0x04034b50
  if (!isZip) return { job: readFile(bytes.toString('utf8')), pictures: [] }
  let files: Record<string, Uint8Array>
  let size = 0
  try {
    files = unzipSync(bytes, {
      filter: (file) => {
        size += file.originalSize
        return size <= LARGEST_OPENED
      },
    })
  } catch {
    throw new Refused({ kind: 'bad-archive', why: 'it cannot be opened' })
  }
  if (size > LARGEST_OPENED) throw new Refused({ kind: 'too-large', limit: '400 MB opened' })
  const text = files[JOB_FILE]
  if (!text) throw new Refused({ kind: 'bad-archive', why: `there is no ${JOB_FILE} in it` })
  const job = readFile(strFromU8(text))
  const pictures = Object.entries(files)
    .filter(([name]) => name.startsWith('pictures/') && !name.endsWith('/'))
    .map(([, content]) => Buffer.from(content))
  const hashes = new Set(pictures.map((each) => createHash('sha256').update(each).digest('hex')))
  const lost = job.photos.find((photo) => !hashes.has(photo.sha256))
  if (lost)
    throw new Refused({
      kind: 'bad-archive',
      why: `the picture ${lost.sha256.slice(0, 12)}… is missing or changed`,
    })
  return { job, pictures }
}

function readFile(text: string): JobDocument {
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

/** Takes a job file or an exported zip in, whole or not at all; gives back the job's id. */
export async function importJob(member: Member, bytes: Buffer): Promise<string> {
  if (!seesMoney(member.role)) throw new Refused({ kind: 'not-for-role', what: 'Taking jobs in' })
  const { job, pictures } = open(bytes)
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    await writeJob(tx, job, member.userId)
    for (const picture of pictures) await storePicture(tx, picture)
  })
  return job.id
}
