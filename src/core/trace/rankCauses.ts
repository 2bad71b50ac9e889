import type { ComponentId, HowKnown, Settings } from '../job'
import { certaintyOf, type Certainty } from './certainty'
import { causeOf, type CauseId } from './knowledge/causes'
import { OTHER_REFUTES, SHARES } from './knowledge/priors'
import type { SignId } from './knowledge/signs'

/** A sign as it bears on one finding. `waterTest`: seen to happen under a hose. */
export type Evidence = {
  readonly sign: SignId
  readonly how: HowKnown
  readonly present: boolean
  readonly waterTest?: boolean
}

/** One reason for or against a cause, with the ratio it ended up counting. */
export type Reason = {
  readonly sign: SignId
  readonly present: boolean
  readonly how: HowKnown
  /** After how it is known, and after sharing a mechanism with stronger signs. Above 1 speaks for. */
  readonly counted: number
  readonly tabled: number
}

export type RankedCause = {
  readonly cause: CauseId | 'other'
  readonly probability: number
  readonly certainty: Certainty
  readonly reasons: readonly Reason[]
}

/** Exponent on the log of a ratio, by how the sign is known. Our judgement. */
export const KNOWN_WEIGHT: Readonly<Record<HowKnown, number>> = {
  opened: 1,
  touched: 1,
  instrument: 0.9,
  'seen-close': 0.7,
  'from-ground': 0.5,
  read: 0.4,
  told: 0.3,
}
/** Looked for and absent counts as the opposite of the sign at this share of its weight. Our judgement. */
export const ABSENT_WEIGHT = 0.5
/** Furthest that evidence moves a cause without a decisive check. Our judgement. */
export const CAP = { up: 50, down: 1 / 30 } as const
/** A sign this strong that was opened or water-tested shows its cause. Our judgement. */
export const DECISIVE_RATIO = 4

type Weighed = Reason & { readonly log: number; readonly mechanism: string }

function weigh(
  evidence: readonly Evidence[],
  ratioOf: (sign: SignId) => { ratio: number; mechanism: string } | null,
): Weighed[] {
  return evidence.flatMap(({ sign, how, present }) => {
    const found = ratioOf(sign)
    if (!found) return []
    const log = Math.log(found.ratio) * KNOWN_WEIGHT[how] * (present ? 1 : -ABSENT_WEIGHT)
    return [
      { sign, present, how, tabled: found.ratio, counted: Math.exp(log), log, mechanism: found.mechanism },
    ]
  })
}

/** Signs of one mechanism are weighed once: the strongest in full, each further one at half its logarithm. */
function shareMechanisms(weighed: readonly Weighed[]): Weighed[] {
  const groups = new Map<string, Weighed[]>()
  for (const each of weighed) groups.set(each.mechanism, [...(groups.get(each.mechanism) ?? []), each])
  return [...groups.values()].flatMap((group) =>
    group
      // Ties: what speaks for goes first, so that the order of noting decides nothing.
      .sort((a, b) => Math.abs(b.log) - Math.abs(a.log) || b.log - a.log)
      .map((each, index) => {
        const log = index === 0 ? each.log : each.log / 2
        return { ...each, log, counted: Math.exp(log) }
      }),
  )
}

/** A sign noted twice is one sign: the better known of the two counts, the later one where both are known alike. */
function noteOnce(evidence: readonly Evidence[]): Evidence[] {
  const best = new Map<SignId, Evidence>()
  for (const each of evidence) {
    const held = best.get(each.sign)
    if (!held || KNOWN_WEIGHT[each.how] >= KNOWN_WEIGHT[held.how]) best.set(each.sign, each)
  }
  return [...best.values()]
}

function isDecisive(evidence: readonly Evidence[], cause: CauseId): boolean {
  return evidence.some(
    (each) =>
      each.present &&
      (each.how === 'opened' || each.waterTest === true) &&
      causeOf(cause).supports.some(({ sign, ratio }) => sign === each.sign && ratio >= DECISIVE_RATIO),
  )
}

/**
 * Ranks the causes of one finding: prior by member, times the ratios of the signs, normalised.
 *
 * Signs share mechanisms as in `shareMechanisms`; each refuter stands alone. The sum is capped unless a check was decisive.
 * Ends: an empty list when no prior was written for the member: *not explained yet*.
 * Source: our judgement throughout; four worked cases in `tests/reference/workedCases.test.ts` hold the arithmetic.
 */
export function rankCauses(of: {
  component: ComponentId
  evidence: readonly Evidence[]
  overrides: Settings['likelihood_overrides']
}): RankedCause[] {
  const evidence = noteOnce(of.evidence)
  const scored = SHARES[of.component].map(({ cause, share, fromOther }) => {
    const supports = cause === 'other' ? [] : causeOf(cause).supports
    const own = cause === 'other' ? [] : causeOf(cause).refutes
    const refutes: readonly { sign: SignId; ratio: number }[] = fromOther ? [...own, ...OTHER_REFUTES] : own
    const reasons = shareMechanisms(
      weigh(evidence, (sign) => {
        const override = of.overrides.find((each) => each.cause === cause && each.sign === sign)
        const support = supports.find((each) => each.sign === sign)
        if (support) {
          return { ratio: override?.ratio ?? support.ratio, mechanism: support.mechanism }
        }
        const refute = refutes.find((each) => each.sign === sign)
        return refute ? { ratio: override?.ratio ?? refute.ratio, mechanism: `refutes ${sign}` } : null
      }),
    )
    const shown = cause !== 'other' && isDecisive(evidence, cause)
    const sum = reasons.reduce((total, each) => total + each.log, 0)
    const log = shown ? sum : Math.min(Math.log(CAP.up), Math.max(Math.log(CAP.down), sum))
    return { cause, shown, weight: share * Math.exp(log), reasons }
  })
  const total = scored.reduce((sum, each) => sum + each.weight, 0)
  return scored
    .map(({ cause, shown, weight, reasons }) => ({
      cause,
      probability: weight / total,
      certainty: certaintyOf(weight / total, { shown }),
      reasons: reasons.map(({ sign, present, how, counted, tabled }) => ({
        sign,
        present,
        how,
        counted,
        tabled,
      })),
    }))
    .sort((a, b) => b.probability - a.probability)
}
