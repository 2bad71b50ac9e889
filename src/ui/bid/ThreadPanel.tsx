'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson } from '../../client/api'
import { newUuid } from '../../client/newId'
import { ReplyRequest, ThreadAnswer, type MessageAnswer } from '../../core/contract'
import { dayWords } from '../../core/measure'
import { Button, Notice, Panel, TextAreaField } from '../look'

/** What the owner asked about the bid, and what the firm answered: kept with the job. */
export function ThreadPanel({ jobId }: { jobId: string }) {
  const [messages, setMessages] = useState<readonly MessageAnswer[]>([])
  const [words, setWords] = useState('')
  // One id for one answer, however often the button is pressed.
  const [id, setId] = useState(newUuid)
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const load = useCallback(async () => {
    const answer = await call(`/api/jobs/${jobId}/thread`, ThreadAnswer)
    if (answer.ok) setMessages(answer.value.messages)
  }, [jobId])
  useEffect(() => {
    void Promise.resolve().then(load)
  }, [load])
  if (messages.length === 0) return null

  async function reply(): Promise<void> {
    setBusy(true)
    setWrong(null)
    const answer = await postJson(
      `/api/jobs/${jobId}/thread`,
      { asks: ReplyRequest, answers: ThreadAnswer },
      { id, words: words.trim() },
    )
    setBusy(false)
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    setMessages(answer.value.messages)
    setWords('')
    setId(newUuid())
  }

  return (
    <Panel title="Questions from the owner">
      <ul className="flex flex-col gap-2 pt-2">
        {messages.map((message) => (
          <li
            key={message.id}
            className={`border border-rule p-2 ${message.from_owner ? 'bg-white' : 'bg-tape/30'}`}
          >
            <p className="text-[13px] text-quiet">
              {message.name}, {dayWords(message.at.slice(0, 10))}
              {message.about ? `, about “${message.about}”` : ''}
            </p>
            <p className="text-[15px] whitespace-pre-wrap">{message.words}</p>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-col gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault()
          void reply()
        }}
      >
        <TextAreaField label="Your answer" value={words} onChange={setWords} rows={3} />
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
        <div>
          <Button type="submit" disabled={busy || words.trim() === ''}>
            {busy ? 'Sending…' : 'Answer'}
          </Button>
        </div>
      </form>
    </Panel>
  )
}
