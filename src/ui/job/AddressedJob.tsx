'use client'

import { LinkButton, Notice } from '../look'
import { useJobStore } from '../state/useJob'
import { JobFrame } from './JobFrame'
import { OpenJob } from './OpenJob'

/** The job this device keeps, or the server's; or why it cannot be opened. */
export function AddressedJob({ jobId }: { jobId: string }) {
  const opening = useJobStore(jobId)
  if (opening.kind === 'opening') return <JobFrame />
  if (opening.kind === 'failed') {
    return (
      <main className="flex max-w-xl flex-col items-start gap-3 p-6">
        <Notice tone="wrong" alert>
          {opening.words}
        </Notice>
        <LinkButton href={opening.signedOut ? '/sign-in' : '/jobs'}>
          {opening.signedOut ? 'Sign in' : 'To the jobs'}
        </LinkButton>
      </main>
    )
  }
  return <OpenJob store={opening.store} jobId={jobId} />
}
