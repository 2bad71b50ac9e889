'use client'

import { useState } from 'react'
import { facingsOf } from '../../../core/geometry'
import { closing, parseWalk } from '../../../core/measure'
import { closingWords, walkWords } from '../../../core/words'
import { Button, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { freshHouse, freshSide, freeLetter } from '../findings/fresh'
import { ShapeFields } from './ShapeFields'

/** Sides typed in walking order: the whole house in one line. */
export function WalkOrderForm() {
  const { derived, store } = useJob()
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const read = text.trim() === '' ? null : parseWalk(text)
  function add(): void {
    if (!read) {
      setWrong('Type the sides as you walk: 42 L 30 L 42 L 30.')
      return
    }
    if (!read.ok) return setWrong(walkWords(read.error))
    if (!derived.job.house) store.create('house', freshHouse())
    if ((read.value[0]?.turn_deg ?? 0) < 0) store.set('job', 'job', { house_on: 'right' })
    const facings = facingsOf(read.value.map((leg) => leg.turn_deg))
    read.value.forEach((leg, order) => {
      // Each side is in the store before the next asks for a letter.
      const letter = freeLetter(store.read().job)
      const side = freshSide({ letter, order, facing: facings[order]! })
      store.create('side', { ...side, length: leg.length, turn_deg: leg.turn_deg })
    })
  }
  return (
    <form
      aria-label="Sides in walking order"
      className="flex flex-col gap-2 py-2"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <TextField
        label="Sides as you walk, house on the left hand"
        value={text}
        placeholder="42 L 30 L 42 L 30"
        hint={
          read?.ok
            ? closingWords(closing(read.value).gap)
            : 'Feet and inches, L or R at each corner. Or add one side alone.'
        }
        error={wrong}
        onChange={(value) => {
          setText(value)
          setWrong(null)
        }}
      />
      <ShapeFields
        onShape={(walk) => {
          setText(walk)
          setWrong(null)
        }}
      />
      <div>
        <Button type="submit">Set up the sides</Button>
      </div>
    </form>
  )
}
