'use client'

import { useEffect, useState } from 'react'
import * as z from 'zod'
import { call } from '../../client/api'
import type { BidModel } from '../../core/bid'
import { readBid } from '../../core/bid/raiseBid'
import { useJob } from '../state/useJob'
import { useMarkedBid } from './useMarkedBid'

/**
 * The bid as it would leave now, from the server: with what is reckoned only before it leaves. Until that is here, and without a
 * signal, it is the one derived on this device.
 */
export function useReadyBid(jobId: string): { readonly bid: BidModel; readonly isReady: boolean } {
  const { store } = useJob()
  const here = useMarkedBid()
  const [ready, setReady] = useState<BidModel | null>(null)
  useEffect(() => {
    let gone = false
    void store
      .settled()
      .then(() => call(`/api/jobs/${jobId}/draft`, z.unknown()))
      .then((answer) => {
        const read = answer.ok ? readBid(answer.value) : null
        if (!gone && read?.ok) setReady(read.value)
      })
    return () => {
      gone = true
    }
  }, [jobId, store])
  return { bid: ready ?? here, isReady: ready !== null }
}
