'use client'

import type { BidModel } from '../../core/bid'
import { useLogo } from '../firm/useLogo'
import { useJob } from '../state/useJob'

/** The bid as derived now, under the firm's mark. */
export function useMarkedBid(): BidModel {
  const { derived } = useJob()
  const { logo } = useLogo()
  return logo === null ? derived.bid : { ...derived.bid, firm: { ...derived.bid.firm, logo_sha256: logo } }
}
