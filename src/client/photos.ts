import type { EntityOf, Place } from '../core/job'
import { call, failureWords } from './api'
import { newId } from './newId'

type Stored = {
  readonly sha256: string
  readonly media_type: EntityOf['photo']['media_type']
  readonly bytes: number
  readonly width_px: number
  readonly height_px: number
  readonly taken_at: string | null
}

/** Sends a picture to the server and gives back the photo to put in the job, or why not. */
export async function sendPhoto(
  jobId: string,
  file: Blob,
  place: Place,
): Promise<{ ok: true; photo: EntityOf['photo'] } | { ok: false; words: string }> {
  const answer = await call<Stored>(`/api/jobs/${jobId}/photos`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: file,
  })
  if (!answer.ok) return { ok: false, words: failureWords(answer.failure) }
  return { ok: true, photo: { id: newId(), removed: false, caption: '', place, ...answer.value } }
}
