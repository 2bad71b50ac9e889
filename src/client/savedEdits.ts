import * as z from 'zod'
import { Change, JOB_VERSION, raiseChange } from '../core/job'
import type { KeptJob, LocalCopies } from './localCopies'

/**
 * What waits on this device as a file, to be taken in again on any device by the person who made it: a zip with `edits.json` and the
 * pictures. See docs/formats.
 */
const FORMAT = 'detrimus-edits'
const EDITS = 'edits.json'

const Saved = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  member_id: z.string(),
  saved_at: z.iso.datetime(),
  /** Jobs the server has not heard of, as they were begun here. */
  jobs: z.array(z.looseObject({ jobId: z.string() })),
  edits: z.array(z.object({ job_id: z.string(), change: z.unknown() })),
  refused: z.array(z.object({ job_id: z.string(), why: z.string(), change: z.unknown() })),
  pictures: z.array(
    z.object({ job_id: z.string(), sha256: z.string(), type: z.string(), what: z.enum(['photo', 'clip']) }),
  ),
})
type Saved = z.infer<typeof Saved>

/** Everything of this member that only this device has, as one file. */
export async function saveEdits(local: LocalCopies): Promise<Blob> {
  const { strToU8, zipSync } = await import('fflate')
  const pictures = await local.listPictures()
  const saved: Saved = {
    format: FORMAT,
    version: 1,
    member_id: local.member.id,
    saved_at: new Date().toISOString(),
    jobs: (await local.listJobs()).filter((job) => job.unborn),
    edits: (await local.listAllWaiting()).map(({ jobId, change }) => ({ job_id: jobId, change })),
    refused: (await local.listAllRefused()).map(({ jobId, why, change }) => ({ job_id: jobId, why, change })),
    pictures: pictures.map(({ jobId, sha256, bytes, what }) => ({
      job_id: jobId,
      sha256,
      type: bytes.type,
      what,
    })),
  }
  const files: Record<string, Uint8Array> = { [EDITS]: strToU8(JSON.stringify(saved, null, 1)) }
  for (const picture of pictures) {
    files[`pictures/${picture.sha256}`] = new Uint8Array(await picture.bytes.arrayBuffer())
  }
  return new Blob([new Uint8Array(zipSync(files, { level: 0 }))], { type: 'application/zip' })
}

export type TakenIn =
  | {
      readonly ok: true
      readonly edits: number
      readonly pictures: number
      readonly jobIds: readonly string[]
    }
  | { readonly ok: false; readonly words: string }

/** Takes saved edits in again: they wait here as before. Taken in twice they count once, since the server knows their ids. */
export async function takeEditsIn(local: LocalCopies, file: Blob): Promise<TakenIn> {
  const { strFromU8, unzipSync } = await import('fflate')
  const wrong: TakenIn = {
    ok: false,
    words: 'This is no file of saved edits. Choose the one that was saved at sign-out.',
  }
  let saved: Saved
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(new Uint8Array(await file.arrayBuffer()))
    saved = Saved.parse(JSON.parse(strFromU8(files[EDITS] ?? new Uint8Array())))
  } catch {
    return wrong
  }
  if (saved.member_id !== local.member.id) {
    return {
      ok: false,
      words: 'These edits are another person’s. Sign in as whoever made them, and take them in then.',
    }
  }
  const jobIds = [...new Set([...saved.edits, ...saved.pictures].map((each) => each.job_id))]
  const unreadable: unknown[] = []
  const readable = (jobId: string): Change[] =>
    saved.edits.flatMap(({ job_id, change }) => {
      if (job_id !== jobId) return []
      const read = Change.safeParse(raiseChange(change, JOB_VERSION))
      if (read.success) return [read.data]
      unreadable.push(change)
      return []
    })
  const byJob = jobIds.map((jobId) => ({ jobId, changes: readable(jobId) }))
  if (unreadable.length > 0)
    return {
      ok: false,
      words: `${unreadable.length} of these edits cannot be read by this version. Keep the file and ask for help.`,
    }
  try {
    for (const job of saved.jobs as unknown as KeptJob[]) {
      if (!(await local.hasJob(job.jobId))) await local.keepJob(job)
    }
    for (const { jobId, changes } of byJob) await local.replaceWaiting(jobId, changes)
    for (const { job_id, sha256, type, what } of saved.pictures) {
      const bytes = files[`pictures/${sha256}`]
      if (bytes) {
        await local.keepPicture({
          jobId: job_id,
          sha256,
          what,
          refused: null,
          bytes: new Blob([new Uint8Array(bytes)], { type }),
        })
      }
    }
  } catch {
    return {
      ok: false,
      words: 'This browser’s storage is full or switched off. Free some space, and take the file in again.',
    }
  }
  return { ok: true, edits: saved.edits.length, pictures: saved.pictures.length, jobIds }
}
