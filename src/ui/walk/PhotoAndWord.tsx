'use client'

import { useState } from 'react'
import { sendPhoto } from '../../client/photos'
import { Button, Notice, PhotoButton, TextField } from '../look'
import { useJob } from '../state/useJob'
import { freshFinding } from './fresh'

/** The quickest finding there is: a photo and a word. No house, no form. */
export function PhotoAndWord() {
  const { store, derived, view, choose } = useJob()
  const [word, setWord] = useState('')
  const [file, setFile] = useState<File | null>(null)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)

  async function add(): Promise<void> {
    setWrong(null)
    let photoIds: string[] = []
    if (file) {
      setBusy(true)
      const sent = await sendPhoto(derived.job.id, file, { kind: 'none' })
      setBusy(false)
      if (!sent.ok) {
        setWrong(sent.words)
        return
      }
      const said = store.create('photo', sent.photo)
      if (said) {
        setWrong(said)
        return
      }
      photoIds = [sent.photo.id]
    }
    const finding = freshFinding({
      place: { kind: 'none' },
      by: view.member.name,
      words: word.trim(),
      photoIds,
    })
    const said = store.create('finding', finding)
    if (said) {
      setWrong(said)
      return
    }
    setWord('')
    setFile(null)
    choose([finding.id])
  }

  return (
    <form
      aria-label="Photo and word"
      className="flex flex-col gap-2 border-b border-rule py-2"
      onSubmit={(event) => {
        event.preventDefault()
        void add()
      }}
    >
      <div className="flex items-end gap-2">
        <PhotoButton taken={file !== null} onTake={setFile} />
        <div className="grow">
          <TextField label="A word" value={word} onChange={setWord} placeholder="soft" />
        </div>
        <Button type="submit" disabled={busy || (word.trim() === '' && !file)}>
          {busy ? 'Sending…' : 'Add'}
        </Button>
      </div>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
    </form>
  )
}
