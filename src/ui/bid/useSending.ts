'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, callInSteps, failureWords, postJson } from '../../client/api'
import type { JobStore } from '../../client/jobStore'
import { newUuid } from '../../client/newId'
import {
  Done,
  SendAnswer,
  SendProgress,
  SentBidsAnswer,
  type SentBidAnswer,
  NothingMore,
  SendRequest,
} from '../../core/contract'

/** How far sending is, in words. */
export function progressWords(progress: SendProgress): string {
  switch (progress.step) {
    case 'reckoning':
      return 'Reckoned.'
    case 'pictures':
      return `Pictures made ready: ${progress.done} of ${progress.of}.`
    case 'pages':
      return 'Setting the pages.'
    case 'sealing':
      return 'Freezing it.'
  }
}

export type Sending = {
  /** Null until they are known: nothing is sent over what may have been accepted. */
  readonly bids: readonly SentBidAnswer[] | null
  /** The bid whose acceptance counts. */
  readonly accepted: SentBidAnswer | null
  /** Null while nothing is being sent. */
  readonly progress: string | null
  readonly wrong: string | null
  /** Set once a bid went: its link, or null when an earlier try of the same one told it. */
  readonly sent: { readonly url: string | null } | null
  readonly send: (replaces: string | null) => Promise<void>
  readonly revoke: (linkId: string) => Promise<void>
}

/** What was sent for a job, and sending the next. */
export function useSending(jobId: string, store: JobStore): Sending {
  const [bids, setBids] = useState<readonly SentBidAnswer[] | null>(null)
  const [progress, setProgress] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [sent, setSent] = useState<{ url: string | null } | null>(null)
  /** One id until it went: pressed again after a lost answer, it is the same bid. */
  const [wishId, setWishId] = useState(newUuid)

  const reload = useCallback(async (): Promise<void> => {
    const answer = await call(`/api/jobs/${jobId}/bids`, SentBidsAnswer)
    if (answer.ok) setBids(answer.value)
    else setWrong(failureWords(answer.failure))
  }, [jobId])
  useEffect(() => {
    void Promise.resolve().then(reload)
  }, [reload])

  async function send(replaces: string | null): Promise<void> {
    setWrong(null)
    setSent(null)
    setProgress('Sending what waits first.')
    // What the owner reads is made from what the server has: everything kept here goes first.
    if (!(await store.settled())) {
      setProgress(null)
      setWrong('Some edits are still only on this device. Send again once there is a signal.')
      return
    }
    setProgress('Reckoning.')
    const answer = await callInSteps(
      `/api/jobs/${jobId}/bids`,
      { id: wishId, replaces },
      {
        asks: SendRequest,
        progress: SendProgress,
        done: SendAnswer,
        tell: (step) => setProgress(progressWords(step)),
      },
    )
    setProgress(null)
    if (answer.ok) {
      setSent({ url: answer.value.url })
      setWishId(newUuid())
    } else setWrong(failureWords(answer.failure))
    await reload()
  }

  async function revoke(linkId: string): Promise<void> {
    const answer = await postJson(`/api/links/${linkId}/revoke`, { asks: NothingMore, answers: Done }, {})
    if (!answer.ok) setWrong(failureWords(answer.failure))
    await reload()
  }

  const accepted = bids?.find((bid) => bid.accepted_by !== null && bid.replaced_at === null) ?? null
  return { bids, accepted, progress, wrong, sent, send, revoke }
}
