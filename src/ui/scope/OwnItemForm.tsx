'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { newWorkItem } from '../../core/job'
import { Button, TextField } from '../look'
import { useJob } from '../state/useJob'
import { TakeKit } from './FirmKits'

/** A new item in one’s own words: named, then given lines or a typed price. */
export function OwnItemForm() {
  const { store, chosen } = useJob()
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  if (!open) {
    return (
      <div className="py-2">
        <Button onClick={() => setOpen(true)}>Add work of your own</Button>
      </div>
    )
  }
  function keep(): void {
    if (name.trim() === '') return setSaid('Say what it is, such as “Move the oil tank”.')
    store.create(
      'work_item',
      newWorkItem({ id: newId(), method: 'own-work', name: name.trim(), finding_ids: [...chosen] }),
    )
    setOpen(false)
    setName('')
  }
  return (
    <form
      aria-label="Work of your own"
      className="flex flex-col gap-2 py-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <TextField
        label="What is done, in your words"
        value={name}
        autoFocus
        error={said}
        onChange={(text) => {
          setName(text)
          setSaid(null)
        }}
      />
      <TakeKit onTaken={() => setOpen(false)} />
      <div className="flex gap-2">
        <Button look="main" type="submit">
          Add it
        </Button>
        <Button look="quiet" onClick={() => setOpen(false)}>
          Leave
        </Button>
      </div>
    </form>
  )
}
