'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { newUuid } from '../../client/newId'
import type { MessageAnswer } from '../../core/contract/owner'
import { Button } from '../look/Button'
import { TextAreaField, TextField } from '../look/Field'
import { Notice } from '../look/Notice'
import { useChoosing } from './Choosing'
import { useOwnerDay, useOwnerWords } from './OwnerTongue'
import { sending } from './sending'

/** What was asked and answered so far, and a question more: kept with the job, so that both read the same. */
export function AskPanel({ token, messages }: { token: string; messages: readonly MessageAnswer[] }) {
  const { named, asking, ask, name, setName } = useChoosing()
  const say = useOwnerWords()
  const day = useOwnerDay()
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
      setWrong(words.trim() === '' ? say('typeQuestion') : say('typeWho'))
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
      setWrong(say('failed', { detail: failureWords(answer.failure) }))
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
      aria-label={say('questions')}
      className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4"
    >
      <h2 className="text-[19px]">{say('questions')}</h2>
      <ul className="flex flex-col gap-2 pt-2">
        {thread.map((message) => (
          <li
            key={message.id}
            className={`border border-rule p-2 ${message.from_owner ? 'bg-white' : 'bg-tape/30'}`}
          >
            <p className="text-[14px] text-quiet">
              {say(message.about ? 'messageAbout' : 'messageHead', {
                name: message.name,
                day: day(message.at.slice(0, 10)),
                about: message.about ?? '',
              })}
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
          {title ? <p>{say('about', { title })}</p> : null}
          <div ref={field}>
            <TextAreaField label={say('yourQuestion')} value={words} onChange={setWords} rows={3} />
          </div>
          <TextField label={say('yourName')} value={name} onChange={setName} autoComplete="name" />
          {wrong ? (
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          ) : null}
          <div className="flex gap-2">
            <Button type="submit" disabled={busy}>
              {busy ? say('sending') : say('send')}
            </Button>
            <Button onClick={() => ask(null)}>{say('notNow')}</Button>
          </div>
        </form>
      ) : (
        <div className="pt-3">
          {thread.at(-1)?.from_owner ? (
            <p role="status" className="pb-2">
              {say('questionArrived')}
            </p>
          ) : null}
          <Button onClick={() => ask({ about: null })}>{say('askQuestion')}</Button>
        </div>
      )}
    </section>
  )
}
