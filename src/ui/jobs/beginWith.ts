import type { JobStore } from '../../client/jobStore'
import { beginJob } from '../../client/openJob'
import { keptWords } from '../../client/words'
import { readLine } from '../../core/shorthand'
import { addFindings } from '../walk/findings/addLine'

/** The first finding of a job that does not exist yet. */
export type First = {
  readonly jobId: string
  readonly word: string
  readonly photo: File | null
  /** The job once its finding is in it, so that a second try does not enter it twice. */
  readonly begun: { current: JobStore | null }
}

/** Makes the job with its first finding on this device; null when it may be opened, otherwise what is wrong. */
export async function beginWith({ jobId, word, photo, begun }: First): Promise<string | null> {
  // Entered before and kept nowhere yet: that is tried again, not entered twice.
  if (begun.current) return begun.current.mayLeave()
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const opened = await beginJob(jobId, timeZone)
  if (!opened.ok) return opened.words
  const near = { side: null, last: null }
  const { job } = opened.store.read()
  const found = readLine(word, { words: await keptWords(), job, near })
  const added = await addFindings(opened.store, { found, near, photo, clip: null })
  if (!added.ok) return added.words
  // Written down here too: the page that follows opens with the finding in it, not with the empty job it began as.
  begun.current = opened.store
  return opened.store.mayLeave()
}
