'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { newId } from '../../client/newId'
import { CreatedAnswer, JobOfficeRequest, type CopyJobRequest } from '../../core/contract'

export type Office = {
  readonly say: (jobId: string, said: JobOfficeRequest) => void
  readonly copy: (jobId: string, what: CopyJobRequest['what']) => void
  readonly wrong: string | null
}

/** What the office says of a job: kept by the server, and the list read again. */
export function useOffice(changed: () => void): Office {
  const [wrong, setWrong] = useState<string | null>(null)

  async function say(jobId: string, said: JobOfficeRequest): Promise<void> {
    const answer = await call(`/api/jobs/${jobId}/office`, JobOfficeRequest, {
      method: 'POST',
      body: JSON.stringify(said),
      headers: { 'content-type': 'application/json' },
    })
    setWrong(answer.ok ? null : failureWords(answer.failure))
    if (answer.ok) changed()
  }

  async function copy(jobId: string, what: CopyJobRequest['what']): Promise<void> {
    const answer = await call(`/api/jobs/${jobId}/copy`, CreatedAnswer, {
      method: 'POST',
      body: JSON.stringify({ id: newId(), what }),
      headers: { 'content-type': 'application/json' },
    })
    if (answer.ok) window.location.assign(`/jobs/${answer.value.id}/walk`)
    else setWrong(failureWords(answer.failure))
  }

  return { say: (id, said) => void say(id, said), copy: (id, what) => void copy(id, what), wrong }
}
