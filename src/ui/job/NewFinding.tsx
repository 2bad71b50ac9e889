'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { failureWords, postJson } from '../../client/api'
import { JobStore } from '../../client/jobStore'
import { newId } from '../../client/newId'
import { sendPhoto } from '../../client/photos'
import { Button, CONTROL, Field, Notice, PhotoButton } from '../look'
import { useAlive } from '../state/useAlive'
import { addLine } from '../walk/addLine'

/** The first finding of a job that does not exist yet: a photo, a word, and the job makes itself. */
export function NewFinding() {
  const router = useRouter()
  // One id however often the button is pressed: a lost answer makes no second job.
  const [jobId] = useState(newId)
  const [taken, setTaken] = useState(false)
  // Until the page is alive the button waits: what is typed before that is read from the form itself.
  const alive = useAlive()
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)

  async function add(form: HTMLFormElement): Promise<void> {
    const data = new FormData(form)
    const typed = data.get('word')
    const word = typeof typed === 'string' ? typed.trim() : ''
    const photo = data.get('photo')
    const file = photo instanceof File && photo.size > 0 ? photo : null
    if (word === '' && !file) {
      setWrong('Take a photo or type a word.')
      return
    }
    setBusy(true)
    setWrong(null)
    const words = await make(word, file)
    setBusy(false)
    if (words) setWrong(words)
    else router.push(`/jobs/${jobId}/walk`)
  }

  async function make(word: string, file: File | null): Promise<string | null> {
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const made = await postJson('/api/jobs', { id: jobId, title: '', time_zone: timeZone })
    if (!made.ok && !(made.failure.kind === 'refused' && made.failure.status === 409))
      return failureWords(made.failure)
    const opened = await JobStore.open(jobId)
    if (!opened.ok) return opened.words
    let photoIds: string[] = []
    if (file) {
      const sent = await sendPhoto(jobId, file, { kind: 'none' })
      if (!sent.ok) return sent.words
      const said = opened.store.create('photo', sent.photo)
      if (said) return said
      photoIds = [sent.photo.id]
    }
    const added = addLine(opened.store, { line: word, photoIds })
    if (!added.ok) return added.words
    await opened.store.settled()
    return null
  }

  return (
    <form
      aria-label="New finding"
      className="flex flex-wrap items-end gap-2 border border-ink bg-paper p-3"
      onSubmit={(event) => {
        event.preventDefault()
        void add(event.currentTarget)
      }}
    >
      <PhotoButton name="photo" taken={taken} onTake={(file) => setTaken(file !== null)} />
      <div className="min-w-32 grow">
        <Field label="A word">
          {(tied) => (
            <input
              {...tied}
              name="word"
              maxLength={200}
              placeholder="soft"
              autoComplete="off"
              className={CONTROL}
            />
          )}
        </Field>
      </div>
      <Button type="submit" look="main" className="min-h-11" disabled={busy || !alive}>
        {busy ? 'Keeping…' : 'New finding'}
      </Button>
      {wrong ? (
        <div className="w-full">
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        </div>
      ) : null}
    </form>
  )
}
