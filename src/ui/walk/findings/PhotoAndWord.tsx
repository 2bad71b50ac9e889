'use client'

import { useState } from 'react'
import { Button, Notice, PhotoButton, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { Chips } from './Chips'
import { useLine } from './useLine'

/**
 * The quickest finding there is: a photo and a word; or a whole line, typed or dictated, shown as chips before it is added. The raw
 * words are always kept. No house, no form.
 */
export function PhotoAndWord() {
  const { job, firm } = useJob()
  const entry = useLine()
  const [file, setFile] = useState<File | null>(null)
  return (
    <form
      aria-label="Photo and word"
      className="flex flex-col gap-2 border-b border-rule py-2"
      onSubmit={(event) => {
        event.preventDefault()
        void entry.add({ file }).then((taken) => (taken ? setFile(null) : undefined))
      }}
    >
      <TextField
        label="A word, or a whole line"
        value={entry.line}
        onChange={entry.type}
        placeholder={job.sides.length > 0 ? 'fascia three feet soft at twelve' : 'soft'}
        autoComplete="off"
        data-line
      />
      {entry.found.length > 0 || entry.ofJob !== null ? <Chips entry={entry} job={job} firm={firm} /> : null}
      <div className="flex gap-2">
        <PhotoButton taken={file !== null} onTake={setFile} />
        <Button type="submit" className="grow" disabled={entry.busy || (entry.line.trim() === '' && !file)}>
          {entry.busy ? 'Keeping…' : entry.found.length > 1 ? `Add ${entry.found.length}` : 'Add'}
        </Button>
      </div>
      {entry.wrong ? (
        <Notice tone="wrong" alert>
          {entry.wrong}
        </Notice>
      ) : null}
    </form>
  )
}
