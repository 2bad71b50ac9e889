'use client'

import { useRef, useState } from 'react'
import type { JobStore } from '../../client/jobStore'
import { newId } from '../../client/newId'
import { beginJob, emptyJobHere } from '../../client/openJob'
import type { JobDocument, WorkItem } from '../../core/job'
import { Button, Notice } from '../look'
import { useAlive } from '../state/useAlive'
import { BallparkDialog } from './dialogs'

/** The owner is on the telephone and there is no job yet: one thing, roughly, from the list of jobs; kept, it begins a job. */
export function BallparkNow() {
  const alive = useAlive()
  const [jobId] = useState(newId)
  const [job, setJob] = useState<JobDocument | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  /** Kept nowhere yet though the item is in it: that is tried again, the item not made twice. */
  const begunHere = useRef<JobStore | null>(null)

  async function open(): Promise<void> {
    const empty = await emptyJobHere(jobId, Intl.DateTimeFormat().resolvedOptions().timeZone)
    if (empty.ok) setJob(empty.snapshot.job)
    else setWrong(empty.words)
  }
  async function made(item: WorkItem): Promise<string | null> {
    if (begunHere.current) return begunHere.current.mayLeave()
    const begun = await beginJob(jobId, Intl.DateTimeFormat().resolvedOptions().timeZone)
    if (!begun.ok) return begun.words
    const said = begun.store.create('work_item', item)
    if (said) return said
    begunHere.current = begun.store
    return begun.store.mayLeave()
  }
  async function keep(item: WorkItem): Promise<void> {
    const wrongWords = await made(item)
    if (wrongWords) setWrong(wrongWords)
    else window.location.assign(`/jobs/${jobId}/price`)
  }

  return (
    <>
      <Button look="quiet" disabled={!alive} onClick={() => void open()}>
        Ballpark
      </Button>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      {job ? (
        <BallparkDialog job={job} onKeep={(item) => void keep(item)} onClose={() => setJob(null)} />
      ) : null}
    </>
  )
}
