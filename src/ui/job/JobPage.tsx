'use client'

import { beginAhead } from '../state/deriveWorker'
import { useAlive } from '../state/useAlive'
import { whenShown } from '../state/whenShown'
import type { AddressedJob as Part } from './AddressedJob'
import { JobFrame } from './JobFrame'

const load = (): Promise<{ readonly AddressedJob: typeof Part }> => import('./AddressedJob')
// Begun with the page’s own script, not when the frame stands: what keeps, reckons and draws a job is the larger part.
if (typeof window !== 'undefined') {
  load().catch(() => undefined)
  beginAhead()
}
const AddressedJob = whenShown(() => load().then((file) => file.AddressedJob), <JobFrame />)

/**
 * A job: one page over its local store; tabs change without asking the server. The page may come from this device's cache, made for
 * another job: so which job it is says the address, once the page is alive.
 */
export function JobPage(props: { jobId: string }) {
  const alive = useAlive()
  if (!alive) return <JobFrame />
  return <AddressedJob jobId={window.location.pathname.split('/')[2] ?? props.jobId} />
}
