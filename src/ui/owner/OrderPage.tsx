'use client'

import { useState } from 'react'
import { formatCents, type Cents } from '../../core/measure'
import { Button } from '../look/Button'
import { Notice } from '../look/Notice'
import { useRouter } from 'next/navigation'
import { useOwnerWords } from './OwnerTongue'
import { sending } from './sending'
import { SignFields, useSigning } from './SignFields'

type Given = {
  readonly token: string
  readonly orderId: string
  readonly hash: string
  readonly number: number
  readonly total_cents: number
}

/** Yes or no to a change order, by whoever holds its link. No account. */
export function AnswerOrder({ token, orderId, hash, number, total_cents }: Given) {
  const words = useOwnerWords()
  const router = useRouter()
  const signing = useSigning()
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const [done, setDone] = useState<'yes' | 'no' | null>(null)

  async function say(says: 'yes' | 'no'): Promise<void> {
    const signed = signing.signed()
    if (signed === null) {
      setWrong(words('typeFirst'))
      return
    }
    setBusy(true)
    setWrong(null)
    const tools = await sending().catch(() => null)
    if (tools === null) {
      setBusy(false)
      setWrong(words('noSignal'))
      return
    }
    const signature = signing.signature()
    const [{ failureWords, postJson }, { OrderAnswerAnswer, OrderAnswerRequest }] = tools
    const answer = await postJson(
      `/api/owner/${token}/answer`,
      { asks: OrderAnswerRequest, answers: OrderAnswerAnswer },
      {
        order_id: orderId,
        says,
        ...signed,
        hash,
        ...(signature.length > 0 ? { signature } : {}),
      },
    )
    setBusy(false)
    if (!answer.ok) {
      setWrong(words('failed', { detail: failureWords(answer.failure) }))
      return
    }
    setDone(answer.value.answered.says)
    router.refresh()
  }
  if (done !== null) {
    return (
      <div className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4">
        <Notice tone={done === 'yes' ? 'done' : 'waiting'} alert>
          {words(done === 'yes' ? 'yesArrived' : 'noArrived', { number })}
        </Notice>
      </div>
    )
  }
  return (
    <form
      className="no-print mx-auto flex max-w-4xl flex-col gap-3 border-t border-ink bg-paper px-6 py-5 max-sm:px-4"
      onSubmit={(event) => {
        event.preventDefault()
        void say('yes')
      }}
    >
      <h2 className="text-[19px]">{words('yourWord')}</h2>
      <SignFields signing={signing} wrong={wrong} />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main" className="min-h-12 grow" disabled={busy}>
          {busy ? words('oneMoment') : words('yesDoItFor', { sum: formatCents(total_cents as Cents) })}
        </Button>
        <Button className="min-h-12" disabled={busy} onClick={() => void say('no')}>
          {words('no')}
        </Button>
      </div>
    </form>
  )
}
