import { AroundAnswer } from '../core/contract/plan'
import { call } from './api'
import { memberHere } from './member'

const kept = (jobId: string): string => `around/${jobId}`

/** What a job's plan stands on besides the job, as this device last heard it; null: it never did. */
export async function keptAround(jobId: string): Promise<AroundAnswer | null> {
  const note = await memberHere()
    ?.copies.findNote(kept(jobId))
    .catch(() => undefined)
  const read = AroundAnswer.safeParse(note)
  return read.success ? read.data : null
}

/** The same from the server; null where nothing came through. */
export async function loadAround(jobId: string): Promise<AroundAnswer | null> {
  const answer = await call(`/api/jobs/${jobId}/around`, AroundAnswer)
  if (!answer.ok) return null
  await memberHere()
    ?.copies.keepNote(kept(jobId), answer.value)
    .catch(() => undefined)
  return answer.value
}
