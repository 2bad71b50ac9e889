'use client'

import { useState } from 'react'
import { Button, CONTROL, Field } from '../look'
import { Dialog } from '../look/Dialog'

/** The day a job begins. */
export function DateDialog(props: {
  title: string
  on: string
  onClose: () => void
  onSet: (on: string) => void
}) {
  const [on, setOn] = useState(props.on)
  const isDay = /^\d{4}-\d\d-\d\d$/.test(on)
  return (
    <Dialog open onClose={props.onClose} title={`When does ${props.title || 'it'} begin?`}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (isDay) props.onSet(on)
        }}
      >
        <Field label="First day">
          {(tied) => (
            <input
              {...tied}
              type="date"
              value={on}
              onChange={(event) => setOn(event.target.value)}
              className={CONTROL}
            />
          )}
        </Field>
        <div className="flex justify-end gap-2">
          <Button onClick={props.onClose}>Leave it</Button>
          <Button look="main" type="submit" disabled={!isDay}>
            Set the date
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
