'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { paymentsOf } from '../../core/bid/payments'
import { formatCents, type Cents } from '../../core/measure'
import { Button } from '../look/Button'
import { Notice } from '../look/Notice'
import { useChoosing } from './Choosing'
import { useOwnerDay, useOwnerWords } from './OwnerTongue'
import { sending } from './sending'
import { SignFields, useSigning } from './SignFields'

type Given = {
  readonly token: string
  readonly hash: string
  /** Number of the accepted bid that this one takes the place of. */
  readonly replaces: number | null
  readonly until: string
  readonly payments: Parameters<typeof paymentsOf>[1]
}

/** The bar that stays: what is chosen comes to so much, and *Say yes…*, which opens the sheet where it is given. */
export function SayYes(given: Given) {
  const say = useOwnerWords()
  const day = useOwnerDay()
  const { total_cents, stuck, named, choice, ask } = useChoosing()
  const [open, setOpen] = useState(false)
  const [done, setDone] = useState<{ by: string; at: string; total_cents: number } | null>(null)
  const changed = choice.left.length + choice.taken.length + choice.looks.length
  if (done) {
    return (
      <div className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4">
        <Notice tone="done" alert>
          {say('arrived', {
            by: done.by,
            day: day(done.at.slice(0, 10)),
            sum: formatCents(done.total_cents as Cents),
          })}
        </Notice>
      </div>
    )
  }
  return (
    <>
      <div className="no-print sticky bottom-0 z-10 mx-auto flex max-w-4xl flex-wrap items-center justify-between gap-x-4 gap-y-2 border-t border-ink bg-paper px-6 py-3 max-sm:px-4">
        <p role="status" aria-live="polite">
          <span className="font-head text-[22px] leading-tight font-semibold">
            {total_cents === null
              ? stuck === null
                ? say('nothingChosen')
                : say('stuck')
              : formatCents(total_cents)}
          </span>
          <span className="block text-[14px] text-quiet">
            {stuck !== null
              ? say('stuckWhy', { title: named.find(({ id }) => id === stuck)?.title ?? say('anItem') })
              : changed === 0
                ? say('asProposed')
                : say('asChosen')}
          </span>
        </p>
        <div className="flex gap-2">
          <Button onClick={() => ask({ about: null })}>{say('ask')}</Button>
          <Button
            look="main"
            className="min-h-11"
            disabled={total_cents === null}
            onClick={() => setOpen(true)}
          >
            {say('sayYes')}
          </Button>
        </div>
      </div>
      {open ? (
        <YesSheet
          {...given}
          onClose={() => setOpen(false)}
          onDone={(accepted) => {
            setOpen(false)
            setDone(accepted)
          }}
        />
      ) : null}
    </>
  )
}

function YesSheet({
  token,
  hash,
  replaces,
  until,
  payments,
  onClose,
  onDone,
}: Given & {
  onClose: () => void
  onDone: (accepted: { by: string; at: string; total_cents: number }) => void
}) {
  const say = useOwnerWords()
  const { bid, named, choice, total_cents, name, setName } = useChoosing()
  const router = useRouter()
  const dialog = useRef<HTMLDialogElement>(null)
  const signing = useSigning({ name, setName })
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  useEffect(() => {
    dialog.current?.showModal()
    void sending().catch(() => null)
  }, [])
  const titled = (ids: readonly string[]): string[] =>
    ids.map((id) => named.find((each) => each.id === id)?.title ?? id)
  const replaced = bid.beside.flatMap(({ id, instead_of }) => (choice.taken.includes(id) ? instead_of : []))
  const out = [...choice.left, ...replaced]
  const due = total_cents === null ? [] : paymentsOf(total_cents, payments)
  const done = bid.items.filter(({ id }) => !out.includes(id)).map(({ id }) => id)

  async function accept(): Promise<void> {
    const signed = signing.signed()
    if (signed === null) {
      setWrong(say('typeYourName'))
      return
    }
    setBusy(true)
    setWrong(null)
    const tools = await sending().catch(() => null)
    if (tools === null) {
      setBusy(false)
      setWrong(say('noSignal'))
      return
    }
    const signature = signing.signature()
    const [{ failureWords, postJson }, { AcceptAnswer, AcceptRequest }] = tools
    const answer = await postJson(
      `/api/owner/${token}/accept`,
      { asks: AcceptRequest, answers: AcceptAnswer },
      {
        ...signed,
        hash,
        choice: {
          left: [...choice.left],
          taken: [...choice.taken],
          looks: [...choice.looks],
          declined: [...choice.declined],
        },
        total_cents: total_cents ?? 0,
        ...(signature.length > 0 ? { signature } : {}),
      },
    )
    setBusy(false)
    if (!answer.ok) {
      setWrong(say('failed', { detail: failureWords(answer.failure) }))
      return
    }
    onDone(answer.value.accepted)
    router.refresh()
  }

  return (
    <dialog
      ref={dialog}
      aria-label={say('sayYesTo')}
      onClose={onClose}
      className="m-auto max-h-[92dvh] w-full max-w-xl overflow-y-auto border border-ink bg-paper p-5 text-ink backdrop:bg-ink/50 max-sm:mb-0"
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          void accept()
        }}
      >
        <h2 className="text-[22px]">
          {say('yesTo', { sum: total_cents === null ? say('nothing') : formatCents(total_cents) })}
        </h2>
        {replaces === null ? null : <p>{say('replaces', { number: replaces })}</p>}
        <Chosen heading={say('done', { count: done.length })} titles={titled(done)} />
        <Chosen heading={say('besides')} titles={titled([...choice.taken, ...choice.looks])} />
        <Chosen
          heading={say('out')}
          titles={titled(choice.left.filter((id) => !choice.declined.includes(id)))}
        />
        <Chosen heading={say('declined')} titles={titled(choice.declined)} />
        {due.length > 0 ? (
          <p>
            {say('due', { rows: due.map(({ when, cents }) => `${formatCents(cents)} ${when}`).join('; ') })}
          </p>
        ) : null}
        <p className="text-[14px] text-quiet">{say('notInSum', { day: until })}</p>
        <SignFields signing={signing} wrong={wrong} />
        <div className="flex flex-wrap gap-2">
          <Button type="submit" look="main" className="min-h-11" disabled={busy || total_cents === null}>
            {busy ? say('oneMoment') : say('yesDoIt')}
          </Button>
          <Button className="min-h-11" onClick={() => dialog.current?.close()}>
            {say('back')}
          </Button>
        </div>
      </form>
    </dialog>
  )
}

function Chosen({ heading, titles }: { heading: string; titles: readonly string[] }) {
  if (titles.length === 0) return null
  return (
    <details open={titles.length <= 6}>
      <summary className="font-head font-semibold">{heading}</summary>
      <ul className="list-disc pl-5 text-[15px]">
        {titles.map((title, index) => (
          <li key={index}>{title}</li>
        ))}
      </ul>
    </details>
  )
}
