import type { ComponentId, Settings } from '../job'
import { certaintyOf, type Certainty } from './certainty'
import type { CauseId } from '../catalogue/causes'
import { SHARES } from '../catalogue/causes/priors'
import { cappedSum, isDecisive, noteOnce, weigh, type Evidence, type Reason } from './weigh'

export type RankedCause = {
  readonly cause: CauseId | 'other'
  readonly probability: number
  readonly certainty: Certainty
  readonly reasons: readonly Reason[]
}

/**
 * Ranks the causes of one finding by itself: prior by member, times the ratios of the signs, normalised. It needs no house.
 *
 * The sum of the evidence is capped unless a check was decisive.
 * Ends: an empty list when nothing is known of the member: *not explained yet*.
 * Source: our judgement throughout; four worked cases in `tests/reference/workedCases.test.ts` hold the arithmetic.
 */
export function rankCauses(of: {
  component: ComponentId
  evidence: readonly Evidence[]
  overrides: Settings['likelihood_overrides']
}): RankedCause[] {
  const evidence = noteOnce(of.evidence)
  const scored = (SHARES[of.component] ?? []).map(({ cause, share, fromOther }) => {
    const reasons = weigh({ cause, evidence, overrides: of.overrides, fromOther })
    const shown = cause !== 'other' && isDecisive(evidence, cause)
    return { cause, shown, weight: share * Math.exp(cappedSum(reasons, shown)), reasons }
  })
  const total = scored.reduce((sum, each) => sum + each.weight, 0)
  return scored
    .map(({ cause, shown, weight, reasons }) => ({
      cause,
      probability: weight / total,
      certainty: certaintyOf(weight / total, { shown }),
      reasons,
    }))
    .sort((a, b) => b.probability - a.probability)
}
