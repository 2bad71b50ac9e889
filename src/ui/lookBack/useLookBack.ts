'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson, type Answer } from '../../client/api'
import type { TaskEvidence } from '../../core/close/evidence'
import type { WeightOffer } from '../../core/close/causeRecord'
import { FirmValuesAnswer, FirmValuesRequest, LookBackAnswer, WeightsRequest } from '../../core/contract'

/** Reckoning eight jobs anew takes its time. */
const WITHIN_MS = 120_000

export type LookBack = {
  readonly answer: LookBackAnswer | null
  readonly wrong: string | null
  readonly told: string | null
  /** Makes what a task’s jobs say the firm’s own hours. */
  readonly take: (evidence: TaskEvidence, reason: string) => Promise<void>
  /** Makes what opened places say the firm’s own weight of a sign. `name`: what it is called when it is told. */
  readonly takeWeight: (offer: WeightOffer, reason: string, name: string) => Promise<void>
}

/** What closed jobs say; asked again as long as some are still to be reckoned. */
export function useLookBack(): LookBack {
  const [answer, setAnswer] = useState<LookBackAnswer | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [told, setTold] = useState<string | null>(null)
  const load = useCallback(async (isGone: () => boolean): Promise<void> => {
    for (;;) {
      const next = await call('/api/look-back', LookBackAnswer, {}, WITHIN_MS)
      if (isGone()) return
      if (!next.ok) {
        setWrong(failureWords(next.failure))
        return
      }
      setAnswer(next.value)
      if (next.value.left === 0) return
    }
  }, [])
  useEffect(() => {
    let gone = false
    void Promise.resolve().then(() => load(() => gone))
    return () => {
      gone = true
    }
  }, [load])

  /** What became of it, and what the firm reckons with now. */
  async function tell(made: Answer<{ readonly edition: number }>, name: string): Promise<void> {
    if (!made.ok) {
      setWrong(failureWords(made.failure))
      return
    }
    setTold(
      `${name}: kept as edition ${made.value.edition}. New jobs start from it; jobs that are there keep theirs.`,
    )
    await load(() => false)
  }

  async function take(evidence: TaskEvidence, reason: string): Promise<void> {
    setWrong(null)
    const kept = await call('/api/firm/values', FirmValuesAnswer)
    if (!kept.ok) {
      setWrong(failureWords(kept.failure))
      return
    }
    const { edition, clauses, firm } = kept.value
    const changes = evidence.values.map(({ key, from, offered }) => ({ key, value: offered, reason, from }))
    const made = await postJson(
      '/api/firm/values',
      { asks: FirmValuesRequest, answers: FirmValuesAnswer },
      { edition, changes, clauses, firm },
    )
    await tell(made, evidence.name)
  }
  async function takeWeight(offer: WeightOffer, reason: string, name: string): Promise<void> {
    setWrong(null)
    const kept = await call('/api/firm/weights', WeightsRequest)
    if (!kept.ok) {
      setWrong(failureWords(kept.failure))
      return
    }
    const { cause, sign, offered } = offer
    const others = kept.value.likelihood_overrides.filter(
      (each) => each.cause !== cause || each.sign !== sign,
    )
    const made = await postJson(
      '/api/firm/weights',
      { asks: WeightsRequest, answers: WeightsRequest },
      {
        edition: kept.value.edition,
        likelihood_overrides: [...others, { cause, sign, ratio: offered, reason }],
      },
    )
    await tell(made, name)
  }
  return { answer, wrong, told, take, takeWeight }
}
