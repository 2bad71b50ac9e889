import { strFromU8, Unzip, UnzipInflate } from 'fflate'
import type { HeavyTasks, OpenedArchive } from './tasks'

/** Bytes handed to the unpacker at a time: what comes out of one step stays small, whatever the archive claims. */
const STEP_BYTES = 64 * 1024
/** No file of an exported job is longer than this name allows. */
const LONGEST_NAME = 200

/** Begins the record every whole zip ends with. */
const END_OF_ZIP = Buffer.from('PK\u0005\u0006', 'latin1')

class TooMuch extends Error {
  constructor(readonly why: Extract<OpenedArchive, { ok: false }>['why']) {
    super(why)
  }
}

/**
 * Opens an exported job, counting the bytes as they come out: what an archive says of its sizes is not believed.
 *
 * Fails: `not-a-zip`, `no-job-file`, `too-many-files`, `too-large`; nothing of a refused archive is kept.
 */
export const openArchive: HeavyTasks['openArchive'] = ({ bytes, jobFile, largest_bytes, most_files }) => {
  const files = new Map<string, Uint8Array>()
  let size = 0
  let seen = 0
  let ended = 0
  try {
    const unzip = new Unzip((file) => {
      seen += 1
      if (seen > most_files || file.name.length > LONGEST_NAME) throw new TooMuch('too-many-files')
      const chunks: Uint8Array[] = []
      file.ondata = (error, chunk, final) => {
        if (error) throw error
        size += chunk.length
        if (size > largest_bytes) throw new TooMuch('too-large')
        chunks.push(chunk)
        if (!final) return
        ended += 1
        files.set(file.name, Buffer.concat(chunks))
      }
      file.start()
    })
    unzip.register(UnzipInflate)
    for (let at = 0; at < bytes.length; at += STEP_BYTES) {
      unzip.push(bytes.subarray(at, at + STEP_BYTES), at + STEP_BYTES >= bytes.length)
    }
  } catch (error) {
    return Promise.resolve({ ok: false, why: error instanceof TooMuch ? error.why : 'not-a-zip' })
  }
  // A file that began and did not end, or no end of the whole: the archive was cut.
  const hasEnd = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).lastIndexOf(END_OF_ZIP) >= 0
  if (ended < seen || !hasEnd) return Promise.resolve({ ok: false, why: 'not-a-zip' })
  const job = files.get(jobFile)
  if (!job) return Promise.resolve({ ok: false, why: seen === 0 ? 'not-a-zip' : 'no-job-file' })
  files.delete(jobFile)
  return Promise.resolve({ ok: true, job: strFromU8(job), files })
}
