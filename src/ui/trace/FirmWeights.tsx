'use client'

import { WeightsRequest } from '../../core/contract'
import { useEffect, useState } from 'react'
import { call, failureWords, postJson } from '../../client/api'
import type { z } from 'zod'
import { Settings } from '../../core/job'
import { Button, Notice } from '../look'
import { useJob } from '../state/useJob'

const Firm = Settings.pick({ edition: true, likelihood_overrides: true })
type Firm = z.infer<typeof Firm>
type Weights = Firm['likelihood_overrides']

const keysOf = (weights: Weights): string =>
  JSON.stringify(weights.map(({ cause, sign, ratio, reason }) => [cause, sign, ratio, reason]).sort())

/** Makes the weights of this job those that the firm's new jobs start from. Only for those who answer for its bids. */
export function FirmWeights() {
  const { view } = useJob()
  const mine = view.job.settings.likelihood_overrides
  const [firm, setFirm] = useState<Firm | null>(null)
  const [told, setTold] = useState<{ tone: 'wrong' | 'done'; words: string } | null>(null)

  /** How often it was asked for: once at first, and again when somebody else was quicker. */
  const [asked, setAsked] = useState(0)

  useEffect(() => {
    let isGone = false
    void call('/api/firm/weights', Firm).then((answer) => {
      if (isGone) return
      if (answer.ok) setFirm(answer.value)
      else setTold({ tone: 'wrong', words: failureWords(answer.failure) })
    })
    return () => {
      isGone = true
    }
  }, [asked])

  async function keep(): Promise<void> {
    if (!firm) return
    const answer = await postJson(
      '/api/firm/weights',
      { asks: WeightsRequest, answers: Firm },
      { edition: firm.edition, likelihood_overrides: mine },
    )
    if (!answer.ok) {
      setTold({ tone: 'wrong', words: failureWords(answer.failure) })
      setAsked(asked + 1)
      return
    }
    setFirm(answer.value)
    setTold({ tone: 'done', words: `Kept as edition ${answer.value.edition} of the firm’s settings.` })
  }

  if (!view.member.may.includes('change-firm-settings')) return null
  const isSame = firm !== null && keysOf(firm.likelihood_overrides) === keysOf(mine)
  return (
    <section aria-label="Weights of the firm" className="mt-3 grid gap-2">
      <p className="text-[14px] text-quiet">
        {firm === null
          ? 'The weights of the firm are not known here yet.'
          : isSame
            ? `New jobs of the firm start from the same weights (${mine.length} of our own, edition ${firm.edition}).`
            : `New jobs of the firm start from other weights: ${firm.likelihood_overrides.length} of our own there, ${mine.length} in this job.`}
      </p>
      {firm !== null && !isSame ? (
        <Button onClick={() => void keep()}>Let new jobs of the firm start from these</Button>
      ) : null}
      {told ? (
        <Notice tone={told.tone} alert={told.tone === 'wrong'}>
          {told.words}
        </Notice>
      ) : null}
    </section>
  )
}
