'use client'

import { useState } from 'react'
import { facingsOf } from '../../../core/geometry'
import { live } from '../../../core/job'
import { closing, parseWalk } from '../../../core/measure'
import { placeByWords } from '../../../core/shorthand/placeByWords'
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
    const { value } = read
    setWrong(
      store.together(() => {
        const refused: (string | null)[] = []
        if (!derived.job.house) refused.push(store.create('house', freshHouse()))
        if ((value[0]?.turn_deg ?? 0) < 0) refused.push(store.set('job', 'job', { house_on: 'right' }))
        const facings = facingsOf(value.map((leg) => leg.turn_deg))
        value.forEach((leg, order) => {
          // Each side is in the store before the next asks for a letter.
          const letter = freeLetter(store.read().job)
          const side = freshSide({ letter, order, facing: facings[order]! })
          refused.push(store.create('side', { ...side, length: leg.length, turn_deg: leg.turn_deg }))
        })
        // What was noted before there was a side to put it on goes to the one its words name.
        const job = live(store.read().job)
        for (const finding of job.findings) {
          const place = placeByWords(finding, job)
          if (place !== null) refused.push(store.set('finding', finding.id, { place }))
        }
        return refused.find((each) => each !== null) ?? null
      }),
    )
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
