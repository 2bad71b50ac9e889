'use client'

import { useEffect, useRef, useState } from 'react'
import type { JobStore } from '../../client/jobStore'
import { newId } from '../../client/newId'
import { Button, CONTROL, Field, Notice, PhotoButton } from '../look'
import { useAlive } from '../state/useAlive'
import type { beginWith } from './beginWith'

/** What reads a line and keeps a job: fetched once the list stands, so that it is here with a signal or without. */
const load = (): Promise<{ readonly beginWith: typeof beginWith }> => import('./beginWith')

async function make(first: Parameters<typeof beginWith>[0]): Promise<string | null> {
  try {
    const { beginWith: begin } = await load()
    return await begin(first)
  } catch {
    return 'A part of this page is not on this device yet. Try again when the signal is back; nothing typed is lost.'
  }
}

/** The first finding of a job that does not exist yet: a photo, a word, and the job makes itself. */
export function NewFinding() {
  // One id however often the button is pressed: a lost answer makes no second job.
  const [jobId] = useState(newId)
  const [taken, setTaken] = useState(false)
  // Until the page is alive the button waits: what is typed before that is read from the form itself.
  const alive = useAlive()
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const begun = useRef<JobStore | null>(null)
  useEffect(() => {
    load().catch(() => undefined)
  }, [])

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
    const words = await make({ jobId, word, photo: file, begun }).finally(() => setBusy(false))
    if (words) setWrong(words)
    // A whole page load: without a signal the page comes from this device.
    else window.location.assign(`/jobs/${jobId}/walk`)
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
