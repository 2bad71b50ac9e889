'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { newUuid } from '../../client/newId'
import type { MessageAnswer } from '../../core/contract/owner'
import { dayWords } from '../../core/measure'
import { Button } from '../look/Button'
import { TextAreaField, TextField } from '../look/Field'
import { Notice } from '../look/Notice'
import { useChoosing } from './Choosing'
import { NO_SIGNAL, sending } from './sending'

/** What was asked and answered so far, and a question more: kept with the job, so that both read the same. */
export function AskPanel({ token, messages }: { token: string; messages: readonly MessageAnswer[] }) {
  const { named, asking, ask, name, setName } = useChoosing()
  const router = useRouter()
  const [words, setWords] = useState('')
  // One id for one question: a lost answer makes no second one.
  const [id, setId] = useState<string | null>(null)
  const [thread, setThread] = useState(messages)
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const field = useRef<HTMLDivElement>(null)
  const about = asking?.about ?? null
  const title = about === null ? null : (named.find((each) => each.id === about)?.title ?? null)
  useEffect(() => {
    if (asking) field.current?.querySelector('textarea')?.focus()
  }, [asking])

  async function send(): Promise<void> {
    if (words.trim() === '' || name.trim().length < 2) {
      setWrong(words.trim() === '' ? 'Type your question.' : 'Type your name, so that they know who asks.')
      return
    }
    setBusy(true)
    setWrong(null)
    const tools = await sending().catch(() => null)
    if (tools === null) {
      setBusy(false)
      setWrong(NO_SIGNAL)
      return
    }
    const [{ failureWords, postJson }, { AskRequest, ThreadAnswer }] = tools
    const mine = id ?? newUuid()
    setId(mine)
    const answer = await postJson(
      `/api/owner/${token}/ask`,
      { asks: AskRequest, answers: ThreadAnswer },
      { id: mine, name: name.trim(), about, words: words.trim() },
    )
    setBusy(false)
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    setThread(answer.value.messages)
    setWords('')
    setId(null)
    ask(null)
    router.refresh()
  }

  return (
    <section
      id="ask"
      aria-label="Questions"
      className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4"
    >
      <h2 className="text-[19px]">Questions</h2>
      <ul className="flex flex-col gap-2 pt-2">
        {thread.map((message) => (
          <li
            key={message.id}
            className={`border border-rule p-2 ${message.from_owner ? 'bg-white' : 'bg-tape/30'}`}
          >
            <p className="text-[14px] text-quiet">
              {message.name}, {dayWords(message.at.slice(0, 10))}
              {message.about ? `, about “${message.about}”` : ''}
            </p>
            <p className="whitespace-pre-wrap">{message.words}</p>
          </li>
        ))}
      </ul>
      {asking ? (
        <form
          className="flex flex-col gap-2 pt-3"
          onSubmit={(event) => {
            event.preventDefault()
            void send()
          }}
        >
          {title ? <p>About “{title}”</p> : null}
          <div ref={field}>
            <TextAreaField label="Your question" value={words} onChange={setWords} rows={3} />
          </div>
          <TextField label="Your name" value={name} onChange={setName} autoComplete="name" />
          {wrong ? (
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          ) : null}
          <div className="flex gap-2">
            <Button type="submit" disabled={busy}>
              {busy ? 'Sending…' : 'Send the question'}
            </Button>
            <Button onClick={() => ask(null)}>Not now</Button>
          </div>
        </form>
      ) : (
        <div className="pt-3">
          {thread.at(-1)?.from_owner ? (
            <p role="status" className="pb-2">
              Your question has arrived. The answer will stand here; it comes to you by e-mail as well.
            </p>
          ) : null}
          <Button onClick={() => ask({ about: null })}>Ask a question</Button>
        </div>
      )}
    </section>
  )
}
