'use client'

import { useRef, useState } from 'react'
import type { JobStore } from '../../client/jobStore'
import { beginJob } from '../../client/openJob'
import { newId } from '../../client/newId'
import { keptWords } from '../../client/words'
import { Button, CONTROL, Field, Notice, PhotoButton } from '../look'
import { useAlive } from '../state/useAlive'
import { readLine } from '../../core/shorthand'
import { addFindings } from '../walk/findings/addLine'

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
    const words = await make(word, file).finally(() => setBusy(false))
    if (words) setWrong(words)
    // A whole page load: without a signal the page comes from this device.
    else window.location.assign(`/jobs/${jobId}/walk`)
  }

  async function make(word: string, file: File | null): Promise<string | null> {
    // Entered before and kept nowhere yet: that is tried again, not entered twice.
    if (begun.current) return begun.current.mayLeave()
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const opened = await beginJob(jobId, timeZone)
    if (!opened.ok) return opened.words
    const near = { side: null, last: null }
    const { job } = opened.store.read()
    const found = readLine(word, { words: await keptWords(), job, near })
    const added = await addFindings(opened.store, { found, near, photo: file, clip: null })
    if (!added.ok) return added.words
    // Written down here too: the page that follows opens with the finding in it, not with the empty job it began as.
    begun.current = opened.store
    return opened.store.mayLeave()
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
