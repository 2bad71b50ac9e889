'use client'

import { useMemo, useState } from 'react'
import { parseLine } from '../../../core/shorthand'
import { Button, Notice, PhotoButton, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { addLine } from './addLine'
import { Chips } from './Chips'

/**
 * The quickest finding there is: a photo and a word; or a whole line of shorthand, typed or dictated, shown as chips before it
 * is added. The raw words are always kept. No house, no form.
 */
export function PhotoAndWord() {
  const { store, job, choose, firm } = useJob()
  const [line, setLine] = useState('')
  const [file, setFile] = useState<File | null>(null)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const found = useMemo(() => parseLine(line, firm.words), [line, firm.words])

  async function add(): Promise<void> {
    setWrong(null)
    let photoIds: string[] = []
    if (file) {
      setBusy(true)
      const taken = await store.addPhoto(file)
      setBusy(false)
      if ('words' in taken) {
        setWrong(taken.words)
        return
      }
      photoIds = [taken.id]
    }
    const added = addLine(store, { line, photoIds, words: firm.words })
    if (!added.ok) {
      setWrong(added.words)
      return
    }
    setLine('')
    setFile(null)
    choose(added.ids)
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
      <TextField
        label="A word, or a whole line"
        value={line}
        onChange={setLine}
        placeholder={job.sides.length > 0 ? "B 12' fascia 3' soft" : 'soft'}
        autoComplete="off"
      />
      {found.length > 0 ? <Chips found={found} firm={firm} /> : null}
      <div className="flex gap-2">
        <PhotoButton taken={file !== null} onTake={setFile} />
        <Button type="submit" className="grow" disabled={busy || (line.trim() === '' && !file)}>
          {busy ? 'Keeping…' : found.length > 1 ? `Add ${found.length}` : 'Add'}
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
