'use client'

import { LinkButton, Notice } from '../look'
import { useAlive } from '../state/useAlive'
import { useJobStore } from '../state/useJob'
import { OpenJob } from './OpenJob'

/**
 * A job: one page over its local store; tabs change without asking the server. The page may come from this device's cache, made for
 * another job: so which job it is says the address, once the page is alive.
 */
export function JobPage(props: { jobId: string }) {
  const alive = useAlive()
  if (!alive) return <p className="p-6">Opening the job…</p>
  return <AddressedJob jobId={window.location.pathname.split('/')[2] ?? props.jobId} />
}

function AddressedJob({ jobId }: { jobId: string }) {
  const opening = useJobStore(jobId)
  if (opening.kind === 'opening') return <p className="p-6">Opening the job…</p>
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
